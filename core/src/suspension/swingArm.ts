import type { RunningGear } from '../project/index.js';

export type SwingArm = RunningGear['suspension']['swing'];

/** How far the unit gives for each metre that the wheel comes up: lever on the arm × cosine of its lean. */
export const swingRatio = ({
  armLengthM,
  unitAtM,
  unitLeanRad,
}: Pick<SwingArm, 'armLengthM' | 'unitAtM' | 'unitLeanRad'>): number => (unitAtM / armLengthM) * Math.cos(unitLeanRad);

/** Rate at the wheel, N/m: the unit's × the square of the ratio, for it both gives less and pushes with less lever. */
export const swingWheelRate = (swing: SwingArm): number | undefined =>
  swing.unitRateNPerM === null ? undefined : swing.unitRateNPerM * swingRatio(swing) ** 2;

/** How far the wheel goes from the unit's full length to its stop, m. */
export const swingTravelM = (swing: SwingArm): number => swing.unitTravelM / swingRatio(swing);

/**
 * What a newton of sprung load on one wheel does to the rail: at the pivot and where the unit stands, up +. Moments about the pivot, the arm
 * taken level; together they are one newton.
 */
export const swingForces = ({
  armLengthM,
  unitAtM,
}: Pick<SwingArm, 'armLengthM' | 'unitAtM'>): {
  readonly pivot: number;
  readonly unit: number;
} => ({ pivot: 1 - armLengthM / unitAtM, unit: armLengthM / unitAtM });
