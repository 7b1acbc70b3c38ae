import type { BalancedCase } from '../../balance/index.js';
import { finding, type FindingOf, given, quantity, times, workedOut } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import { publishedVerify } from '../../source.js';
import { inches, toPascals, weightN } from '../../units/index.js';
import { weldStrength } from './weldStrength.js';
import { RULES } from '../rules.js';

export interface HomeMadeFindingData {
  /** least pin of plain mild steel in double shear, and least fillet of this leg, under the pull along the trailer */
  'home-made-study': { readonly forceN: number; readonly pinM: number; readonly weldM: number; readonly legM: number };
}
export type HomeMadeFinding = FindingOf<HomeMadeFindingData>;

/** Pull along the trailer that published drawbar loadings ask of a coupling, in g on its gross. */
const PULL_G = 1.5;
const LEG_M = inches(1 / 4);
/** Plain bar: 58 ksi; shear of a smooth pin 0.6·Fu on two planes, ÷ 2.00 as for bolts without threads there. */
const PIN_SHEAR_PA = (0.6 * toPascals(58, 'ksi')) / 2;
const MILD_STEEL = { yieldPa: toPascals(36, 'ksi'), ultimatePa: toPascals(58, 'ksi') } as const;

/** What pin and weld of a home-made coupling would have to be, to study it by; no verdict on it. */
export const homeMadeFindings = (trailer: Trailer, cases: readonly BalancedCase[]): HomeMadeFinding[] => {
  if (!trailer.coupling.homeMade) return [];
  const grossKg = Math.max(trailer.ratedGrossKg ?? 0, ...cases.map(({ massKg }) => massKg));
  if (!(grossKg > 0)) return [];
  const pull = workedOut('bolts-pull', times(quantity(weightN(grossKg), 'force'), quantity(PULL_G, 'number')), 'force');
  const forceN = pull.result.value;
  const pinM = Math.sqrt(forceN / (2 * PIN_SHEAR_PA * (Math.PI / 4)));
  const { weldNM } = weldStrength(
    {
      id: 'mild-steel',
      name: '',
      family: 'steel',
      elasticPa: toPascals(29_000, 'ksi'),
      densityKgM3: 7850,
      source: publishedVerify('ASTM A36'),
      ...MILD_STEEL,
    },
    LEG_M,
    LEG_M,
    '5356',
    'allowable',
  );
  return [
    finding({
      rule: RULES['home-made-study'],
      data: { forceN, pinM, weldM: forceN / weldNM, legM: LEG_M },
      verdict: 'unchecked',
      step: 'strength',
      subject: 'coupler',
      counts: false,
      working: [pull, given('pin-shear', pinM, 'length'), given('weld-bears', weldNM, 'force-per-length')],
    }),
  ];
};
