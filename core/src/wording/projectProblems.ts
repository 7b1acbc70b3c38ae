import type { FileProblem, ProjectFault, ProjectProblem } from '../project/index.js';

const SHOWN = 3;

const FAULT_WORDS = {
  'names-nothing': 'names something that is not there',
  'taken-twice': 'is there twice',
  'stands-on-itself': 'makes the thing stand on itself',
} as const;

const faultText = (fault: ProjectFault): string =>
  fault.code === 'schema'
    ? `${fault.path}: ${fault.message}`
    : `${fault.path}: “${fault.id}” ${FAULT_WORDS[fault.code]}`;

const atPlace = (path: string): string => (path === '' ? '' : `, at ${path}`);

/** Says what is wrong with something that should be a trailer, and where; `what` is "file" or "stored trailer". */
const projectProblem = (problem: ProjectProblem, what: string): string => {
  switch (problem.code) {
    case 'not-a-project':
      return `This is not a Kereta trailer ${what === 'file' ? 'file' : ''}`.trim() + '.';
    case 'too-large':
      return `The ${what} is larger than any trailer.`;
    case 'too-deep':
      return `The ${what} is nested deeper than any trailer${atPlace(problem.path)}.`;
    case 'forbidden-name':
      return `The ${what} holds a name that no trailer has${atPlace(problem.path)}.`;
    case 'newer-version':
      return `The ${what} was written by a newer Kereta (version ${problem.version}, this one knows ${problem.known}). Update Kereta to open it.`;
    case 'bad-version':
      return `The ${what}’s version reads ${problem.found}, which is none.`;
    case 'invalid': {
      const shown = problem.problems.slice(0, SHOWN).map(faultText).join('; ');
      const more = problem.problems.length > SHOWN ? `; and ${problem.problems.length - SHOWN} more` : '';
      return `The ${what} does not hold a whole trailer: ${shown}${more}.`;
    }
  }
};

/** Says what is wrong with a file; nothing of it has been used. */
export const fileProblemSentence = (problem: FileProblem): string => {
  switch (problem.code) {
    case 'empty':
      return 'The file is empty. Nothing was changed.';
    case 'not-json':
      return problem.endsEarly
        ? `The file ends early, in line ${problem.line ?? 1}: part of it was lost on the way. Nothing was changed.`
        : `The file is damaged${problem.line === undefined ? '' : ` in line ${problem.line}`}: it cannot be read as JSON. Nothing was changed.`;
    default:
      return `${projectProblem(problem, 'file')} Nothing was changed.`;
  }
};

/** Says why a trailer that this browser keeps cannot be opened. */
export const storedProblemSentence = (problem: ProjectProblem): string =>
  `${projectProblem(problem, 'stored trailer')} It is still here as it was.`;
