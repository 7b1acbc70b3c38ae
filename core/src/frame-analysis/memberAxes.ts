import { fail, ok, type Result } from '../result.js';
import type { FrameMember, FrameProblem, Vector3 } from './frame.js';
import { add, cross, dot, length, scale, subtract } from './vectors.js';

/** Where a member runs: its ends, its length and its local axes as rows (x, y, z) in global coordinates. */
export interface MemberAxes {
  readonly start: Vector3;
  readonly end: Vector3;
  readonly lengthM: number;
  readonly rows: readonly [Vector3, Vector3, Vector3];
}

/** A member this near to upright takes global X as its `up` where none is given: |x·Z| above this. */
const UPRIGHT = 0.999;
/** An `up` within this sine of the member's own line gives no direction. */
const ALONG = 1e-9;
const ZERO: Vector3 = [0, 0, 0];

export const memberAxes = (member: FrameMember, from: Vector3, to: Vector3): Result<MemberAxes, FrameProblem> => {
  const start = add(from, member.offsetFrom ?? ZERO);
  const end = add(to, member.offsetTo ?? ZERO);
  const along = subtract(end, start);
  const lengthM = length(along);
  if (!Number.isFinite(lengthM)) return fail({ code: 'not-finite', of: member.id });
  if (!(lengthM > 0)) return fail({ code: 'no-length', member: member.id });
  const x = scale(along, 1 / lengthM);
  const up: Vector3 = member.up ?? (Math.abs(x[2]) > UPRIGHT ? [1, 0, 0] : [0, 0, 1]);
  const square = subtract(up, scale(x, dot(up, x)));
  const size = length(square);
  if (!(size > ALONG * length(up))) return fail({ code: 'up-along-member', member: member.id });
  const z = scale(square, 1 / size);
  return ok({ start, end, lengthM, rows: [x, cross(z, x), z] });
};

/** A global vector in the member's own axes. */
export const toLocal = ({ rows }: MemberAxes, global: Vector3): Vector3 => [
  dot(rows[0], global),
  dot(rows[1], global),
  dot(rows[2], global),
];

export const toGlobal = ({ rows }: MemberAxes, local: Vector3): Vector3 =>
  add(add(scale(rows[0], local[0]), scale(rows[1], local[1])), scale(rows[2], local[2]));
