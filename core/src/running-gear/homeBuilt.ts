import { SECTION_ROWS } from '../catalog/index.js';
import type { Trailer } from '../project/index.js';
import { weightN } from '../units/index.js';

/** Bending of a tube from spring to wheel, N·m and Pa. */
export interface TubeBending {
  readonly leverM: number;
  readonly wheelN: number;
  readonly momentNm: number;
  readonly modulusM3: number;
  readonly staticPa: number;
  readonly bumpPa: number;
}

/** Bumps count two and a half times (common practice). */
export const AXLE_BUMP = 2.5;

/** Section modulus of a round tube, π·(D⁴ − d⁴) ÷ (32·D). */
export const tubeModulusM3 = (outerM: number, wallM: number): number => {
  const inner = Math.max(0, outerM - 2 * wallM);
  return (Math.PI * (outerM ** 4 - inner ** 4)) / (32 * outerM);
};

/** Wheel load on the lever from spring centre to wheel centre. */
export const tubeBending = (outerM: number, wallM: number, wheelKg: number, leverM: number): TubeBending => {
  const modulusM3 = tubeModulusM3(outerM, wallM);
  const wheelN = weightN(wheelKg);
  const momentNm = wheelN * leverM;
  const staticPa = momentNm / modulusM3;
  return { leverM, wheelN, momentNm, modulusM3, staticPa, bumpPa: staticPa * AXLE_BUMP };
};

/**
 * How far the ends of a tube slope under alike wheel loads outside its two springs, rad: F·a·(l + a) ÷ (2·E·I), a from spring to wheel, l from spring to
 * spring. Source: beam with overhangs on both sides (AISC Manual, beam formulas; Roark).
 */
export const endSlopeRad = (wheelN: number, leverM: number, betweenM: number, elasticPa: number, i: number): number =>
  (wheelN * leverM * (betweenM + leverM)) / (2 * elasticPa * i);

/** From the spring's middle, under the rail's, to the wheel's: what bends the tube. */
export const overhangM = ({ runningGear, frame }: Trailer, railWidthM: number): number =>
  (runningGear.suspension.trackM - (runningGear.suspension.springCentresM ?? frame.bed.widthM - railWidthM)) / 2;

/** The lightest steel tube of the list whose modulus is at least this; undefined where none is. */
export const tubeOfModulus = (modulusM3: number): { readonly designation: string } | undefined =>
  SECTION_ROWS.flatMap(({ family, designation, shape, designWallM }) =>
    family === 'steel' && shape.kind === 'round-tube'
      ? [{ designation, diameterM: shape.diameterM, wallM: shape.wallM, sureM: designWallM ?? shape.wallM }]
      : [],
  )
    .filter(({ diameterM, sureM }) => tubeModulusM3(diameterM, sureM) >= modulusM3)
    .sort((a, b) => a.wallM * (a.diameterM - a.wallM) - b.wallM * (b.diameterM - b.wallM))
    .map(({ designation }) => ({ designation }))[0];
