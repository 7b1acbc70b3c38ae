export { type CouplingFinding, type CouplingFindingData, couplingFindings } from './findings.js';
