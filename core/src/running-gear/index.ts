export { type AssemblyPart, assemblyRatings, weakestPart } from './assembly.js';
export {
  type AxleCandidate,
  axleCandidates,
  type AxleDemand,
  axleDemand,
  candidateDoes,
  type Misfit,
} from './choose.js';
export { type Clearance, clearances, takeWheelOff, type WheelOff, worstClearances } from './clearances.js';
export { type RunningGearFindingData, runningGearFindings } from './findings.js';
export type { FitFindingData } from './fit/data.js';
export { fitFindings } from './fit/fitFindings.js';
export { type HangerMark, type HangerPlan, hangerPlan, loadedHangers, wantedSpacingM } from './hangers.js';
export { loadedRide, type RideHeights, rideHeights } from './heights.js';
export { LEAN as SHACKLE_LEAN, RULES as RUNNING_GEAR_RULES } from './rules.js';
export { fenderFor } from './fenderFor.js';
export { readStuds } from './studs.js';
