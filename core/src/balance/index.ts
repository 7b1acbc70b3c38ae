export { type AxlePlacement, placeAxle, SIXTY_FORTY } from './axlePlacement.js';
export {
  type AxleWindow,
  caseInterval,
  type CaseMoments,
  commonWindow,
  type Interval,
  type NamedInterval,
  positionForShare,
  type WindowReason,
} from './axleWindow.js';
export {
  type AxleLoad,
  type BalancedCase,
  balanceCase,
  balanceParts,
  bandKg,
  hitchLimitN,
  momentsOf,
  supportOf,
  tongueKg,
  windowGeometry,
  windowLimits,
} from './balanceCase.js';
export { groupCentreXM, type StaticLoads, type StaticMass, standingLoads, type Support } from './statics.js';
export { axleWorking, type BalanceFinding, type BalanceFindingData, balanceFindings } from './findings.js';
