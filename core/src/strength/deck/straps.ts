import type { BalancedCase } from '../../balance/index.js';
import { tieDownPlaces } from '../../chassis/index.js';
import {
  checkShare,
  concluding,
  type FindingOf,
  given,
  over,
  quantity,
  times,
  workedOut,
} from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';

import { RULES, STRAPS_SHARE } from '../rules.js';

export interface StrapFindingData {
  'straps-hold': { readonly count: number; readonly holdKg: number | undefined; readonly cargoKg: number };
}
export type StrapFinding = FindingOf<StrapFindingData>;

/** Straps over the load, one from each ring to the one across: the sum of their working loads against the heaviest loose load. */
export const strapFindings = (trailer: Trailer, cases: readonly BalancedCase[]): StrapFinding[] => {
  const { workingLoadKg } = trailer.frame.tieDowns;
  const perSide = tieDownPlaces(trailer).length;
  if (perSide === 0) return [];
  const loads = cases
    .filter(({ loadCase }) => loadCase.mode === 'towed')
    .map(({ loadCase, parts }) => ({
      caseId: loadCase.id,
      kg: parts
        .filter(
          ({ id, group }) => group === 'cargo' && trailer.items.some((item) => item.id === id && item.kind === 'cargo'),
        )
        .reduce((sum, { massKg }) => sum + massKg, 0),
    }));
  const worst = loads.reduce<(typeof loads)[number] | undefined>(
    (most, next) => (next.kg > (most?.kg ?? 0) ? next : most),
    undefined,
  );
  if (!worst) return [];
  const holdKg = workingLoadKg === null ? undefined : perSide * workingLoadKg;
  const must = workedOut('straps-must', times(quantity(worst.kg, 'mass'), quantity(STRAPS_SHARE, 'number')), 'mass');
  const share = holdKg === undefined ? undefined : must.result.value / holdKg;
  return [
    checkShare({
      rule: RULES['straps-hold'],
      data: { count: perSide, holdKg, cargoKg: worst.kg },
      step: 'strength',
      subject: 'trailer',
      caseId: worst.caseId,
      counts: true,
      utilisation: share,
      working:
        holdKg === undefined
          ? []
          : [
              must,
              given('straps-hold', holdKg, 'mass'),
              concluding(
                workedOut('works-at', over(quantity(must.result.value, 'mass'), quantity(holdKg, 'mass')), 'percent'),
              ),
            ],
    }),
  ];
};
