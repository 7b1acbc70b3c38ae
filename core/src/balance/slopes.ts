import type { Trailer } from '../project/index.js';
import { massOfWeightKg, STANDARD_GRAVITY } from '../units/index.js';
import { type BalancedCase, momentsOf } from './balanceCase.js';

/** What a step of a metre does to the tongue, kg per m; exact derivatives of the statics. */
export interface TongueSlopes {
  /** the axle group moved back, with what moves with it */
  readonly axleBack: number;
  /** the ball moved further ahead, everything else staying: the lever alone */
  readonly ballAhead: number;
  /** each item moved back, by id */
  readonly itemsBack: ReadonlyMap<string, number>;
}

/**
 * T·B = g·[M_fixed·(p + δ) − S_fixed + …] with B from ball to group: dT/dp = (g·M_fixed − T) ÷ B, dT/dB = −T ÷ B,
 * dT/dxᵢ = −g·mᵢ ÷ B. Level or equalised trailers; undefined where the case does not stand on its ball.
 */
export const tongueSlopes = (trailer: Trailer, balanced: BalancedCase): TongueSlopes | undefined => {
  const { standing, parts } = balanced;
  if (!standing || standing.on !== 'ball') return undefined;
  const baseM = standing.groupCentreXM - standing.aheadXM;
  const { fixedKg } = momentsOf(trailer, balanced);
  const items = new Set(trailer.items.map(({ id }) => id));
  return {
    axleBack: massOfWeightKg((STANDARD_GRAVITY * fixedKg - standing.tongueN) / baseM),
    ballAhead: massOfWeightKg(-standing.tongueN / baseM),
    itemsBack: new Map(parts.filter(({ id }) => items.has(id)).map(({ id, massKg }) => [id, -massKg / baseM] as const)),
  };
};
