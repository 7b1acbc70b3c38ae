export {
  aboardOf,
  AXLE_IDS,
  axleCount,
  type AxleId,
  axlePlaces,
  isIndependent,
  originXM,
  unsprungAxleOf,
  type CarriedBy,
  itemPart,
  itemParts,
  type Part,
  type PartGroup,
  trailerParts,
} from './parts.js';
export { heaviestMachine, type Machine, PERSON_KG } from './onDeck.js';
export { spareWheels } from './spares.js';
export { bedTipsRad, fallsRad, gatesDown, inState, isTipped, rampRad, tipsWithBed } from './states.js';
export { type MassSum, sumByGroup, sumMass } from './sum.js';
export { type MassFinding, type MassFindingData, massFindings } from './findings.js';
export { RULES as MASS_RULES } from './rules.js';
