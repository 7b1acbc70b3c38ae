import type { Highs } from 'highs';
import type { Progress } from '../steps.js';
import { bestCounts, bestWorths, type Kinds } from './knapsack.js';
import { measureOf } from './measure.js';
import { type CuttingProblem, type Pattern, weightsOf } from './problem.js';
import { type Answer, type Row, solved } from './solver.js';

/** Money within this is none. */
export const NONE = 1e-6;
/** The solver's time for one question, s. */
const WITHIN_S = 8;
/** Rounds of column generation; each adds a pattern per length of stock. */
const ROUNDS_AT_MOST = 400;

/** What is least: Σ cost of the sticks used, while their price stays within a budget. */
export interface Aim {
  readonly costs: readonly number[];
  readonly budget: number | undefined;
}

export interface Relaxed {
  /** least cost with parts of sticks allowed */
  readonly bound: number;
  /** what each part is worth, and each length of stock */
  readonly worth: readonly number[];
  readonly stockCosts: readonly number[];
  /** of each pattern, so much of a stick */
  readonly columns: readonly number[];
  /** parts that fit on no stick that is left */
  readonly missing: readonly number[];
}

/** Kinds of slant that may lie on one stick, with the room that they leave on each length of stock. */
export interface Family {
  readonly kinds: Kinds;
  /** room taken by slants and given by the flush last cut */
  readonly roomOf: (stickLength: number) => number;
}

export const families = (problem: CuttingProblem): readonly Family[] => {
  const { of: whole, slants } = weightsOf(problem);
  const names = [...slants.keys()];
  // Counted in what all parts are multiples of, the room is gone through in fewer steps.
  const measure = Math.max(1, measureOf(whole));
  const takes = whole.map((take) => take / measure);
  const longest = Math.max(...problem.stock.map(({ length }) => length));
  return Array.from({ length: 2 ** names.length }, (_, set): Family => {
    const allowed = new Set(names.filter((_name, i) => (set >> i) % 2 === 1));
    const slant = [...allowed].reduce((sum, name) => sum + (slants.get(name) ?? 0), 0);
    return {
      kinds: {
        takes,
        most: problem.parts.map(({ quantity, nests }, i) =>
          nests && !allowed.has(nests.name)
            ? 0
            : Math.min(quantity, Math.max(0, Math.floor((longest + problem.kerf - slant) / (whole[i] ?? 1)))),
        ),
      },
      roomOf: (stickLength) => Math.floor((stickLength + problem.kerf - slant) / measure),
    };
  });
};

export const keyOf = ({ stock, counts }: Pattern): string => `${stock}:${counts.join(',')}`;
export const largestRoom = (problem: CuttingProblem, { roomOf }: Family): number =>
  Math.max(0, ...problem.stock.map(({ length }) => roomOf(length)));

/** Rows: every part as often as wanted, no stock more often than there is, the budget. */
const rowsOf = (
  problem: CuttingProblem,
  patterns: readonly Pattern[],
  { budget }: Aim,
  extra: number,
): readonly Row[] => {
  const column = (of: (pattern: Pattern) => number): { column: number; times: number }[] =>
    patterns.flatMap((pattern, i) => {
      const times = of(pattern);
      return times === 0 ? [] : [{ column: i, times }];
    });
  return [
    ...problem.parts.map(
      ({ quantity }, i): Row => ({
        of: [
          ...column(({ counts }) => counts[i] ?? 0),
          ...(extra > 0 ? [{ column: patterns.length + i, times: 1 }] : []),
        ],
        sign: '>=',
        bound: quantity,
      }),
    ),
    ...problem.stock.flatMap(({ available }, stock): Row[] => {
      const of = column((pattern) => (pattern.stock === stock ? 1 : 0));
      return available === null || of.length === 0 ? [] : [{ of, sign: '<=', bound: available }];
    }),
    ...(budget === undefined
      ? []
      : [{ of: column(({ stock }) => problem.stock[stock]?.price ?? 0), sign: '<=' as const, bound: budget }]),
  ];
};

/**
 * The relaxation by column generation (Gilmore and Gomory, 1961): patterns are added for as long as one would make it cheaper. Those found
 * are put into `patterns`. Leaving a part out costs `leavingOut` times the dearest stick, so that there is an answer at once.
 */
export const relaxed = function* (
  highs: Highs,
  problem: CuttingProblem,
  aim: Aim,
  patterns: Pattern[],
  leavingOut = 10,
): Generator<Progress, Relaxed | undefined, void> {
  const { parts, stock } = problem;
  const known = new Set(patterns.map(keyOf));
  const groups = families(problem);
  const outCost = leavingOut * (1 + Math.max(...aim.costs));
  for (let round = 0; round < ROUNDS_AT_MOST; round += 1) {
    yield { done: round, of: ROUNDS_AT_MOST };
    const answer = solved(highs, {
      costs: [...patterns.map((pattern) => aim.costs[pattern.stock] ?? 0), ...parts.map(() => outCost)],
      rows: rowsOf(problem, patterns, aim, parts.length),
      whole: false,
    });
    if (!answer || answer === 'none') return undefined;
    const worth = parts.map((_, i) => Math.max(0, answer.duals[i] ?? 0));
    let row = parts.length;
    const scarce = stock.map(({ available }, index) => {
      if (available === null || !patterns.some((pattern) => pattern.stock === index)) return 0;
      row += 1;
      return -(answer.duals[row - 1] ?? 0);
    });
    const tight = aim.budget === undefined ? 0 : -(answer.duals[row] ?? 0);
    const stockCosts = stock.map(({ price }, i) => (aim.costs[i] ?? 0) + (scarce[i] ?? 0) + tight * price);
    let added = 0;
    for (const family of groups) {
      const best = bestWorths(family.kinds, worth, largestRoom(problem, family));
      stock.forEach(({ length }, index) => {
        const room = family.roomOf(length);
        if (room <= 0 || (best[0]?.[room] ?? 0) <= (stockCosts[index] ?? 0) + NONE) return;
        const pattern = { stock: index, counts: bestCounts(family.kinds, worth, best, room) };
        if (known.has(keyOf(pattern))) return;
        known.add(keyOf(pattern));
        patterns.push(pattern);
        added += 1;
      });
    }
    if (added === 0)
      return {
        bound: answer.cost,
        worth,
        stockCosts,
        columns: answer.columns.slice(0, patterns.length),
        missing: parts.flatMap((_, i) => ((answer.columns[patterns.length + i] ?? 0) > NONE ? [i] : [])),
      };
  }
  return undefined;
};

/** The least whole number of each of these patterns, or one that costs no more than the target; undefined where they make none. */
export const wholePlan = (
  highs: Highs,
  problem: CuttingProblem,
  patterns: readonly Pattern[],
  aim: Aim,
  { target, withinS = WITHIN_S }: { readonly target?: number; readonly withinS?: number } = {},
): Answer | undefined => {
  const answer = solved(highs, {
    costs: patterns.map(({ stock }) => aim.costs[stock] ?? 0),
    rows: rowsOf(problem, patterns, aim, 0),
    whole: true,
    withinS,
    ...(target === undefined ? {} : { target }),
  });
  return answer === 'none' ? undefined : answer;
};
