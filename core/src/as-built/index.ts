export { isOwnGroup, type Masses, OWN_GROUPS, type OwnGroup, takenMasses, withMasses } from './masses.js';
export {
  BUILT,
  BUILT_SIZES,
  type BuiltReading,
  builtReadings,
  type BuiltSize,
  drawnSize,
  withBuiltSizes,
} from './sizes.js';
export { type Basis, type LoadInStates, type States, statesOf, trailerIn, type VerdictChange } from './states.js';
export { type MassFound, type ReadingFit, type UsedReading, type Weighed, weighedOf } from './weighed.js';
