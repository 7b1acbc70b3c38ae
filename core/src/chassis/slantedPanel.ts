import type { OwnPanel } from '../project/index.js';
import type { BarBox } from './barBoxes.js';
import type { Member, MiddleLine } from './member.js';

export type Axis = 0 | 1 | 2;
type Pair = readonly [number, number];

/** A flat part that leans: seen along the bars that it lies on, from the middle of the one edge's thickness to that of the other. */
export interface Slant {
  /** along which of the trailer's axes its bars run */
  readonly axis: Axis;
  /** on the other two axes, in their order, m */
  readonly from: Pair;
  readonly to: Pair;
}

/** The two axes besides one. */
export const otherAxes = (axis: Axis): readonly [Axis, Axis] => (axis === 0 ? [1, 2] : axis === 1 ? [0, 2] : [0, 1]);

export const slantWidthM = ({ from, to }: Slant): number => Math.hypot(to[0] - from[0], to[1] - from[1]);

/** A stretch of a leaning part from one share of its width to another, as the box about it. */
const slice = (slant: Slant, thicknessM: number, along: Pair, [a, b]: Pair): BarBox => {
  const { axis, from, to } = slant;
  const [p, q] = otherAxes(axis);
  const at = (share: number): Pair => [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share];
  const [one, other] = [at(a), at(b)];
  const wide = slantWidthM(slant);
  // Thickness shows on each axis by what lies across it.
  const half: Pair = [
    (thicknessM / 2) * Math.abs((to[1] - from[1]) / wide),
    (thicknessM / 2) * Math.abs((to[0] - from[0]) / wide),
  ];
  const low = [0, 0, 0];
  const high = [0, 0, 0];
  [low[axis], high[axis]] = along;
  ([p, q] as const).forEach((own, i) => {
    low[own] = Math.min(one[i] as number, other[i] as number) - (half[i] as number);
    high[own] = Math.max(one[i] as number, other[i] as number) + (half[i] as number);
  });
  const [x0M = 0, y0M = 0, z0M = 0] = low;
  const [x1M = 0, y1M = 0, z1M = 0] = high;
  return { x0M, x1M, y0M, y1M, z0M, z1M };
};

/** A leaning part is taken in boxes of about so much of its width, m, and in no more than so many. */
const SLICE_M = 0.05;
const MOST_SLICES = 24;

export const slantBoxes = (slant: Slant, thicknessM: number, along: Pair): readonly BarBox[] => {
  const count = Math.min(MOST_SLICES, Math.max(1, Math.ceil(slantWidthM(slant) / SLICE_M)));
  return Array.from({ length: count }, (_, i) => slice(slant, thicknessM, along, [i / count, (i + 1) / count]));
};

export const slantBox = (slant: Slant, thicknessM: number, along: Pair): BarBox =>
  slice(slant, thicknessM, along, [0, 1]);

/** How deep a bar is along a direction across it, m: half of it. */
const halfAlong = ({ bar }: Member): number => Math.min(bar.widthM, bar.heightM) / 2;

/**
 * A part from one bar to another where it leans: on the outer face of both (upward, else away from the trailer's middle), on the inner one, or between
 * them. Both run along the same axis.
 */
export const slantBetween = (
  { sheet, place }: OwnPanel & { readonly place: { readonly kind: 'between' } },
  axis: Axis,
  [a, b]: readonly [Member, Member],
  [lineA, lineB]: readonly [MiddleLine, MiddleLine],
): Slant => {
  const [p, q] = otherAxes(axis);
  const [from, to]: readonly [Pair, Pair] = [
    [lineA.start[p], lineA.start[q]],
    [lineB.start[p], lineB.start[q]],
  ];
  const wide = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const along: Pair = [(to[0] - from[0]) / wide, (to[1] - from[1]) / wide];
  const square: Pair = [-along[1], along[0]];
  // Up where it can be told from beside; else away from the middle.
  const mid = (from[0] + to[0]) / 2;
  const outward = q === 2 && Math.abs(square[1]) > 1e-6 ? Math.sign(square[1]) : Math.sign(square[0] * mid) || 1;
  const { face } = place;
  const off = face === 'middle' ? 0 : (face === 'outer' ? 1 : -1) * outward;
  const shifted = ([u, v]: Pair, half: number, past: number): Pair => [
    u + square[0] * off * (half + sheet.thicknessM / 2) + along[0] * past,
    v + square[1] * off * (half + sheet.thicknessM / 2) + along[1] * past,
  ];
  // On the faces it reaches over both bars; between them it ends at them.
  const reach = face === 'middle' ? -1 : 1;
  const [halfA, halfB] = [halfAlong(a), halfAlong(b)];
  return { axis, from: shifted(from, halfA, -reach * halfA), to: shifted(to, halfB, reach * halfB) };
};
