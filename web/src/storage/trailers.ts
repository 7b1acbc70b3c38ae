import { DEMO_PROJECTS, openProject, type Project, type ProjectProblem, type Result } from '@kereta/core';
import { liveQuery } from 'dexie';
import { type Database, openDatabase, type ProjectRow } from './database';

/** A trailer of this browser, read through the one door; `raw` is what lies in the database, whatever became of it. */
export interface StoredTrailer {
  readonly id: string;
  readonly updatedAt: number;
  readonly opened: Result<Project, ProjectProblem>;
  readonly raw: unknown;
}
export interface ReadableTrailer {
  readonly project: Project;
  readonly updatedAt: number;
}
export interface DeletedTrailer extends StoredTrailer {
  readonly deletedAt: number;
}

/** Deleted trailers can be brought back this long, ms. */
export const KEPT_AFTER_DELETING_MS = 30 * 24 * 60 * 60 * 1000;

const readRow = ({ id, project, updatedAt }: ProjectRow): StoredTrailer => {
  const opened = openProject(project);
  // The key under which it lies is its id: that is what links and saves go by.
  return {
    id,
    updatedAt: typeof updatedAt === 'number' && Number.isFinite(updatedAt) ? updatedAt : 0,
    opened: opened.ok && opened.value.id !== id ? { ok: true, value: { ...opened.value, id } } : opened,
    raw: project,
  };
};

/** A first visit finds the demo trailers; once deleted they stay deleted. Nothing that is there is put over. */
const layOutDemos = async (database: Database): Promise<void> => {
  await database.transaction('rw', database.projects, database.settings, async () => {
    if (await database.settings.get('demos-laid-out')) return;
    const now = Date.now();
    const there = new Set(await database.projects.toCollection().primaryKeys());
    await database.projects.bulkAdd(
      DEMO_PROJECTS.filter(({ id }) => !there.has(id)).map((project, index) => ({
        id: project.id,
        project,
        updatedAt: now - index,
      })),
    );
    await database.settings.put({ key: 'demos-laid-out', value: true });
  });
};

let ready: Promise<Database> | undefined;
const begin = async (): Promise<Database> => {
  const { database } = await openDatabase();
  // Without room for the demos the shed opens all the same, with what is there.
  await layOutDemos(database).catch(() => undefined);
  return database;
};
const trailers = (): Promise<Database> => (ready ??= begin());

const newestFirst = (a: StoredTrailer, b: StoredTrailer): number => b.updatedAt - a.updatedAt;

/** All trailers of this browser, readable or not, newest change first. */
export const listTrailers = async (): Promise<readonly StoredTrailer[]> => {
  const { projects } = await trailers();
  return (await projects.toArray()).map(readRow).sort(newestFirst);
};

export const loadTrailer = async (id: string): Promise<StoredTrailer | undefined> => {
  const { projects } = await trailers();
  const row = await projects.get(id);
  return row && readRow(row);
};

/** The browser is asked once to keep what is here when it runs short of room; it may refuse. */
let persistAsked = false;
const askToPersist = (): void => {
  if (persistAsked) return;
  persistAsked = true;
  void Promise.resolve(navigator.storage?.persist?.()).catch(() => false);
};

export type Saved = { readonly kind: 'saved'; readonly updatedAt: number } | { readonly kind: 'overtaken' };

/**
 * Writes a trailer. `since` is the state that it started from: where something newer lies there by now, written by another tab, nothing is
 * put over it. Rejects when the browser does not take it (no room, storage lost).
 */
export const saveTrailer = async (project: Project, since: number): Promise<Saved> => {
  const database = await trailers();
  const saved = await database.transaction('rw', database.projects, async (): Promise<Saved> => {
    const there = await database.projects.get(project.id);
    if (there && there.updatedAt > since) return { kind: 'overtaken' };
    // Two writes within a millisecond still follow each other.
    const updatedAt = Math.max(Date.now(), (there?.updatedAt ?? 0) + 1);
    await database.projects.put({ id: project.id, project, updatedAt });
    return { kind: 'saved', updatedAt };
  });
  askToPersist();
  return saved;
};

/** Puts a trailer in that was not here before; rejects where its id is taken. */
export const addTrailer = async (project: Project, updatedAt = Date.now()): Promise<void> => {
  const { projects } = await trailers();
  await projects.add({ id: project.id, project, updatedAt });
  askToPersist();
};

export const hasTrailer = async (id: string): Promise<boolean> => {
  const { projects } = await trailers();
  return (await projects.get(id)) !== undefined;
};

/** Takes a trailer out of the shed; for 30 days it can be brought back. */
export const deleteTrailer = async (id: string): Promise<void> => {
  const database = await trailers();
  await database.transaction('rw', database.projects, database.trash, async () => {
    const row = await database.projects.get(id);
    if (!row) return;
    await database.trash.put({ ...row, deletedAt: Date.now() });
    await database.projects.delete(id);
  });
};

/** Puts a deleted trailer back as it was, with its date; rejects where its place is taken. */
export const restoreTrailer = async (id: string): Promise<void> => {
  const database = await trailers();
  await database.transaction('rw', database.projects, database.trash, async () => {
    const row = await database.trash.get(id);
    if (!row) return;
    const { deletedAt: _deletedAt, ...kept } = row;
    await database.projects.add(kept);
    await database.trash.delete(id);
  });
};

/** What was deleted within the last 30 days, latest first; what is older goes for good, with its photos. */
export const listDeleted = async (now = Date.now()): Promise<readonly DeletedTrailer[]> => {
  const database = await trailers();
  await database.transaction('rw', database.projects, database.trash, database.blobs, async () => {
    const old = await database.trash
      .where('deletedAt')
      .below(now - KEPT_AFTER_DELETING_MS)
      .primaryKeys();
    await database.trash.bulkDelete(old);
    // The same trailer may have come in again from a file: its photos are then its own.
    const back = new Set(await database.projects.where('id').anyOf(old).primaryKeys());
    const gone = old.filter((id) => !back.has(id));
    await database.blobs.where('projectId').anyOf(gone).delete();
  });
  return (await database.trash.toArray())
    .map((row) => ({ ...readRow(row), deletedAt: row.deletedAt }))
    .sort((a, b) => b.deletedAt - a.deletedAt);
};

export const isFirstNoteRead = async (): Promise<boolean> => {
  const { settings } = await trailers();
  return (await settings.get('first-note-read')) !== undefined;
};
export const markFirstNoteRead = async (): Promise<void> => {
  const { settings } = await trailers();
  await settings.put({ key: 'first-note-read', value: true });
};

/** Calls back whenever any stored or deleted trailer changes, in this tab or another one. */
export const watchTrailers = (onChange: () => void): (() => void) => {
  let stop: (() => void) | undefined;
  let stopped = false;
  void trailers().then((database) => {
    if (stopped) return;
    const subscription = liveQuery(async () => [
      await database.projects.orderBy('updatedAt').keys(),
      await database.trash.toCollection().primaryKeys(),
    ]).subscribe({ next: onChange, error: () => undefined });
    stop = () => subscription.unsubscribe();
  });
  return () => {
    stopped = true;
    stop?.();
  };
};
