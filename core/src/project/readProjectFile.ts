import { fail, ok, type Result } from '../result.js';
import { damageOf } from './damagedLine.js';
import { openProject } from './openProject.js';
import type { FileProblem } from './projectFile.js';
import type { Project } from './schema.js';

/** Largest file that is looked at, characters; a project is a few tens of thousands, a whole shed with photos more. */
const LARGEST_FILE = 100_000_000;

/** Editors of some systems put it before the text; it means nothing. */
export const withoutByteOrderMark = (text: string): string => text.replace(/^\uFEFF/, '');

/** Reads the text of a file as JSON, and says where it is damaged. */
export const readJson = (file: string): Result<unknown, FileProblem> => {
  const text = withoutByteOrderMark(file);
  if (text.trim() === '') return fail({ code: 'empty' });
  if (text.length > LARGEST_FILE) return fail({ code: 'too-large' });
  try {
    return ok(JSON.parse(text));
  } catch {
    return fail({ code: 'not-json', ...damageOf(text) });
  }
};

/** Reads a project file: JSON, then `openProject`. */
export const readProject = (file: string): Result<Project, FileProblem> => {
  const raw = readJson(file);
  return raw.ok ? openProject(raw.value) : raw;
};
