import type { Design } from './schema.js';
import type { Trailer } from './trailer.js';

/** Fields by name: files may hold others, which are kept and not known. */
type Known<T> = { [Key in keyof T as string extends Key ? never : Key]: T[Key] };

type RecordKeys<T> = {
  [Key in keyof Known<T> & string]: [Known<T>[Key]] extends [readonly unknown[]]
    ? never
    : [Known<T>[Key]] extends [object]
      ? Key | `${Key}.${RecordKeys<Known<T>[Key]>}`
      : never;
}[keyof Known<T> & string];

/** Where a record of the design stands: `runningGear.tire`. Lists, and records that may be missing, are none. */
export type RecordPath = RecordKeys<Design>;

type At<T, Path extends string> = Path extends `${infer Key}.${infer Rest}`
  ? Key extends keyof T
    ? At<T[Key], Rest>
    : never
  : Path extends keyof T
    ? T[Path]
    : never;

/** The record that stands there. */
export type RecordAt<Path extends RecordPath> = At<Design, Path>;

/** Some fields of a record; of one that comes in kinds, of any of them. */
export type RecordChange<Path extends RecordPath> = PartOf<RecordAt<Path>>;
/** Fields of every member of a union, each with the type that it has there. */
type PartOf<T> = { readonly [Key in NameIn<KnownOf<T>>]?: ValueIn<KnownOf<T>, Key> };
type KnownOf<T> = T extends unknown ? Known<T> : never;
type NameIn<T> = T extends unknown ? keyof T : never;
type ValueIn<T, Key> = T extends unknown ? (Key extends keyof T ? T[Key] : never) : never;

type Tree = Readonly<Record<string, unknown>>;

/** The record of a trailer that stands at a path. */
export const recordAt = <Path extends RecordPath>(trailer: Trailer, path: Path): RecordAt<Path> =>
  path.split('.').reduce<unknown>((record, key) => (record as Tree)[key], trailer) as RecordAt<Path>;

const merged = (record: Tree, [key, ...rest]: readonly string[], change: object): Tree =>
  key === undefined ? { ...record, ...change } : { ...record, [key]: merged(record[key] as Tree, rest, change) };

/** The trailer with some fields of one record changed; everything else is the very same. */
export const withRecord = <Path extends RecordPath>(
  trailer: Trailer,
  path: Path,
  change: RecordChange<Path>,
): Trailer => merged(trailer, path.split('.'), change) as unknown as Trailer;
