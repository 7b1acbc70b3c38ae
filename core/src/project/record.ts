import type {
  CutEntry,
  LogEntry,
  ProjectRecord,
  RecordEntry,
  SquaringEntry,
  TaskEntry,
  WeighInEntry,
} from './recordSchema.js';

/** Adds an entry; there is no way to change or take away an old one. An entry whose id is taken already is not added. */
export const recordEntry = (record: ProjectRecord, entry: RecordEntry): ProjectRecord =>
  record.entries.some(({ id }) => id === entry.id) ? record : { ...record, entries: [...record.entries, entry] };

/** The entries that count: those that no later entry sets right. */
export const standingEntries = (record: ProjectRecord): readonly RecordEntry[] => {
  const corrected = new Set(record.entries.flatMap(({ corrects }) => (corrects === undefined ? [] : [corrects])));
  return record.entries.filter(({ id }) => !corrected.has(id));
};

export interface PricesPerKg {
  readonly steel: number | null;
  readonly aluminum: number | null;
}

/** The price entry of a metal that counts: the last one that nothing sets right. */
export const priceEntryOf = (record: ProjectRecord, family: keyof PricesPerKg) =>
  standingEntries(record)
    .filter((entry) => entry.kind === 'price')
    .findLast((entry) => entry.family === family);

/** What a kilogram of bars costs by the last price seen, in the project's currency; null where none was. */
export const pricesPerKg = (record: ProjectRecord): PricesPerKg => ({
  steel: priceEntryOf(record, 'steel')?.perKg ?? null,
  aluminum: priceEntryOf(record, 'aluminum')?.perKg ?? null,
});

/** Cuts that count, in the order in which they were made. */
export const cutEntries = (record: ProjectRecord): readonly CutEntry[] =>
  standingEntries(record).filter((entry): entry is CutEntry => entry.kind === 'cut' && entry.lengthM !== null);

/** Rounds of squaring that count, of the frame or of an axle, in the order in which they were read. */
export const squaringEntries = (record: ProjectRecord, of: SquaringEntry['of'], axle = 1): readonly SquaringEntry[] =>
  standingEntries(record).filter(
    (entry): entry is SquaringEntry =>
      entry.kind === 'squaring' && entry.of === of && entry.axle === axle && entry.readings !== null,
  );

/** How far each task is by the last that was noted of it. */
export const taskEntries = (record: ProjectRecord): ReadonlyMap<string, TaskEntry> =>
  new Map(
    standingEntries(record)
      .filter((entry) => entry.kind === 'task')
      .map((entry) => [entry.taskId, entry]),
  );

/** Days of work that count, in the order in which they were noted. */
export const logEntries = (record: ProjectRecord): readonly LogEntry[] =>
  standingEntries(record).filter((entry) => entry.kind === 'log');

/** Weigh-ins that count, in the order in which they were read. */
export const weighInEntries = (record: ProjectRecord): readonly WeighInEntry[] =>
  standingEntries(record).filter(
    (entry): entry is WeighInEntry => entry.kind === 'weigh-in' && entry.readings !== null,
  );
