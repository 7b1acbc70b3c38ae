export { AXLE_IDS, type AxleId, type CarriedBy, type Part, type PartGroup, unsprungAxleOf } from './part.js';
export {
  aboardOf,
  axleCount,
  axlePlaces,
  isIndependent,
  originXM,
  itemPart,
  itemParts,
  trailerParts,
} from './parts.js';
export { heaviestMachine, type Machine, PERSON_KG } from './onDeck.js';
export { spareWheels } from './spares.js';
export { bedTipsRad, fallsRad, gatesDown, inState, isTipped, rampRad, tipsWithBed } from './states.js';
export { type MassSum, sumByGroup, sumMass } from './sum.js';
export { type MassFinding, type MassFindingData, massFindings } from './findings.js';
export { RULES as MASS_RULES } from './rules.js';
