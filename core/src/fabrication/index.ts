export {
  buildCutList,
  type CutList,
  type CutRow,
  type FabricationFinding,
  type FabricationFindingData,
  fabricationFindings,
  type StockTotal,
} from './cutList.js';
