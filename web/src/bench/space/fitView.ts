import { Vector3 } from 'three';

const UP = new Vector3(0, 1, 0);

/** What the eye looks at and how far away from it it stands. */
export interface FittedView {
  readonly target: Vector3;
  readonly away: number;
}

/**
 * Where an eye stands that sees all of these points and no more, in the points' own unit. Along one axis of the picture a point `a` aside and
 * `b` nearer is seen from away ≥ b + |a − c|/t with the target moved by c and t the tangent of half of what is taken in: the two that
 * reach furthest to either side, A = max(b + a/t) and B = max(b − a/t), give away = (A + B)/2 and c = t·(A − B)/2.
 *
 * @param direction toward the eye; not straight up
 * @param fieldRad what the eye takes in from top to bottom
 * @param aspect width of the picture over its height
 */
export const fitView = (
  points: readonly Vector3[],
  direction: Vector3,
  fieldRad: number,
  aspect: number,
): FittedView => {
  const back = direction.clone().normalize();
  const right = new Vector3().crossVectors(UP, back).normalize();
  const up = new Vector3().crossVectors(back, right);
  const along = (axis: Vector3, tangent: number): { readonly shift: number; readonly away: number } => {
    const reach = (sign: 1 | -1): number =>
      points.reduce(
        (most, point) => Math.max(most, point.dot(back) + (sign * point.dot(axis)) / tangent),
        Number.NEGATIVE_INFINITY,
      );
    const [a, b] = [reach(1), reach(-1)];
    return { shift: (tangent * (a - b)) / 2, away: (a + b) / 2 };
  };
  const tall = along(up, Math.tan(fieldRad / 2));
  const wide = along(right, Math.tan(fieldRad / 2) * aspect);
  // The eye's own distance along the way it looks counts from the origin; what it looks at lies amid the points.
  const depths = points.map((point) => point.dot(back));
  const middle = (Math.max(...depths) + Math.min(...depths)) / 2;
  const target = right.multiplyScalar(wide.shift).addScaledVector(up, tall.shift).addScaledVector(back, middle);
  return { target, away: Math.max(tall.away, wide.away) - middle };
};
