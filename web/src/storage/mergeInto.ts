import { mergeRecord, type Project, type RecordEntry } from '@kereta/core';
import { loadTrailer, saveTrailer } from './trailers';

export interface MergeAnswer {
  readonly taken: number;
  readonly conflicts: readonly { readonly here: RecordEntry; readonly arriving: RecordEntry }[];
  /** the trailer is not here, or could not be written just now */
  readonly refused: 'not-here' | 'overtaken' | undefined;
}

/** Puts readings of elsewhere into the trailer that is here; its design is not touched. */
export const mergeInto = async (id: string, arriving: Project['record']): Promise<MergeAnswer> => {
  const here = await loadTrailer(id);
  if (!here?.opened.ok) return { taken: 0, conflicts: [], refused: 'not-here' };
  const { value } = here.opened;
  const merged = mergeRecord(value.record, arriving);
  if (merged.taken.length === 0) return { taken: 0, conflicts: merged.conflicts, refused: undefined };
  const saved = await saveTrailer({ ...value, record: merged.record }, here.updatedAt);
  return saved.kind === 'overtaken'
    ? { taken: 0, conflicts: [], refused: 'overtaken' }
    : { taken: merged.taken.length, conflicts: merged.conflicts, refused: undefined };
};
