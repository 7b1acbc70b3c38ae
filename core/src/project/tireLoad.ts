import { PASSENGER_TIRE_DERATING } from '../catalog/index.js';
import type { Trailer } from './trailer.js';

/** A passenger tire counts for less on a trailer where the law says so: North America, 49 CFR 571.110. */
export const isDerated = ({ runningGear, settings }: Pick<Trailer, 'runningGear' | 'settings'>): boolean =>
  runningGear.tire.passenger && settings.regions.includes('north-america');

/** What one tire may carry on this trailer, kg: its sidewall, less by law where that says so; undefined where nobody has read it. */
export const tireLoadKg = (trailer: Pick<Trailer, 'runningGear' | 'settings'>): number | undefined => {
  const { maxLoadKg } = trailer.runningGear.tire;
  return maxLoadKg === null ? undefined : maxLoadKg / (isDerated(trailer) ? PASSENGER_TIRE_DERATING : 1);
};
