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
import { weightN } from '../../units/index.js';
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
  'deck-spread': { readonly itemId: string; readonly factor: number; readonly spanM: number };
  'deck-not-checked': { readonly why: 'no-rule' | 'no-bars' };
}
export type DeckFinding = FindingOf<DeckFindingData>;

/** Side of the square that a foot presses on, m (common practice, 4 in); nothing is taken to press on less. */
const FOOT_M = 0.1;

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
      if (!ids.has(part.id) || part.massKg <= 0) continue;
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
    ...spreadFinding(deck, cases),
  ];
};
