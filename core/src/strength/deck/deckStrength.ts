import type { Trailer } from '../../project/index.js';
import { publishedVerify, type Source } from '../../source.js';
import { inches, toNewtons, toPascals } from '../../units/index.js';

/** How long a load rests, which wood minds and metal does not. */
export type Duration = 'standing' | 'moment';

/** A load on a deck that lies from bar to bar: pressed on a square, or on every square metre. */
export interface DeckLoad {
  readonly spanM: number;
  readonly thicknessM: number;
  readonly duration: Duration;
  /** boards slit for treating */
  readonly incised?: boolean;
}

/** What a deck bears, and how it was found. */
export interface DeckStrength {
  /** a force on a square of this side, in the middle of a span, N */
  pointN(load: DeckLoad, patchM: number): number;
  /** even pressure over whole spans, Pa */
  pressurePa(load: DeckLoad): number;
  /** share of a span by which what lies beside a load helps, on both sides together; separate boards do not */
  readonly besides: number;
  readonly source: Source;
}

const psi = (value: number): number => toPascals(value, 'psi');

/** A plate shares a load in the middle of its span over 0.3 of the span on each side, as codes for slabs spread a load (common practice). */
const PLATE_BESIDES = 0.6;
/** A deck that runs on over its bars under an even load: q·L² ÷ 10 (common practice, between 8 for one span and 12 for many). */
const RUNS_ON = 10;

/** Bending under a force spread over a stretch a of the span: P·(2L − a) ÷ 8. */
const armOf = (spanM: number, patchM: number): number => (2 * spanM - Math.min(patchM, spanM)) / 8;

/** Elastic strength of a strip one metre wide per metre of width, N·m per m, into point and pressure on a simple span. */
const plate = (perMetreNm: (load: DeckLoad) => number, source: Source): DeckStrength => ({
  pointN: (load, patchM) => (perMetreNm(load) * (patchM + PLATE_BESIDES * load.spanM)) / armOf(load.spanM, patchM),
  besides: PLATE_BESIDES,
  pressurePa: (load) => (RUNS_ON * perMetreNm(load)) / load.spanM ** 2,
  source,
});

/** Plate bending, AISC 360-16 F11: Z = t²÷4 ≤ 1.6·S per width, Ω = 1.67; mild sheet without a certificate counts 30 ksi. */
const STEEL_SHEET = plate(
  ({ thicknessM }) => (toPascals(30, 'ksi') * thicknessM ** 2) / 4 / 1.67,
  publishedVerify('AISC 360-16 F11 with 30 ksi; strip that shares the load: common practice'),
);
/** 3003-H14 away from welds: 17 ksi yield, elastic modulus of the section, 1.65. */
const ALUMINUM_SHEET = plate(
  ({ thicknessM }) => (toPascals(17, 'ksi') * thicknessM ** 2) / 6 / 1.65,
  publishedVerify('Aluminum Design Manual, 3003-H14 at 17 ksi ÷ 1.65; strip that shares the load: common practice'),
);

/** Boards of this width, 2x6: 5-1/2 in. A wheel or post rests on one. */
const BOARD_M = inches(5.5);
/** NDS Supplement table 4A: spruce-pine-fir no. 2, 875 psi, size 1.3, laid flat 1.15; wet factor 1.0 as 875 × 1.3 ≤ 1,150 psi. */
const BOARD_PA = psi(875 * 1.3 * 1.15);
/** NDS table 2.3.2: 1.6 is the most for treated wood under a moment's load; 1.0 for the load that stands. */
const BRIEFLY = 1.6;
const lasting = (duration: Duration): number => (duration === 'moment' ? BRIEFLY : 1);

/** NDS table 4.3.8: incised lumber counts 0.80 in bending. */
const INCISED = 0.8;
const boardPa = ({ duration, incised }: DeckLoad): number => BOARD_PA * lasting(duration) * (incised ? INCISED : 1);

const PLANKS: DeckStrength = {
  besides: 0,
  pointN: (load, patchM) =>
    (boardPa(load) * Math.max(BOARD_M, patchM) * load.thicknessM ** 2) / 6 / armOf(load.spanM, patchM),
  pressurePa: (load) => (RUNS_ON * boardPa(load) * load.thicknessM ** 2) / 6 / load.spanM ** 2,
  source: publishedVerify(
    'NDS and its Supplement, table 4A: no. 2 softwood boards 5-1/2 in wide, laid flat, simple spans',
  ),
};

/** Panels of single-floor grade: least thickness and rated distance of the bars, in. */
const RATED_SPANS: readonly (readonly [thicknessIn: number, spanIn: number])[] = [
  [1.125, 48],
  [0.875, 32],
  [23 / 32, 24],
  [19 / 32, 20],
  [0.5, 16],
];
/** Every single-floor panel breaks at no less than this on a 3 in disc when tested wet. */
const PANEL_BREAKS_N = toNewtons(550, 'lbf');
/** Even load at the rated span that its table allows. */
const PANEL_PRESSURE_PA = psi(100 / 144);
/** On what a panel breaks at (common practice for wood); the test is brief, so what stands counts less. */
const PANEL_FACTOR = 2.5;
/** Shorter spans bear more, but the panel punches through at last (common practice). */
const MOST_GAIN = 1.5;

const ratedSpanM = (thicknessM: number): number => {
  // Makers sell 18 mm for 23/32 in and 12 mm for 1/2 in.
  const row = RATED_SPANS.find(([thicknessIn]) => thicknessM >= inches(thicknessIn) * 0.96);
  return row ? inches(row[1]) : inches(16) * (thicknessM / inches(0.5)) ** 2;
};

const PLYWOOD: DeckStrength = {
  besides: 0,
  pointN: ({ spanM, thicknessM, duration }) =>
    (PANEL_BREAKS_N / PANEL_FACTOR) * lasting(duration) * Math.min(MOST_GAIN, ratedSpanM(thicknessM) / spanM),
  pressurePa: ({ spanM, thicknessM, duration }) =>
    PANEL_PRESSURE_PA * lasting(duration) * (ratedSpanM(thicknessM) / spanM) ** 2,
  source: publishedVerify(
    'Voluntary Product Standard PS 2, single-floor panels: 550 lb on a 3 in disc, 100 lb/ft² at the rated span; ÷ 2.5 is common practice',
  ),
};

/** Nothing published is known here for expanded metal, which differs from maker to maker. */
export const DECK_STRENGTHS: Readonly<
  Record<Exclude<Trailer['frame']['deck']['kind'], 'none' | 'expanded-steel'>, DeckStrength>
> = {
  plywood: PLYWOOD,
  planks: PLANKS,
  'steel-sheet': STEEL_SHEET,
  'aluminum-sheet': ALUMINUM_SHEET,
};
