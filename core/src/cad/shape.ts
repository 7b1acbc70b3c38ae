import type { Shape3D } from 'replicad';
import type { Body, Cut } from '../solids/index.js';
import { add, cross, length, scale, subtract, type Vector3 } from '../frame-analysis/index.js';
import type { SectionOutline } from '../sections/index.js';
import { edgeEnds, loopsOfOutline } from '../solids/index.js';
import { fromMetres } from '../units/index.js';
import type { Kernel } from './kernel.js';

type Point = [number, number, number];

const mm = (metres: number): number => fromMetres(metres, 'mm');

/** A place of the trailer in the kernel's own unit. */
const inMm = ([x, y, z]: Vector3): Point => [mm(x), mm(y), mm(z)];

type Place = (u: number, v: number) => Point;

const edgesOf = (kernel: Kernel, loop: SectionOutline, place: Place) =>
  loop.flatMap((edge) => {
    const [from, to] = edgeEnds(edge);
    if (edge.kind === 'line')
      // A radius as large as its side leaves a straight of nothing.
      return Math.hypot(to[0] - from[0], to[1] - from[1]) > 1e-9 ? [kernel.makeLine(place(...from), place(...to))] : [];
    const at = (angle: number): Point =>
      place(edge.y + edge.radius * Math.cos(angle), edge.z + edge.radius * Math.sin(angle));
    // A whole circle in two halves: an arc has a beginning and an end.
    const parts = Math.abs(edge.sweep) > 1.5 * Math.PI ? 2 : 1;
    return Array.from({ length: parts }, (_, i) => {
      const share = edge.sweep / parts;
      const start = edge.start + i * share;
      return kernel.makeThreePointArc(at(start), at(start + share / 2), at(start + share));
    });
  });

/** A cut along a plane takes off a block that reaches this far from its place, m: no bar is so wide that its slant stands out further. */
const REACH_M = 5;

/** A direction square to another. */
const squareTo = (direction: Vector3): Vector3 => {
  const other: Vector3 = Math.abs(direction[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0];
  const found = cross(direction, other);
  return scale(found, 1 / length(found));
};

const block = (kernel: Kernel, corner: Vector3, [a, b, c]: readonly [Vector3, Vector3, Vector3]): Shape3D => {
  const corners = [corner, add(corner, a), add(add(corner, a), b), add(corner, b)].map(inMm);
  const wire = kernel.assembleWire(
    corners.map((from, i) => kernel.makeLine(from, corners[(i + 1) % corners.length] as Point)),
  );
  return kernel.basicFaceExtrusion(kernel.makeFace(wire), new kernel.Vector(inMm(c)));
};

/** What a cut takes away, as a body of its own. */
const toolOf = (kernel: Kernel, cut: Cut): Shape3D => {
  switch (cut.kind) {
    case 'block':
      return block(kernel, cut.corner, cut.edges);
    case 'cylinder': {
      const whole = subtract(cut.end, cut.start);
      const lengthM = length(whole);
      const direction = scale(whole, 1 / lengthM);
      return kernel.makeCylinder(mm(cut.radiusM), mm(lengthM), inMm(cut.start), inMm(direction));
    }
    case 'plane': {
      const side = squareTo(cut.normal);
      const other = cross(cut.normal, side);
      const corner = add(cut.at, add(scale(side, -REACH_M), scale(other, -REACH_M)));
      return block(kernel, corner, [scale(side, 2 * REACH_M), scale(other, 2 * REACH_M), scale(cut.normal, REACH_M)]);
    }
  }
};

/** A body as a solid of the kernel, mm. */
export const shapeOf = (kernel: Kernel, body: Body): Shape3D => {
  const place: Place = (u, v) => inMm(add(body.at, add(scale(body.across, u), scale(body.up, v))));
  const [outer, ...holes] = loopsOfOutline(body.profile).map((loop) =>
    kernel.assembleWire(edgesOf(kernel, loop, place)),
  );
  if (!outer) throw new Error('a body has no outline');
  const face = kernel.makeFace(outer, holes);
  const bar: Shape3D = kernel.basicFaceExtrusion(face, new kernel.Vector(inMm(scale(body.along, body.lengthM))));
  return body.cuts.reduce<Shape3D>((left, cut) => left.cut(toolOf(kernel, cut)), bar);
};

/** Volume of a kernel's solid, m³. */
export const volumeM3 = (kernel: Kernel, shape: Shape3D): number => kernel.measureVolume(shape) * 1e-9;
