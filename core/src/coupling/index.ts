export { type CouplingFindingData, couplingFindings } from './findings.js';
