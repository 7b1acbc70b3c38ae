import type { RunningGear } from './schema.js';

/**
 * What one axle may carry, kg: the rating on its tag; of one that the user builds, which has none, what its spindles and hubs are stamped with, the
 * weaker pair. Null where that is not all known.
 */
export const axleRatingKg = ({ axle }: Pick<RunningGear, 'axle'>): number | null => {
  const { homeBuilt, ratingKg } = axle;
  if (!homeBuilt) return ratingKg;
  const { spindleKg, hubKg } = homeBuilt;
  return spindleKg === null || hubKg === null ? null : 2 * Math.min(spindleKg, hubKg);
};
