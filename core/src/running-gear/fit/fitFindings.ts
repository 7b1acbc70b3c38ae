import { finding } from '../../findings/index.js';
import type { BalancedCase } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import type { Trailer } from '../../project/index.js';

import { clearances, worstClearances } from '../clearances.js';
import type { RideHeights } from '../heights.js';
import { type FitFinding, plain } from './data.js';
import { clearanceFinding, heightFindings } from './heights.js';
import { meetingFindings } from './meeting.js';
import { stubFindings } from './stubs.js';
import { homeBuiltFindings } from './homeBuiltAxle.js';
import { fitFaults } from './parts.js';
import { ratingFindings } from './ratings.js';
import { bounceFindings, shackleFindings } from './springs.js';
import { RULES } from '../rules.js';

/** The case that the height was written down for: the heaviest that is towed. */
const heaviest = (rides: readonly RideHeights[], cases: readonly BalancedCase[]): RideHeights | undefined => {
  const towed = cases.filter(({ loadCase }) => loadCase.mode === 'towed');
  const worst = towed.reduce<BalancedCase | undefined>(
    (most, next) => (!most || next.massKg > most.massKg ? next : most),
    undefined,
  );
  return rides.find(({ caseId }) => caseId === worst?.loadCase.id);
};
const lightest = (rides: readonly RideHeights[], cases: readonly BalancedCase[]): RideHeights | undefined => {
  const towed = cases.filter(({ loadCase }) => loadCase.mode === 'towed');
  const least = towed.reduce<BalancedCase | undefined>(
    (most, next) => (!most || next.massKg < most.massKg ? next : most),
    undefined,
  );
  return rides.find(({ caseId }) => caseId === least?.loadCase.id);
};

/** Heights, clearances, springs, hangers and whether the parts go together, at every load. */
export const fitFindings = (
  trailer: Trailer,
  chassis: Chassis,
  cases: readonly BalancedCase[],
  rides: readonly RideHeights[],
): FitFinding[] => {
  if (trailer.runningGear.layout === 'none') return [];
  const loaded = heaviest(rides, cases);
  // What stands still while something drives on is no load of the road.
  const loading = new Set(
    cases.filter(({ loadCase }) => loadCase.mode === 'loading').map(({ loadCase }) => loadCase.id),
  );
  const driven = rides.filter(({ caseId }) => !loading.has(caseId));
  const unknown: FitFinding[] =
    rides.length === 0 && cases.some(({ standing }) => standing)
      ? [finding({ ...plain, rule: RULES['ride-unknown'], data: {}, verdict: 'open' })]
      : [];
  return [
    ...worstClearances(clearances(trailer, chassis, driven)).map(clearanceFinding),
    ...meetingFindings(trailer, chassis, cases, driven),
    ...heightFindings(trailer, chassis, loaded),
    ...ratingFindings(trailer, cases),
    ...bounceFindings(trailer, loaded, lightest(rides, cases)),
    ...shackleFindings(trailer, driven),
    ...fitFaults(trailer, chassis, cases),
    ...stubFindings(
      trailer,
      chassis,
      cases.filter(({ loadCase }) => loadCase.mode === 'towed'),
    ),
    ...homeBuiltFindings(
      trailer,
      chassis,
      cases.filter(({ loadCase }) => loadCase.mode === 'towed'),
    ),
    ...unknown,
  ];
};
