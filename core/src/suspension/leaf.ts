import type { RunningGear } from '../project/index.js';
import { inches, pounds } from '../units/index.js';

export type Spring = RunningGear['suspension']['spring'];

/** Spring steel, Pa: 30 × 10⁶ psi, as spring tables take it. */
const SPRING_STEEL_PA = 206.84e9;
/** One leaf is full length; the others are stepped off towards the seat. */
const FULL_LEAVES = 1;
/** Of the length between its U-bolts this share does not bend (recalled from the spring handbook: the seat holds firmly, not wholly). */
const HELD_SHARE = 0.6;
/** U-bolts stand this much further apart than the tube that they hold is thick: one bolt of 1/2 in (common practice). */
const BOLT_M = inches(0.5);
/** Weight of spring steel, kg/m³. */
const STEEL_KG_PER_M3 = 7850;
/** Rolled into the eyes, m; stepped leaves as a share of the longest; bushes, clips and centre bolt, kg (common practice). */
const EYES_M = inches(3);
const STEPPED_SHARE = 0.8;
const HARDWARE_KG = pounds(1);

/** Middle to middle of the U-bolts about an axle tube, m. */
export const clampLengthM = (tubeDiameterM: number): number => tubeDiameterM + BOLT_M;

/** Free half of a spring, from its eye to where the seat holds it, m: l = (L − 0.6·clamp) ÷ 2. */
const freeHalfM = ({ eyeToEyeM }: Spring, clampM: number): number =>
  Math.max(0.01, (eyeToEyeM - HELD_SHARE * clampM) / 2);

/**
 * Rate of one leaf spring held by its seat, N/m: k = E·b·t³·(2·n_g + 3·n_f) ÷ (6·l³), n_f = 1 leaf full length, n_g stepped ones, l the free
 * half. With no full leaf and nothing held it is the 8·E·n·b·t³ ÷ (3·L³) of a spring of even strength.
 * Source: Shigley, Mechanical Engineering Design; SAE HS-788 for full-length leaves and the seat.
 */
export const leafRateNPerM = (spring: Spring, clampM: number): number => {
  const { rateNPerM, leaves, leafWidthM, leafThicknessM } = spring;
  if (rateNPerM !== null) return rateNPerM;
  const stepped = 2 * Math.max(0, leaves - FULL_LEAVES) + 3 * Math.min(leaves, FULL_LEAVES);
  return (SPRING_STEEL_PA * leafWidthM * leafThicknessM ** 3 * stepped) / (6 * freeHalfM(spring, clampM) ** 3);
};

/**
 * Stress in its leaves under a load on the middle, nipped so that all share it alike, Pa: σ = 3·P·l ÷ (n·b·t²), which is
 * 3·P·L ÷ (2·n·b·t²) where nothing is held. Source: as the rate.
 */
export const leafStressPa = (spring: Spring, loadN: number, clampM: number): number =>
  (3 * loadN * freeHalfM(spring, clampM)) / (spring.leaves * spring.leafWidthM * spring.leafThicknessM ** 2);

/** What one spring weighs, kg: its leaves, rolled eyes, bushes and bolts (estimate; scales know better). */
export const leafSpringKg = (
  spring: Pick<Spring, 'leaves' | 'leafWidthM' | 'leafThicknessM' | 'eyeToEyeM' | 'freeArchM'>,
): number => {
  const flatM = flatLengthM(spring);
  const lengthM = flatM + EYES_M + STEPPED_SHARE * flatM * Math.max(0, spring.leaves - 1);
  return lengthM * spring.leafWidthM * spring.leafThicknessM * STEEL_KG_PER_M3 + HARDWARE_KG;
};

/** Main leaf laid flat, m: s = c + 8·h² ÷ (3·c), a shallow arc. */
export const flatLengthM = ({ eyeToEyeM, freeArchM }: Pick<Spring, 'eyeToEyeM' | 'freeArchM'>): number =>
  eyeToEyeM + (8 * freeArchM ** 2) / (3 * eyeToEyeM);

/** Straight from eye to eye when so much arch is left (negative: bent through the other way), m: the same leaf, c + 8·a² ÷ (3·c) = s. */
export const chordM = (spring: Spring, archM: number): number => {
  const s = flatLengthM(spring);
  return (s + Math.sqrt(Math.max(0, s * s - (32 / 3) * archM * archM))) / 2;
};

/** Arch left under a load on one spring, m. */
export const archUnderM = (spring: Spring, loadN: number, clampM: number): number =>
  spring.freeArchM - loadN / leafRateNPerM(spring, clampM);

/** The shackle leans this far from upright, rad, positive rearward; undefined where it cannot reach. */
export const shackleAngleRad = (spring: Spring, hangerSpacingM: number, archM: number): number | undefined => {
  const reach = (hangerSpacingM - chordM(spring, archM)) / spring.shackleM;
  return Math.abs(reach) <= 1 ? Math.asin(reach) : undefined;
};

/** Eyes of the springs below the rail, m: the usual height of weld-on hangers (3.5 in, common practice). */
export const HANGER_DROP_M = 0.09;
