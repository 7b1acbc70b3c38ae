import {
  formatPercent,
  hardestOf,
  OPINION_IDS,
  OPINION_NAMES,
  type OpinionId,
  resultOf,
  type Verdict,
  VERDICT_WORDS,
} from '@kereta/core';
import { useMemo } from 'react';
import { VerdictMark } from '../../fields/VerdictMark';
import { useWorkbench } from '../../bench/workbench';
import { figures, t } from '../../fields/language/t';

/** As everywhere: tight from here on. */
const TIGHT_FROM = 0.7;

/** The three opinions side by side, each with its own figure; the pressed one is what drawing, charts and joints show. */
export const Opinions = () => {
  const { strength, opinion, showOpinion, trailer } = useWorkbench('strength', 'opinion', 'showOpinion', 'trailer');
  const analysis = strength.outcome?.kind === 'analysed' ? strength.outcome.analysis : undefined;
  const found = useMemo(
    () =>
      OPINION_IDS.map((id) => {
        const result = analysis && resultOf(analysis, id);
        return { id, share: result && hardestOf(result)[0]?.share };
      }),
    [analysis],
  );
  if (!analysis) return null;
  const note = (id: OpinionId): string => {
    if (id === 'own') return '';
    if (trailer.ratedGrossKg === null) return t('no plate');
    if (id === 'badly') return analysis.badly ? '' : t('switched off');
    return trailer.settings.regions.includes('australia') ? '' : t('not asked here');
  };
  return (
    <div className="grid grid-cols-3 gap-2 px-4 pb-3" role="group" aria-label={t('Whose loads')}>
      {found.map(({ id, share }) => {
        const verdict: Verdict | undefined =
          share === undefined ? undefined : share > 1 ? 'over' : share >= TIGHT_FROM ? 'tight' : 'ok';
        return (
          <button
            key={id}
            type="button"
            className="button h-auto min-h-[60px] flex-col items-start justify-start gap-[2px] px-2 py-[6px] text-left leading-[16px]"
            aria-pressed={opinion === id}
            disabled={share === undefined}
            onClick={() => showOpinion(id)}
          >
            <span className="narrow text-[13px] leading-[15px] whitespace-normal">{t(OPINION_NAMES[id])}</span>
            <span className="flex items-center gap-1 font-semibold whitespace-nowrap">
              {share !== undefined && verdict && note(id) === '' && (
                <>
                  <VerdictMark verdict={verdict} />
                  <span className="sr-only">{t(VERDICT_WORDS[verdict])}</span>
                </>
              )}
              {share === undefined ? '' : figures(formatPercent(share, 0))}
            </span>
            {note(id) !== '' && <span className="narrow mute text-[12px] leading-[14px] font-normal">{note(id)}</span>}
          </button>
        );
      })}
    </div>
  );
};
