export { BRAKE_THRESHOLDS, overrunUpToKg, surgeUpToKg } from './brakes.js';
export { chainClass, chainDropM, chainNeededM } from './chains.js';
export { dValueN, trailerOfDKg, vValueN } from './couplingValues.js';
export { type HitchDemand, hitchDemand } from './demand.js';
export { couplingFindings, type CouplingFindingData, type Hitch, hitchOf, hitchOfLoad } from './findings.js';
export { hitchLinks, type Link, type LinkId, weakestLink } from './links.js';
export { RULES as COUPLING_RULES } from './rules.js';
export { couplerFor } from './couplerFor.js';
