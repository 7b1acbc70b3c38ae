export { type HouseFigures, houseFigures, type HouseRun, HOUSE_SOURCE, USABLE_SHARE } from './house.js';
export { lampFacts, placedLamps, type PlacedLamp } from './places.js';
export { LAMP_RULES, type LampCode, type LampFacts, type LampPlace, type LampRule, lampsAsked } from './rules.js';
export { type LampToBuy, lampsToBuy, tapeM } from './lampsToBuy.js';
export {
  bundleHoleM,
  CLIP_EVERY_M,
  HOLE_SOURCE,
  SMALL_HOLE_SHARE,
  type WireHole,
  type WireHoles,
  wireHoles,
  type WireWay,
  wireWay,
} from './wireWay.js';
export {
  AMPERES_SOURCE,
  CARRIES_SOURCE,
  type Circuit,
  type CircuitCode,
  circuitsOf,
  DROP_SOURCE,
  dropV,
  gaugesOf,
  LAMP_AMPERES,
  type LampKind,
  type Wire,
  wireFor,
  WIRE_TABLE_SOURCE,
  wireRuns,
  WIRES,
  wireToBuy,
} from './wiring.js';
