export {
  type RunningGearFinding,
  type RunningGearFindingData,
  runningGearFindings,
  tireAllowedKg,
} from './findings.js';
