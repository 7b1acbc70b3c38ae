import {
  type ArrivedBlob,
  fileProblemSentence,
  type Project,
  readTrailers,
  SHED_FILE_SUFFIX,
  writeShed,
} from '@kereta/core';
import { blobsOf, putBlob } from '../storage/blobs';
import { addTrailer, loadTrailer, type StoredTrailer } from '../storage/trailers';
import { copyOf } from './copyOf';

/** What became of the files that were opened or dropped. */
export interface Arrived {
  /** ids of the trailers that are in the shed now, in order */
  readonly ids: readonly string[];
  /** in words, one for each file or trailer that did not come in */
  readonly problems: readonly string[];
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** A trailer that is here already is not overwritten: another one comes in beside it, the very same one not at all. */
const takeIn = async (project: Project): Promise<string> => {
  const here = await loadTrailer(project.id);
  if (here?.opened.ok && same(here.opened.value, project)) return project.id;
  const taken = here ? copyOf(project, `${project.design.name} (from file)`) : project;
  await addTrailer(taken);
  return taken.id;
};

const blobOf = ({ base64, type }: ArrivedBlob): Blob =>
  new Blob([Uint8Array.from(atob(base64), (character) => character.codePointAt(0) ?? 0)], { type });

/** Reads files of trailers and of whole sheds, and takes in what can be read; the rest is told, file by file. */
export const takeInFiles = async (files: readonly File[]): Promise<Arrived> => {
  const ids: string[] = [];
  const problems: string[] = [];
  for (const file of files) {
    const read = readTrailers(await file.text().catch(() => ''));
    if (!read.ok) {
      problems.push(`${file.name}: ${fileProblemSentence(read.error)}`);
      continue;
    }
    for (const { place, problem } of read.value.problems)
      problems.push(`${file.name}, trailer ${place}: ${fileProblemSentence(problem)}`);
    for (const project of read.value.projects) {
      try {
        ids.push(await takeIn(project));
      } catch {
        problems.push(
          `${file.name}: ${project.design.name} was read, but this browser did not take it: it may be out of room.`,
        );
      }
    }
    for (const blob of read.value.blobs) {
      try {
        await putBlob({ id: blob.id, projectId: blob.projectId, blob: blobOf(blob) });
      } catch {
        problems.push(`${file.name}: a photo could not be taken in.`);
      }
    }
  }
  return { ids, problems };
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
  name: `shed-${new Date().toISOString().slice(0, 10)}${SHED_FILE_SUFFIX}`,
  text: writeShed(
    trailers.map(({ raw }) => raw),
    await travellingBlobs(trailers.map(({ id }) => id)),
  ),
});
