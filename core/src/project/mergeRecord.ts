import type { ProjectRecord, RecordEntry } from './recordSchema.js';

export interface Merged {
  readonly record: ProjectRecord;
  /** entries that came in */
  readonly taken: readonly RecordEntry[];
  /** entries that say something else under the same id: what was here stays */
  readonly conflicts: readonly { readonly here: RecordEntry; readonly arriving: RecordEntry }[];
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));
/** Fields in one order, whoever wrote them. */
const sorted = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .toSorted(([a], [b]) => a.localeCompare(b))
      .map(([key, own]) => [key, sorted(own)]),
  );
};

/**
 * Takes in what was recorded elsewhere: a record only grows, so both sides keep all of theirs. The same entry comes in once, whichever way it
 * is merged; one that says something else under the same id is told and left out.
 */
export const mergeRecord = (here: ProjectRecord, arriving: ProjectRecord): Merged => {
  const known = new Map(here.entries.map((entry) => [entry.id, entry]));
  const taken: RecordEntry[] = [];
  const conflicts: { here: RecordEntry; arriving: RecordEntry }[] = [];
  for (const entry of arriving.entries) {
    const own = known.get(entry.id);
    if (!own) {
      known.set(entry.id, entry);
      taken.push(entry);
    } else if (!same(own, entry)) conflicts.push({ here: own, arriving: entry });
  }
  return {
    record: taken.length === 0 ? here : { ...here, entries: [...here.entries, ...taken] },
    taken,
    conflicts,
  };
};
