export { firstFit } from './firstFit.js';
export { type Nested, nestSteps, type NoPlan } from './nest.js';
export {
  type CuttingPlan,
  type CuttingProblem,
  type Part,
  type Pattern,
  type PlannedPattern,
  type Stock,
  takenBy,
} from './problem.js';
export { type CutSheet, fitsOnSheet, nestSheets, type PlacedPart, type Rectangle, type SheetPart } from './sheets.js';
export { loadSolver } from './solver.js';
