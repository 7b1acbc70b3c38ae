import type { Member } from '../chassis/index.js';
import { designShape, outlineOf, type SectionOutline } from '../sections/index.js';
import type { Point } from './shapes.js';

/** A round corner is drawn with a corner for each of these, rad. */
const PER_CORNER_RAD = Math.PI / 10;

/** An arc as a run of corners. */
const roundCorner = (edge: Extract<SectionOutline[number], { readonly kind: 'arc' }>): Point[] => {
  const count = Math.max(2, Math.ceil(Math.abs(edge.sweep) / PER_CORNER_RAD) + 1);
  return Array.from({ length: count }, (_, i): Point => {
    const at = edge.start + (edge.sweep * i) / (count - 1);
    return [edge.y + edge.radius * Math.cos(at), edge.z + edge.radius * Math.sin(at)];
  });
};

const loopsOf = (section: Member['section']): readonly (readonly Point[])[] => {
  const outline = outlineOf(designShape(section));
  if (!outline.ok) return [];
  const loops: Point[][] = [];
  let last: Point | undefined;
  const add = (point: Point): void => {
    const loop = loops.at(-1);
    const before = loop?.at(-1);
    if (!before || Math.hypot(before[0] - point[0], before[1] - point[1]) > 1e-9) loop?.push(point);
    last = point;
  };
  for (const edge of outline.value) {
    const points: Point[] =
      edge.kind === 'line'
        ? [
            [edge.y0, edge.z0],
            [edge.y1, edge.z1],
          ]
        : roundCorner(edge);
    const [start] = points as [Point];
    // A loop begins where an edge does not go on from the one before.
    if (!last || Math.hypot(last[0] - start[0], last[1] - start[1]) > 1e-9) loops.push([]);
    for (const point of points) add(point);
  }
  return loops;
};

const kept = new WeakMap<Member['section'], readonly (readonly Point[])[]>();

/**
 * A section's metal, m: its outline and, of tubes, the hollow; from the lower left corner of the box about it, first along its width,
 * then up. Empty where the section's sizes make none.
 */
export const profileOf = (section: Member['section']): readonly (readonly Point[])[] => {
  const known = kept.get(section);
  if (known) return known;
  const loops = loopsOf(section);
  kept.set(section, loops);
  return loops;
};

/** The profile where a bar stands: its lower left corner at a place, mirrored where it is open the other way; two side by side where it is doubled. */
export const profileAt = (
  { section, pieces, bar }: Pick<Member, 'section' | 'pieces' | 'bar'>,
  [x0, z0]: Point,
  mirrored: boolean,
): readonly (readonly Point[])[] => {
  const one = bar.widthM / pieces;
  return Array.from({ length: pieces }, (_, i) => x0 + i * one).flatMap((left) =>
    profileOf(section).map((loop) => loop.map(([u, v]): Point => [left + (mirrored ? one - u : u), z0 + v])),
  );
};
