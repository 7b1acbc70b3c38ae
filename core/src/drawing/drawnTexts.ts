import { filled } from '../filled.js';

/** What is written on views and sheets besides sizes, marks and names. */
const DRAWN_TEXTS = {
  bump: 'in a bump',
  balance: 'balance point',
  balanceBack: 'balance point {place} back',
  overall: '{length} ball to rear edge',
  track: '{length} track',
  width: '{length} overall',
  loads: 'loads {length}',
  hangers: 'Hangers from the left, from the front edge: {places}',
  axlePlace: 'axle {place}',
  toAxle: '{length} to the axle',
  axleBehind: 'Axle, from behind',
  springCentres: '{length} between spring centres',
  hubUp: 'hub {length} up',
  tongueAbove: 'Tongue and how it meets the frame, from above',
  ballToFront: '{length} ball to front edge',
  outside: '{length} outside',
  toCentreLine: '{angle} to the centre line',
  sawn: 'sawn {angle} off square',
  fromTheLeft: 'from the left',
  fromAbove: 'from above',
  fromBehind: 'from behind',
  leftSide: 'left side',
  rightSide: 'right side',
  frontWall: 'front wall',
  rearWall: 'rear wall',
  plates: '{mark}: {quantity} of {thickness}',
  hole: 'hole {diameter}',
  fullSize: 'full size',
  job: 'Job',
  sheet: 'Sheet',
  scale: 'Scale',
  sizesIn: 'Sizes in',
  feetAndInches: 'feet and inches',
  date: 'Date',
  check: 'Check',
  measure: 'measure before you cut',
  viewLeft: 'From the left',
  viewBehind: 'From behind',
  viewAbove: 'From above',
  frameAbove: 'Frame from above: marks of the pieces, places from the front edge; both diagonals of the bed {diagonal}',
  notToScale: 'not to scale',
  atEachView: 'as told at each view',
  atEach: 'at each',
  inSpace: 'From the left front corner, without deck and loads',
  weldsAbove: 'Welds, from above; symbols after {standard}',
  marksMean: 'What the marks mean',
  weldEach: '{length} of weld each',
  trailerSheet: 'trailer',
  frameSheet: 'frame',
  spaceSheet: '3-D view',
  jointSheet: 'joints',
  partSheet: 'parts',
  plateSheet: 'plates',
  weldSheet: 'welds',
} as const;
/** A text by its id. */
export type DrawnTextId = keyof typeof DRAWN_TEXTS;
export type DrawnText = (typeof DRAWN_TEXTS)[DrawnTextId];

/** Says a text of a view in another language. */
export type SayDrawn = (text: DrawnText, fill: Readonly<Record<string, string>>) => string;

/** A text of a view as its lettering says it; in English where that says nothing. */
export const drawnText = (
  say: { readonly drawn?: SayDrawn },
  name: DrawnTextId,
  fill: Readonly<Record<string, string>> = {},
): string => (say.drawn ?? filled)(DRAWN_TEXTS[name], fill);
