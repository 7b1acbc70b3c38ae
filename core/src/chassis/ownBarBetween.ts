import { cross, dot, length, subtract } from '../frame-analysis/index.js';
import type { OwnBar } from '../project/index.js';
import type { Chassis } from './buildChassis.js';
import { directionOf, lineLengthM, middleLineOf } from './middleLine.js';

type Ends = Pick<OwnBar, 'from' | 'to'>;

/** Lines that lean less than this against each other run alongside, as a sine. */
const ALONGSIDE = 1e-3;
/** Bars nearer to each other than this touch: nothing fits between them, m. */
const TOUCHES_M = 0.005;

const clamp = (value: number, most: number): number => Math.min(Math.max(value, 0), most);

/**
 * The two ends of a bar from one bar to another: where they come nearest to each other, or, where they run alongside, half-way along what they
 * have in common. Undefined where one of them carries no bars, or they touch there.
 */
export const barBetween = ({ members }: Pick<Chassis, 'members'>, fromId: string, toId: string): Ends | undefined => {
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
  const atB = clamp(dv + along * clamp(s, longA), longB);
  // Where the other one ends first, the nearest place on this one is another.
  const atA = clamp(along * atB - du, longA);
  const place = (line: typeof a, d: typeof u, at: number) => line.start.map((x, i) => x + (d[i] as number) * at);
  const [p, q] = [place(a, u, atA), place(b, v, atB)];
  const apart = Math.hypot(...p.map((x, i) => x - (q[i] as number)));
  if (apart < TOUCHES_M) return undefined;
  return { from: { kind: 'on', barId: fromId, atM: atA }, to: { kind: 'on', barId: toId, atM: atB } };
};
