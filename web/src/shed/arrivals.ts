import {
  type ArrivedBlob,
  fileProblemSentence,
  type Project,
  readTrailers,
  SHED_FILE_SUFFIX,
  writeShed,
} from '@kereta/core';
import { today } from '../fields/newEntry';
import { blobsOf, putBlob } from '../storage/blobs';
import { mergeInto } from '../storage/mergeInto';
import { addTrailer, loadTrailer, type StoredTrailer } from '../storage/trailers';
import { copyOf } from './copyOf';
import { t } from '../fields/language/t';

/** What became of the files that were opened or dropped. */
export interface Arrived {
  /** ids of the trailers that are in the shed now, in order */
  readonly ids: readonly string[];
  /** in words, one for each file or trailer that did not come in */
  readonly problems: readonly string[];
  /** what became of those that came in */
  readonly notes: readonly string[];
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** What became of a trailer that came in. */
export interface TakenIn {
  readonly id: string;
  /** in words; empty where it simply is in the shed now */
  readonly told: string;
}

const entriesText = (count: number): string => (count === 1 ? t('1 entry') : t('{count} entries', { count }));

/**
 * A trailer that is here already is not overwritten. What was noted and read of it elsewhere comes into its record; a design that is another comes
 * in beside it, the very same one not at all.
 */
export const takeInProject = async (project: Project): Promise<TakenIn> => {
  const here = await loadTrailer(project.id);
  if (!here?.opened.ok) {
    const taken = here ? copyOf(project, t('{name} (from file)', { name: project.design.name })) : project;
    await addTrailer(taken);
    return { id: taken.id, told: '' };
  }
  const own = here.opened.value;
  if (same(own, project)) return { id: own.id, told: '' };
  const { taken, conflicts, refused } = await mergeInto(own.id, project.record);
  const told = [
    ...(refused === 'overtaken'
      ? [
          t('{name} was changed just now in another tab: what was noted elsewhere did not come in, try again.', {
            name: own.design.name,
          }),
        ]
      : []),
    ...(taken > 0
      ? [
          t('{taken} noted elsewhere came into the record of {name}.', {
            taken: entriesText(taken),
            name: own.design.name,
          }),
        ]
      : []),
    ...(conflicts.length > 0
      ? [t('{count} say something else here; what was here stays.', { count: entriesText(conflicts.length) })]
      : []),
  ];
  if (same(own.design, project.design)) return { id: own.id, told: told.join(' ') };
  const beside = copyOf(project, t('{name} (from file)', { name: project.design.name }));
  await addTrailer(beside);
  return {
    id: beside.id,
    told: [...told, t('Its design is another: it stands beside as {name}.', { name: beside.design.name })].join(' '),
  };
};

const blobOf = ({ base64, type }: ArrivedBlob): Blob =>
  new Blob([Uint8Array.from(atob(base64), (character) => character.codePointAt(0) ?? 0)], { type });

/** Reads files of trailers and of whole sheds, and takes in what can be read; the rest is told, file by file. */
export const takeInFiles = async (files: readonly File[]): Promise<Arrived> => {
  const ids: string[] = [];
  const problems: string[] = [];
  const notes: string[] = [];
  for (const file of files) {
    const read = readTrailers(await file.text().catch(() => ''));
    if (!read.ok) {
      problems.push(`${file.name}: ${fileProblemSentence(read.error)}`);
      continue;
    }
    for (const { place, problem } of read.value.problems)
      problems.push(
        t('{name}, trailer {place}: {problem}', { name: file.name, place, problem: fileProblemSentence(problem) }),
      );
    for (const project of read.value.projects) {
      try {
        const { id, told } = await takeInProject(project);
        ids.push(id);
        if (told !== '') notes.push(told);
      } catch {
        problems.push(
          t('{name}: {name2} was read, but this browser did not take it: it may be out of room.', {
            name: file.name,
            name2: project.design.name,
          }),
        );
      }
    }
    for (const blob of read.value.blobs) {
      try {
        await putBlob({ id: blob.id, projectId: blob.projectId, blob: blobOf(blob) });
      } catch {
        problems.push(t('{name}: a photo could not be taken in.', { name: file.name }));
      }
    }
  }
  return { ids, problems, notes };
};

const base64Of = async (blob: Blob): Promise<string> => {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = '';
  for (const byte of bytes) text += String.fromCodePoint(byte);
  return btoa(text);
};

/** Photos and papers of these trailers, as they travel in a file. */
const travellingBlobs = async (projectIds: readonly string[]): Promise<readonly ArrivedBlob[]> => {
  const rows = (await Promise.all(projectIds.map(blobsOf))).flat();
  return Promise.all(
    rows.map(async ({ id, projectId, blob }) => ({ id, projectId, type: blob.type, base64: await base64Of(blob) })),
  );
};

/** The whole shed as one file, photos and papers with it. */
export const shedFile = async (
  trailers: readonly Pick<StoredTrailer, 'id' | 'raw'>[],
): Promise<{ readonly name: string; readonly text: string }> => ({
  name: `shed-${today()}${SHED_FILE_SUFFIX}`,
  text: writeShed(
    trailers.map(({ raw }) => raw),
    await travellingBlobs(trailers.map(({ id }) => id)),
  ),
});
