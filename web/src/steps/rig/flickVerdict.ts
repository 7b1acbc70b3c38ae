import type { Instant } from '@kereta/core';
import { t } from '../../fields/language/t';

export const PER_SECOND = 60;
/** At angles beyond this the sums no longer hold, rad. */
const BEYOND = 0.6;
/** Down to a tenth of its early swing it has settled. */
const SETTLED = 0.1;

const widest = (trail: readonly Instant[]): number =>
  trail.reduce((most, { angleRad }) => Math.max(most, Math.abs(angleRad)), 0);

/** What a flick came to, in words: its last two seconds against its second and third. */
export const flickVerdict = (trail: readonly Instant[]): string => {
  if (trail.length === 0) return t('working it out');
  const late = widest(trail.slice(-2 * PER_SECOND));
  const early = widest(trail.slice(PER_SECOND, 3 * PER_SECOND));
  if (widest(trail) > BEYOND) return t('it swings further than these sums hold');
  if (late > early) return t('the swing grows');
  return late < SETTLED * early ? t('it settles') : t('it swings on for long');
};
