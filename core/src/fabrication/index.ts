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
export { stickPlanSteps } from './stickPlan.js';
export { boughtOf, type Stick, type StickSection } from './sticks.js';
export { usualLengthsM } from './stock.js';
