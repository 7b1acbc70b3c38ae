import type { Project } from '@kereta/core';
import { dropRescued, keepForNextPage } from '../storage/rescue';
import { saveTrailer } from '../storage/trailers';
import type { ProjectStore } from './projectStore';

/** `failed`: the browser did not take it; `overtaken`: another tab wrote something newer, which is not put over. */
export type SaveState = 'saved' | 'saving' | 'failed' | 'overtaken';

/** Waits this long after an edit before it writes, so that typing and nudging save once, ms. */
const SETTLE_MS = 250;
/** While edits go on without a pause, it writes all the same at least this often, ms. */
const AT_LEAST_MS = 1000;
/** After a write that failed it tries again, later and later, ms. */
const RETRY_MS: readonly number[] = [1000, 2000, 5000, 15_000, 30_000];

export interface Saving {
  readonly state: () => SaveState;
  readonly subscribe: (onChange: () => void) => () => void;
  /** writes what is pending; resolves when it is written, or has failed */
  readonly flush: () => Promise<void>;
  /** hands what is not written yet to the next page, for this one is going away */
  readonly handOver: () => void;
  /** what lies in the database now: what the next write goes by */
  readonly startFrom: (updatedAt: number) => void;
  readonly stop: () => void;
}

/** Writes each change of the open trailer to this browser's database, in order, and tells how that went. */
export const startSaving = (
  { store, projectNow }: Pick<ProjectStore, 'store' | 'projectNow'>,
  openedAt: number,
  save = saveTrailer,
): Saving => {
  let state: SaveState = 'saved';
  let since = openedAt;
  let written: Project = projectNow();
  let dirtyFrom: number | undefined;
  let failures = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let last: Promise<void> = Promise.resolve();
  let stopped = false;
  const listeners = new Set<() => void>();
  const tell = (next: SaveState): void => {
    if (next === state) return;
    state = next;
    for (const listener of listeners) listener();
  };

  const write = async (): Promise<void> => {
    clearTimeout(timer);
    const project = projectNow();
    if (project === written || state === 'overtaken') return;
    dirtyFrom = undefined;
    try {
      const saved = await save(project, since);
      if (saved.kind === 'overtaken') {
        tell('overtaken');
        return;
      }
      since = saved.updatedAt;
      written = project;
      failures = 0;
      dropRescued(project.id);
      if (projectNow() === project) tell('saved');
    } catch {
      tell('failed');
      const wait = RETRY_MS[Math.min(failures, RETRY_MS.length - 1)];
      failures += 1;
      if (!stopped) timer = setTimeout(() => void flush(), wait);
    }
  };
  /** One write after another: each starts from what the one before has left. */
  const flush = (): Promise<void> => {
    last = last.then(write);
    return last;
  };

  const unsubscribe = store.subscribe(({ mayWrite }) => {
    if (projectNow() === written || state === 'overtaken' || !mayWrite) return;
    const now = Date.now();
    dirtyFrom ??= now;
    if (state !== 'failed') tell('saving');
    clearTimeout(timer);
    timer = setTimeout(() => void flush(), Math.max(0, Math.min(SETTLE_MS, dirtyFrom + AT_LEAST_MS - now)));
  });
  return {
    state: () => state,
    subscribe: (onChange) => {
      listeners.add(onChange);
      return () => listeners.delete(onChange);
    },
    flush,
    handOver: () => {
      if (projectNow() !== written && state !== 'overtaken') keepForNextPage(projectNow(), since);
    },
    startFrom: (updatedAt) => {
      since = updatedAt;
      written = projectNow();
      dirtyFrom = undefined;
      failures = 0;
      clearTimeout(timer);
      tell('saved');
    },
    stop: () => {
      stopped = true;
      unsubscribe();
      void flush();
    },
  };
};
