import { buildChassis, type Chassis } from '../chassis/index.js';
import { trailerParts } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { massOfWeightKg, millimetres, STANDARD_GRAVITY } from '../units/index.js';
import { balanceCase, type BalancedCase, momentsOf } from './balanceCase.js';

/** What a step of a metre does to the tongue, kg per m. */
export interface TongueSlopes {
  /** the axle group moved back, with what moves with it */
  readonly axleBack: number;
  /** the ball moved further ahead, with longer bars, coupler, jack and all that is placed from the ball */
  readonly ballAhead: number;
  /** each item moved back, by id */
  readonly itemsBack: ReadonlyMap<string, number>;
}

/** Small enough that the tongue changes in proportion. */
const STEP_M = millimetres(1);

/** The tongue of the same load on a changed trailer, kg; undefined where it stands on nothing. */
const tongueOf = (trailer: Trailer, chassis: Chassis, { loadCase }: BalancedCase): number | undefined => {
  const { standing } = balanceCase(trailer, chassis, trailerParts(trailer, chassis), loadCase);
  return standing && massOfWeightKg(standing.tongueN);
};

interface Built {
  readonly trailer: Trailer;
  readonly chassis: Chassis;
}
const kept = new WeakMap<Trailer, Built>();
const longerFrames = new WeakMap<Trailer['frame'], Trailer['frame']>();

/** The very same frame for the same one: what is built of it is built once while axle or loads are dragged. */
const longerFrame = (frame: Trailer['frame']): Trailer['frame'] => {
  const known = longerFrames.get(frame);
  if (known) return known;
  const longer = { ...frame, tongue: { ...frame.tongue, lengthM: frame.tongue.lengthM + STEP_M } };
  longerFrames.set(frame, longer);
  return longer;
};

/** The trailer with a tongue longer by the step: everything that moves with the ball moves. Built once per trailer value. */
const withLongerTongue = (trailer: Trailer): Built => {
  const known = kept.get(trailer);
  if (known) return known;
  const longer = { ...trailer, frame: longerFrame(trailer.frame) };
  const built = { trailer: longer, chassis: buildChassis(longer) };
  kept.set(trailer, built);
  return built;
};

/**
 * Axle and items by the derivatives of T·B = g·[M_fixed·(p + δ) − S_fixed + …], B from ball to group: dT/dp = (g·M_fixed − T) ÷ B,
 * dT/dxᵢ = −g·mᵢ ÷ B, where the trailer rides level or equalised; the ball by building the longer tongue and balancing it again. Undefined
 * where the case does not stand on its ball, with the tongue as it is or longer.
 */
export const tongueSlopes = (trailer: Trailer, balanced: BalancedCase): TongueSlopes | undefined => {
  const { standing, parts } = balanced;
  if (!standing || standing.on !== 'ball') return undefined;
  const baseM = standing.groupCentreXM - standing.aheadXM;
  const { fixedKg } = momentsOf(trailer, balanced);
  const items = new Set(trailer.items.map(({ id }) => id));
  const now = massOfWeightKg(standing.tongueN);
  const longer = withLongerTongue(trailer);
  const ahead = tongueOf(longer.trailer, longer.chassis, balanced);
  if (ahead === undefined) return undefined;
  return {
    axleBack: massOfWeightKg((STANDARD_GRAVITY * fixedKg - standing.tongueN) / baseM),
    ballAhead: (ahead - now) / STEP_M,
    itemsBack: new Map(parts.filter(({ id }) => items.has(id)).map(({ id, massKg }) => [id, -massKg / baseM] as const)),
  };
};
