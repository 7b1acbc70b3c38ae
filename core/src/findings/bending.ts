import { concluding, given, over, quantity, type WorkingLine, workedOut } from './working.js';

/**
 * A bar that bends by hand: M / S against what its metal is allowed.
 * The moment in N m, the section modulus in m³, the allowed stress in Pa.
 */
export const bendingShare = (moment: WorkingLine, modulusM3: number, allowedPa: number) => {
  const feels = workedOut(
    'metal-feels',
    over(quantity(moment.result.value, 'moment'), quantity(modulusM3, 'modulus')),
    'stress',
  );
  return {
    utilisation: feels.result.value / allowedPa,
    working: [
      moment,
      feels,
      given('allowed', allowedPa, 'stress'),
      concluding(
        workedOut('works-at', over(quantity(feels.result.value, 'stress'), quantity(allowedPa, 'stress')), 'percent'),
      ),
    ],
  };
};
