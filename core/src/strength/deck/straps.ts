import type { BalancedCase } from '../../balance/index.js';
import {
  concluding,
  type FindingOf,
  given,
  over,
  quantity,
  times,
  verdictOf,
  workedOut,
} from '../../findings/index.js';
import type { Trailer } from '../../project/index.js';
import { publishedSure } from '../../source.js';

export interface StrapFindingData {
  'straps-hold': { readonly count: number; readonly holdKg: number | undefined; readonly cargoKg: number };
}
export type StrapFinding = FindingOf<StrapFindingData>;

/** Together they must hold half of what they tie down. */
const SHARE = 0.5;

/** Straps over the load, one from each ring to the one across: the sum of their working loads against the heaviest loose load. */
export const strapFindings = (trailer: Trailer, cases: readonly BalancedCase[]): StrapFinding[] => {
  const { perSide, workingLoadKg } = trailer.frame.tieDowns;
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
  const must = workedOut('straps-must', times(quantity(worst.kg, 'mass'), quantity(SHARE, 'number')), 'mass');
  const share = holdKg === undefined ? undefined : must.result.value / holdKg;
  return [
    {
      code: 'straps-hold',
      data: { count: perSide, holdKg, cargoKg: worst.kg },
      verdict: share === undefined ? 'open' : verdictOf(share, 1),
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
      source: publishedSure('49 CFR 393.106(d): working load limits together at least half of the load'),
    },
  ];
};
