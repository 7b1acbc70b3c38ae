import type { BalancedCase } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import { finding, concluding, given, over, quantity, times, workedOut } from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';

import { massOfWeightKg } from '../../units/index.js';
import { AXLE_BUMP, overhangM, tubeBending } from '../homeBuilt.js';
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
    finding({
      ...plain,
      rule: RULES['home-built-axle'],
      data: { leverM, staticPa: bent.staticPa, bumpPa: bent.bumpPa, yieldPa },
      verdict: 'unchecked',
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
