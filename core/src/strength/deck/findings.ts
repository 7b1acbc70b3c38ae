import type { BalancedCase } from '../../balance/index.js';
import type { Chassis } from '../../chassis/index.js';
import {
  checkShare,
  concluding,
  finding,
  type FindingOf,
  given,
  over,
  quantity,
  times,
  workedOut,
} from '../../findings/index.js';
import { type Part, PERSON_KG } from '../../mass/index.js';
import type { Trailer } from '../../project/index.js';
import { commonPractice, computedBy } from '../../source.js';
import { massOfWeightKg, weightN } from '../../units/index.js';
import { bumpFactor } from '../roads.js';
import { DECK_STRENGTHS, type DeckStrength, type Duration } from './deckStrength.js';
import { RULES } from '../rules.js';

export interface DeckFindingData {
  'deck-point': {
    readonly who: 'person' | 'yours';
    readonly massKg: number;
    readonly factor: number;
    readonly spanM: number;
  };
  /** what stands on wheels or legs presses the deck by the hardest of them */
  'deck-wheel': {
    readonly itemId: string;
    readonly on: 'wheels' | 'legs';
    readonly massKg: number;
    readonly spanM: number;
    readonly bearsN: number;
  };
  'deck-spread': { readonly itemId: string; readonly factor: number; readonly spanM: number };
  'deck-not-checked': { readonly why: 'no-rule' | 'no-bars' };
}
export type DeckFinding = FindingOf<DeckFindingData>;

/** Side of the square that a foot presses on, m (common practice, 4 in); nothing is taken to press on less. */
const FOOT_M = 0.1;

/** Side of the square that a small tire stands on, m (common practice, 6 in). */
const TIRE_PATCH_M = 0.15;

/** Largest gap that the deck bridges: between the middles of headers and cross-members, m. */
export const deckSpanM = ({ members }: Chassis): number | undefined => {
  const xs = members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .map(({ centre }) => centre.xM)
    .sort((a, b) => a - b);
  const gaps = xs.slice(1).map((x, i) => x - (xs[i] as number));
  return gaps.length > 0 ? Math.max(...gaps) : undefined;
};

/** Standing for ever, or hit for a moment, when wood bears more: whichever asks more of the deck. */
const harder = (
  bump: number,
  bears: (duration: Duration) => number,
): { readonly factor: number; readonly borne: number } => {
  const [standing, moment] = [bears('standing'), bears('moment')];
  return bump / moment > 1 / standing ? { factor: bump, borne: moment } : { factor: 1, borne: standing };
};

const plain = { step: 'strength', subject: 'deck', counts: true } as const;

interface Deck {
  readonly trailer: Trailer;
  readonly strength: DeckStrength;
  readonly spanM: number;
}

const pointFinding = (
  { trailer, strength, spanM }: Deck,
  who: 'person' | 'yours',
  massKg: number,
  bump: number,
  patchM: number,
): DeckFinding => {
  const { thicknessM, incised } = trailer.frame.deck;
  const bears = (duration: Duration): number => strength.pointN({ spanM, thicknessM, duration, incised }, patchM);
  // Nobody stands in one place for years.
  const { factor, borne: borneN } = who === 'person' ? { factor: 1, borne: bears('moment') } : harder(bump, bears);
  const pressed = workedOut(
    'deck-pressed',
    times(quantity(weightN(massKg), 'force'), quantity(factor, 'number')),
    'force',
  );
  const share = pressed.result.value / borneN;
  return checkShare({
    ...plain,
    rule: RULES['deck-point'],
    data: { who, massKg, factor, spanM },
    aspect: who,
    utilisation: share,
    working: [
      given('deck-span', spanM, 'length'),
      given('deck-thick', thicknessM, 'length'),
      pressed,
      given('deck-bears', borneN, 'force'),
      concluding(
        workedOut('works-at', over(quantity(pressed.result.value, 'force'), quantity(borneN, 'force')), 'percent'),
      ),
    ],
    source: strength.source,
  });
};

/** Even pressure over whole spans that would bend the deck as this part does, Pa. */
const stressing = (part: Part, spanM: number, besides: number): number => {
  const lengthM = Math.max(part.x1M - part.x0M, FOOT_M);
  const widthM = Math.max(part.y1M - part.y0M, FOOT_M);
  const pressure = weightN(part.massKg) / (lengthM * (widthM + besides * Math.min(spanM, lengthM)));
  // Shorter than the span it bends like a load in its middle: q·a·(2L − a) ÷ 8 against q·L² ÷ 8.
  const a = Math.min(lengthM, spanM);
  return (pressure * a * (2 * spanM - a)) / spanM ** 2;
};

/** The load that presses hardest on what lies under it, of all cases. */
const spreadFinding = ({ trailer, strength, spanM }: Deck, cases: readonly BalancedCase[]): DeckFinding[] => {
  const ids = new Set(
    trailer.items.filter(({ attach }) => attach.on === 'deck' || attach.on === 'drawer').map(({ id }) => id),
  );
  let worst: { readonly part: Part; readonly caseId: string; readonly pressurePa: number } | undefined;
  for (const { loadCase, parts } of cases) {
    if (loadCase.mode !== 'towed') continue;
    for (const part of parts) {
      if (!ids.has(part.id) || part.massKg <= 0 || part.feet) continue;
      const pressurePa = stressing(part, spanM, strength.besides);
      if (pressurePa > (worst?.pressurePa ?? 0)) worst = { part, caseId: loadCase.id, pressurePa };
    }
  }
  if (!worst) return [];
  const { thicknessM, incised } = trailer.frame.deck;
  const { factor, borne } = harder(bumpFactor(trailer), (duration) =>
    strength.pressurePa({ spanM, thicknessM, duration, incised }),
  );
  const pressed = workedOut(
    'deck-pressed',
    times(quantity(worst.pressurePa, 'stress'), quantity(factor, 'number')),
    'stress',
  );
  const share = pressed.result.value / borne;
  return [
    checkShare({
      ...plain,
      rule: RULES['deck-spread'],
      data: { itemId: worst.part.id, factor, spanM },
      caseId: worst.caseId,
      utilisation: share,
      working: [
        given('deck-span', spanM, 'length'),
        given('deck-thick', thicknessM, 'length'),
        pressed,
        given('deck-bears', borne, 'stress'),
        concluding(
          workedOut('works-at', over(quantity(pressed.result.value, 'stress'), quantity(borne, 'stress')), 'percent'),
        ),
      ],
      source: strength.source,
    }),
  ];
};

/** Distance between the bars on both sides of a place, m, and how far it is from the first; undefined where it lies outside of them. */
const bayAt = ({ members }: Chassis, xM: number): { readonly spanM: number; readonly atM: number } | undefined => {
  const xs = members
    .filter(({ group }) => group === 'cross' || group === 'header')
    .map(({ centre }) => centre.xM)
    .sort((a, b) => a - b);
  const after = xs.find((x) => x >= xM);
  const before = xs.filter((x) => x <= xM).at(-1);
  return after === undefined || before === undefined || after === before
    ? undefined
    : { spanM: after - before, atM: xM - before };
};

interface Pressing {
  readonly itemId: string;
  readonly on: 'wheels' | 'legs';
  readonly caseId: string;
  readonly forceN: number;
  /** half-way over the widest gap it would bend the deck as it does where it stands */
  readonly countsN: number;
}

/**
 * Wheels roll over every place of the deck: half-way over the widest gap. Legs stand where they stand: P·a·b ÷ L against P·L ÷ 4. Both by their
 * weight alone: a load's own tires, and boards that run on over several bars, take up what a bump adds (common practice).
 */
const pressingOf = (trailer: Trailer, chassis: Chassis, spanM: number, cases: readonly BalancedCase[]): Pressing[] => {
  const items = new Map(trailer.items.map((item) => [item.id, item]));
  return cases.flatMap(({ loadCase, parts }) =>
    parts.flatMap(({ id, carriedBy, feet, massKg }): Pressing[] => {
      const item = items.get(id);
      if (!item || !feet || carriedBy !== 'deck' || !(massKg > 0)) return [];
      const on = item.wheels ? 'wheels' : 'legs';
      return feet.map(({ xM, share }) => {
        const forceN = weightN(massKg * share);
        const bay = on === 'legs' ? bayAt(chassis, xM) : undefined;
        const bends = bay ? (4 * bay.atM * (bay.spanM - bay.atM)) / bay.spanM / spanM : on === 'legs' ? 0 : 1;
        return { itemId: id, on, caseId: loadCase.id, forceN, countsN: forceN * bends };
      });
    }),
  );
};

/** The hardest wheel or leg of what is aboard. */
const wheelFinding = (
  { trailer, strength, spanM }: Deck,
  chassis: Chassis,
  cases: readonly BalancedCase[],
): DeckFinding[] => {
  const worst = pressingOf(trailer, chassis, spanM, cases).reduce<Pressing | undefined>(
    (most, next) => (!most || next.countsN > most.countsN ? next : most),
    undefined,
  );
  if (!worst) return [];
  const { thicknessM, incised } = trailer.frame.deck;
  const patchM = worst.on === 'wheels' ? TIRE_PATCH_M : FOOT_M;
  const bearsN = strength.pointN({ spanM, thicknessM, duration: 'moment', incised }, patchM);
  const pressed = quantity(worst.countsN, 'force');
  return [
    checkShare({
      ...plain,
      rule: RULES['deck-wheel'],
      data: { itemId: worst.itemId, on: worst.on, massKg: massOfWeightKg(worst.forceN), spanM, bearsN },
      aspect: worst.on,
      caseId: worst.caseId,
      utilisation: worst.countsN / bearsN,
      working: [
        given('deck-span', spanM, 'length'),
        given('deck-thick', thicknessM, 'length'),
        given('deck-pressed', worst.countsN, 'force'),
        given('deck-bears', bearsN, 'force'),
        concluding(workedOut('works-at', over(pressed, quantity(bearsN, 'force')), 'percent')),
      ],
      source: strength.source,
    }),
  ];
};

/** The deck itself, from bar to bar: a person's foot, the hardest wheel or post, and the load that presses hardest. */
export const deckFindings = (trailer: Trailer, chassis: Chassis, cases: readonly BalancedCase[]): DeckFinding[] => {
  const { kind } = trailer.frame.deck;
  if (kind === 'none') return [];
  const spanM = deckSpanM(chassis);
  if (kind === 'expanded-steel' || spanM === undefined) {
    return [
      finding({
        ...plain,
        rule: RULES['deck-not-checked'],
        data: { why: spanM === undefined ? 'no-bars' : 'no-rule' },
        verdict: 'unchecked',
        working: [],
        source: spanM === undefined ? computedBy('headers and cross-members') : commonPractice('makers’ load tables'),
      }),
    ];
  }
  const deck: Deck = { trailer, strength: DECK_STRENGTHS[kind], spanM };
  const { massKg, patchM } = trailer.strength.deckPoint;
  return [
    pointFinding(deck, 'person', PERSON_KG, 1, FOOT_M),
    ...(massKg === null ? [] : [pointFinding(deck, 'yours', massKg, bumpFactor(trailer), patchM)]),
    ...wheelFinding(deck, chassis, cases),
    ...spreadFinding(deck, cases),
  ];
};
