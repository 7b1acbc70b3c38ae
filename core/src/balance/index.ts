export { type AxlePlacement, placeAxle, SIXTY_FORTY } from './axlePlacement.js';
export { type AxleWindow, caseInterval, commonWindow, type NamedInterval, positionForShare } from './axleWindow.js';
export type { CaseMoments, Interval, WindowReason } from './windowTypes.js';
export {
  asStaticMass,
  ballZM,
  drawnRailTopM,
  drawnStack,
  levelWheelN,
  type MeasuredHeight,
  measuredHeight,
  railTopM,
  stackUnder,
} from './frameHeight.js';
export {
  type AxleLoad,
  type BalancedCase,
  balanceCase,
  balanceParts,
  bandKg,
  bandShares,
  isWithinBand,
  hitchLimitN,
  momentsOf,
  supportOf,
  tongueKg,
  windowGeometry,
  windowLimits,
} from './balanceCase.js';
export { type Dice, diceOf } from './random.js';
export { type Spread, spreadOf } from './spreadOf.js';
export { levelFreeAboveBallM, springShares, type SpringFrame } from './springSharing.js';
export {
  equalisedShares,
  groupCentreXM,
  type StaticLoads,
  type StaticMass,
  standingLoads,
  type Support,
} from './statics.js';
export { type CaseFindingData, caseFindings } from './caseFindings.js';
export {
  type CaseDoubt,
  type DoubtRequest,
  doubtOf,
  doubtSteps,
  EVEN_VARIANCE,
  type Guess,
  type Overload,
  OWN_PARTS,
} from './doubt.js';
export { type ExtremeCase, extremeCases } from './extremes.js';
export {
  type BrakedTrailer,
  type BrakeLinkage,
  brakeLinkage,
  HARD_STOP_G,
  type HardStop,
  hardStop,
  TIRE_GRIP,
} from './hardStop.js';
export { type ParkedTip, parkedTip } from './parked.js';
export { PEOPLE_KG } from './rules.js';
export { type TongueSlopes, tongueSlopes } from './slopes.js';
export { axleWorking, type BalanceFinding, type BalanceFindingData, balanceFindings } from './findings.js';
export { RULES as BALANCE_RULES } from './rules.js';
export { stepsOnRear } from './personOnRear.js';
export { type LedgerRow, type WeightLedger, weightLedger } from './ledger.js';
