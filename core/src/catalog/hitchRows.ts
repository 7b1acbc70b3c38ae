import { commonPractice, publishedSure, publishedVerify, type Source } from '../source.js';
import { footPounds, inches, millimetres, pounds } from '../units/index.js';

/** A tow ball; what it may pull goes with the thickness of its shank. */
export interface BallRow {
  readonly id: string;
  readonly name: string;
  readonly diameterM: number;
  readonly shankM: number | null;
  readonly ratedKg: number | null;
  /** usual torque of its nut, N·m */
  readonly nutNm: number | null;
  readonly source: Source;
}

const SHANK_TORQUES: Readonly<Record<string, number>> = { '3/4': 160, '1': 250, '1-1/4': 450 };
const SHANK_INCHES: Readonly<Record<string, number>> = { '3/4': 0.75, '1': 1, '1-1/4': 1.25 };

const inchBall = (ball: string, ballIn: number, shank: string, ratedLb: number): BallRow => ({
  id: `ball-${ball.replaceAll('/', '_')}-${shank.replaceAll('/', '_')}`,
  name: `${ball} in ball, ${shank} in shank`,
  diameterM: inches(ballIn),
  shankM: inches(SHANK_INCHES[shank] ?? 1),
  ratedKg: pounds(ratedLb),
  nutNm: footPounds(SHANK_TORQUES[shank] ?? 0),
  source: publishedVerify('usual stamps on balls of SAE J684; the stamp on the ball governs'),
});

/** Tow balls and what they are commonly stamped with; of a range the lower figure. */
export const BALL_ROWS: readonly BallRow[] = [
  inchBall('1-7/8', 1.875, '3/4', 2000),
  inchBall('1-7/8', 1.875, '1', 2000),
  inchBall('2', 2, '3/4', 3500),
  inchBall('2', 2, '1', 6000),
  inchBall('2', 2, '1-1/4', 8000),
  inchBall('2-5/16', 2.3125, '1', 6000),
  inchBall('2-5/16', 2.3125, '1-1/4', 10_000),
  {
    id: 'ball-50mm',
    name: '50 mm ball, class A50',
    diameterM: millimetres(50),
    shankM: null,
    ratedKg: null,
    nutNm: null,
    source: publishedSure(
      'ISO 1103, UN R55 class A50; its plate gives D and S; a 50 mm and a 2 in ball do not interchange',
    ),
  },
];

/** A size and grade of chain: what one strand breaks at. */
export interface ChainRow {
  readonly id: string;
  readonly name: string;
  readonly breaksAtKg: number;
  readonly source: Source;
}

const CHAINS: Source = publishedSure(
  'NACM and ASTM A413 working loads; breaks at four times that, grade 43 at three times',
);
/** Working loads, lb. */
const CHAIN_LOADS: readonly (readonly [grade: 30 | 43 | 70, size: string, workingLb: number])[] = [
  [30, '3/16', 800],
  [30, '1/4', 1300],
  [30, '5/16', 1900],
  [30, '3/8', 2650],
  [30, '1/2', 4500],
  [43, '1/4', 2600],
  [43, '5/16', 3900],
  [43, '3/8', 5400],
  [43, '1/2', 9200],
  [70, '1/4', 3150],
  [70, '5/16', 4700],
  [70, '3/8', 6600],
  [70, '1/2', 11_300],
];

export const CHAIN_ROWS: readonly ChainRow[] = CHAIN_LOADS.map(([grade, size, workingLb]) => ({
  id: `chain-g${grade}-${size.replace('/', '_')}`,
  name: `${size} in chain, grade ${grade}`,
  breaksAtKg: pounds(workingLb * (grade === 43 ? 3 : 4)),
  source: CHAINS,
}));

/** Classes of trailers by gross, and what each of their safety chains must break at; beyond the last it is the gross itself. */
export const J684_CLASSES: readonly { readonly name: string; readonly upToKg: number; readonly chainKg: number }[] = [
  { name: '1', upToKg: pounds(2000), chainKg: pounds(2000) },
  { name: '2', upToKg: pounds(3500), chainKg: pounds(3500) },
  { name: '3', upToKg: pounds(5000), chainKg: pounds(5000) },
];

/** A receiver and ball mount as the trade classes them. */
export interface ReceiverRow {
  readonly id: string;
  readonly name: string;
  readonly ratedKg: number;
  readonly tongueKg: number;
  readonly source: Source;
}

export const RECEIVER_ROWS: readonly ReceiverRow[] = [
  ['I', '1-1/4', 2000],
  ['II', '1-1/4', 3500],
  ['III', '2', 5000],
  ['IV', '2', 10_000],
  ['V', '2-1/2', 12_000],
].map(([name, tube, lb]) => ({
  id: `class-${String(name).toLowerCase()}`,
  name: `Class ${name}, ${tube} in tube`,
  ratedKg: pounds(Number(lb)),
  tongueKg: pounds(Number(lb) / 10),
  source: commonPractice('trade class, the lower end of its range; tongue a tenth; the stamp governs'),
}));

/** Drops of ball mounts as they are sold; turned over they are rises. Common practice. */
export const MOUNT_DROPS_M = {
  imperial: [0, 2, 3.25, 4, 6, 8].map(inches),
  metric: [0, 50, 80, 100, 150, 200].map(millimetres),
} as const;

/** A tongue jack: what it lifts, and its foot below its mount drawn in and run out. */
export interface JackRow {
  readonly id: string;
  readonly name: string;
  readonly ratedKg: number;
  readonly shortM: number;
  readonly longM: number;
  readonly massKg: number;
  /** turns up out of the way for the road */
  readonly swings: boolean;
  readonly source: Source;
}

const jack = (
  id: string,
  name: string,
  lb: number,
  shortIn: number,
  longIn: number,
  massLb: number,
  swings: boolean,
): JackRow => ({
  id,
  name,
  ratedKg: pounds(lb),
  shortM: inches(shortIn),
  longM: inches(longIn),
  massKg: pounds(massLb),
  swings,
  source: commonPractice('usual sizes; measure your own'),
});

export const JACK_ROWS: readonly JackRow[] = [
  jack('jack-wheel-1000', '1,000 lb swivel jack with wheel', 1000, 12, 22, 14, true),
  jack('jack-swivel-2000', '2,000 lb swivel jack', 2000, 10, 25, 16, true),
  jack('jack-a-frame-2000', '2,000 lb A-frame jack, 15 in of travel', 2000, 10, 25, 18, false),
  jack('jack-drop-5000', '5,000 lb jack with drop leg', 5000, 9, 32, 35, false),
];
