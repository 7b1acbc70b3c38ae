export {
  type BeamExtreme,
  type BeamLoads,
  type BeamPiece,
  beamPieces,
  largestMoment,
  largestShear,
  momentAtPlace,
} from './beam.js';
export { bumpFactor, ROAD_FACTORS } from './bumpFactor.js';
export { deflectionAt, elasticLine, largestDeflection, slopeAt } from './deflection.js';
export {
  handCheck,
  type MemberUtilisation,
  type StrengthFinding,
  type StrengthFindingData,
  type StrengthResult,
} from './findings.js';
export type { CaseCheck, Deflection } from './handCheck.js';
export type { MemberWork } from './memberWork.js';
export { equaliserGapM, suspensionForces } from './suspensionForces.js';
export { workAlong, type WorkPoint } from './workAlong.js';
