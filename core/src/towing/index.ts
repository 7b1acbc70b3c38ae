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
export { type MissingOfVehicle, rigOf, STIFFNESS_DOUBT, vehicleAxles, yawInertiaKgM2 } from './rig.js';
export { type CaseSway, type Sway, swayOf } from './swayOf.js';
export {
  type FrontEdge,
  frontEdges,
  offTrackingM,
  roomAt,
  tightestAt,
  tongueLacksM,
  touchAngleRad,
  type TurnRoom,
} from './turning.js';
