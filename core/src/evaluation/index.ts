export { type AllFindingData, type AnyFinding, evaluate, type Evaluation, type StepResult } from './evaluate.js';
export { analysisInput, evaluateFully, withOlderStrength, withStrength } from './withStrength.js';
