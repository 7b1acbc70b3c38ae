import type { Material } from '@gltf-transform/core';
import type { Shape3D } from 'replicad';
import type { PieceSolid } from '../solids/index.js';
import type { Steps } from '../steps.js';
import type { Kernel } from './kernel.js';
import { shapeOf } from './shape.js';

/** A piece with its solid in the kernel. */
export interface NamedShape {
  readonly solid: PieceSolid;
  readonly shape: Shape3D;
}

/** Makes the solids one after the other; each is a step. */
export function* shapeSteps(kernel: Kernel, solids: readonly PieceSolid[]): Steps<readonly NamedShape[]> {
  const shapes: NamedShape[] = [];
  for (const solid of solids) {
    yield { done: shapes.length, of: solids.length };
    shapes.push({ solid, shape: shapeOf(kernel, solid.body) });
  }
  return shapes;
}

/** Metals lighter than this are drawn as aluminum, kg/m³. */
const LIGHT_KG_M3 = 5000;
/** Red, green and blue, of one. */
const COLOURS = { steel: [0.42, 0.45, 0.5], aluminum: [0.76, 0.79, 0.82] } as const;
const colourOf = ({ densityKgM3 }: PieceSolid): keyof typeof COLOURS =>
  densityKgM3 < LIGHT_KG_M3 ? 'aluminum' : 'steel';

const hexOf = (shares: readonly number[]): string =>
  `#${shares
    .map((share) =>
      Math.round(share * 255)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

// The kernel takes what it writes away: it gets copies.

/** STEP (ISO 10303, AP242) in mm: one solid for each piece, named by its mark and part. */
const stepFile = async (kernel: Kernel, shapes: readonly NamedShape[]): Promise<Uint8Array> => {
  const blob = kernel.exportSTEP(
    shapes.map(({ solid, shape }) => ({
      shape: shape.clone(),
      name: solid.name,
      color: hexOf(COLOURS[colourOf(solid)]),
    })),
    { unit: 'MM', modelUnit: 'MM' },
  );
  return new Uint8Array(await blob.arrayBuffer());
};

/** Faces are at most so far from what they stand for, mm, and turn by at most so much from one to the next, degrees. */
const MESH = { tolerance: 0.1, angularTolerance: 15 } as const;

/** Binary STL in mm: all pieces where they stand. */
const stlFile = async (kernel: Kernel, shapes: readonly NamedShape[]): Promise<Uint8Array> => {
  const whole = kernel.makeCompound(shapes.map(({ shape }) => shape.clone()));
  const blob = whole.blobSTL({ ...MESH, binary: true });
  return new Uint8Array(await blob.arrayBuffer());
};

/** From the kernel's mm, z up, to the file's m, y up: a quarter turn about the x axis. */
const turned = (values: readonly number[], scale: number): Float32Array<ArrayBuffer> => {
  const out = new Float32Array(values.length);
  for (let i = 0; i < values.length; i += 3) {
    out[i] = (values[i] as number) * scale;
    out[i + 1] = (values[i + 2] as number) * scale;
    out[i + 2] = -(values[i + 1] as number) * scale;
  }
  return out;
};

/** Normals of length one: the kernel's are so only nearly. */
const unit = (normals: Float32Array<ArrayBuffer>): Float32Array<ArrayBuffer> => {
  for (let i = 0; i < normals.length; i += 3) {
    const length = Math.hypot(normals[i] as number, normals[i + 1] as number, normals[i + 2] as number) || 1;
    for (let k = i; k < i + 3; k += 1) normals[k] = (normals[k] as number) / length;
  }
  return normals;
};

/** Binary glTF 2.0 in m, y up: one node for each piece, named by its mark and part. */
const glbFile = async (shapes: readonly NamedShape[]): Promise<Uint8Array> => {
  const { Document, WebIO } = await import('@gltf-transform/core');
  const document = new Document();
  const buffer = document.createBuffer();
  const scene = document.createScene('frame');
  document.getRoot().setDefaultScene(scene);
  const metals = new Map<string, Material>();
  const metalOf = (solid: PieceSolid): Material => {
    const name = colourOf(solid);
    const metal = metals.get(name) ?? document.createMaterial(name).setBaseColorFactor([...COLOURS[name], 1]);
    metals.set(name, metal);
    return metal;
  };
  for (const { solid, shape } of shapes) {
    const { vertices, normals, triangles } = shape.mesh(MESH);
    const accessor = (type: 'VEC3' | 'SCALAR', array: Float32Array<ArrayBuffer> | Uint32Array<ArrayBuffer>) =>
      document.createAccessor().setType(type).setArray(array).setBuffer(buffer);
    const primitive = document
      .createPrimitive()
      .setAttribute('POSITION', accessor('VEC3', turned(vertices, 1e-3)))
      .setAttribute('NORMAL', accessor('VEC3', unit(turned(normals, 1))))
      .setIndices(accessor('SCALAR', new Uint32Array(triangles)))
      .setMaterial(metalOf(solid));
    scene.addChild(document.createNode(solid.name).setMesh(document.createMesh(solid.name).addPrimitive(primitive)));
  }
  return new WebIO().writeBinary(document);
};

/** Formats of the frame's solids, by the ending of their file names. */
export type SolidFormat = 'step' | 'stl' | 'glb';

/** Solids as a file of a format. */
export const solidsFile = (kernel: Kernel, shapes: readonly NamedShape[], format: SolidFormat): Promise<Uint8Array> => {
  switch (format) {
    case 'step':
      return stepFile(kernel, shapes);
    case 'stl':
      return stlFile(kernel, shapes);
    case 'glb':
      return glbFile(shapes);
  }
};
