import type { Highs } from 'highs';
import { bestWorths, choicesWorth } from './knapsack.js';
import { type CuttingProblem, type Pattern, weightsOf } from './problem.js';
import { families, keyOf } from './relaxation.js';
import { type Answer, solved } from './solver.js';

/** More patterns than these are not laid before the solver. */
const PATTERNS_AT_MOST = 6000;

/**
 * Every pattern that a plan of exactly these parts on no more than these sticks can hold: what is left of all sticks together is known, and
 * no single one leaves more. Undefined where they are too many.
 */
const patternsOf = (problem: CuttingProblem, available: readonly number[]): readonly Pattern[] | undefined => {
  const { of: weights } = weightsOf(problem);
  const { parts, stock, kerf } = problem;
  const roomOf = (length: number): number => length + kerf;
  const waste =
    stock.reduce((sum, { length }, i) => sum + (available[i] ?? 0) * roomOf(length), 0) -
    parts.reduce((sum, { quantity }, i) => sum + quantity * (weights[i] ?? 0), 0);
  if (waste < 0) return [];
  const found = new Map<string, Pattern>();
  for (const family of families(problem)) {
    const measure = (weights[0] ?? 1) / (family.kinds.takes[0] ?? 1);
    const longest = Math.max(0, ...stock.map(({ length }, i) => ((available[i] ?? 0) > 0 ? family.roomOf(length) : 0)));
    const best = bestWorths(family.kinds, family.kinds.takes, longest);
    for (let i = 0; i < stock.length; i += 1) {
      const length = stock[i]?.length ?? 0;
      const room = family.roomOf(length);
      if ((available[i] ?? 0) === 0 || room <= 0) continue;
      const floor = (roomOf(length) - waste) / measure - 1e-6;
      const choices = choicesWorth(family.kinds, family.kinds.takes, best, { room, floor, limit: PATTERNS_AT_MOST });
      if (!choices) return undefined;
      for (const counts of choices) {
        const pattern = { stock: i, counts };
        if (counts.some((count) => count > 0)) found.set(keyOf(pattern), pattern);
      }
      if (found.size > PATTERNS_AT_MOST) return undefined;
    }
  }
  return [...found.values()];
};

type ByWaste = { readonly answer: Answer; readonly patterns: readonly Pattern[] } | 'none' | 'open';

/** A plan on no more than so many sticks of each stock, or the proof that there is none; 'open' where it could not be told in time. */
export const byWaste = (
  highs: Highs,
  problem: CuttingProblem,
  available: readonly number[],
  costs: readonly number[],
  withinS: number,
): ByWaste => {
  const patterns = patternsOf(problem, available);
  if (!patterns) return 'open';
  const column = (of: (pattern: Pattern) => number) =>
    patterns.flatMap((pattern, i) => {
      const times = of(pattern);
      return times === 0 ? [] : [{ column: i, times }];
    });
  const parts = problem.parts.map((_, i) => column(({ counts }) => counts[i] ?? 0));
  if (problem.parts.some(({ quantity }, i) => quantity > 0 && parts[i]?.length === 0)) return 'none';
  const answer = solved(highs, {
    costs: patterns.map(({ stock }) => costs[stock] ?? 0),
    rows: [
      ...problem.parts.flatMap(({ quantity }, i) => {
        const of = parts[i] ?? [];
        // Exactly as many: both ways.
        return [
          { of, sign: '>=' as const, bound: quantity },
          { of, sign: '<=' as const, bound: quantity },
        ];
      }),
      ...problem.stock.flatMap((_, stock) => {
        const of = column((pattern) => (pattern.stock === stock ? 1 : 0));
        return of.length === 0 ? [] : [{ of, sign: '<=' as const, bound: available[stock] ?? 0 }];
      }),
    ],
    whole: true,
    withinS,
  });
  if (answer === 'none') return 'none';
  return answer ? { answer, patterns } : 'open';
};
