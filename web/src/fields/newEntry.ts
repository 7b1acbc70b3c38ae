import type { RecordEntry } from '@kereta/core';
import { nanoid } from 'nanoid';

/** Entries of one kind or another, without some of their fields, each with its own others. */
type Bare<T> = T extends { readonly kind: string }
  ? Pick<T, 'kind'> & {
      [Key in keyof T as string extends Key ? never : Key extends 'id' | 'date' ? never : Key]: T[Key];
    }
  : never;
/** An entry of the record before it has a day and a name. */
export type NewEntry = Bare<RecordEntry>;

/** The day by the clock here, ISO. */
export const today = (): string => {
  const now = new Date();
  const two = (value: number): string => String(value).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
};

/** Notes something in the record as of today. */
export const noteOf =
  (note: (entry: RecordEntry) => void) =>
  (entry: NewEntry): void =>
    note({ ...entry, id: `${entry.kind}.${nanoid(8)}`, date: today() });
