export {
  archUnderM,
  chordM,
  clampLengthM,
  flatLengthM,
  HANGER_DROP_M,
  leafRateNPerM,
  leafSpringKg,
  leafStressPa,
  shackleAngleRad,
  type Spring,
} from './leaf.js';
export { hasAxleAcross, isSprung } from './kinds.js';
export { beamPivotXM } from './walkingBeam.js';
export { bounceHz, wheelRateNPerM } from './rates.js';
export { type HeightStack, heightStack, saysHeight, usualRailTopM } from './stack.js';
export { swingForces, swingRatio, swingTravelM, swingWheelRate } from './swingArm.js';
