import type { FileProblem } from './projectFile.js';

const SHOWN = 3;

/** Says what is wrong with a file, and where; nothing of it has been used. */
export const fileProblemSentence = (problem: FileProblem): string => {
  switch (problem.code) {
    case 'empty':
      return 'The file is empty. Nothing was changed.';
    case 'not-json':
      return problem.endsEarly
        ? `The file ends early, in line ${problem.line ?? 1}: part of it was lost on the way. Nothing was changed.`
        : `The file is damaged${problem.line === undefined ? '' : ` in line ${problem.line}`}: it cannot be read as JSON. Nothing was changed.`;
    case 'not-a-project':
      return 'This is not a Kereta trailer file. Nothing was changed.';
    case 'newer-version':
      return `The file was written by a newer Kereta (version ${problem.version} of the file, this one knows ${problem.known}). Update Kereta to open it. Nothing was changed.`;
    case 'bad-version':
      return `The file’s version reads ${problem.found}, which is none. Nothing was changed.`;
    case 'invalid': {
      const shown = problem.problems
        .slice(0, SHOWN)
        .map(({ path, message }) => `${path}: ${message}`)
        .join('; ');
      const more = problem.problems.length > SHOWN ? `; and ${problem.problems.length - SHOWN} more` : '';
      return `The file does not hold a whole trailer: ${shown}${more}. Nothing was changed.`;
    }
  }
};
