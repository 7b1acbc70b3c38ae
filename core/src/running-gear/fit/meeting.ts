import type { BalancedCase } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import { finding, quantity } from '../../findings/index.js';
import { type Part, unsprungAxleOf } from '../../mass/index.js';
import { parsePartId, type Trailer } from '../../project/index.js';
import { loadedHangers } from '../hangers.js';
import type { RideHeights } from '../heights.js';
import { BUMP_AIR_M, RULES } from '../rules.js';
import { meetings } from '../solids.js';
import { type FitFinding, m, plain } from './data.js';

/** Solid parts that share a place, or come too near in a bump; each pair once. */
export const meetingFindings = (
  trailer: Trailer,
  chassis: Chassis,
  cases: readonly BalancedCase[],
  rides: readonly RideHeights[],
): FitFinding[] => {
  const items = new Set(trailer.items.map(({ id }) => id));
  const aboard = (caseId: string): readonly Part[] =>
    (cases.find(({ loadCase }) => loadCase.id === caseId)?.parts ?? []).filter(
      (part) =>
        (items.has(part.id) || parsePartId(part.id).kind === 'spare-wheel') && unsprungAxleOf(part) === undefined,
    );
  return meetings(trailer, chassis, rides, loadedHangers(trailer, rides), aboard, BUMP_AIR_M).map(
    ({ what, withId, subject, caseId, restM, bumpM }) =>
      finding({
        ...plain,
        step: what === 'axle' || what === 'tire' || what === 'hanger' ? 'axle' : 'tongue',
        subject: what === 'hanger' ? withId : subject,
        rule: RULES['parts-meet'],
        data: { what, withId, restM, bumpM },
        aspect: `${what} ${withId}`,
        verdict: restM < 0 || bumpM < 0 ? 'over' : 'tight',
        caseId,
        value: quantity(Math.min(restM, bumpM), 'length'),
        limit: m(BUMP_AIR_M),
      }),
  );
};
