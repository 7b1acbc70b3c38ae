import type { BalancedCase } from '../balance/index.js';
import type { Chassis } from '../chassis/index.js';
import { finding, type FindingOf } from '../findings/index.js';
import type { Trailer } from '../project/index.js';

import { type ClearanceFindingData, clearanceFindings } from './clearanceFindings.js';
import type { CaseLevel } from './level.js';
import { type LevelFindingData, levelFindings } from './levelFindings.js';
import { type MotionFindingData, motionFindings } from './motionFindings.js';
import { RULES } from './rules.js';

interface OwnFindingData {
  'vehicle-missing': { readonly what: 'vehicle' | 'shape' };
}
export interface TowingFindingData extends OwnFindingData, ClearanceFindingData, LevelFindingData, MotionFindingData {}
export type TowingFinding = FindingOf<TowingFindingData>;

/** Turning, level, rolling over and what the vehicle feels; sway is worked out apart, over many speeds. */
export const towingFindings = (
  trailer: Trailer,
  chassis: Chassis,
  cases: readonly BalancedCase[],
  levels: readonly CaseLevel[],
): TowingFinding[] => {
  if (trailer.runningGear.layout === 'none') return [];
  const vehicle = trailer.towVehicle;
  const shapeless =
    vehicle &&
    vehicle.kind !== 'muscle' &&
    (vehicle.wheelbaseM === null || vehicle.ballBehindAxleM === null || vehicle.massKg === null);
  return [
    ...clearanceFindings(trailer, chassis, cases),
    ...levelFindings(trailer, chassis, cases, levels),
    ...motionFindings(trailer, chassis, cases),
    ...(vehicle && !shapeless
      ? []
      : [
          finding({
            rule: RULES['vehicle-missing'],
            data: { what: vehicle ? 'shape' : 'vehicle' },
            verdict: 'open',
            step: 'towing',
            subject: 'trailer',
            counts: true,
            working: [],
          }),
        ]),
  ];
};
