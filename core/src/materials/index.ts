export { type Allowable, allowableBending, allowableShear, madeIn, type Material, WELD_ZONE_M } from './material.js';
export { METALS, UNMARKED_YIELD_PA } from './metals.js';
