export { bendingShare } from './bending.js';
export { check, checkShare, finding, type Found, shareOf } from './check.js';
export {
  bySeverity,
  byVerdict,
  type Finding,
  type FindingOf,
  rollUp,
  CHECKED_STEP_IDS,
  type CheckedStepId,
  isChecked,
  STEP_IDS,
  type StepId,
  TIGHT_FROM,
  type Verdict,
  verdictOf,
} from './finding.js';
export { type Rule, type Rules, rulesOf, type RuleTable } from './rule.js';
export {
  concluding,
  evaluateExpression,
  type Expression,
  given,
  type Measured,
  minus,
  over,
  plus,
  quantity,
  type QuantityKind,
  times,
  type WorkingLabel,
  type WorkingLine,
  workedOut,
} from './working.js';
