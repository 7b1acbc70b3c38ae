import type { z } from 'zod';
import { fail, ok, type Result } from '../result.js';
import { migrate } from './migrations/index.js';
import { type ReferenceProblem, referenceProblems } from './references.js';
import { FILE_FORMAT, type Project, projectSchema, SCHEMA_VERSION } from './schema.js';

/** One thing that is wrong inside a project: where (`design.cases[2].aboard[0].fill`), and what. */
export type ProjectFault =
  | { readonly code: 'missing'; readonly path: string }
  | { readonly code: 'wrong-kind'; readonly path: string; readonly expected: string }
  | { readonly code: 'too-small' | 'too-large'; readonly path: string; readonly limit: number }
  | { readonly code: 'not-one-of'; readonly path: string; readonly values: readonly string[] }
  | { readonly code: 'not-whole' | 'not-readable'; readonly path: string }
  | { readonly code: ReferenceProblem['code']; readonly path: string; readonly id: string };

/** Why something is not taken for a project; nothing of it is used then. */
export type ProjectProblem =
  | { readonly code: 'not-a-project' }
  | { readonly code: 'too-large' }
  | { readonly code: 'too-deep'; readonly path: string }
  | { readonly code: 'forbidden-name'; readonly path: string }
  | { readonly code: 'bad-version'; readonly found: string }
  | { readonly code: 'newer-version'; readonly version: number; readonly known: number }
  | { readonly code: 'invalid'; readonly problems: readonly ProjectFault[] };

/** Values that a project may hold in all; one of 500 items and 100 loads with all of them aboard holds about this many. */
const MOST_VALUES = 500_000;
/** Objects inside one another; a project's own go six deep. */
const DEEPEST = 40;
/** Faults that are told; a file of another kind has thousands. */
const MOST_FAULTS = 50;

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

export const pathText = (path: readonly PropertyKey[]): string =>
  path.reduce<string>(
    (text, key) => (typeof key === 'number' ? `${text}[${key}]` : text === '' ? String(key) : `${text}.${String(key)}`),
    '',
  );

interface Inside {
  readonly value: unknown;
  readonly key: PropertyKey;
  readonly parent: Inside | undefined;
  readonly depth: number;
}

const pathOf = (inside: Inside): string => {
  const path: PropertyKey[] = [];
  for (let at: Inside | undefined = inside; at?.parent; at = at.parent) path.unshift(at.key);
  return pathText(path.slice(0, 8));
};

/** Looks at size, depth and names before anything else does, without recursion: what fails here is refused at once. */
const shapeProblem = (file: Record<string, unknown>): ProjectProblem | undefined => {
  const waiting: Inside[] = [{ value: file, key: '', parent: undefined, depth: 0 }];
  let seen = 0;
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    const { value, depth } = next;
    if (typeof value !== 'object' || value === null) continue;
    if (depth > DEEPEST) return { code: 'too-deep', path: pathOf(next) };
    const entries: readonly (readonly [PropertyKey, unknown])[] = Array.isArray(value)
      ? value.map((inner: unknown, index) => [index, inner] as const)
      : Object.entries(value);
    seen += entries.length;
    if (seen > MOST_VALUES) return { code: 'too-large' };
    for (const [key, inner] of entries) {
      const inside: Inside = { value: inner, key, parent: next, depth: depth + 1 };
      // Set as a field, this name would change what the object is instead of what it holds.
      if (key === '__proto__') return { code: 'forbidden-name', path: pathOf(inside) };
      waiting.push(inside);
    }
  }
  return undefined;
};

/** What a page's address can hold as it is. */
const ADDRESSABLE = /^(?!\.{1,2}$)[\w.~-]+$/;

/** A short figure that follows from the text: the same text gives the same one (FNV-1a, 32 bit). */
const figureOf = (text: string): string => {
  let hash = 0x811c9dc5;
  for (let index = 0; index < text.length; index += 1) {
    hash ^= text.charCodeAt(index);
    hash = Math.imul(hash, 0x01000193);
  }
  return (hash >>> 0).toString(36);
};

/** An id that no address can hold gets a new one, always the same for the same old one. */
const withAddress = (project: Project): Project =>
  ADDRESSABLE.test(project.id) ? project : { ...project, id: `trailer.${figureOf(project.id)}` };

const valueAt = (value: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (inside, key) =>
      typeof inside === 'object' && inside !== null && Object.hasOwn(inside, key)
        ? (inside as Record<PropertyKey, unknown>)[key]
        : undefined,
    value,
  );

/** What the schema objects to, as a code with its numbers; `wording/` makes the words. */
const faultOf = (issue: z.core.$ZodIssue, file: unknown): ProjectFault => {
  const path = pathText(issue.path);
  if (valueAt(file, issue.path) === undefined) return { code: 'missing', path };
  switch (issue.code) {
    case 'invalid_type':
      return issue.expected === 'int'
        ? { code: 'not-whole', path }
        : { code: 'wrong-kind', path, expected: issue.expected };
    case 'too_small':
      return { code: 'too-small', path, limit: Number(issue.minimum) };
    case 'too_big':
      return { code: 'too-large', path, limit: Number(issue.maximum) };
    case 'invalid_value':
      return { code: 'not-one-of', path, values: issue.values.map(String) };
    default:
      return { code: 'not-readable', path };
  }
};

/**
 * The one way in for a project, wherever it comes from: a file, the browser's database, a link, a test. Version, migrations, schema and
 * references, in that order; all faults of schema or references come back together. Does not throw, whatever it is given.
 */
export const openProject = (raw: unknown): Result<Project, ProjectProblem> => {
  if (!isRecord(raw) || raw['format'] !== FILE_FORMAT) return fail({ code: 'not-a-project' });
  const shape = shapeProblem(raw);
  if (shape) return fail(shape);
  const version = raw['schemaVersion'];
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return fail({ code: 'bad-version', found: JSON.stringify(version)?.slice(0, 40) ?? 'nothing' });
  }
  if (version > SCHEMA_VERSION) return fail({ code: 'newer-version', version, known: SCHEMA_VERSION });
  const file = migrate(raw, version);
  const parsed = projectSchema.safeParse(file);
  if (!parsed.success) {
    return fail({
      code: 'invalid',
      problems: parsed.error.issues.slice(0, MOST_FAULTS).map((issue) => faultOf(issue, file)),
    });
  }
  const dangling = referenceProblems(parsed.data);
  if (dangling.length > 0) {
    return fail({
      code: 'invalid',
      problems: dangling.slice(0, MOST_FAULTS).map(({ path, code, id }) => ({ code, path: pathText(path), id })),
    });
  }
  return ok(withAddress(parsed.data));
};
