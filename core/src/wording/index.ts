export { frameProblemSentence } from './frameProblems.js';
export {
  cutText,
  PART_GROUP_NAMES,
  OPINION_NAMES,
  SITUATION_NAMES,
  SITUATION_PHRASES,
  sourceText,
  STEP_NAMES,
  textProblemSentence,
  WORKING_LABELS,
} from './labels.js';
export {
  copeText,
  CUT_STATE_TEXT,
  cutEndsText,
  pieceChangeText,
  plateHolesText,
  stickProblemText,
  stickProofText,
} from './sticks.js';
export {
  amountText,
  LINE_STATE_NAMES,
  priceListSentence,
  PRICE_FROM_NAMES,
  priceRowSentence,
  PURCHASE_GROUP_NAMES,
  purchaseName,
} from './purchases.js';
export {
  CAUTION_TEXT,
  figureName,
  figureNumber,
  figureText,
  hoursText,
  PHASE_NAMES,
  taskHow,
  taskIdName,
  taskName,
  TOOL_NAMES,
} from './buildTasks.js';
export {
  axlesParallelText,
  axleSquareText,
  camberText,
  coupledText,
  DIAL_PLACES,
  dialText,
  frameSquareText,
  hitchedText,
  levelText,
  rectangleText,
  runOutText,
  shackleText,
  tapeText,
  toeText,
} from './squaring.js';
export { loadCheckName, loadHint } from './loadHints.js';
export { fileProblemSentence, storedProblemSentence } from './projectProblems.js';
export { type PrintedLine, printWorking } from './printWorking.js';
export { SENTENCES, sentenceOf } from './sentences/sentences.js';
export { type Speaker, speaker } from './speak.js';
export { ENGLISH, type Says, type Voice, voiceIn, voiceOf } from './voice.js';
export { type Phrasebook, type Translate, type Translated, translateBy } from './phrases.js';
export type { Phrase } from './phrasebook/index.js';
export {
  AXLE_LAYOUT_NAMES,
  BAR_GROUP_NAMES,
  BASIS_NAMES,
  BOLT_GRADE_NAMES,
  CASE_MODE_NAMES,
  CORNER_NAMES,
  COUPLER_MOUNT_NAMES,
  COUPLING_NAMES,
  DECISION_NAMES,
  DECK_SEAT_NAMES,
  FENDER_NAMES,
  FILLER_NAMES,
  HANGER_NAMES,
  HOLE_NAMES,
  ITEM_KIND_NAMES,
  LINK_NAMES,
  MISSING_OF_VEHICLE_NAMES,
  MOUNTING_NAMES,
  PIECE_NAMES,
  PLACE_FROM_NAMES,
  PLATE_NAMES,
  TIE_DOWN_NAMES,
  REGION_NAMES,
  ROAD_NAMES,
  SCHOOL_NAMES,
  SIDE_PART_NAMES,
  SPRING_NAMES,
  SPRING_SEAT_NAMES,
  SUSPENSION_NAMES,
  TONGUE_JOINT_NAMES,
  TONGUE_NAMES,
  TONGUE_RISE_NAMES,
  UNIT_NAMES,
  VEHICLE_NAMES,
  optionsOf,
} from './names.js';
export { jointName, WELD_PLACES, weldName } from './weldName.js';
export { carryText, GROSS_LIMIT_NAMES, hardestName, worstName } from './carry.js';
export { PIECE_KIND_NAMES, pieceName } from './pieceNames.js';
export { cutoutsText, SHEET_NAMES } from './sheetNames.js';
export {
  BUILT_SIZE_NAMES,
  doubtfulMass,
  massFoundText,
  massName,
  READING_NAMES,
  readingName,
  readingText,
  sidesText,
  togetherText,
  tongueShareText,
  WEIGH_FIELD_NAMES,
  WEIGH_METHOD_HOW,
  WEIGH_METHOD_NAMES,
  weighMethodName,
} from './weighing.js';
export { dueText, SERVICE_HOW, SERVICE_NAMES } from './service.js';
export {
  BEFORE_WELDING,
  COATING_HOW,
  COATING_NAMES,
  CONTACT_TEXT,
  NO_CHLORINE,
  SURROUNDINGS_NAMES,
} from './coating.js';
export { MANNER_TEXT, mannerFactText, MATTER_NAMES, TAKE_ALONG } from './manners.js';
export * from './languages/index.js';
export { GLOSSARY, type Word } from './glossary.js';
export { PAPERS_BY_REGION } from './papers.js';
export {
  CIRCUIT_NAMES,
  FAULT_STEPS,
  LAMP_COLOURS,
  LAMP_NAMES,
  lampHereText,
  lampPlaceText,
  lampZoneText,
  PLUG_PINS,
  wireHoleText,
  wireText,
} from './lights.js';
export { VERDICT_WORDS } from './verdictWords.js';
export { stepWords } from './stepWords.js';
