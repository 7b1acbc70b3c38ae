import { type LogEntry, logEntries, type ProjectRecord, type TaskEntry, taskEntries } from '../../project/index.js';
import { taskOf } from './draft.js';
import type { BuildTask, PlanFigure } from './task.js';

/** A number that a task was done by, and what it is now. */
export interface TouchedFigure {
  readonly figure: PlanFigure;
  /** undefined: it was not there then */
  readonly was: number | undefined;
}

export interface TaskProgress {
  readonly task: BuildTask;
  readonly state: TaskEntry['state'];
  /** the last that was noted of it */
  readonly entry: TaskEntry | undefined;
  /** it was done by other numbers than it would be now */
  readonly touched: readonly TouchedFigure[];
  /** so many of the numbers that it was done by are not there any more */
  readonly gone: number;
  /** what stands before it and is not done */
  readonly waitsFor: readonly string[];
  /** noted in the journal, h */
  readonly spentH: number;
  /** what it takes by the user's own pace, h */
  readonly expectedH: readonly [least: number, most: number];
}

/** Lengths are told apart to a tenth of a millimetre, anything else to a part in a thousand. */
const written = ({ kind, value, upTo }: PlanFigure): string =>
  [value, ...(upTo === undefined ? [] : [upTo])]
    .map((each) => (kind === 'length' ? each.toFixed(4) : each.toPrecision(3)))
    .join(' ');

/** As long as the record keeps names. */
const keyOf = ({ id }: PlanFigure): string => id.slice(0, 40);

/** What a task is done by, to be kept with the tick. */
export const doneByOf = ({ figures }: BuildTask): Record<string, string> =>
  Object.fromEntries(figures.filter(({ aside }) => !aside).map((figure) => [keyOf(figure), written(figure)]));

const touchedOf = (task: BuildTask, entry: TaskEntry | undefined): readonly TouchedFigure[] => {
  if (entry?.state !== 'done' || !entry.doneBy) return [];
  const { doneBy } = entry;
  return task.figures.flatMap((figure): TouchedFigure[] => {
    if (figure.aside) return [];
    const was = doneBy[keyOf(figure)];
    return was === written(figure) ? [] : [{ figure, was: was === undefined ? undefined : Number(was.split(' ')[0]) }];
  });
};

const goneOf = (task: BuildTask, entry: TaskEntry | undefined): number => {
  if (entry?.state !== 'done' || !entry.doneBy) return 0;
  const there = new Set(Object.keys(doneByOf(task)));
  return Object.keys(entry.doneBy).filter((key) => !there.has(key)).length;
};

/** Tasks that the user put in, each after another one. */
const withOwn = (plan: readonly BuildTask[], entries: ReadonlyMap<string, TaskEntry>): readonly BuildTask[] => {
  const known = new Set(plan.map(({ id }) => id));
  const all = [...plan];
  for (const { taskId, title, after } of entries.values()) {
    if (title === undefined || known.has(taskId)) continue;
    const at = after === null ? 0 : all.findIndex(({ id }) => id === after) + 1;
    // What it came after may be gone from the plan: it then comes last.
    const place = after !== null && at === 0 ? all.length : at;
    const phase = all[Math.max(0, place - 1)]?.phase ?? 'metal';
    all.splice(place, 0, taskOf({ kind: 'own', id: taskId, title, phase, hours: [0, 0] }));
  }
  return all;
};

/** Only what has to be there before: anything else can be done when there is time. */
const NEEDS: Readonly<Partial<Record<BuildTask['kind'], readonly BuildTask['kind'][]>>> = {
  cut: ['check-steel'],
  prepare: ['cut'],
  'lay-out': ['cut', 'level'],
  'cross-members': ['lay-out'],
  tongue: ['lay-out'],
  tack: ['cross-members', 'tongue', 'lay-out'],
  square: ['tack'],
  'weld-first': ['square'],
  'turn-over': ['weld-first'],
  'weld-second': ['turn-over'],
  coupler: ['tongue'],
  hangers: ['square'],
  axle: ['hangers', 'coupler', 'tongue'],
  'turn-upright': ['axle'],
  'square-again': ['weld-second', 'axle'],
  inspect: ['weld-second', 'brackets', 'sides', 'gate', 'body'],
  clean: ['inspect'],
  coat: ['clean'],
  wheels: ['coat', 'axle'],
  wire: ['coat'],
  deck: ['coat'],
  weigh: ['wheels', 'deck'],
  register: ['weigh'],
  'first-tow': ['wheels', 'chains', 'wire', 'weigh'],
  retorque: ['first-tow'],
};

const hoursOn = (logs: readonly LogEntry[], taskId: string): number =>
  logs.reduce((sum, entry) => sum + (entry.taskId === taskId ? (entry.hours ?? 0) : 0), 0);

/** Never more than so many times slower or faster than others, by a few tasks alone. */
const PACE = { least: 0.5, most: 3, tasks: 2 } as const;

/**
 * How much longer or shorter than usual the user takes, by the tasks that are done and have hours in the journal; 1 until there are two.
 */
export const paceOf = (plan: readonly BuildTask[], record: ProjectRecord): number => {
  const [entries, logs] = [taskEntries(record), logEntries(record)];
  const timed = plan
    .filter(({ id, kind }) => kind !== 'own' && entries.get(id)?.state === 'done')
    .map(({ id, hours }) => ({ usual: (hours[0] + hours[1]) / 2, spent: hoursOn(logs, id) }))
    .filter(({ spent }) => spent > 0);
  if (timed.length < PACE.tasks) return 1;
  const [usual, spent] = [
    timed.reduce((sum, own) => sum + own.usual, 0),
    timed.reduce((sum, own) => sum + own.spent, 0),
  ];
  return Math.min(PACE.most, Math.max(PACE.least, spent / usual));
};

/** The plan with what was done of it, the user's own tasks in their places. */
export const progressOf = (plan: readonly BuildTask[], record: ProjectRecord): readonly TaskProgress[] => {
  const entries = taskEntries(record);
  const logs = logEntries(record);
  const pace = paceOf(plan, record);
  const tasks = withOwn(plan, entries);
  const open = new Set(tasks.filter(({ id }) => (entries.get(id)?.state ?? 'to-do') === 'to-do').map(({ id }) => id));
  return tasks.map((task) => {
    const entry = entries.get(task.id);
    return {
      task,
      state: entry?.state ?? 'to-do',
      entry,
      touched: touchedOf(task, entry),
      gone: goneOf(task, entry),
      waitsFor: (NEEDS[task.kind] ?? []).filter((need) => open.has(need)),
      spentH: hoursOn(logs, task.id),
      expectedH: [task.hours[0] * pace, task.hours[1] * pace],
    };
  });
};
