import { hoursText, PHASE_NAMES, taskName } from '@kereta/core';
import { Fragment } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { useFollowed } from '../../bench/workbench';
import { TaskState } from './TaskState';
import { usePlan } from './usePlan';
import { t, voice } from '../../fields/language/t';

const sumOf = (all: readonly { readonly expectedH: readonly [number, number] }[]): readonly [number, number] => [
  all.reduce((sum, { expectedH }) => sum + expectedH[0], 0),
  all.reduce((sum, { expectedH }) => sum + expectedH[1], 0),
];

/** The whole plan in working order; a row shows its task beside it, or on the phone as a card of its own. */
export const TaskList = ({ phone }: { readonly phone: boolean }) => {
  const { evaluation, trailer, projectStore } = useFollowed('evaluation', 'trailer', 'projectStore');
  const record = useStore(projectStore.store, (state) => state.record);
  const { all, shown, show } = usePlan(evaluation, record);
  const left = all.filter(({ state }) => state === 'to-do');
  const touched = all.filter((one) => one.touched.length + one.gone > 0).length;
  return (
    <div className="px-4 py-3">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h2 className="wide text-[17px] font-bold">{t('The plan')}</h2>
        <p className="min-w-0 flex-1 basis-[240px] text-[14.5px]" role="status">
          {t('{count} of {count2} done or skipped', { count: all.length - left.length, count2: all.length })}
          {left.length > 0 && t('; what is left takes {left} of work', { left: hoursText(sumOf(left), voice) })}
          {touched > 0 && t('; {touched} done by numbers that have changed since', { touched })}.
        </p>
        <span className="ml-auto flex gap-2">
          <Link className="button" to={`/trailer/${trailer.id}/send`}>
            {t('To the phone')}
          </Link>
          <Link className="button" to={`/trailer/${trailer.id}/print/plan`}>
            {t('Print the plan')}
          </Link>
        </span>
      </div>
      <ol className="mt-2" aria-label={t('Tasks')}>
        {all.map((one, i) => {
          const { task } = one;
          const name = taskName(task, voice);
          const row = (
            <>
              <span className="narrow mute w-6 text-right text-[13px]">{i + 1}</span>
              <span className="min-w-0 flex-1 text-left text-[15px] font-semibold">{name}</span>
              <span className="narrow mute text-[13px] whitespace-nowrap max-[480px]:hidden">
                {hoursText(one.expectedH, voice)}
                {task.people > 1 && t(', {people} people', { people: task.people })}
              </span>
              <span className="w-[118px] text-left">
                <TaskState progress={one} />
              </span>
            </>
          );
          const look = 'flex min-h-[46px] w-full items-center gap-3 border-t border-base-300 px-2';
          return (
            <Fragment key={task.id}>
              {task.phase !== all[i - 1]?.task.phase && (
                <li className="mute pt-3 pb-1 text-[13.5px]" aria-hidden>
                  {t(PHASE_NAMES[task.phase])}
                </li>
              )}
              <li>
                {phone ? (
                  <Link className={look} to={`/trailer/${trailer.id}/task/${task.id}`}>
                    {row}
                  </Link>
                ) : (
                  <button
                    type="button"
                    className={look}
                    aria-current={shown?.task.id === task.id ? 'true' : undefined}
                    style={
                      shown?.task.id === task.id
                        ? { background: 'var(--color-base-200)', boxShadow: 'inset 4px 0 0 var(--dye)' }
                        : undefined
                    }
                    onClick={() => show(task)}
                  >
                    {row}
                  </button>
                )}
              </li>
            </Fragment>
          );
        })}
      </ol>
    </div>
  );
};
