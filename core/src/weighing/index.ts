export {
  MAY_BE_EMPTY,
  WEIGH_FIELDS,
  WEIGH_METHODS,
  type WeighField,
  type WeighMethod,
  workedOutBy,
  type WorkedOut,
} from './guided.js';
export { chanceOfChiSquared } from './chiSquared.js';
export { type BestEstimate, bestEstimate, type Guessed, type Row } from './leastSquares.js';
export { heightByRaisingSide, heightByTilting, leverLoad, publicScale, type Read } from './methods.js';
export {
  type KnownMass,
  reconcile,
  type Reconciled,
  type ScaleReading,
  scaleShareOf,
  type WeighIn,
} from './reconcile.js';
export {
  afterLine,
  type Channel,
  NO_READING,
  readScaleLine,
  type ScaleLine,
  type ScaleState,
} from './scaleStream.js';
