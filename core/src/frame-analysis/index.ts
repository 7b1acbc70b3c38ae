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
export { nodeLoadSolver, type SolutionShare } from './nodeLoads.js';
export { equilibriumResidual } from './equilibrium.js';
export { readyLoads, type ReadyLoads, sumOfLoads } from './loads.js';
export { holdFrame, prepareFrame } from './hold.js';
export { type PreparedFrame, type PreparedMember, prepareMembers, type UnheldFrame } from './prepare.js';
export { endMovements, type PatternSolution, solveLoads, solvePattern } from './solve.js';
export {
  INNER_FORCES,
  type InnerAt,
  innerAt,
  type InnerForce,
  innerForces,
  innerInPiece,
  innerRoom,
  layPieces,
  type MemberPieces,
  memberInner,
  memberPieces,
  noInner,
  pieceAt,
  type PieceLayout,
  pieceLoads,
  pieceRoom,
  piecesOf,
  weightedSum,
  type WritableInner,
} from './pieces.js';
export {
  type Extreme,
  findPeaks,
  type InnerExtremes,
  innerExtremes,
  noPlaces,
  peaksOf,
  type Places,
} from './extremes.js';
export { type Deflection, deflectionAt, deflections, largestBow, movementAt } from './deflections.js';
export { add, cross, dot, length, scale, subtract } from './vectors.js';
