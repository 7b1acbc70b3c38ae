export {
  afterFlick,
  type Eigenvalue,
  eigenvalues,
  type Flick,
  type Instant,
  leastDamped,
  type LostDamping,
  lostDamping,
  type Oscillation,
  rateMatrix,
  type Rig,
  type TrailerAxle,
} from './sway.js';
export { type TowingFindingData, towingFindings } from './findings.js';
export { heaviestTowed, type TowedCase, towedCases } from './heaviest.js';
export { type CaseLevel, couplerHeightM, hitchUnderLoadM, levelsOf, type MountChoice, mountFor } from './level.js';
export {
  gradePullN,
  rollingPullN,
  stoppingFactor,
  type SweptLane,
  sweptLane,
  tippingSpeedMPerS,
} from './motion.js';
export {
  rampLook,
  type RampLook,
  type RampRig,
  rampRigOf,
  roadZM,
  type SidePoint,
  sidePoints,
  tippedPoint,
  trailerPitchRad,
} from './ramp.js';
export { type MissingOfVehicle, rigOf, STIFFNESS_DOUBT, vehicleAxles, yawInertiaKgM2 } from './rig.js';
export { type CaseSway, type Sway, swayOf } from './swayOf.js';
export {
  type FrontEdge,
  facingEdges,
  frontEdges,
  jackknifeTravelM,
  offTrackingM,
  roomAt,
  tailgateLacksM,
  tightestAt,
  toldAt,
  tongueLacksM,
  touchAngleRad,
  type TurnRoom,
} from './turning.js';
export { AS_IT_IS, changedBy, swayWhatIf, type WhatIf } from './whatIf.js';
export { LEVEL_M, RULES as TOWING_RULES } from './rules.js';
