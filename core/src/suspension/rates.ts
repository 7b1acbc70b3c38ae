import type { Trailer } from '../project/index.js';
import { inches, weightN } from '../units/index.js';
import { swingWheelRate } from './swingArm.js';
import { clampLengthM, leafRateNPerM } from './leaf.js';

/** A torsion arm gives about this much under its rated load: 20 to 25° of a 6 in arm (recalled). */
const TORSION_GIVE_M = inches(2.25);

/** Rate at one wheel, N/m; undefined where nothing springs or the rating that it goes by is not known. */
export const wheelRateNPerM = ({ runningGear }: Trailer): number | undefined => {
  const { suspension, axle } = runningGear;
  switch (suspension.kind) {
    case 'leaf':
      return leafRateNPerM(suspension.spring, clampLengthM(axle.tubeDiameterM));
    case 'torsion':
      return (
        suspension.torsion.rateNPerM ??
        (axle.ratingKg === null || axle.ratingKg === 0 ? undefined : weightN(axle.ratingKg / 2) / TORSION_GIVE_M)
      );
    case 'swing-arm':
      return swingWheelRate(suspension.swing);
    case 'walking-beam':
    case 'stub':
    case 'none':
    case 'unknown':
      return undefined;
  }
};

/** Bounce of a mass on a spring, Hz: f = √(k ÷ m) ÷ 2π, which is 15.76 ÷ √(deflection in mm). */
export const bounceHz = (rateNPerM: number, sprungKg: number): number =>
  Math.sqrt(rateNPerM / sprungKg) / (2 * Math.PI);
