export { chanceOfChiSquared } from './chiSquared.js';
export { type KnownMass, reconcile, type Reconciled, type ScaleReading, type WeighIn } from './reconcile.js';
