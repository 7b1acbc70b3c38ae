export {
  addCrossMember,
  addOwnBar,
  changeOwnBar,
  removeOwnBar,
  widestGapM,
  addItem,
  changeCase,
  changeItem,
  explicitCrossMembers,
  moveCrossMember,
  overrideBar,
  removeCase,
  removeCrossMember,
  removeItem,
  setAboard,
} from './edits.js';
export { exampleOf, likeExample } from './exampleVehicle.js';
export { trackOf, withHubFace, withTire, withTrack, withWheel } from './gearChanges.js';
export { metalOfNewSection, type MetalOfSection } from './metalOfSection.js';
export { type Limits, limitsOf, schemaLimitsOf } from './limits.js';
export { type FieldPath, USUAL_SIZES } from './usualSizes.js';
export { MIGRATIONS, type Migration, migrate } from './migrations/index.js';
export {
  axleFromCatalog,
  couplingFromCatalog,
  FIXED_JOINT,
  type NewProject,
  newProject,
  PLAIN_TONGUE,
  tireFromCatalog,
  UNKNOWN_VEHICLE,
  USUAL_SUSPENSION,
} from './newProject.js';
export {
  type End,
  isOfAxle,
  isOfTongue,
  pairOf,
  parsePartId,
  type PartId,
  printPartId,
  type Side,
  type TongueLine,
} from './partId.js';
export { openProject, pathText, type ProjectFault, type ProjectProblem } from './openProject.js';
export {
  addOwnPanel,
  addPiece,
  changeOwnPanel,
  changePiece,
  newOwnPanel,
  removeOwnPanel,
  removePiece,
} from './pieceEdits.js';
export { axleRatingKg } from './axleRating.js';
export { newPiece } from './newPiece.js';
export { keptBars, keptPieces, withKeptBar, withKeptPiece } from './keptPieces.js';
export { barOf, findMaterial, findSection, isDoubled, isOfPiece, overrideOf, pieceIdOf, pieceOf } from './parts.js';
export { type FileProblem, PROJECT_FILE_SUFFIX, writeProject } from './projectFile.js';
export { readJson, readProject, withoutByteOrderMark } from './readProjectFile.js';
export { mergeRecord, type Merged } from './mergeRecord.js';
export {
  cutEntries,
  logEntries,
  priceEntryOf,
  type PricesPerKg,
  pricesPerKg,
  recordEntry,
  squaringEntries,
  standingEntries,
  taskEntries,
  weighInEntries,
} from './record.js';
export type { House, HouseLoad } from './lightingSchema.js';
export { PURCHASE_GROUPS, type PurchaseGroup } from './buyingSchema.js';
export type {
  CutEntry,
  LogEntry,
  ProjectRecord,
  RecordEntry,
  SquaringEntry,
  TaskEntry,
  WeighInEntry,
} from './recordSchema.js';
export {
  type Bar,
  type BarEnd,
  type BarGroup,
  type OwnBar,
  type OwnPanel,
  type Piece,
  type PieceKind,
  type SheetFill,
  type SharedGroup,
  type Coupling,
  type Buying,
  type Cutting,
  type HeldStick,
  type SheetSizeRow,
  type Design,
  type StockRow,
  FILE_FORMAT,
  type Frame,
  type Item,
  type LoadCase,
  type OwnMaterialRow,
  type OwnSectionRow,
  type Project,
  projectSchema,
  type RunningGear,
  SCHEMA_VERSION,
  type Settings,
  type Tongue,
  type TongueBand,
  type TowVehicle,
} from './schema.js';
export { schoolOf, schoolOfRegion, TONGUE_SCHOOLS, wantedWithin, withBand, withSchool } from './tongueSchools.js';
export { towsOnRoad } from './onRoad.js';
export { isDerated, tireLoadKg } from './tireLoad.js';
export { type Place, placeOf } from './place.js';
export { currencyOf, hasUnevenSizes, withRoundSizes } from './otherUnits.js';
export { asProject, designOf, type Trailer, trailerOf, withDesign } from './trailer.js';
export { recordAt, type RecordAt, type RecordChange, type RecordPath, withRecord } from './records.js';
export { placeInRows, type QuickLoad, type QuickProblem, readQuickLoads } from './quickLoads.js';
