export * from './as-built/index.js';
export * from './service/index.js';
export * from './balance/index.js';
export * from './building/index.js';
export * from './buying/index.js';
export { type Kernel, loadKernel, type NamedShape, shapeSteps, type SolidFormat, solidsFile } from './cad/index.js';
export * from './catalog/index.js';
export * from './chassis/index.js';
export * from './coupling/index.js';
export * from './demos/index.js';
export * from './drawing/index.js';
export * from './evaluation/index.js';
export * from './exchange/index.js';
export * from './fabrication/index.js';
export * from './findings/index.js';
export {
  type FrameModel,
  innerExtremes,
  innerForces,
  innerRoom,
  type LoadPattern,
  layPieces,
  memberInner,
  memberPieces,
  pieceLoads,
  weightedSum,
  prepareFrame,
  solvePattern,
} from './frame-analysis/index.js';
export * from './jobs/index.js';
export * from './coating/index.js';
export * from './lighting/index.js';
export * from './manners/index.js';
export * from './mass/index.js';
export * from './materials/index.js';
export { type CuttingProblem, firstFit, loadSolver, nestSteps } from './nesting/index.js';
export * from './project/index.js';
export { fail, ok, type Result } from './result.js';
export * from './sections/index.js';
export * from './solids/index.js';
export type { Source } from './source.js';
export { lastOf, type Progress, type Steps } from './steps.js';
export * from './running-gear/index.js';
export * from './squaring/index.js';
export * from './suspension/index.js';
export * from './strength/index.js';
export * from './starting/index.js';
export * from './towing/index.js';
export * from './training/index.js';
export * from './units/index.js';
export * from './weighing/index.js';
export * from './wording/index.js';
