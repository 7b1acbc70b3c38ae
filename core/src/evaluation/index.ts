export { type AllFindingData, type AnyFinding, evaluate, type Evaluation, type StepResult } from './evaluate.js';
export { analysisInput, evaluateFully, withOlderStrength, withStrength } from './withStrength.js';
export { type Advice, type AdviceEffect, type AdviceMove, adviceFor, loadsWithin } from './advice.js';
export { type Change, changesBetween } from './changes.js';
