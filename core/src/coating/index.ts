export { type Contact, type ContactCode, contactsOf } from './contacts.js';
export { BOARD_GAP_M, BOARD_M, type DeckSeal, deckSeal, SEAL_SOURCE } from './deckSeal.js';
export {
  DRAIN_M,
  DRAIN_SOURCE,
  type Surroundings,
  VENT_SOURCE,
  ventHoleM,
  type VentRow,
  ventRows,
  ZINC_LOSS_SOURCE,
  ZINC_SOURCE,
  zincOf,
  zincThicknessM,
  zincYears,
} from './galvanizing.js';
export { insideOf, outsideM } from './outside.js';
export { openEndsOf, steelAreaM2, type Surface, surfacesOf } from './surface.js';
export {
  AGE_SOURCE,
  CLEAN_SOURCE,
  COAT_SOURCE,
  COATING_SYSTEMS,
  type CoatingChoice,
  coatingChoice,
  type CoatingFigures,
  coatingFigures,
  type CoatingSystem,
} from './systems.js';
