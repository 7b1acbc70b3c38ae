import type { Trailer } from '../project/index.js';
import { weightN } from '../units/index.js';
import type { BalancedCase } from './balanceCase.js';
import { PEOPLE_KG } from './rules.js';

/** What holds the nose down when people stand on the rear edge; it tips where that is less than nothing. */
export interface ParkedTip {
  /** the hindmost thing it stands on: stands or the wheels */
  readonly pivotXM: number;
  readonly on: 'stands' | 'wheels';
  /** upward on the jack with them aboard, N */
  readonly jackN: number;
}

/**
 * Moments about the hindmost support: what stands ahead of it must outweigh the people behind it. Stands behind the wheels are the
 * pivot, as springs let the rear down on them.
 */
export const parkedTip = (trailer: Trailer, { standing, centre, massKg }: BalancedCase): ParkedTip | undefined => {
  if (!standing || standing.on !== 'jack' || !centre) return undefined;
  const rearXM = trailer.frame.bed.lengthM;
  const hindmost = Math.max(standing.groupCentreXM, ...trailer.frame.stands.map(({ xM }) => xM));
  const on = hindmost > standing.groupCentreXM ? 'stands' : 'wheels';
  const aheadNm = weightN(massKg) * (hindmost - centre.xM) - weightN(PEOPLE_KG) * (rearXM - hindmost);
  return { pivotXM: hindmost, on, jackN: aheadNm / (hindmost - standing.aheadXM) };
};
