import {
  isChecked,
  type ProjectRecord,
  STEP_IDS,
  STEP_NAMES,
  type StepId,
  taskEntries,
  VERDICT_WORDS,
  weighInEntries,
} from '@kereta/core';
import { useMemo } from 'react';
import { NavLink } from 'react-router';
import { useStore } from 'zustand';
import { VerdictMark } from '../../fields/VerdictMark';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';

/** How far the steps are in which work is done and nothing is checked, by the record. */
const workDone = (record: ProjectRecord): Readonly<Partial<Record<StepId, string>>> => {
  const done = [...taskEntries(record).values()].filter(({ state }) => state === 'done').length;
  const weighed = weighInEntries(record).length;
  return {
    build: done === 0 ? t('Not started') : t('{done} done', { done }),
    weigh:
      weighed === 0
        ? t('Not weighed')
        : t('{weighed} weigh-in{weighed2}', { weighed, weighed2: weighed === 1 ? '' : 's' }),
  };
};

/** Steps in working order, each with the worst of its own checks, or with how much of its work is done. */
export const StepsRail = () => {
  const { evaluation, trailer, step, projectStore } = useWorkbench('evaluation', 'trailer', 'step', 'projectStore');
  const record = useStore(projectStore.store, (state) => state.record);
  const done = useMemo(() => workDone(record), [record]);
  return (
    <nav
      className="rail no-print shrink-0 overflow-auto border-base-300 bg-base-100 max-[800px]:border-b min-[801px]:w-[180px] min-[801px]:border-r max-[1100px]:min-[801px]:w-[76px]"
      aria-label={t('Steps')}
    >
      <ol className="flex max-[800px]:overflow-x-auto min-[801px]:flex-col min-[801px]:pt-2">
        {STEP_IDS.map((id, index) => {
          const verdict = isChecked(id) ? evaluation.steps[id].verdict : undefined;
          const active = id === step;
          return (
            <li key={id} className="shrink-0">
              <NavLink
                to={`/trailer/${trailer.id}/${id}`}
                className="flex items-center gap-3 px-4 py-2 max-[800px]:min-h-[52px] max-[800px]:flex-col max-[800px]:gap-0 max-[800px]:px-3 min-[801px]:min-h-[62px]"
                style={{
                  background: active ? 'var(--color-base-200)' : undefined,
                  boxShadow: active ? 'inset 4px 0 0 var(--dye)' : undefined,
                }}
                aria-current={active ? 'step' : undefined}
              >
                <span
                  className="w-4 shrink-0 text-right max-[800px]:hidden"
                  style={{ color: active ? 'var(--dye)' : 'var(--mute)' }}
                >
                  {index + 1}
                </span>
                <span className="flex min-w-0 flex-col max-[800px]:items-center max-[1100px]:min-[801px]:items-center">
                  <span className="text-[14.5px] leading-[18px] font-semibold max-[800px]:text-[13px] max-[800px]:whitespace-nowrap max-[1100px]:min-[801px]:sr-only">
                    {t(STEP_NAMES[id])}
                  </span>
                  <span className="narrow mt-[2px] flex items-center gap-[6px] text-[13px] leading-[16px]">
                    {verdict ? (
                      <>
                        <VerdictMark verdict={verdict} size={14} />
                        <span className="max-[1100px]:min-[801px]:sr-only">{t(VERDICT_WORDS[verdict])}</span>
                      </>
                    ) : (
                      <span className="mute max-[1100px]:min-[801px]:sr-only">{done[id]}</span>
                    )}
                  </span>
                </span>
              </NavLink>
            </li>
          );
        })}
      </ol>
    </nav>
  );
};
