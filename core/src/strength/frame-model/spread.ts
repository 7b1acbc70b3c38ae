import {
  add,
  cross,
  dot,
  length,
  type LoadPattern,
  type MemberLoad,
  type NodalLoad,
  scale,
  subtract,
  type Vector3,
} from '../../frame-analysis/index.js';
import type { Bearing } from './bearings.js';

/** A force and a moment about a place. */
export interface Wrench {
  readonly at: Vector3;
  readonly forceN: Vector3;
  readonly momentNm: Vector3;
}

/** How a part holds on to the frame, worked out once: any wrench on it becomes loads by two small products. */
export interface Grip {
  readonly bearings: readonly Bearing[];
  readonly centre: Vector3;
  /** inverse of Σ share·(r²·1 − r·rᵀ) about the centre; singular along `line` where all bearings lie on one line */
  readonly inverse: readonly [Vector3, Vector3, Vector3];
  readonly line: Vector3 | undefined;
  readonly point: boolean;
}

type Matrix3 = readonly [Vector3, Vector3, Vector3];

const times = (m: Matrix3, v: Vector3): Vector3 => [dot(m[0], v), dot(m[1], v), dot(m[2], v)];

const inverted = (m: Matrix3): Matrix3 => {
  const [a, b, c] = m;
  const det = dot(a, cross(b, c));
  const [x, y, z] = [cross(b, c), cross(c, a), cross(a, b)].map((row) => scale(row, 1 / det)) as [
    Vector3,
    Vector3,
    Vector3,
  ];
  return [
    [x[0], y[0], z[0]],
    [x[1], y[1], z[1]],
    [x[2], y[2], z[2]],
  ];
};

/** Bearings this narrow against their length lie on one line, as a share. */
const NARROW = 1e-8;

export const gripOf = (bearings: readonly Bearing[]): Grip => {
  const middle = ({ start, end }: Bearing): Vector3 => scale(add(start, end), 0.5);
  const centre = bearings.reduce<Vector3>((sum, bearing) => add(sum, scale(middle(bearing), bearing.share)), [0, 0, 0]);
  // Second moments of the shares: about each stretch's middle a twelfth of its length squared along it.
  let s: number[][] = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ];
  for (const bearing of bearings) {
    const r = subtract(middle(bearing), centre);
    const d = subtract(bearing.end, bearing.start);
    s = s.map((row, i) =>
      row.map(
        (value, j) =>
          value + bearing.share * ((r[i] as number) * (r[j] as number) + ((d[i] as number) * (d[j] as number)) / 12),
      ),
    );
  }
  const at = (i: number, j: number): number => s[i]?.[j] as number;
  const trace = at(0, 0) + at(1, 1) + at(2, 2);
  const inertia: Matrix3 = [
    [trace - at(0, 0), -at(0, 1), -at(0, 2)],
    [-at(1, 0), trace - at(1, 1), -at(1, 2)],
    [-at(2, 0), -at(2, 1), trace - at(2, 2)],
  ];
  const none: Matrix3 = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ];
  if (trace < 1e-12) return { bearings, centre, inverse: none, line: undefined, point: true };
  const det = dot(inertia[0], cross(inertia[1], inertia[2]));
  if (det > NARROW * trace ** 3) return { bearings, centre, inverse: inverted(inertia), line: undefined, point: false };
  // On one line the longest column of the second moments points along it.
  const columns = [0, 1, 2].map((j): Vector3 => [at(0, j), at(1, j), at(2, j)]);
  const longest = columns.reduce((best, column) => (length(column) > length(best) ? column : best));
  const line = scale(longest, 1 / length(longest));
  const across = (i: number, j: number): number =>
    ((i === j ? 1 : 0) - (line[i] as number) * (line[j] as number)) / trace;
  return {
    bearings,
    centre,
    inverse: [0, 1, 2].map((i) => [across(i, 0), across(i, 1), across(i, 2)]) as unknown as Matrix3,
    line,
    point: false,
  };
};

/** Ends of the elements, for what a line of bearings cannot take. */
export type NodesOf = (element: string) => readonly [string, string];

/**
 * A wrench as loads on the bearings, in exact equilibrium with it: each takes its share of the force, and a part that grows evenly with
 * its distance from the middle of them all, as in a rigid plate on even springs (the elastic bolt group in three dimensions).
 * A moment about the line on which all bearings lie goes into the nodes at the ends of their elements.
 */
export const spreadWrench = (grip: Grip, wrench: Wrench, nodesOf: NodesOf): LoadPattern => {
  const { centre, bearings } = grip;
  const moment = add(wrench.momentNm, cross(subtract(wrench.at, centre), wrench.forceN));
  const [tx, ty, tz] = times(grip.inverse, moment);
  const [fx, fy, fz] = wrench.forceN;
  // times × (force + turn × (at − centre))
  const forceAt = (at: Vector3, factor: number): Vector3 => {
    const x = at[0] - centre[0];
    const y = at[1] - centre[1];
    const z = at[2] - centre[2];
    return [factor * (fx + ty * z - tz * y), factor * (fy + tz * x - tx * z), factor * (fz + tx * y - ty * x)];
  };
  const member = bearings.map(({ element, fromM, toM, start, end, share }): MemberLoad => {
    const lengthM = toM - fromM;
    if (lengthM < 1e-9)
      return { member: element, axes: 'global', kind: 'point', atM: fromM, forceN: forceAt(start, share) };
    const density = share / lengthM;
    return {
      member: element,
      axes: 'global',
      kind: 'spread',
      fromM,
      toM,
      startNPerM: forceAt(start, density),
      endNPerM: forceAt(end, density),
    };
  });
  const left = grip.point ? moment : grip.line ? scale(grip.line, dot(grip.line, moment)) : undefined;
  return { member, nodal: left ? momentOnNodes(grip, left, nodesOf) : [] };
};

const momentOnNodes = ({ bearings }: Grip, momentNm: Vector3, nodesOf: NodesOf): NodalLoad[] =>
  length(momentNm) === 0
    ? []
    : bearings.flatMap(({ element, share }) =>
        nodesOf(element).map((node) => ({ node, forceN: [0, 0, 0] as Vector3, momentNm: scale(momentNm, share / 2) })),
      );
