import {
  BOW_SOURCE,
  CAUTION_TEXT,
  type Evaluation,
  figureName,
  figureNumber,
  figureText,
  hoursText,
  LIFT_SOURCE,
  sourceText,
  type Speaker,
  taskHow,
  taskIdName,
  taskName,
  type TaskProgress,
  TOOL_NAMES,
} from '@kereta/core';
import { TriangleAlert } from 'lucide-react';
import { Link } from 'react-router';
import { Photos } from '../../fields/Photos';
import { Sized } from '../../fields/Sized';
import { TaskDrawing } from './TaskDrawing';
import { inner, t, voice } from '../../fields/language/t';

const PAGES = {
  saw: t('At the saw: stick by stick'),
  square: t('Square it with the tape'),
  buy: t('What to buy'),
  drawing: t('The drawings'),
  'weigh-in': t('Weigh it'),
  lights: t('Lamps and wires, where each goes'),
  coat: t('Coating: areas, holes, what meets what'),
  papers: t('Papers and manners'),
} as const;

/** What a task was done by, and what it would be done by now. */
const Changed = ({ progress: { touched, gone }, say }: { readonly progress: TaskProgress; readonly say: Speaker }) =>
  touched.length + gone === 0 ? null : (
    <div className="my-2 border-l-4 border-[var(--tight)] pl-3 text-[14.5px]" role="note">
      <b>{t('The design has changed since this was done:')}</b>
      <ul>
        {touched.map(({ figure, was }) => (
          <li key={figure.id}>
            <Sized>
              {t('{figure}: {was}, is {figure2}', {
                figure: figureName(figure, say),
                was: was === undefined ? t('new') : t('was {figure}', { figure: figureNumber(figure, was, say) }),
                figure2: figureText(figure, say),
              })}
            </Sized>
          </li>
        ))}
        {gone > 0 && (
          <li>
            {t('{gone} not there any more.', {
              gone:
                gone === 1
                  ? t('One number that it was done by is')
                  : t('{gone} numbers that it was done by are', { gone }),
            })}
          </li>
        )}
      </ul>
    </div>
  );

const sourcesOf = ({ figures }: TaskProgress['task']): readonly string[] => [
  ...(figures.some(({ what }) => what === 'bow-first') ? [sourceText(BOW_SOURCE, voice)] : []),
  ...(figures.some(({ what }) => what === 'lifted') ? [sourceText(LIFT_SOURCE, voice)] : []),
];

/** Where the page of a task is. */
const taskPagePath = (trailerId: string, page: NonNullable<TaskProgress['task']['page']>): string =>
  `/trailer/${trailerId}/${page === 'drawing' ? 'print/drawing' : page}`;

interface TaskCardProps {
  readonly progress: TaskProgress;
  readonly evaluation: Evaluation;
  readonly say: Speaker;
  /** on paper: no links, a box to tick */
  readonly printed?: boolean;
}

/** One task with all that is needed for it: what it looks like, its pieces and numbers, how, with what, and what to watch for. */
export const TaskCard = ({ progress, evaluation, say, printed = false }: TaskCardProps) => {
  const { task, expectedH, spentH, entry, waitsFor } = progress;
  const { pieces, figures, cautions, tools, people, page } = task;
  const sources = sourcesOf(task);
  const waits =
    printed || waitsFor.length === 0
      ? ''
      : t('Comes after: {waitsFor}.', { waitsFor: inner(waitsFor.map((id) => taskIdName(id, voice)).join(', ')) });
  return (
    <div className="text-[15px]">
      {task.drawing && <TaskDrawing task={task} evaluation={evaluation} say={say} />}
      {waits && <p className="mute my-1 text-[14px]">{waits}</p>}
      {!printed && <Changed progress={progress} say={say} />}
      {cautions.length > 0 && (
        <ul className="my-2" aria-label={t('Take care')}>
          {cautions.map((caution) => (
            <li key={caution} className="flex items-start gap-2 py-[2px] text-[14px] leading-[18px]">
              <TriangleAlert size={16} className="mt-[1px] shrink-0" aria-hidden />
              {t(CAUTION_TEXT[caution])}
            </li>
          ))}
        </ul>
      )}
      {pieces.length > 0 && (
        <p className="my-2">
          <span className="mute">{t('Pieces:')} </span>
          {pieces.map(({ mark, count }) => (count > 1 ? `${mark} × ${count}` : mark)).join(', ')}
        </p>
      )}
      {figures.length > 0 && (
        <table className="my-2 w-full" aria-label={t('Numbers: {task}', { task: taskName(task, voice) })}>
          <tbody>
            {figures.map((figure) => (
              <tr key={figure.id} className="border-t border-base-300">
                <td className="narrow py-1 pr-3 text-[14px]">
                  <Sized>{figureName(figure, say)}</Sized>
                </td>
                <td className="text-right text-[17px] font-semibold whitespace-nowrap">
                  <Sized>{figureText(figure, say)}</Sized>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <ol className="my-2 list-outside list-decimal pl-5">
        {taskHow(task, say).map((line) => (
          <li key={line} className="py-[2px]">
            <Sized>{line}</Sized>
          </li>
        ))}
      </ol>
      <p className="narrow mute text-[13.5px]">
        {[
          tools.length > 0 ? t('With {tools}', { tools: tools.map((tool) => t(TOOL_NAMES[tool])).join(', ') }) : '',
          people > 1 ? t('{people} people', { people }) : '',
          hoursText(expectedH, voice),
          spentH > 0 ? t('{spentH} h so far', { spentH }) : '',
        ]
          .filter((part) => part !== '')
          .join(' · ')}
      </p>
      {sources.map((source) => (
        <p key={source} className="narrow mute text-[13px]">
          {source}
        </p>
      ))}
      {entry?.note && <p className="my-1">“{entry.note}”</p>}
      {!printed && entry?.blobIds && (
        <Photos blobIds={entry.blobIds} name={t('Photo, {task}', { task: taskName(task, voice) })} />
      )}
      {!printed && page && (
        <Link className="button my-1 w-full" to={taskPagePath(evaluation.trailer.id, page)}>
          {PAGES[page]}
        </Link>
      )}
    </div>
  );
};
