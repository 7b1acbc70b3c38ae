import Dexie, { type EntityTable } from 'dexie';

/** Users' work is stored under this name: never rename it. */
const DATABASE_NAME = 'kereta';
/** Tables and indexes only; projects carry their own schema version. Steps are added, never changed. */
const LAYOUTS: readonly { readonly version: number; readonly stores: Readonly<Record<string, string>> }[] = [
  { version: 1, stores: { projects: 'id, updatedAt', settings: 'key' } },
  { version: 2, stores: { trash: 'id, deletedAt', blobs: 'id, projectId' } },
];

/** A trailer as it lies in the database: what `project` holds is not trusted before `openProject` has read it. */
export interface ProjectRow {
  readonly id: string;
  readonly project: unknown;
  readonly updatedAt: number;
}
export interface TrashRow extends ProjectRow {
  readonly deletedAt: number;
}
/** A photo or paper; too large to be written with every edit of its trailer. */
export interface BlobRow {
  readonly id: string;
  readonly projectId: string;
  readonly blob: Blob;
}
interface SettingRow {
  readonly key: 'demos-laid-out' | 'first-note-read';
  readonly value: boolean;
}

export type Database = Dexie & {
  projects: EntityTable<ProjectRow, 'id'>;
  trash: EntityTable<TrashRow, 'id'>;
  blobs: EntityTable<BlobRow, 'id'>;
  settings: EntityTable<SettingRow, 'key'>;
};

/** Whether what is written here is still there tomorrow. */
export type Keeping = 'browser' | 'memory';

export interface OpenDatabase {
  readonly database: Database;
  readonly keeping: Keeping;
}

const laidOut = (database: Dexie): Database => {
  for (const { version, stores } of LAYOUTS) database.version(version).stores(stores);
  return database as Database;
};

/** Long enough for a slow disk; a browser that blocks storage may never answer at all, ms. */
const OPENS_WITHIN_MS = 5000;

const within = <T>(promise: PromiseLike<T>, ms: number): Promise<T> =>
  new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error('no answer')), ms);
    Promise.resolve(promise)
      .then(resolve, reject)
      .finally(() => clearTimeout(timer));
  });

const open = async (): Promise<OpenDatabase> => {
  const kept = laidOut(new Dexie(DATABASE_NAME));
  try {
    await within(kept.open(), OPENS_WITHIN_MS);
    return { database: kept, keeping: 'browser' };
  } catch {
    // Storage is switched off or broken: work goes on in memory, and every page says so.
    kept.close();
    const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb');
    const memory = laidOut(new Dexie(DATABASE_NAME, { indexedDB: new IDBFactory(), IDBKeyRange }));
    await memory.open();
    return { database: memory, keeping: 'memory' };
  }
};

let opened: Promise<OpenDatabase> | undefined;

/** The one place that opens the browser's database; in memory where the browser keeps nothing. */
export const openDatabase = (): Promise<OpenDatabase> => (opened ??= open());
