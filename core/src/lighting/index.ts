export { lampFacts, placedLamps, type PlacedLamp } from './places.js';
export { LAMP_RULES, type LampCode, type LampFacts, type LampPlace, type LampRule, lampsAsked } from './rules.js';
export {
  AMPERES_SOURCE,
  type Circuit,
  type CircuitCode,
  circuitsOf,
  DROP_SOURCE,
  dropV,
  LAMP_AMPERES,
  type LampKind,
  type Wire,
  WIRE_TABLE_SOURCE,
  wireRuns,
  WIRES,
  wireToBuy,
} from './wiring.js';
