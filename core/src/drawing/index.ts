export { gussetFromAbove } from './fittings.js';
export { springCentreYM } from './gear.js';
export { endsInPlan, isMirrored } from './bars.js';
export { flippedView } from './flipped.js';
export {
  type Placing,
  type LaidOut,
  layOut,
  type PlacedDimension,
  type PlacedLabel,
  type PlacedText,
  textWidth,
} from './layOut.js';
export { profileOf } from './profile.js';
export { bedView, crestView, rigView, turnedView, vehicleLengthM } from './rig.js';
export {
  type Bounds,
  boundsOf,
  type Dimension,
  type Label,
  type Layer,
  type Lettering,
  type Line,
  mapShape,
  type Point,
  type DrawnShape,
  type DrawnView,
} from './shapes.js';
export { type Solid, trailerSolids } from './solids.js';
export { type Drawable, planView, type Reach, reachOf, rearView, sideView, type ViewOptions } from './trailerViews.js';
export { drawingSet } from './drawingSet.js';
export { type DrawingSheet, drawingSheet, frameSheet, type PaperId, PAPERS } from './sheet.js';
export type { DrawnWeld } from './weldSheet.js';
export type { SymbolStandard } from './weldSymbols.js';
export type { DrawnText, SayDrawn } from './drawnTexts.js';
