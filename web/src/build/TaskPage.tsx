import { buildPlan, evaluate, progressOf, speaker, taskName } from '@kereta/core';
import { useMemo } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useStore } from 'zustand';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { useFieldContext } from '../bench/useFieldContext';
import { useSession } from '../bench/useSession';
import { EditingContext } from '../fields/editing';
import { useStaysAwake } from '../fields/useStaysAwake';
import { TaskActions } from '../steps/build/TaskActions';
import { TaskCard } from '../steps/build/TaskCard';
import { TaskState } from '../steps/build/TaskState';
import type { ReadableTrailer } from '../storage/trailers';
import { t, voice } from '../fields/language/t';

/** One task as a card for the phone on the floor, with the one before and the one after. */
const Card = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const session = useSession(id, stored);
  const { projectStore } = session;
  const editing = useFieldContext(projectStore);
  const { trailer } = editing;
  const record = useStore(projectStore.store, (state) => state.record);
  const { taskId = '' } = useParams();
  const navigate = useNavigate();
  const awake = useStaysAwake();
  const evaluation = useMemo(() => evaluate(trailer), [trailer]);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const all = useMemo(() => progressOf(buildPlan(evaluation), record), [evaluation, record]);
  const at = Math.max(
    0,
    all.findIndex(({ task }) => task.id === taskId),
  );
  const shown = all[at];
  const path = (index: number): string => `/trailer/${id}/task/${all[index]?.task.id ?? ''}`;
  if (!shown) return <p className="p-6">{t('This trailer has no plan yet: it has no frame.')}</p>;
  return (
    <EditingContext value={editing}>
      <div className="mx-auto max-w-[640px] px-4 pb-24">
        <header className="flex items-center justify-between gap-3 py-3">
          <span className="mute text-[14px]">
            {t('{at} of {count}, {name}', { at: at + 1, count: all.length, name: trailer.name })}
          </span>
          <Link className="button" to={`/trailer/${id}/build?task=${shown.task.id}`}>
            {t('The plan')}
          </Link>
        </header>
        <SessionNotes
          session={session}
          onlyLooked={t('tasks can be looked at here, not ticked')}
          unsaved={t('what was noted')}
        />
        <h1 className="wide text-[22px] leading-[26px] font-bold">{taskName(shown.task, voice)}</h1>
        <TaskState progress={shown} />
        <TaskCard progress={shown} evaluation={evaluation} say={say} />
        <TaskActions
          key={shown.task.id}
          progress={shown}
          onNote={projectStore.note}
          onNext={() => {
            if (at + 1 < all.length) void navigate(path(at + 1));
          }}
        />
        <nav className="mt-3 grid grid-cols-2 gap-2" aria-label={t('Other tasks')}>
          {at > 0 ? (
            <Link className="button min-h-[52px]" to={path(at - 1)}>
              {t('Before')}
            </Link>
          ) : (
            <span />
          )}
          {at + 1 < all.length && (
            <Link className="button min-h-[52px]" to={path(at + 1)}>
              {t('Next')}
            </Link>
          )}
        </nav>
        <p className="narrow mute mt-3 text-[13px]">
          {awake === 'awake'
            ? t('The screen stays on while this card is open.')
            : awake === 'refused'
              ? t('This browser does not keep the screen on.')
              : ''}
        </p>
      </div>
    </EditingContext>
  );
};

export const TaskPage = () => <TrailerPage>{(id, stored) => <Card id={id} stored={stored} />}</TrailerPage>;
