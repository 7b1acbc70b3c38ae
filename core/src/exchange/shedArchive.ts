import { z } from 'zod';
import { type FileProblem, openProject, type Project, readJson } from '../project/index.js';
import { fail, ok, type Result } from '../result.js';

const SHED_FORMAT = 'kereta-shed';
export const SHED_FILE_SUFFIX = '.kereta-shed.json';

const blobSchema = z.object({ id: z.string(), projectId: z.string(), type: z.string(), base64: z.string() });
/** A photo or paper of a trailer's record, as it travels in a file. */
export type ArrivedBlob = z.infer<typeof blobSchema>;

/** Whole sheds are read leniently: each trailer goes through its own door, and one that cannot be opened does not keep the others out. */
const shedSchema = z.object({
  format: z.literal(SHED_FORMAT),
  version: z.literal(1),
  trailers: z.array(z.unknown()).max(10_000),
  blobs: z.array(blobSchema).max(10_000),
});

/** What a file brings: trailers, and what of it could not be read, by its place in the file. */
export interface Arrival {
  readonly projects: readonly Project[];
  readonly problems: readonly { readonly place: number; readonly problem: FileProblem }[];
  readonly blobs: readonly ArrivedBlob[];
}

/** All trailers of a browser in one file, readable or not, as they lie there; with their photos. */
export const writeShed = (trailers: readonly unknown[], blobs: readonly ArrivedBlob[]): string =>
  `${JSON.stringify({ format: SHED_FORMAT, version: 1, trailers, blobs }, undefined, 1)}\n`;

const isShed = (raw: unknown): boolean =>
  typeof raw === 'object' && raw !== null && (raw as { format?: unknown }).format === SHED_FORMAT;

/** Reads a trailer's file or a whole shed's. */
export const readTrailers = (text: string): Result<Arrival, FileProblem> => {
  const raw = readJson(text);
  if (!raw.ok) return raw;
  if (!isShed(raw.value)) {
    const project = openProject(raw.value);
    return project.ok ? ok({ projects: [project.value], problems: [], blobs: [] }) : project;
  }
  const shed = shedSchema.safeParse(raw.value);
  if (!shed.success) {
    const [first] = shed.error.issues;
    return fail({
      code: 'invalid',
      problems: [{ code: 'not-readable', path: (first?.path ?? []).map(String).join('.') }],
    });
  }
  const opened = shed.data.trailers.map(openProject);
  return ok({
    projects: opened.flatMap((project) => (project.ok ? [project.value] : [])),
    problems: opened.flatMap((project, index) => (project.ok ? [] : [{ place: index + 1, problem: project.error }])),
    blobs: shed.data.blobs,
  });
};
