import { cross, dot, length, subtract } from '../frame-analysis/index.js';
import type { OwnBar } from '../project/index.js';
import type { Chassis } from './buildChassis.js';
import type { MiddleLine } from './member.js';
import { directionOf, lineLengthM, middleLineOf } from './middleLine.js';

type Ends = Pick<OwnBar, 'from' | 'to'>;

/** Lines that lean less than this against each other run alongside, as a sine. */
const ALONGSIDE = 1e-3;
/** Bars nearer to each other than this touch: nothing fits between them, m. */
const TOUCHES_M = 0.005;

const clamp = (value: number, most: number): number => Math.min(Math.max(value, 0), most);

/** A place pointed at in a view, m: x and z from the side, x and y from above, y and z from behind. */
export interface PointedAt {
  readonly view: 'side' | 'plan' | 'rear';
  readonly at: readonly [number, number];
}

const SEEN_AXES = { side: [0, 2], plan: [0, 1], rear: [1, 2] } as const;
/** A line is seen end on where it shows less of itself than this share: no place along it is pointed at. */
const END_ON = 0.05;

/** Where along a line the place is that is pointed at, m; undefined where the line is seen end on. */
const alongPointed = (line: MiddleLine, { view, at }: PointedAt): number | undefined => {
  const [p, q] = SEEN_AXES[view];
  const direction = directionOf(line);
  const [u, v] = [direction[p], direction[q]];
  const shown = u * u + v * v;
  if (shown < END_ON ** 2) return undefined;
  const along = ((at[0] - line.start[p]) * u + (at[1] - line.start[q]) * v) / shown;
  return clamp(along, lineLengthM(line));
};

/**
 * The two ends of a bar from one bar to another: where they come nearest to each other, or, where they run alongside, half-way along what they
 * have in common; and where a place on one of them was pointed at, there. Undefined where one of them carries no bars, or they touch there.
 */
export const barBetween = (
  { members }: Pick<Chassis, 'members'>,
  fromId: string,
  toId: string,
  pointed: { readonly from?: PointedAt | undefined; readonly to?: PointedAt | undefined } = {},
): Ends | undefined => {
  const [a, b] = [fromId, toId].map((id) => {
    const member = members.find((candidate) => candidate.id === id);
    return member && middleLineOf(member);
  });
  if (!a || !b || fromId === toId) return undefined;
  const [u, v] = [directionOf(a), directionOf(b)];
  const [longA, longB] = [lineLengthM(a), lineLengthM(b)];
  const w = subtract(a.start, b.start);
  const along = dot(u, v);
  const [du, dv] = [dot(u, w), dot(v, w)];
  let s: number;
  if (length(cross(u, v)) < ALONGSIDE) {
    // Where the other one begins and ends, told along this one.
    const ends = [-du, -du + along * longB].toSorted((p, q) => p - q);
    s = (Math.max(0, ends[0] as number) + Math.min(longA, ends[1] as number)) / 2;
  } else s = (along * dv - du) / (1 - along ** 2);
  const saidA = pointed.from && alongPointed(a, pointed.from);
  const saidB = pointed.to && alongPointed(b, pointed.to);
  // Nearest to where this one was pointed at, else to where both come nearest.
  const atB = saidB ?? clamp(dv + along * clamp(saidA ?? s, longA), longB);
  // Where the other one ends first, the nearest place on this one is another.
  const atA = saidA ?? clamp(along * atB - du, longA);
  const place = (line: typeof a, d: typeof u, at: number) => line.start.map((x, i) => x + (d[i] as number) * at);
  const [p, q] = [place(a, u, atA), place(b, v, atB)];
  const apart = Math.hypot(...p.map((x, i) => x - (q[i] as number)));
  if (apart < TOUCHES_M) return undefined;
  return { from: { kind: 'on', barId: fromId, atM: atA }, to: { kind: 'on', barId: toId, atM: atB } };
};
