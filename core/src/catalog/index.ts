export {
  BALL_ROWS,
  type BallRow,
  CHAIN_ROWS,
  type ChainRow,
  J684_CLASSES,
  JACK_ROWS,
  type JackRow,
  MOUNT_DROPS_M,
  RECEIVER_ROWS,
  type ReceiverRow,
} from './hitchRows.js';
export {
  AXLE_ROWS,
  type AxleRow,
  COUPLER_ROWS,
  type CouplerRow,
  DECK_ROWS,
  SHEET_ROWS,
  type SheetRow,
  LOAD_INDEXES,
  loadOfIndexKg,
  SHEET_SIZES,
  type SheetSize,
  SPRING_ROWS,
  STUD_CIRCLES,
  type SpringRow,
  type DeckRow,
  PASSENGER_TIRE_DERATING,
  TIRE_ROWS,
  type TireRow,
} from './runningGearRows.js';
export { searchRank, searchText } from './search.js';
export { SECTION_ROWS, type SectionRow } from './sectionRows.js';
export { USUAL_LOADS, type UsualLoad } from './usualLoads.js';
export { VEHICLE_ROWS, type VehicleRow } from './vehicleRows.js';
