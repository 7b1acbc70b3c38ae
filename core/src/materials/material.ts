import type { Shape } from '../sections/index.js';
import type { Source } from '../source.js';

/** A metal as it is certified; strengths in Pa, density in kg/m³. */
export interface Material {
  readonly id: string;
  readonly name: string;
  readonly family: 'steel' | 'aluminum';
  readonly yieldPa: number;
  readonly ultimatePa: number;
  /** within 25 mm of any weld; absent where welding does not weaken the metal */
  readonly weldedYieldPa?: number | undefined;
  readonly weldedUltimatePa?: number | undefined;
  readonly elasticPa: number;
  readonly densityKgM3: number;
  /** shapes that its standard is rolled or drawn in; absent where it is sold in any */
  readonly shapes?: readonly Shape['kind'][] | undefined;
  /** hard steel of no known kind: it cracks beside welds */
  readonly cracksBesideWelds?: boolean | undefined;
  readonly source: Source;
  readonly note?: string | undefined;
}

/** Whether a metal's standard is made in this shape; an own metal, of which nothing is said, goes with any. */
export const madeIn = ({ shapes }: Pick<Material, 'shapes'>, shape: Shape['kind']): boolean =>
  shapes === undefined || shapes.includes(shape);

/** Distance from a weld within which aluminum counts at its welded strength, m. Aluminum Design Manual: 1 in, from the weld's centre line. */
export const WELD_ZONE_M = 0.025;

/** ASD safety factor on yield in bending: AISC 360-16 F1 (steel), Aluminum Design Manual 2010 and later, building-type structures. */
const YIELD_FACTOR = { steel: 1.67, aluminum: 1.65 } as const;
/** ADM: on rupture in bending of aluminum. */
const RUPTURE_FACTOR = 1.95;
/** AISC 360-16 G1: on shear; shear yield is 0.6 of the tensile one. */
const SHEAR_YIELD_SHARE = 0.6;

export interface Allowable {
  readonly stressPa: number;
  readonly strengthPa: number;
  readonly factor: number;
  readonly welded: boolean;
}

/** Allowable bending stress, Pa; `nearWeld` matters to aluminum only. The smaller of yield and, in aluminum, rupture. */
export const allowableBending = (material: Material, nearWeld: boolean): Allowable => {
  const welded = nearWeld && material.weldedYieldPa !== undefined;
  const yieldPa = welded ? (material.weldedYieldPa ?? material.yieldPa) : material.yieldPa;
  const factor = YIELD_FACTOR[material.family];
  const byYield: Allowable = { stressPa: yieldPa / factor, strengthPa: yieldPa, factor, welded };
  if (material.family === 'steel') return byYield;
  const ultimatePa = welded ? (material.weldedUltimatePa ?? material.ultimatePa) : material.ultimatePa;
  const byRupture = ultimatePa / RUPTURE_FACTOR;
  return byRupture < byYield.stressPa
    ? { stressPa: byRupture, strengthPa: ultimatePa, factor: RUPTURE_FACTOR, welded }
    : byYield;
};

/** Allowable average shear stress, Pa. */
export const allowableShear = (material: Material, nearWeld: boolean): Allowable => {
  const bending = allowableBending(material, nearWeld);
  return {
    ...bending,
    stressPa: SHEAR_YIELD_SHARE * bending.stressPa,
    strengthPa: SHEAR_YIELD_SHARE * bending.strengthPa,
  };
};
