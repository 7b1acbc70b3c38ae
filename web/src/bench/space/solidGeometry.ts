import type { Point, Solid } from '@kereta/core';
import {
  BufferGeometry,
  CylinderGeometry,
  ExtrudeGeometry,
  Float32BufferAttribute,
  Shape,
  ShapeUtils,
  Vector2,
} from 'three';

type Sweep = Extract<Solid, { readonly kind: 'sweep' }>;

const ringPlane = (ring: readonly { readonly xM: number; readonly yM: number; readonly zM: number }[]): Vector2[] => {
  // Seen along whichever axis the ring spreads least.
  const spread = (of: (point: (typeof ring)[number]) => number): number =>
    Math.max(...ring.map(of)) - Math.min(...ring.map(of));
  const [x, y, z] = [spread(({ xM }) => xM), spread(({ yM }) => yM), spread(({ zM }) => zM)];
  if (z <= x && z <= y) return ring.map(({ xM, yM }) => new Vector2(xM, yM));
  return x <= y ? ring.map(({ yM, zM }) => new Vector2(yM, zM)) : ring.map(({ xM, zM }) => new Vector2(xM, zM));
};

/** A section run along a bar: its outer and inner faces, and both ends with the wall that is seen there. */
const sweepGeometry = ({ from, to }: Sweep): BufferGeometry => {
  const positions: number[] = [];
  const put = (
    ...points: readonly ({ readonly xM: number; readonly yM: number; readonly zM: number } | undefined)[]
  ): void => {
    for (const point of points) if (point) positions.push(point.xM, point.yM, point.zM);
  };
  from.forEach((loop, k) => {
    const other = to[k] ?? loop;
    loop.forEach((a, i) => {
      const j = (i + 1) % loop.length;
      put(a, loop[j], other[j], a, other[j], other[i]);
    });
  });
  const [outer, ...holes] = from;
  if (outer) {
    const flat = [...outer, ...holes.flat()];
    const plane = ringPlane(flat);
    const contour = plane.slice(0, outer.length);
    let at = outer.length;
    const hollow = holes.map((hole) => {
      const part = plane.slice(at, at + hole.length);
      at += hole.length;
      return part;
    });
    const far = to.flat();
    for (const [a, b, c] of ShapeUtils.triangulateShape(contour, hollow) as [number, number, number][]) {
      put(flat[a], flat[b], flat[c]);
      put(far[a], far[c], far[b]);
    }
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new Float32BufferAttribute(positions, 3));
  geometry.computeVertexNormals();
  return geometry;
};

const prismGeometry = (outline: readonly Point[], y0M: number, y1M: number): BufferGeometry => {
  const shape = new Shape(outline.map(([x, z]) => new Vector2(x, z)));
  const geometry = new ExtrudeGeometry(shape, { depth: Math.max(1e-4, y1M - y0M), bevelEnabled: false });
  // Drawn in x and z, pulled along y.
  geometry.rotateX(Math.PI / 2);
  geometry.translate(0, y1M, 0);
  return geometry;
};

/** A body as three draws it, in the trailer's own axes. */
export const solidGeometry = (solid: Solid): BufferGeometry => {
  switch (solid.kind) {
    case 'sweep':
      return sweepGeometry(solid);
    case 'prism':
      return prismGeometry(solid.outline, solid.y0M, solid.y1M);
    case 'cylinder': {
      const geometry = new CylinderGeometry(solid.radiusM, solid.radiusM, solid.lengthM, 40);
      if (solid.axis === 'along') geometry.rotateZ(Math.PI / 2);
      geometry.translate(solid.centre.xM, solid.centre.yM, solid.centre.zM);
      return geometry;
    }
  }
};
