export { type RunningGearFindingData, runningGearFindings } from './findings.js';
