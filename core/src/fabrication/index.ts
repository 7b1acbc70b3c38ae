export {
  buildCutList,
  type CutList,
  type CutRow,
  type FabricationFinding,
  type FabricationFindingData,
  fabricationFindings,
  type PanelRow,
  type PlateRow,
  type StockTotal,
} from './cutList.js';
export { RULES as FABRICATION_RULES } from './rules.js';
