export { frameProblemSentence } from './frameProblems.js';
export {
  cutText,
  PART_GROUP_NAMES,
  SITUATION_NAMES,
  SITUATION_PHRASES,
  sourceText,
  STEP_NAMES,
  textProblemSentence,
  VERDICT_WORDS,
  WORKING_LABELS,
} from './labels.js';
export { loadHint } from './loadHints.js';
export { fileProblemSentence, storedProblemSentence } from './projectProblems.js';
export { type PrintedLine, printWorking } from './printWorking.js';
export { SENTENCES, sentenceOf } from './sentences/sentences.js';
export { type Speaker, speaker } from './speak.js';
