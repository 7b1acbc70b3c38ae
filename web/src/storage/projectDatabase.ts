import { DEMO_PROJECTS, type Project } from '@kereta/core';
import Dexie, { type EntityTable, liveQuery } from 'dexie';

/** Users' work is stored under this name: never rename it. */
const DATABASE_NAME = 'kereta';
/** Tables and indexes only; projects carry their own schema version. */
const LAYOUT_VERSION = 1;

export interface StoredProject {
  readonly id: string;
  readonly project: Project;
  readonly updatedAt: number;
}
interface Setting {
  readonly key: 'demos-laid-out' | 'first-note-read';
  readonly value: boolean;
}

const database = new Dexie(DATABASE_NAME) as Dexie & {
  projects: EntityTable<StoredProject, 'id'>;
  settings: EntityTable<Setting, 'key'>;
};
database.version(LAYOUT_VERSION).stores({ projects: 'id, updatedAt', settings: 'key' });

/** A first visit finds the demo trailers; once deleted they stay deleted. */
const layOutDemos = async (): Promise<void> => {
  await database.transaction('rw', database.projects, database.settings, async () => {
    if (await database.settings.get('demos-laid-out')) return;
    const now = Date.now();
    await database.projects.bulkPut(
      DEMO_PROJECTS.map((project, index) => ({ id: project.id, project, updatedAt: now - index })),
    );
    await database.settings.put({ key: 'demos-laid-out', value: true });
  });
};

let laidOut: Promise<void> | undefined;

export const listProjects = async (): Promise<readonly StoredProject[]> => {
  laidOut ??= layOutDemos();
  await laidOut;
  return database.projects.orderBy('updatedAt').reverse().toArray();
};

export const loadProject = async (id: string): Promise<StoredProject | undefined> => {
  laidOut ??= layOutDemos();
  await laidOut;
  return database.projects.get(id);
};

export const saveProject = async (project: Project): Promise<void> => {
  await database.projects.put({ id: project.id, project, updatedAt: Date.now() });
};

/** Puts a deleted trailer back as it was, with its date. */
export const restoreProject = async (stored: StoredProject): Promise<void> => {
  await database.projects.put(stored);
};

export const deleteProject = async (id: string): Promise<void> => {
  await database.projects.delete(id);
};

export const isFirstNoteRead = async (): Promise<boolean> =>
  (await database.settings.get('first-note-read')) !== undefined;
export const markFirstNoteRead = async (): Promise<void> => {
  await database.settings.put({ key: 'first-note-read', value: true });
};

/** Calls back whenever any stored trailer changes, in this tab or another one. */
export const watchProjects = (onChange: () => void): (() => void) => {
  const subscription = liveQuery(() => database.projects.orderBy('updatedAt').reverse().keys()).subscribe({
    next: onChange,
  });
  return () => subscription.unsubscribe();
};
