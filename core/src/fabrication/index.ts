export {
  buildCutList,
  type CutList,
  type CutRow,
  type PanelRow,
  type PlateRow,
  type StockTotal,
} from './cutList.js';
export { type FabricationFinding, type FabricationFindingData, fabricationFindings } from './findings.js';
export { RULES as FABRICATION_RULES } from './rules.js';
export {
  CUT_WITHIN_M,
  cutEntryOf,
  type CutPiece,
  cutPiecesOf,
  type CutState,
  serves,
} from './cutPieces.js';
export { type CutOrder, cutOrder } from './cutOrder.js';
export { heldStickOf, holdAll, holdStick, type Moved, movePiece, releaseStick } from './holding.js';
export { type LaidSheet, type SheetGroup, sheetPlan, usualSheets } from './sheetPlan.js';
export { changesSince, drawingSets, type DrawingSetEntry, drawnPieces, type PieceChange } from './revisions.js';
export { type Template, templatesOf } from './templates.js';
export { piecesOf, reinforcementOf } from './pieces.js';
export { stickPlanSteps } from './stickPlan.js';
export { boughtOf, type Stick, type StickSection } from './sticks.js';
export { leftAlone, usualLengthsM } from './stock.js';
