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

const PAGES = {
  saw: 'At the saw: stick by stick',
  square: 'Square it with the tape',
  buy: 'What to buy',
  drawing: 'The drawings',
  'weigh-in': 'Weigh it',
  lights: 'Lamps and wires, where each goes',
  coat: 'Coating: areas, holes, what meets what',
  papers: 'Papers and manners',
} as const;

/** What a task was done by, and what it would be done by now. */
const Changed = ({ progress: { touched, gone }, say }: { readonly progress: TaskProgress; readonly say: Speaker }) =>
  touched.length + gone === 0 ? null : (
    <div className="my-2 border-l-4 border-[var(--tight)] pl-3 text-[14.5px]" role="note">
      <b>The design has changed since this was done:</b>
      <ul>
        {touched.map(({ figure, was }) => (
          <li key={figure.id}>
            <Sized>
              {`${figureName(figure, say)}: ${was === undefined ? 'new' : `was ${figureNumber(figure, was, say)}`}, is ${figureText(figure, say)}`}
            </Sized>
          </li>
        ))}
        {gone > 0 && (
          <li>
            {gone === 1 ? 'One number that it was done by is' : `${gone} numbers that it was done by are`} not there any
            more.
          </li>
        )}
      </ul>
    </div>
  );

const sourcesOf = ({ figures }: TaskProgress['task']): readonly string[] => [
  ...(figures.some(({ what }) => what === 'bow-first') ? [sourceText(BOW_SOURCE)] : []),
  ...(figures.some(({ what }) => what === 'lifted') ? [sourceText(LIFT_SOURCE)] : []),
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
    printed || waitsFor.length === 0 ? '' : `Comes after: ${waitsFor.map(taskIdName).join(', ').toLowerCase()}.`;
  return (
    <div className="text-[15px]">
      {task.drawing && <TaskDrawing task={task} evaluation={evaluation} say={say} />}
      {waits && <p className="mute my-1 text-[14px]">{waits}</p>}
      {!printed && <Changed progress={progress} say={say} />}
      {cautions.length > 0 && (
        <ul className="my-2" aria-label="Take care">
          {cautions.map((caution) => (
            <li key={caution} className="flex items-start gap-2 py-[2px] text-[14px] leading-[18px]">
              <TriangleAlert size={16} className="mt-[1px] shrink-0" aria-hidden />
              {CAUTION_TEXT[caution]}
            </li>
          ))}
        </ul>
      )}
      {pieces.length > 0 && (
        <p className="my-2">
          <span className="mute">Pieces: </span>
          {pieces.map(({ mark, count }) => (count > 1 ? `${mark} × ${count}` : mark)).join(', ')}
        </p>
      )}
      {figures.length > 0 && (
        <table className="my-2 w-full" aria-label={`Numbers: ${taskName(task)}`}>
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
          tools.length > 0 ? `With ${tools.map((tool) => TOOL_NAMES[tool]).join(', ')}` : '',
          people > 1 ? `${people} people` : '',
          hoursText(expectedH),
          spentH > 0 ? `${spentH} h so far` : '',
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
      {!printed && entry?.blobIds && <Photos blobIds={entry.blobIds} name={`Photo, ${taskName(task)}`} />}
      {!printed && page && (
        <Link className="button my-1 w-full" to={taskPagePath(evaluation.trailer.id, page)}>
          {PAGES[page]}
        </Link>
      )}
    </div>
  );
};
