import type { BalancedCase } from '../balance/index.js';
import type { Part } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { massOfWeightKg, weightN } from '../units/index.js';
import type { Rig } from './sway.js';

/** What is missing of the tow vehicle for its behaviour to be worked out. */
export type MissingOfVehicle = 'vehicle' | 'mass' | 'wheelbase' | 'overhang';

/** Cornering stiffness of a tire as so many times its load, 1/rad: car tires about 10, trailer tires about 8 (recalled, common practice). */
const CAR_TIRE = 10;
const TRAILER_TIRE = 8;
/** It may as well be a third less or more. */
export const STIFFNESS_DOUBT = 0.3;

/** Yaw inertia about the upright through the balance point, kg·m²: every part a box of its own length and width. */
export const yawInertiaKgM2 = (
  parts: readonly Pick<Part, 'massKg' | 'centre' | 'x0M' | 'x1M' | 'y0M' | 'y1M'>[],
  about: { readonly xM: number; readonly yM: number },
): number =>
  parts.reduce((sum, { massKg, centre, x0M, x1M, y0M, y1M }) => {
    const own = ((x1M - x0M) ** 2 + (y1M - y0M) ** 2) / 12;
    return sum + massKg * (own + (centre.xM - about.xM) ** 2 + (centre.yM - about.yM) ** 2);
  }, 0);

/** A car's yaw inertia, kg·m²: mass × front arm × rear arm, the usual first guess (dynamic index one; common practice). */
const vehicleYaw = (massKg: number, frontM: number, rearM: number): number => massKg * frontM * rearM;

/**
 * The rig of one case at a share of the usual tire stiffness. Axle loads of the vehicle count with the tongue on the ball, tires in
 * proportion to what they carry.
 */
export const rigOf = (
  trailer: Trailer,
  { standing, parts, massKg, centre }: BalancedCase,
  stiffness = 1,
): Rig | MissingOfVehicle | undefined => {
  const { towVehicle } = trailer;
  if (!standing || !centre || standing.on !== 'ball') return undefined;
  if (!towVehicle) return 'vehicle';
  if (towVehicle.massKg === null) return 'mass';
  if (towVehicle.wheelbaseM === null) return 'wheelbase';
  if (towVehicle.ballBehindAxleM === null) return 'overhang';
  const { massKg: carKg, wheelbaseM, ballBehindAxleM, frontShare } = towVehicle;
  const rearM = frontShare * wheelbaseM;
  const frontM = wheelbaseM - rearM;
  const tongueN = standing.tongueN;
  const frontN = weightN(carKg) * frontShare - (tongueN * ballBehindAxleM) / wheelbaseM;
  const rearN = weightN(carKg) * (1 - frontShare) + tongueN * (1 + ballBehindAxleM / wheelbaseM);
  return {
    vehicleKg: carKg,
    vehicleYawKgM2: vehicleYaw(carKg, frontM, rearM),
    frontM,
    rearM,
    hitchM: rearM + ballBehindAxleM,
    frontStiffness: stiffness * CAR_TIRE * Math.max(frontN, 0),
    rearStiffness: stiffness * CAR_TIRE * Math.max(rearN, 0),
    trailerKg: massKg,
    trailerYawKgM2: yawInertiaKgM2(parts, centre),
    balanceM: centre.xM - standing.aheadXM,
    axles: standing.axles.map(({ xM, loadN }) => ({
      behindBallM: xM - standing.aheadXM,
      stiffnessNPerRad: stiffness * TRAILER_TIRE * Math.max(loadN, 0),
    })),
  };
};

/** What the tongue does to the vehicle's own axles, kg. */
export const vehicleAxles = (
  trailer: Trailer,
  { standing }: BalancedCase,
): { readonly rearAddsKg: number; readonly frontLosesKg: number } | undefined => {
  const { towVehicle } = trailer;
  if (!standing || !towVehicle || towVehicle.wheelbaseM === null || towVehicle.ballBehindAxleM === null)
    return undefined;
  const kg = massOfWeightKg(standing.tongueN);
  const lever = towVehicle.ballBehindAxleM / towVehicle.wheelbaseM;
  return { rearAddsKg: kg * (1 + lever), frontLosesKg: kg * lever };
};
