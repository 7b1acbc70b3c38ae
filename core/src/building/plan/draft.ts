import type { Evaluation } from '../../evaluation/index.js';
import type { Trailer } from '../../project/index.js';
import type { BuildTask, PlanFigure } from './task.js';

/** A task with only what is special to it. */
export type Draft = Pick<BuildTask, 'kind' | 'phase' | 'hours'> & Partial<BuildTask>;

/** The trailer as the tasks look at it. */
export interface Plan {
  readonly trailer: Trailer;
  readonly evaluation: Evaluation;
  /** it is laid out and welded with its underside up */
  readonly upsideDown: boolean;
}

export const lengthOf = (
  id: string,
  what: PlanFigure['what'],
  value: number,
  more: Partial<PlanFigure> = {},
): PlanFigure => ({ id, what, kind: 'length', value, ...more });

/** Pieces of these groups of the cut list, by their marks. */
export const piecesOfGroups = (
  { evaluation }: Plan,
  groups: readonly Evaluation['cutList']['rows'][number]['group'][],
): BuildTask['pieces'] =>
  evaluation.cutList.rows
    .filter(({ group }) => groups.includes(group))
    .map(({ mark, quantity }) => ({ mark, count: quantity }));

/** Mark of the piece that a bar is cut as. */
export const markOf = ({ evaluation }: Plan, memberId: string): { readonly mark?: string } => {
  const mark = evaluation.cutList.rows.find(({ memberIds }) => memberIds.includes(memberId))?.mark;
  return mark === undefined ? {} : { mark };
};

export const taskOf = (draft: Draft): BuildTask => ({
  id: draft.kind,
  pieces: [],
  figures: [],
  cautions: [],
  tools: [],
  people: 1,
  drawing: null,
  upsideDown: false,
  ...draft,
});
