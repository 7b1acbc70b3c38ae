export {
  type AllFindingData,
  type AnyFinding,
  evaluate,
  type Evaluation,
  type StepResult,
} from './evaluate.js';
export { analysisInput, evaluateFully, withOlderStrength, withStrength } from './withStrength.js';
export { type Fail, failsOf } from './fails.js';
export { type Advice, type AdviceEffect, type AdviceMove, adviceFor, adviceSteps } from './advice.js';
export { BATHROOM_SCALE_BAND, type SchoolAnswer, schoolAnswers } from './schools.js';
export { findingsOfCase, loadAnswer, verdictOfCase } from './findingsOfCase.js';
export { type Change, changesBetween } from './changes.js';
export { type TongueLengthRow, tongueLengthRows } from './tongueLengths.js';
export { type ShareLine, shareOverAxle } from './shareOverAxle.js';
export { RULEBOOK } from './rulebook.js';
