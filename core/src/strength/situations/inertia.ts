import { add, cross, dot, scale, subtract, type Vector3 } from '../../frame-analysis/index.js';
import type { Part } from '../../mass/index.js';

/** A case's masses as one rigid body, each part with what it resists by its own extent. */
export interface RigidBody {
  readonly massKg: number;
  readonly centre: Vector3;
  /** about the centre, kg·m², rows */
  readonly inertia: readonly [Vector3, Vector3, Vector3];
}

export const placeOf = ({ centre }: Pick<Part, 'centre'>): Vector3 => [centre.xM, centre.yM, centre.zM];

/**
 * Inertia of a part about its own centre, kg·m², about x, y and z: a box of even density over its outline; bars lie along their extent. What is
 * modelled as a point has none.
 */
export const ownInertia = ({ massKg, x0M, x1M, y0M, y1M, heightM }: Part): Vector3 => {
  const [a, b, c] = [x1M - x0M, y1M - y0M, heightM].map((size) => (massKg * size ** 2) / 12) as [
    number,
    number,
    number,
  ];
  return [b + c, a + c, a + b];
};

export const rigidBody = (parts: readonly Part[]): RigidBody => {
  const massKg = parts.reduce((sum, part) => sum + part.massKg, 0);
  const moment = parts.reduce<Vector3>((sum, part) => add(sum, scale(placeOf(part), part.massKg)), [0, 0, 0]);
  const centre = massKg > 0 ? scale(moment, 1 / massKg) : moment;
  const inertia: [number, number, number][] = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ];
  for (const part of parts) {
    const r = subtract(placeOf(part), centre);
    const square = dot(r, r);
    const own = ownInertia(part);
    for (let i = 0; i < 3; i += 1) {
      const row = inertia[i] as [number, number, number];
      for (let j = 0; j < 3; j += 1) {
        row[j] =
          (row[j] as number) +
          part.massKg * ((i === j ? square : 0) - (r[i] as number) * (r[j] as number)) +
          (i === j ? (own[i] as number) : 0);
      }
    }
  }
  return { massKg, centre, inertia: inertia as unknown as RigidBody['inertia'] };
};

/** Forces put on a body, added up about a place. */
export interface Resultant {
  readonly forceN: Vector3;
  readonly momentNm: Vector3;
}

export const resultant = (
  forces: readonly { readonly at: Vector3; readonly forceN: Vector3 }[],
  about: Vector3,
): Resultant => ({
  forceN: forces.reduce<Vector3>((sum, { forceN }) => add(sum, forceN), [0, 0, 0]),
  momentNm: forces.reduce<Vector3>((sum, { at, forceN }) => add(sum, cross(subtract(at, about), forceN)), [0, 0, 0]),
});

/** Acceleration of the centre (m/s²) and angular acceleration (rad/s²) that balance these forces: F = m·a, M = I·α. */
export interface Acceleration {
  readonly linear: Vector3;
  readonly angular: Vector3;
}

/** Solves I·α = M by Cramer’s rule; a body of no extent does not turn. */
export const accelerationUnder = ({ massKg, inertia }: RigidBody, { forceN, momentNm }: Resultant): Acceleration => {
  const [a, b, c] = inertia;
  const det = dot(a, cross(b, c));
  const linear = scale(forceN, 1 / massKg);
  if (!(Math.abs(det) > 0)) return { linear, angular: [0, 0, 0] };
  const columns = [cross(b, c), cross(c, a), cross(a, b)] as const;
  const angular = add(
    add(scale(columns[0], momentNm[0]), scale(columns[1], momentNm[1])),
    scale(columns[2], momentNm[2]),
  );
  return { linear, angular: scale(angular, 1 / det) };
};
