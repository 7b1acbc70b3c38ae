export { buildChassis, type Chassis } from './buildChassis.js';
export type { ChassisProblem, EndCut, Extent, Hole, Member, PlanPoint, Point3 } from './member.js';
export type { Panel } from './panels.js';
export type { TongueGeometry } from './tongue.js';
export { type ChassisFinding, type ChassisFindingData, chassisFindings, overallWidthM } from './findings.js';
