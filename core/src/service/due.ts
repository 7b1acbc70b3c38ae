import { type ProjectRecord, standingEntries } from '../project/index.js';
import type { ServiceTask } from './plan.js';

export type DueState = 'due' | 'soon' | 'later' | 'not-yet';

export interface Due {
  readonly task: ServiceTask;
  /** not-yet: it has not been towed */
  readonly state: DueState;
  /** ISO day, and distance driven, by which it is due; undefined: not by that */
  readonly day: string | undefined;
  readonly atKm: number | undefined;
  /** when it was done last */
  readonly lastDay: string | undefined;
}

/** Under this name the distance driven so far is noted. */
export const DRIVEN = 'driven';
/** It is told this long before, days and km. */
const SOON = { days: 21, share: 0.1 } as const;

const DAY_MS = 86_400_000;
const timeOf = (day: string): number => Date.parse(`${day}T00:00:00Z`);
const dayAfter = (day: string, days: number): string =>
  new Date(timeOf(day) + Math.round(days) * DAY_MS).toISOString().slice(0, 10);

const isDay = (day: string): boolean => /^\d{4}-\d{2}-\d{2}$/.test(day) && Number.isFinite(timeOf(day));

/** Distance driven so far, km: the most that was noted; 0 where nobody has noted any. */
export const drivenKm = (record: ProjectRecord): number =>
  standingEntries(record).reduce(
    (most, entry) => (entry.kind === 'service' && entry.atKm !== null ? Math.max(most, entry.atKm) : most),
    0,
  );

/** Day of the first tow: the task ticked off, or the first service or distance noted; undefined before that. */
export const firstTowDay = (record: ProjectRecord): string | undefined =>
  standingEntries(record)
    .filter(
      (entry) =>
        isDay(entry.date) &&
        (entry.kind === 'service' || (entry.kind === 'task' && entry.taskId === 'first-tow' && entry.state === 'done')),
    )
    .map(({ date }) => date)
    .toSorted()[0];

const doneOf = (record: ProjectRecord, code: string) =>
  standingEntries(record)
    .filter((entry) => entry.kind === 'service')
    .filter(({ what, date }) => what === code && isDay(date));

const nextOf = (task: ServiceTask, record: ProjectRecord, began: string): Pick<Due, 'day' | 'atKm' | 'lastDay'> => {
  const done = doneOf(record, task.code);
  const last = done.toSorted((a, b) => a.date.localeCompare(b.date)).at(-1);
  const doneKm = Math.max(0, ...done.map(({ atKm }) => atKm ?? 0));
  // Of the first few each is due until one was done at or past it.
  const first = task.firstKm.find((atKm, i) => doneKm < atKm && done.length <= i);
  const day = task.everyDays === null ? undefined : dayAfter(last?.date ?? began, task.everyDays);
  const round = task.everyKm === null ? undefined : doneKm + task.everyKm;
  return { day, atKm: first ?? round, lastDay: last?.date };
};

const RANK: readonly DueState[] = ['due', 'soon', 'later', 'not-yet'];

/** What is due, worst first. `today`: ISO day. */
export const dueOf = (plan: readonly ServiceTask[], record: ProjectRecord, today: string): readonly Due[] => {
  const began = firstTowDay(record);
  if (began === undefined)
    return plan.map((task) => ({ task, state: 'not-yet', day: undefined, atKm: task.firstKm[0], lastDay: undefined }));
  const nowKm = drivenKm(record);
  return plan
    .map((task): Due => {
      const next = nextOf(task, record, began);
      const lateDays = next.day === undefined ? Number.NEGATIVE_INFINITY : (timeOf(today) - timeOf(next.day)) / DAY_MS;
      const lateKm = next.atKm === undefined ? Number.NEGATIVE_INFINITY : nowKm - next.atKm;
      const soonKm = SOON.share * (next.atKm ?? 0);
      const state =
        lateDays >= 0 || lateKm >= 0 ? 'due' : lateDays >= -SOON.days || lateKm >= -soonKm ? 'soon' : 'later';
      return { task, state, ...next };
    })
    .toSorted((a, b) => RANK.indexOf(a.state) - RANK.indexOf(b.state) || (a.day ?? '9').localeCompare(b.day ?? '9'));
};
