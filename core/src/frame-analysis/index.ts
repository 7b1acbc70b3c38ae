export {
  type EndSprings,
  FREEDOMS,
  type FrameMember,
  type FrameModel,
  type FrameNode,
  type FrameProblem,
  type FrameSupport,
  type Freedom,
  type FreeMovement,
  type LoadPattern,
  type MemberLoad,
  type MemberStiffness,
  type NodalLoad,
  type Restraint,
  type Vector3,
} from './frame.js';
export { type MemberAxes, toGlobal, toLocal } from './memberAxes.js';
export { type PreparedFrame, type PreparedMember, prepareFrame } from './prepare.js';
export { endMovements, type PatternSolution, solvePattern } from './solve.js';
export {
  combineInner,
  type Deflection,
  deflectionAt,
  deflections,
  type Extreme,
  INNER_FORCES,
  type InnerAt,
  innerAt,
  type InnerExtremes,
  innerExtremes,
  type InnerForce,
  innerForces,
  innerShare,
  innerSize,
  largestBow,
  type MemberPieces,
  memberPieces,
  movementAt,
  visitPeaks,
} from './diagrams.js';
export { add, cross, dot, length, scale, subtract } from './vectors.js';
