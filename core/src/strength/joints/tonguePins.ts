import type { BalancedCase } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import {
  concluding,
  finding,
  type FindingOf,
  minus,
  over,
  plus,
  quantity,
  times,
  workedOut,
} from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import { designShape, wallThicknessM } from '../../sections/index.js';

import { inches, weightN } from '../../units/index.js';
import { boltShearN, pinBearingN, tearOutN } from './bolts.js';
import { RULES, PIN_ALONG_G, PIN_UPRIGHT_G } from '../rules.js';

export interface TonguePinFindingData {
  'tongue-pins': {
    readonly kind: 'folding' | 'removable';
    readonly forceN: number;
    readonly strengthN: number;
    readonly by: 'shear' | 'bearing' | 'cheek';
    readonly load: 'along' | 'upright';
    readonly pins: 1 | 2;
    readonly spacingM: number;
  };
  'one-pin-folds': { readonly kind: 'folding' | 'removable' };
}
export type TonguePinFinding = FindingOf<TonguePinFindingData>;

/** Bolts may be loaded to three quarters of their nominal strength where nothing may bend for good (φ of AISC 360-16 J3). */
const LASTING = 1 / 0.75;
/** Nearer than this two pins hold the tongue's bending badly (common practice, 4 in). */
const LEAST_SPACING_M = inches(4);

/**
 * Pins across a folding or removable tongue, each in double shear. Along the tongue one pin takes the pull, for holes have play. Upright,
 * two pins hold the moment V·a about their middle as a couple: V·a ÷ s on each and half of V.
 * Source: statics; strengths AISC 360-16 J3.6 and J7.
 */
export const tonguePinFindings = (
  trailer: Trailer,
  chassis: Chassis,
  cases: readonly BalancedCase[],
): TonguePinFinding[] => {
  const { tongue } = trailer.frame;
  const bar = chassis.tongue?.members[0];
  if (tongue.kind === 'a-frame' || !bar) return [];
  const { joint } = tongue;
  const { kind } = joint;
  if (kind === 'fixed') return [];
  const grossKg = Math.max(trailer.ratedGrossKg ?? 0, ...cases.map(({ massKg }) => massKg));
  const leverM = tongue.lengthM - joint.aheadM;
  if (!(grossKg > 0) || !(leverM > 0)) return [];
  const plain = { step: 'strength', subject: bar.id, counts: true } as const;
  const n = (value: number) => quantity(value, 'force');
  const number = (value: number) => quantity(value, 'number');
  const weight = n(weightN(grossKg));
  const along = workedOut('pin-pulls', times(weight, number(PIN_ALONG_G)), 'force');
  const upright = workedOut('coupling-lifts', times(weight, number(PIN_UPRIGHT_G)), 'force');
  const two = joint.pins === 2;
  const couple = workedOut(
    'pins-couple',
    plus(
      over(times(upright.result, quantity(leverM, 'length')), quantity(joint.pinSpacingM, 'length')),
      over(upright.result, number(2)),
    ),
    'force',
  );
  const asked = two && couple.result.value > along.result.value ? couple : along;
  const shape = designShape(bar.section);
  const walls = shape.kind === 'rect-tube' || shape.kind === 'round-tube' ? 2 : 1;
  const metal = bar.material.weldedYieldPa ?? bar.material.yieldPa;
  const shearN = 2 * boltShearN(joint.pinDiameterM, joint.grade, LASTING);
  const wallN = walls * pinBearingN(joint.pinDiameterM, wallThicknessM(shape), metal);
  const cheeks = joint.plates;
  // Both cheeks round a pin: the hole must stay round, and twice the diameter from its middle to the edge must not tear out.
  const cheekN = cheeks
    ? 2 *
      Math.min(
        pinBearingN(joint.pinDiameterM, cheeks.thicknessM, metal),
        tearOutN(1.5 * joint.pinDiameterM, cheeks.thicknessM, bar.material.ultimatePa, LASTING),
      )
    : Number.POSITIVE_INFINITY;
  const strengthN = Math.min(shearN, wallN, cheekN);
  const utilisation = asked.result.value / strengthN;
  const spare = workedOut('spare', minus(n(strengthN), asked.result), 'force');
  return [
    finding({
      ...plain,
      rule: RULES['tongue-pins'],
      data: {
        kind,
        forceN: asked.result.value,
        strengthN,
        by: cheekN <= Math.min(shearN, wallN) ? 'cheek' : shearN <= wallN ? 'shear' : 'bearing',
        load: asked === along ? 'along' : 'upright',
        pins: two ? 2 : 1,
        spacingM: joint.pinSpacingM,
      },
      verdict:
        utilisation > 1
          ? 'over'
          : utilisation > 0.7 || (two && joint.pinSpacingM < LEAST_SPACING_M - 1e-6)
            ? 'tight'
            : 'ok',
      value: asked.result,
      limit: n(strengthN),
      utilisation,
      working: [...(asked === along ? [along] : [upright, couple]), ...(utilisation <= 1 ? [concluding(spare)] : [])],
    }),
    ...(two
      ? []
      : [
          finding({
            ...plain,
            rule: RULES['one-pin-folds'],
            data: { kind },
            verdict: 'over',
            working: [],
          }),
        ]),
  ];
};
