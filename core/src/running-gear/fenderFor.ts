import type { RunningGear, Trailer } from '../project/index.js';
import { inches, millimetres } from '../units/index.js';
import { OUTSIDE_M, OVER_M } from './clearances.js';
import type { RideHeights } from './heights.js';

/** Fenders that clear these tires: as far out as shops leave beside them, as high as they come up in a bump; in round figures. */
export const fenderFor = (trailer: Trailer, rides: readonly RideHeights[]): RunningGear['fender'] => {
  const { suspension, tire, fender } = trailer.runningGear;
  const step = trailer.settings.units === 'metric' ? millimetres(10) : inches(0.5);
  const up = (value: number): number => Math.ceil(value / step - 1e-6) * step;
  const outM = suspension.trackM / 2 + tire.widthM / 2 + OUTSIDE_M - trailer.frame.bed.widthM / 2;
  const tops = rides.map(({ stack, railTopM }) => stack.hubM + tire.diameterM / 2 - railTopM);
  const aboveM = tops.length > 0 ? Math.max(...tops) + suspension.bumpTravelM + OVER_M : fender.aboveRailM;
  return { ...fender, kind: 'fitted', reachM: Math.max(0, up(outM)), aboveRailM: up(aboveM) };
};
