import type { BalancedCase } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import { finding, concluding, given, minus, over, quantity, times, workedOut } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';

import { massOfWeightKg, toPascals, toRadians } from '../../units/index.js';
import { AXLE_BUMP, endSlopeRad, overhangM, type TubeBending, tubeBending, tubeOfModulus } from '../homeBuilt.js';
import { type FitFinding, plain } from './data.js';
import { RULES } from '../rules.js';

export const homeBuiltFindings = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): FitFinding[] => {
  const { axle } = trailer.runningGear;
  if (!axle.homeBuilt) return [];
  const wheelKg = Math.max(
    0,
    ...cases.flatMap(({ standing }) =>
      (standing?.axles ?? []).flatMap(({ leftN, rightN }) => [massOfWeightKg(leftN), massOfWeightKg(rightN)]),
    ),
  );
  const leverM = Math.max(0, overhangM(trailer, chassis.railWidthM));
  const { wallM, yieldPa } = axle.homeBuilt;
  const bent = tubeBending(axle.tubeDiameterM, wallM, wheelKg, leverM);
  const moment = workedOut('moment-standing', times(quantity(bent.wheelN, 'force'), quantity(leverM, 'arm')), 'moment');
  const feels = workedOut(
    'metal-feels',
    times(
      over(quantity(moment.result.value, 'moment'), quantity(bent.modulusM3, 'modulus')),
      quantity(AXLE_BUMP, 'number'),
    ),
    'stress',
  );
  return [
    ...camberFindings(trailer, bent, leverM),
    finding({
      ...plain,
      rule: RULES['home-built-axle'],
      data: {
        leverM,
        staticPa: bent.staticPa,
        bumpPa: bent.bumpPa,
        yieldPa,
        does: bent.bumpPa > yieldPa ? tubeOfModulus((bent.momentNm * AXLE_BUMP) / yieldPa) : undefined,
      },
      // Nobody rated it, so no figure makes it OK; past its own yield it fails all the same.
      verdict: bent.bumpPa > yieldPa ? 'over' : 'unchecked',
      working: [
        given('wheel-lever', leverM, 'length'),
        moment,
        feels,
        concluding(
          workedOut('works-at', over(quantity(feels.result.value, 'stress'), quantity(yieldPa, 'stress')), 'percent'),
        ),
      ],
    }),
  ];
};

/** Wheels that stand upright to so much wear evenly, rad (common practice). */
const UPRIGHT_RAD = toRadians(1, 'deg');
/** Of steel tube, Pa. */
const STEEL_PA = toPascals(29_000, 'ksi');

/** How wheels lean under the heaviest load: the tube sags between its springs, and its ends turn with it. */
const camberFindings = (trailer: Trailer, bent: TubeBending, leverM: number): FitFinding[] => {
  const { axle, suspension } = trailer.runningGear;
  if (!(leverM > 0) || !(bent.wheelN > 0)) return [];
  const i = (bent.modulusM3 * axle.tubeDiameterM) / 2;
  const slopeRad = endSlopeRad(bent.wheelN, leverM, suspension.trackM - 2 * leverM, STEEL_PA, i);
  const leans = workedOut(
    'wheels-lean',
    minus(quantity(axle.camberRad, 'percent'), quantity(slopeRad, 'percent')),
    'percent',
  );
  return [
    finding({
      ...plain,
      rule: RULES['axle-camber'],
      data: { loadedRad: leans.result.value, builtRad: axle.camberRad, slopeRad },
      verdict: Math.abs(leans.result.value) > UPRIGHT_RAD ? 'tight' : 'ok',
      value: leans.result,
      working: [given('tube-slopes', slopeRad, 'percent'), concluding(leans)],
    }),
  ];
};
