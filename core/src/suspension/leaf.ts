import type { RunningGear } from '../project/index.js';

export type Spring = RunningGear['suspension']['spring'];

/** Spring steel, Pa: 30 × 10⁶ psi, as spring tables take it. */
const SPRING_STEEL_PA = 206.84e9;

/**
 * Rate of one leaf spring of even strength, all leaves alike, N/m: k = 8·E·n·b·t³ ÷ (3·L³), L from eye to eye.
 * Source: Shigley, Mechanical Engineering Design; SAE HS-788 for the method.
 */
export const leafRateNPerM = ({ rateNPerM, leaves, leafWidthM, leafThicknessM, eyeToEyeM }: Spring): number =>
  rateNPerM ?? (8 * SPRING_STEEL_PA * leaves * leafWidthM * leafThicknessM ** 3) / (3 * eyeToEyeM ** 3);

/** Stress in its leaves under a load on the middle, Pa: σ = 3·P·L ÷ (2·n·b·t²). Source: as the rate. */
export const leafStressPa = ({ leaves, leafWidthM, leafThicknessM, eyeToEyeM }: Spring, loadN: number): number =>
  (3 * loadN * eyeToEyeM) / (2 * leaves * leafWidthM * leafThicknessM ** 2);

/** Main leaf laid flat, m: s = c + 8·h² ÷ (3·c), a shallow arc. */
export const flatLengthM = ({ eyeToEyeM, freeArchM }: Spring): number =>
  eyeToEyeM + (8 * freeArchM ** 2) / (3 * eyeToEyeM);

/** Straight from eye to eye when so much arch is left (negative: bent through the other way), m: the same leaf, c + 8·a² ÷ (3·c) = s. */
export const chordM = (spring: Spring, archM: number): number => {
  const s = flatLengthM(spring);
  return (s + Math.sqrt(Math.max(0, s * s - (32 / 3) * archM * archM))) / 2;
};

/** Arch left under a load on one spring, m. */
export const archUnderM = (spring: Spring, loadN: number): number => spring.freeArchM - loadN / leafRateNPerM(spring);

/** The shackle leans this far from upright, rad, positive rearward; undefined where it cannot reach. */
export const shackleAngleRad = (spring: Spring, hangerSpacingM: number, archM: number): number | undefined => {
  const reach = (hangerSpacingM - chordM(spring, archM)) / spring.shackleM;
  return Math.abs(reach) <= 1 ? Math.asin(reach) : undefined;
};
