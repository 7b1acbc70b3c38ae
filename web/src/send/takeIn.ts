import { mergeRecord, openProject, type Project, type RecordEntry } from '@kereta/core';
import { loadTrailer, saveTrailer } from '../storage/trailers';

/** What comes over an address: a whole trailer, or only what was recorded of one that is there already. */
export type Sent =
  | { readonly kind: 'trailer'; readonly project: Project }
  | { readonly kind: 'record'; readonly id: string; readonly name: string; readonly record: Project['record'] };

export const sentText = (project: Project, recordOnly: boolean): string =>
  JSON.stringify(
    recordOnly
      ? { kereta: 'record', ...project, design: { name: project.design.name } }
      : { kereta: 'trailer', project },
  );

/** Reads what came; undefined where it is none of ours, or not whole. A record is read with the trailer that it is of. */
export const readSent = async (text: string): Promise<Sent | undefined> => {
  let sent: Readonly<Record<string, unknown>>;
  try {
    sent = JSON.parse(text) as Readonly<Record<string, unknown>>;
  } catch {
    return undefined;
  }
  if (sent['kereta'] === 'trailer') {
    const opened = openProject(sent['project']);
    return opened.ok ? { kind: 'trailer', project: opened.value } : undefined;
  }
  if (sent['kereta'] !== 'record' || typeof sent['id'] !== 'string') return undefined;
  const here = await loadTrailer(sent['id']);
  const design = here?.opened.ok ? here.opened.value : undefined;
  const name = (sent['design'] as { readonly name?: unknown } | undefined)?.name;
  // Checked by the one door, with the design that is here.
  const opened = design && openProject({ ...design, record: sent['record'] });
  return {
    kind: 'record',
    id: sent['id'],
    name: typeof name === 'string' ? name : '',
    record: opened?.ok ? opened.value.record : { entries: [] },
  };
};

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
