export {
  buildCutList,
  type CutList,
  type CutRow,
  type FabricationFinding,
  type FabricationFindingData,
  fabricationFindings,
  type PlateRow,
  type StockTotal,
} from './cutList.js';
