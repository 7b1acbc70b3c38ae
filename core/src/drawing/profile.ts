import type { Member } from '../chassis/index.js';
import { barProperties, designShape, outlineOf, type SectionOutline, type Shape } from '../sections/index.js';
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

/** The same shape without its radii. */
const sharpened = (shape: Shape): Shape =>
  Object.fromEntries(
    Object.entries(shape).map(([field, value]) => [field, field.endsWith('RadiusM') ? 0 : value]),
  ) as unknown as Shape;

const loopsOf = (section: Member['section'], sharp: boolean): readonly (readonly Point[])[] => {
  const shape = designShape(section);
  const outline = outlineOf(sharp ? sharpened(shape) : shape);
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

const newKept = () => new WeakMap<Member['section'], readonly (readonly Point[])[]>();
const kept = { sharp: newKept(), round: newKept() };

/**
 * A section's metal, m: its outline and, of tubes, the hollow; from the lower left corner of the box about it, first along its width,
 * then up. Empty where the section's sizes make none. Sharp: its corners without their radii.
 */
export const profileOf = (section: Member['section'], sharp = false): readonly (readonly Point[])[] => {
  const own = sharp ? kept.sharp : kept.round;
  const known = own.get(section);
  if (known) return known;
  const loops = loopsOf(section, sharp);
  own.set(section, loops);
  return loops;
};

const rectangle = (x0: number, x1: number, z0: number, z1: number): readonly Point[] => [
  [x0, z0],
  [x1, z0],
  [x1, z1],
  [x0, z1],
];

/** A plated bar: the bare one where its plates leave it, and each plate. */
const platedLoops = (
  { builtUp, bar }: Pick<Member, 'builtUp' | 'bar'>,
  [x0, z0]: Point,
  sharp: boolean,
): readonly (readonly Point[])[] | undefined => {
  const base = builtUp && barProperties(builtUp.base);
  if (!base || builtUp.how.kind !== 'plated') return undefined;
  const { faces, widthM, thicknessM: t } = builtUp.how;
  const lying = faces !== 'sides';
  const [left, low] = lying ? [(bar.widthM - base.widthM) / 2, t] : [t, (bar.heightM - base.heightM) / 2];
  const bare = profileOf(builtUp.base, sharp).map((loop) => loop.map(([u, v]): Point => [x0 + left + u, z0 + low + v]));
  const [middleX, middleZ] = [x0 + bar.widthM / 2, z0 + bar.heightM / 2];
  const half = widthM / 2;
  const plates = lying
    ? [
        rectangle(middleX - half, middleX + half, z0, z0 + t),
        ...(faces === 'bottom'
          ? []
          : [rectangle(middleX - half, middleX + half, z0 + bar.heightM - t, z0 + bar.heightM)]),
      ]
    : [
        rectangle(x0, x0 + t, middleZ - half, middleZ + half),
        rectangle(x0 + bar.widthM - t, x0 + bar.widthM, middleZ - half, middleZ + half),
      ];
  return [...bare, ...plates];
};

/** The profile where a bar stands: its lower left corner at a place, mirrored where it is open the other way; two side by side where it is doubled. */
export const profileAt = (
  member: Pick<Member, 'section' | 'pieces' | 'bar' | 'builtUp'>,
  [x0, z0]: Point,
  mirrored: boolean,
  sharp = false,
): readonly (readonly Point[])[] => {
  const plated = platedLoops(member, [x0, z0], sharp);
  if (plated) return plated;
  const { section, pieces, bar } = member;
  const one = bar.widthM / pieces;
  return Array.from({ length: pieces }, (_, i) => x0 + i * one).flatMap((left) =>
    profileOf(section, sharp).map((loop) => loop.map(([u, v]): Point => [left + (mirrored ? one - u : u), z0 + v])),
  );
};
