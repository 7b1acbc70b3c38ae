export type { Body, Cut, PieceSolid } from './body.js';
export { edgeEnds, loopsOfOutline } from './profiles.js';
export { frameSolids } from './frameSolids.js';
