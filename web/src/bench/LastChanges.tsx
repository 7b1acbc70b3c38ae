import { type AnyFinding, type Measured, sentenceOf, VERDICT_WORDS } from '@kereta/core';
import { useMemo } from 'react';
import { useStore } from 'zustand';
import { Sized } from '../fields/Sized';
import { SETTLE_MS } from '../jobs/questions';
import { useJob } from '../jobs/useJob';
import { useWorkbench } from './workbench';
import { t } from '../fields/language/t';

/** No more than this many are told; they stand worst first. */
const MOST = 6;

const figure = (finding: AnyFinding): Measured | undefined =>
  finding.value ?? (finding.utilisation === undefined ? undefined : { value: finding.utilisation, kind: 'percent' });

/** What the last edit changed in the checks of these steps, and what they said before. */
export const LastChanges = ({ steps }: { readonly steps: readonly AnyFinding['step'][] }) => {
  const { committed, projectStore, say } = useWorkbench('committed', 'projectStore', 'say');
  const pastDesign = useStore(projectStore.history, (history) => history.pastStates.at(-1)?.design);
  // The trailer before the last edit, told and judged as it is now.
  const past = useMemo(() => pastDesign && { ...committed, ...pastDesign }, [pastDesign, committed]);
  const label = useStore(projectStore.store, (state) => state.label);
  const asked = useMemo(
    () => (past && past !== committed ? { trailer: committed, past, steps } : undefined),
    [past, committed, steps],
  );
  const { result, current } = useJob('changes', asked, { settleMs: SETTLE_MS, urgency: 'soon' });
  const changes = asked && current ? (result ?? []) : [];
  if (changes.length === 0) return null;
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">
        {t('What “{label}” changed: {count}', { label, count: changes.length })}
      </summary>
      <ul className="narrow px-4 pb-3 text-[13px]">
        {changes.slice(0, MOST).map(({ now, before }) => {
          const was = figure(before);
          return (
            <li key={now.id} className="border-t border-base-300 py-1">
              <Sized>{sentenceOf(now, say)}</Sized>{' '}
              <span className="mute">
                {t('Was {verdict}', {
                  verdict:
                    now.verdict === before.verdict ? '' : `“${t(VERDICT_WORDS[before.verdict])}”${was ? ', ' : ''}`,
                })}
                {was && <Sized>{say.measured(was)}</Sized>}.
              </span>
            </li>
          );
        })}
      </ul>
    </details>
  );
};
