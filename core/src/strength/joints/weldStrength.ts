import type { Material } from '../../materials/index.js';
import { publishedSure, publishedVerify, type Source } from '../../source.js';
import { inches, toPascals } from '../../units/index.js';
import type { Limit } from '../situations/situations.js';

/** Force per length that a fillet bears, and that the metal beside it bears in shear, N/m. Pulled across, that metal is the bar's own check. */
export interface WeldStrength {
  readonly weldNM: number;
  readonly baseShearNM: number;
  readonly weldSource: Source;
  readonly baseSource: Source;
}

/** Throat of an equal-legged fillet. */
export const THROAT = Math.SQRT1_2;
const ksi = (value: number): number => toPascals(value, 'ksi');
/** E70: shear on the throat 0.30 × 70 ksi (AWS D1.1, AISC J2.5 with Ω = 2.0); without residual deformation φ = 0.75 of 0.60 × 70. */
const E70 = { allowable: ksi(21), yield: ksi(0.75 * 0.6 * 70) } as const;
/** Fillet shear ultimate of aluminum wires, ksi: Aluminum Design Manual, AWS D1.2 (recalled). */
const FILLERS = { '5356': ksi(17), '4043': ksi(11.5) } as const;
/** ADM on welds and rupture. */
const ALUMINUM_WELD_FACTOR = 1.95;
/** The same without residual deformation: the usual 0.75 of the ultimate. */
const WITHOUT_BENDING = 1 / 0.75;

/** Beside a weld on a wall of this thickness. */
export const weldStrength = (
  material: Material,
  wallM: number,
  legM: number,
  filler: '5356' | '4043',
  limit: Limit,
): WeldStrength => {
  const throatM = THROAT * legM;
  if (material.family === 'steel') {
    const weld = throatM * E70[limit];
    const base =
      limit === 'yield'
        ? 0.6 * material.yieldPa * wallM
        : Math.min((0.6 * material.yieldPa * wallM) / 1.5, (0.6 * material.ultimatePa * wallM) / 2);
    return {
      weldNM: weld,
      baseShearNM: base,
      weldSource: publishedSure(
        'AISC 360-16 J2.4, AWS D1.1: E70 at 21 ksi on the throat; forces by Blodgett’s line method',
      ),
      baseSource: publishedSure('AISC 360-16 J4.2'),
    };
  }
  const factor = limit === 'yield' ? WITHOUT_BENDING : ALUMINUM_WELD_FACTOR;
  const weld = (throatM * FILLERS[filler]) / factor;
  const base = ((material.weldedUltimatePa ?? material.ultimatePa) * wallM) / Math.sqrt(3) / factor;
  return {
    weldNM: weld,
    baseShearNM: base,
    weldSource: publishedVerify(`Aluminum Design Manual J.2, ER${filler}; forces by Blodgett’s line method`),
    baseSource: publishedVerify('Aluminum Design Manual, welded ultimate ÷ √3'),
  };
};

/** Usual fillet on a wall: as thick as the wall, up to 3/16 in (common practice). */
export const usualLegM = (wallM: number): number => Math.min(wallM, inches(3 / 16));

/** Smallest leg for the thinner part: AISC table J2.4. */
export const leastLegM = (wallM: number): number =>
  wallM <= inches(1 / 4) ? inches(1 / 8) : wallM <= inches(1 / 2) ? inches(3 / 16) : inches(1 / 4);
