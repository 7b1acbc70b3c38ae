import { migrate, type Project, projectSchema, FILE_FORMAT, SCHEMA_VERSION } from '../project/index.js';
import { fail, ok, type Result } from '../result.js';

/** Why a file is not taken; nothing of it is used then. */
export type FileProblem =
  | { readonly code: 'empty' }
  | { readonly code: 'not-json'; readonly line: number | undefined; readonly endsEarly: boolean }
  | { readonly code: 'not-a-project' }
  | { readonly code: 'newer-version'; readonly version: number; readonly known: number }
  | { readonly code: 'bad-version'; readonly found: string }
  | { readonly code: 'invalid'; readonly problems: readonly { readonly path: string; readonly message: string }[] };

/** Largest file that is looked at, characters; a project is a few tens of thousands. */
const LARGEST_FILE = 20_000_000;

export const PROJECT_FILE_SUFFIX = '.kereta.json';

export const writeProject = (project: Project): string => `${JSON.stringify(project, undefined, 2)}\n`;

const jsonProblem = (text: string, error: unknown): FileProblem => {
  const message = error instanceof Error ? error.message : '';
  const position = /position (\d+)/.exec(message)?.[1];
  // The parser stops where the text does: what came before it was in order.
  const endsEarly =
    /end of JSON|unterminated/i.test(message) || (position !== undefined && Number(position) >= text.trimEnd().length);
  const line = position === undefined ? text.split('\n').length : text.slice(0, Number(position)).split('\n').length;
  return { code: 'not-json', line, endsEarly };
};

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** `cases[2].aboard[0].fill` */
export const pathText = (path: readonly PropertyKey[]): string =>
  path.reduce<string>(
    (text, key) => (typeof key === 'number' ? `${text}[${key}]` : text === '' ? String(key) : `${text}.${String(key)}`),
    '',
  );

/** Reads a project file: JSON, version, migrations, schema, in that order; all problems of the schema come back together. */
export const readProject = (text: string): Result<Project, FileProblem> => {
  if (text.trim() === '') return fail({ code: 'empty' });
  if (text.length > LARGEST_FILE) return fail({ code: 'not-a-project' });
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (error) {
    return fail(jsonProblem(text, error));
  }
  if (!isRecord(raw) || raw['format'] !== FILE_FORMAT) return fail({ code: 'not-a-project' });
  const version = raw['schemaVersion'];
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return fail({ code: 'bad-version', found: JSON.stringify(version) ?? 'nothing' });
  }
  if (version > SCHEMA_VERSION) return fail({ code: 'newer-version', version, known: SCHEMA_VERSION });
  const parsed = projectSchema.safeParse(migrate(raw, version));
  if (parsed.success) return ok(parsed.data);
  return fail({
    code: 'invalid',
    problems: parsed.error.issues.map(({ path, message }) => ({ path: pathText(path), message })),
  });
};
