export {
  AXLE_ROWS,
  type AxleRow,
  BALL_ROWS,
  COUPLER_ROWS,
  type CouplerRow,
  DECK_ROWS,
  LOAD_INDEXES,
  loadOfIndexKg,
  SPRING_ROWS,
  type SpringRow,
  type DeckRow,
  PASSENGER_TIRE_DERATING,
  TIRE_ROWS,
  type TireRow,
} from './runningGearRows.js';
export { SECTION_ROWS, type SectionRow } from './sectionRows.js';
