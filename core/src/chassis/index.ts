export { buildChassis, type Chassis } from './buildChassis.js';
export {
  type BuiltUp,
  type ChassisProblem,
  type EndCut,
  type EndFinish,
  type Extent,
  type Hole,
  type Member,
  type MiddleLine,
  planArea,
  type PlanPoint,
  type Point3,
  rearOutline,
  sideOutline,
} from './member.js';
export { directionOf, lineBetween, lineLengthM, middleLineOf, placeOnLine } from './middleLine.js';
export { barBetween, type PointedAt } from './ownBarBetween.js';
export { mirroredOwnBar, shiftedOwnBar } from './ownBarCopies.js';
export { type BarBox, boxesAlong } from './barBoxes.js';
export type { BarDraft } from './ownBars.js';
export { panelBoxes, panelSizes } from './ownPanels.js';
export { reinforcedStretch, reinforcementKg } from './reinforced.js';
export { pieceAsOwn } from './pieceAsOwn.js';
export { rackUnder } from './rack.js';
export { deckLay, type SheetJoint, sheetJoints, type SheetLay, sheetLay, wholeSheetLengthM } from './sheets.js';
export { openReachM, webOf } from './openSide.js';
export { tieDownPlaces } from './fittings.js';
export type { Cutout, OwnSheet, Panel } from './panel.js';
export { type Cope, copeInto } from './cope.js';
export { type EndWork, endWorkOf } from './endWork.js';
export { saddleLengthM } from './hollow.js';
export type { Plate } from './plates.js';
export { type Crossing, tongueMiddle, withRearHeld } from './tongue/crossings.js';
export type { TongueGeometry } from './tongue/buildTongue.js';
export { slopedCut } from './tongue/slantedBar.js';
export {
  type ChassisFinding,
  type ChassisFindingData,
  chassisFindings,
  type Outline,
  overallWidthM,
} from './findings.js';
export { RULES as CHASSIS_RULES } from './rules.js';
