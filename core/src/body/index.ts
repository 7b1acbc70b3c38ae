export { ballWithGateKg, type GateFinding, type GateFindingData, gateFindings, rampRad } from './gates.js';
export { RULES as BODY_RULES } from './rules.js';
export { type TiltFinding, type TiltFindingData, tiltFindings, tippingXM } from './tilt.js';
