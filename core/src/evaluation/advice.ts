import { type BalancedCase, bandKg, isWithinBand, tongueKg } from '../balance/index.js';
import { rollUp, type Verdict } from '../findings/index.js';
import { changeItem, type Item, type Trailer } from '../project/index.js';
import { evaluate, type Evaluation } from './evaluate.js';
import { lastOf, type Steps } from '../steps.js';

/** What can be done about a tongue out of its band. */
export type AdviceMove =
  | { readonly kind: 'axle'; readonly byM: number; readonly toM: number }
  | { readonly kind: 'item'; readonly itemId: string; readonly byM: number }
  | { readonly kind: 'ballast'; readonly massKg: number; readonly atM: number }
  | { readonly kind: 'tongue'; readonly byM: number };

/** The tongue's share in one case before and after. */
export interface AdviceEffect {
  readonly caseId: string;
  readonly before: number;
  readonly after: number;
  readonly within: boolean;
}

export interface Advice {
  readonly move: AdviceMove;
  /** the trailer with it */
  readonly trailer: Trailer;
  readonly effects: readonly AdviceEffect[];
  /** towed cases out of their band, before and after */
  readonly outBefore: number;
  readonly outAfter: number;
  /** codes of findings elsewhere that it makes worse */
  readonly worsens: readonly string[];
}

const towed = ({ cases }: Evaluation): readonly BalancedCase[] =>
  cases.filter(({ loadCase, standing }) => loadCase.mode === 'towed' && standing);

const RANK: readonly Verdict[] = ['ok', 'unchecked', 'tight', 'open', 'over'];

/** Codes whose worst verdict is worse than it was; the tongue's own are what the move is for. */
const worsened = (before: Evaluation, after: Evaluation): readonly string[] => {
  const worst = ({ findings }: Evaluation): Map<string, Verdict> => {
    const map = new Map<string, Verdict>();
    for (const { code, verdict, counts } of findings)
      if (counts) map.set(code, rollUp([verdict, map.get(code) ?? 'ok']));
    return map;
  };
  const old = worst(before);
  return [...worst(after)]
    .filter(([code, verdict]) => code !== 'tongue-share' && RANK.indexOf(verdict) > RANK.indexOf(old.get(code) ?? 'ok'))
    .map(([code]) => code);
};

/** The case that is furthest out of its band, and by how much its tongue is too light (negative) or too heavy, kg. */
const neediest = (cases: readonly BalancedCase[]): { readonly own: BalancedCase; readonly offKg: number } | undefined =>
  cases
    .filter((own) => !isWithinBand(own))
    .map((own) => {
      const { minKg, maxKg } = bandKg(own.band, own.massKg);
      const kg = tongueKg(own) ?? 0;
      return { own, offKg: kg < minKg ? kg - minKg : kg - maxKg };
    })
    .reduce<{ own: BalancedCase; offKg: number } | undefined>(
      (most, next) =>
        !most || Math.abs(next.offKg) / next.own.massKg > Math.abs(most.offKg) / most.own.massKg ? next : most,
      undefined,
    );

/** Kilograms that the tongue of a case lacks to the middle of its band; the edge nearest would only just do. */
const lacksKg = (own: BalancedCase): number => {
  const { minKg, maxKg } = bandKg(own.band, own.massKg);
  return (minKg + Math.min(maxKg, 4 * own.massKg)) / 2 - (tongueKg(own) ?? 0);
};

const movedAxle = (trailer: Trailer, toM: number): Trailer => ({
  ...trailer,
  runningGear: { ...trailer.runningGear, positionM: toM },
});

const movedItem = (trailer: Trailer, id: string, byM: number): Trailer =>
  changeItem(trailer, id, (item) => ({
    ...item,
    attach: { ...item.attach, offsetM: { ...item.attach.offsetM, value: item.attach.offsetM.value + byM } },
  }));

const BALLAST_EDGE_M = 0.15;

const ballastItem = (trailer: Trailer, massKg: number, atM: number): Item => ({
  id: 'item.ballast',
  name: 'Ballast',
  kind: 'cargo',
  massKg: { value: massKg, basis: 'guessed', tolerance: 0 },
  emptyMassKg: 0,
  wheels: null,
  sizeM: { lengthM: 0.2, widthM: Math.min(0.6, trailer.frame.bed.widthM / 2), heightM: 0.2 },
  attach: {
    on: 'deck',
    from: 'front',
    hostId: null,
    offsetM: { value: atM, basis: 'guessed', tolerance: 0 },
    rightM: 0,
    aboveM: 0,
  },
});

const withBallast = (trailer: Trailer, caseId: string, massKg: number, atM: number): Trailer => ({
  ...trailer,
  items: [...trailer.items.filter(({ id }) => id !== 'item.ballast'), ballastItem(trailer, massKg, atM)],
  cases: trailer.cases.map((loadCase) =>
    loadCase.id === caseId
      ? {
          ...loadCase,
          aboard: [
            ...loadCase.aboard.filter(({ itemId }) => itemId !== 'item.ballast'),
            { itemId: 'item.ballast', fill: 1, shiftM: 0 },
          ],
        }
      : loadCase,
  ),
});

const axleMoves = (evaluation: Evaluation, trailer: Trailer, need: BalancedCase): number[] => {
  const { window, intervals } = evaluation.placement;
  const own = intervals.find(({ caseId }) => caseId === need.loadCase.id);
  const middle = (from: number, to: number): number => (from + to) / 2;
  const places = [
    ...(window.kind === 'window' ? [middle(window.fromM, window.toM)] : []),
    ...(window.kind === 'conflict' && window.agree ? [middle(window.agree.fromM, window.agree.toM)] : []),
    ...(own && !own.empty ? [middle(own.from.xM, own.to.xM)] : []),
  ];
  return places.filter((xM) => Math.abs(xM - trailer.runningGear.positionM) > 1e-3);
};

/** Ballast of more than this share of the trailer is no advice. */
const MOST_BALLAST = 0.15;
/** How many of the heaviest items are tried. */
const ITEMS_TRIED = 3;
/** A tongue is not made longer or shorter than by this, m. */
const TONGUE_STEP_M = 1;

const itemMoves = (trailer: Trailer, need: BalancedCase): { id: string; byM: number }[] => {
  const { standing, parts } = need;
  if (!standing) return [];
  const baseM = standing.groupCentreXM - standing.aheadXM;
  const lacks = lacksKg(need);
  return parts
    .filter(
      ({ id, massKg, movesWithAxle }) => massKg > 0 && !movesWithAxle && trailer.items.some((item) => item.id === id),
    )
    .sort((a, b) => b.massKg - a.massKg)
    .slice(0, ITEMS_TRIED)
    .map(({ id, massKg, x0M, x1M }) => {
      const item = trailer.items.find((candidate) => candidate.id === id);
      const wanted = -(lacks * baseM) / massKg;
      const room =
        item?.attach.on === 'deck' || item?.attach.on === 'drawer'
          ? ([-Math.max(0, x0M), Math.max(0, trailer.frame.bed.lengthM - x1M)] as const)
          : ([-0.5, 0.5] as const);
      return { id, byM: Math.max(room[0], Math.min(room[1], wanted)) };
    })
    .filter(({ byM }) => Math.abs(byM) > 0.005);
};

const movesFor = (trailer: Trailer, evaluation: Evaluation, need: BalancedCase): AdviceMove[] => {
  const { standing } = need;
  if (!standing) return [];
  const baseM = standing.groupCentreXM - standing.aheadXM;
  const lacks = lacksKg(need);
  const target = ((tongueKg(need) ?? 0) + lacks) / need.massKg;
  const moves: AdviceMove[] = [
    ...axleMoves(evaluation, trailer, need).map(
      (toM): AdviceMove => ({ kind: 'axle', toM, byM: toM - trailer.runningGear.positionM }),
    ),
    ...itemMoves(trailer, need).map(({ id, byM }): AdviceMove => ({ kind: 'item', itemId: id, byM })),
  ];
  const atM = lacks > 0 ? BALLAST_EDGE_M : trailer.frame.bed.lengthM - BALLAST_EDGE_M;
  // T + m·a ÷ B = s·(W + m), with a from the group forward.
  const lever = (standing.groupCentreXM - atM) / baseM;
  const ballastKg = lacks / (lever - target);
  if (ballastKg > 0.5 && ballastKg < MOST_BALLAST * need.massKg)
    moves.push({ kind: 'ballast', massKg: ballastKg, atM });
  const tongue = tongueKg(need) ?? 0;
  if (tongue > 0) {
    // The tongue's load goes with one over its length, as far as its own weight does not count.
    const byM = Math.max(-TONGUE_STEP_M, Math.min(TONGUE_STEP_M, baseM * (tongue / (target * need.massKg) - 1)));
    if (Math.abs(byM) > 0.02 && trailer.frame.tongue.lengthM + byM > 0.3) moves.push({ kind: 'tongue', byM });
  }
  return moves;
};

const applied = (trailer: Trailer, move: AdviceMove, caseId: string): Trailer => {
  switch (move.kind) {
    case 'axle':
      return movedAxle(trailer, move.toM);
    case 'item':
      return movedItem(trailer, move.itemId, move.byM);
    case 'ballast':
      return withBallast(trailer, caseId, move.massKg, move.atM);
    case 'tongue':
      return {
        ...trailer,
        frame: {
          ...trailer.frame,
          tongue: { ...trailer.frame.tongue, lengthM: trailer.frame.tongue.lengthM + move.byM },
        },
      };
  }
};

/** Moves that nobody could tell apart with a tape, m. */
const SAME_M = 0.01;

const sameMove = (a: AdviceMove, b: AdviceMove): boolean => {
  if (a.kind === 'ballast' || b.kind === 'ballast') return a.kind === b.kind;
  const same = a.kind === b.kind && (a.kind !== 'item' || b.kind !== 'item' || a.itemId === b.itemId);
  return same && Math.abs(a.byM - b.byM) < SAME_M;
};

/** Each way out is the whole trailer again, so that what it costs elsewhere is known, too. Empty where every towed load is in its band. */
export function* adviceSteps(trailer: Trailer, evaluation: Evaluation = evaluate(trailer)): Steps<readonly Advice[]> {
  const before = towed(evaluation);
  const need = neediest(before);
  if (!need) return [];
  const outBefore = before.filter((own) => !isWithinBand(own)).length;
  const moves = movesFor(trailer, evaluation, need.own);
  const ways: Advice[] = [];
  for (const [done, move] of moves.entries()) {
    yield { done, of: moves.length };
    const changed = applied(trailer, move, need.own.loadCase.id);
    const after = evaluate(changed);
    const effects = towed(after).map((own): AdviceEffect => {
      const old = before.find(({ loadCase }) => loadCase.id === own.loadCase.id);
      return {
        caseId: own.loadCase.id,
        before: old?.standing?.tongueShare ?? 0,
        after: own.standing?.tongueShare ?? 0,
        within: isWithinBand(own),
      };
    });
    ways.push({
      move,
      trailer: changed,
      effects,
      outBefore,
      outAfter: effects.filter((effect) => !effect.within).length,
      worsens: worsened(evaluation, after),
    });
  }
  return (
    ways
      // What brings no load into its band is no way out, and what was said once is enough.
      .filter(({ outAfter }) => outAfter < outBefore)
      .filter(({ move }, i, all) => all.findIndex((other) => sameMove(other.move, move)) === i)
      .sort(
        (a, b) =>
          Number(a.move.kind === 'ballast') - Number(b.move.kind === 'ballast') ||
          a.outAfter - b.outAfter ||
          a.worsens.length - b.worsens.length,
      )
  );
}

/** As `adviceSteps`, at one go. */
export const adviceFor = (trailer: Trailer, evaluation?: Evaluation): readonly Advice[] =>
  lastOf(adviceSteps(trailer, evaluation));
