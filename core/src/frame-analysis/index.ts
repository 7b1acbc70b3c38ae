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
export { nodeLoadSolver } from './nodeLoads.js';
export { equilibriumResidual } from './equilibrium.js';
export { noLoads, readyLoads, type ReadyLoads, sumOfLoads } from './loads.js';
export {
  holdFrame,
  type PreparedFrame,
  type PreparedMember,
  prepareFrame,
  prepareMembers,
  type UnheldFrame,
} from './prepare.js';
export { endMovements, type PatternSolution, solveLoads, solvePattern } from './solve.js';
export {
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
  innerRoom,
  largestBow,
  layPieces,
  type MemberPieces,
  memberInner,
  memberPieces,
  movementAt,
  type PieceLayout,
  pieceLoads,
  pieceRoom,
  piecesOf,
  visitPeaks,
  weightedSum,
} from './diagrams.js';
export { add, cross, dot, length, scale, subtract } from './vectors.js';
