import { buildPlan, evaluate, hoursText, PHASE_NAMES, progressOf, speaker, taskName, trailerOf } from '@kereta/core';
import { useMemo } from 'react';
import { TrailerRoute } from '../bench/TrailerRoute';
import { EditingContext } from '../fields/editing';
import type { ReadableTrailer } from '../storage/trailers';
import { TaskCard } from '../steps/build/TaskCard';
import { SheetFrame } from './SheetFrame';
import { t, voice } from '../fields/language/t';

const nothing = (): void => undefined;

/** The whole plan on paper: a list to tick, then a card for each task, never split over two pages. */
const Sheet = ({ stored }: { readonly stored: ReadableTrailer }) => {
  const { project, updatedAt } = stored;
  const trailer = trailerOf(project);
  const evaluation = useMemo(() => evaluate(trailer), [trailer]);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const all = useMemo(() => progressOf(buildPlan(evaluation), project.record), [evaluation, project.record]);
  const { units, fraction } = trailer.settings;
  const editing = useMemo(
    () => ({ units, fraction, readOnly: true, trailer, edit: nothing }),
    [units, fraction, trailer],
  );
  return (
    <EditingContext value={editing}>
      <SheetFrame
        trailer={trailer}
        sheet="plan"
        back={`/trailer/${trailer.id}/build`}
        note={t('Sizes in {units}', { units: units === 'imperial' ? t('feet and inches') : 'mm' })}
        updatedAt={updatedAt}
      >
        <h1 className="wide text-[22px] font-bold">{t('Plan: {name}', { name: trailer.name })}</h1>
        <table className="mt-2 w-full text-[14px]" aria-label={t('Tasks')}>
          <tbody>
            {all.map(({ task, state, expectedH }, i) => (
              <tr key={task.id} className="border-b border-gray-300">
                <td className="w-8 py-1 text-right">{i + 1}</td>
                <td className="px-2">{state === 'done' ? '☑' : state === 'skipped' ? '☒' : '☐'}</td>
                <td className="font-semibold">{taskName(task, voice)}</td>
                <td className="narrow">{t(PHASE_NAMES[task.phase])}</td>
                <td className="narrow text-right whitespace-nowrap">
                  {hoursText(expectedH, voice)}
                  {task.people > 1 && t(', {people} people', { people: task.people })}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {all.map((progress, i) => (
          <section key={progress.task.id} className="break-inside-avoid border-t border-black py-3">
            <h2 className="text-[17px] font-bold">
              {i + 1}. {taskName(progress.task, voice)}
            </h2>
            <TaskCard progress={progress} evaluation={evaluation} say={say} printed />
          </section>
        ))}
      </SheetFrame>
    </EditingContext>
  );
};

export const PlanSheet = () => <TrailerRoute>{(stored) => <Sheet stored={stored} />}</TrailerRoute>;
