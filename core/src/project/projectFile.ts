import type { ProjectProblem } from './openProject.js';
import type { Project } from './schema.js';

/** Why a file is not taken; nothing of it is used then. */
export type FileProblem =
  | { readonly code: 'empty' }
  | { readonly code: 'not-json'; readonly line: number | undefined; readonly endsEarly: boolean }
  | ProjectProblem;

export const PROJECT_FILE_SUFFIX = '.kereta.json';

export const writeProject = (project: Project): string => `${JSON.stringify(project, undefined, 2)}\n`;
