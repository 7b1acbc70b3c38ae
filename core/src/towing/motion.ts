import { ballZM, type BrakedTrailer, brakeLinkage, railTopM } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import { axlePlaces } from '../mass/index.js';
import type { Trailer } from '../project/index.js';
import { STANDARD_GRAVITY } from '../units/index.js';
import type { TowedCase } from './heaviest.js';

/** A vehicle whose brakes stop itself takes so much longer with an unbraked trailer: (M + m) ÷ M. */
export const stoppingFactor = (vehicleKg: number, trailerKg: number): number => (vehicleKg + trailerKg) / vehicleKg;

/** Speed at which a rigid body of this stability factor tips in a curve, m/s: √(factor·g·R). */
export const tippingSpeedMPerS = (factor: number, radiusM: number): number =>
  Math.sqrt(Math.max(0, factor) * STANDARD_GRAVITY * radiusM);

/** Pull of a trailer on a slope of this grade, N: W·sin(atan grade). */
export const gradePullN = (massKg: number, grade: number): number =>
  massKg * STANDARD_GRAVITY * Math.sin(Math.atan(grade));

/** Rolling resistance of small tires as a share of the weight: firm ground, grass (common practice). */
export const ROLLING = { firm: 0.03, grass: 0.1 } as const;

export const rollingPullN = (massKg: number, share: number): number => massKg * STANDARD_GRAVITY * share;

export interface SweptLane {
  readonly outerM: number;
  readonly innerM: number;
  readonly widthM: number;
}

/** Ahead of its front axle a vehicle reaches on by this, m (common practice). */
const NOSE_M = 0.85;

/**
 * Lane that a rig sweeps in a steady slow turn with the ball on a circle of R, m: every axle on its own circle about the same middle,
 * R_v² = R² − e², R_t² = R² − L²; outermost the vehicle's front corner or the trailer's tail, innermost the trailer's inner wheel or side.
 */
export const sweptLane = (trailer: Trailer, chassis: Chassis, { standing }: TowedCase): SweptLane | undefined => {
  const { towVehicle, runningGear, frame, job } = trailer;
  if (!towVehicle || towVehicle.wheelbaseM === null || towVehicle.ballBehindAxleM === null) return undefined;
  const drawbarM = standing.groupCentreXM - chassis.ballXM;
  const vehicleM2 = job.cornerM ** 2 - towVehicle.ballBehindAxleM ** 2;
  const trailerM2 = job.cornerM ** 2 - drawbarM ** 2;
  if (!(vehicleM2 > 0) || !(trailerM2 > 0)) return undefined;
  const [vehicleM, trailerM] = [Math.sqrt(vehicleM2), Math.sqrt(trailerM2)];
  const halfTrailerM = Math.max(frame.bed.widthM, runningGear.suspension.trackM + runningGear.tire.widthM) / 2;
  const tailM = frame.bed.lengthM - standing.groupCentreXM;
  const outerM = Math.max(
    Math.hypot(vehicleM + towVehicle.widthM / 2, towVehicle.wheelbaseM + NOSE_M),
    Math.hypot(trailerM + frame.bed.widthM / 2, Math.max(0, tailM)),
  );
  const innerM = trailerM - halfTrailerM;
  return { outerM, innerM, widthM: outerM - innerM };
};

/** A towed case as it brakes; undefined where it has no center of gravity, or no axle behind its ball. Three axles count as one group. */
export const brakedTrailer = (
  trailer: Trailer,
  chassis: Chassis,
  { massKg, centre, standing, parts }: TowedCase,
): BrakedTrailer | undefined => {
  if (!centre) return undefined;
  const topM = railTopM(trailer, chassis, parts);
  const places = axlePlaces(trailer);
  const linked = places.length === 2 && standing.axles.length === 2;
  const drawbarsM = (linked ? places.map(({ xM }) => xM) : [standing.groupCentreXM]).map((xM) => xM - chassis.ballXM);
  if (!drawbarsM.every((drawbarM) => drawbarM > 0)) return undefined;
  return {
    massKg,
    heightM: centre.zM + topM,
    ballHeightM: topM + ballZM(chassis),
    drawbarsM,
    standingN: linked
      ? standing.axles.map(({ loadN }) => loadN)
      : [standing.axles.reduce((sum, { loadN }) => sum + loadN, 0)],
    linkage: brakeLinkage(trailer, topM - chassis.railHeightM),
  };
};
