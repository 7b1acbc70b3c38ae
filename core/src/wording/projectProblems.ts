import type { FileProblem, ProjectFault, ProjectProblem } from '../project/index.js';

const SHOWN = 3;

/** What a value should be, in words. */
const KIND_WORDS: Readonly<Record<string, string>> = {
  number: 'a number',
  string: 'a text',
  boolean: 'yes or no (true or false)',
  array: 'a list',
  object: 'an object with fields',
  record: 'an object with fields',
  tuple: 'a list',
};
const LISTED = 6;

const faultText = (fault: ProjectFault): string => {
  const what = (): string => {
    switch (fault.code) {
      case 'missing':
        return 'is missing';
      case 'wrong-kind':
        return `should be ${KIND_WORDS[fault.expected] ?? 'something else'}`;
      case 'too-small':
        return `is less than ${fault.limit}, the least that is read`;
      case 'too-large':
        return `is more than ${fault.limit}, the most that is read`;
      case 'not-one-of':
        return `should be ${fault.values.slice(0, LISTED).join(', ')}${fault.values.length > LISTED ? ' or another known word' : ''}`;
      case 'not-whole':
        return 'should be a whole number';
      case 'not-readable':
        return 'is of no kind that is known here';
      case 'names-nothing':
        return `“${fault.id}” names something that is not there`;
      case 'taken-twice':
        return `“${fault.id}” is there twice`;
      case 'stands-on-itself':
        return `“${fault.id}” leads back to the thing itself`;
    }
  };
  return `${fault.path === '' ? 'the whole' : fault.path} ${what()}`;
};

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
