export {
  type BeamExtreme,
  type BeamLoads,
  type BeamPiece,
  beamPieces,
  largestMoment,
  largestShear,
  momentAtPlace,
} from './by-hand/beam.js';
export { bumpFactor, ROAD_FACTORS, usualBumpFactor } from './roads.js';
export { deckFindings, type DeckFindingData, deckSpanM } from './deck/findings.js';
export { sideRailFindings, type SideRailFindingData } from './deck/sideRail.js';
export { strapFindings, type StrapFindingData } from './deck/straps.js';
export { homeMadeFindings, type HomeMadeFindingData } from './joints/homeMade.js';
export { deflectionAt, elasticLine, largestDeflection, slopeAt } from './by-hand/deflection.js';
export {
  handCheck,
  type MemberUtilisation,
  type StrengthFinding,
  type StrengthFindingData,
  type StrengthResult,
} from './by-hand/findings.js';
export type { CaseCheck, Deflection } from './by-hand/handCheck.js';
export type { MemberWork } from './by-hand/memberWork.js';
export { equaliserGapM, suspensionForces } from './by-hand/suspensionForces.js';
export { workAlong, type WorkPoint } from './by-hand/workAlong.js';
export type {
  AnalysisOutcome,
  BoltResult,
  FatigueResult,
  FrameDeflection,
  Governing,
  HangerResult,
  MemberResult,
  OpinionResult,
  RunBalance,
  RunKey,
  StrengthAnalysis,
  WallResult,
  WeldResult,
} from './analysis/analysis.js';
export { fatigueShare } from './analysis/fatigue.js';
export { type AnalysisInput, analyseStrength, analysisSteps } from './analysis/analyse.js';
export type { WatchedRun } from './analysis/collect.js';
export { type BarInRun, barsOfRun } from './analysis/barsOfRun.js';
export type { AnalysisFinding, AnalysisFindingData } from './analysis/findings/data.js';
export { analysisFindings } from './analysis/findings/findings.js';
export { type JointLook, jointsOf } from './analysis/joints.js';
export { type BentBar, bentFrame, type DiagramPoint, memberDiagram, type MemberDiagram } from './analysis/lookInto.js';
export { type Hardest, hardestOf } from './analysis/hardest.js';
export type { WallMend } from './joints/wallUnderEnd.js';
export type { WeldMend } from './joints/weldMend.js';
export { GROSS_CASE_IDS } from './situations/ratedGross.js';
export { BADLY_OFF, OPINION_IDS, type OpinionId, opinionOf, resultOf } from './situations/opinions.js';
export { type Situation, SITUATION_IDS, type SituationId, SITUATIONS } from './situations/situations.js';
export { LEAST_WALL_M, METAL_FAMILIES, usualRequest } from './sizing/usualRequest.js';
export {
  SIZED_GROUPS,
  type SizedGroup,
  type Sections,
  type Worst,
  withSections,
} from './sizing/design.js';
export { neighbourSteps, type SizeStep } from './sizing/neighbours.js';
export { pieceSteps, type SizedPiece } from './sizing/pieces.js';
export type { FailsOf, NewFail, SizedDesign, SizingProgress, SizingRequest, SizingResult } from './sizing/request.js';
export { sizingSteps } from './sizing/size.js';
export { type Carry, carrySteps, type GrossLimit, withLoads } from './sizing/carry.js';
export { type WayOut, wayOutSteps, withBar } from './sizing/wayOut.js';
export { type TongueSpliceFindingData, tongueSpliceFindings } from './joints/tongueSplice.js';
export { type TonguePinFindingData, tonguePinFindings } from './joints/tonguePins.js';
export { RULES as STRENGTH_RULES } from './rules.js';
