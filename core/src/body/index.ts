export { ballWithGateKg, type GateFinding, type GateFindingData, gateFindings } from './gates.js';
export { RULES as BODY_RULES } from './rules.js';
export { type TreadFinding, type TreadFindingData, treadFindings } from './treads.js';
export { type TiltFinding, type TiltFindingData, tiltFindings, tippingXM } from './tilt.js';
