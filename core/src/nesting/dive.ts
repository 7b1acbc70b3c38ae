import type { Highs } from 'highs';
import type { Progress } from '../steps.js';
import { type CuttingProblem, type Pattern, takenBy } from './problem.js';
import { type Aim, keyOf, relaxed } from './relaxation.js';

/** Which stick is settled next where the relaxation has none whole: the one that it wants most, or the one with the least left over. */
export type Next = 'wanted' | 'full';

/** A part of a stick that is as good as a whole one. */
const WHOLE = 1 - 1e-6;
/** Less of a stick than this is not wanted. */
const SOME = 1e-6;

/**
 * A plan by settling stick after stick: those of which the relaxation wants whole ones, else one of those that it wants in part; what is left is
 * relaxed again. Quick and good, and proves nothing; undefined where it runs into parts that fit on nothing that is left.
 */
export const dive = function* (
  highs: Highs,
  problem: CuttingProblem,
  aim: Aim,
  known: readonly Pattern[],
  next: Next,
): Generator<Progress, readonly Pattern[] | undefined, void> {
  const left = problem.parts.map(({ quantity }) => quantity);
  const available = problem.stock.map((one) => one.available);
  const sticks: Pattern[] = [];
  let budget = aim.budget;
  let patterns = known;
  while (left.some((quantity) => quantity > 0)) {
    const trimmed = patterns.map(({ stock, counts }) => ({
      stock,
      counts: counts.map((count, i) => Math.min(count, left[i] ?? 0)),
    }));
    const own = [...new Map(trimmed.map((pattern) => [keyOf(pattern), pattern])).values()].filter(
      ({ stock, counts }) => available[stock] !== 0 && counts.some((count) => count > 0),
    );
    const rest = {
      ...problem,
      parts: problem.parts.map((part, i) => ({ ...part, quantity: left[i] ?? 0 })),
      stock: problem.stock.map((one, i) => ({ ...one, available: available[i] ?? null })),
    };
    const relaxation = yield* relaxed(highs, rest, { ...aim, budget }, own);
    if (!relaxation || relaxation.missing.length > 0) return undefined;
    const wanted = own.map((_, i) => relaxation.columns[i] ?? 0);
    const lost = ({ stock, counts }: Pattern): number => (problem.stock[stock]?.length ?? 0) - takenBy(problem, counts);
    const affordable = ({ stock }: Pattern): boolean =>
      budget === undefined || (problem.stock[stock]?.price ?? 0) <= budget + SOME;
    const settle = (i: number, times: number): void => {
      const pattern = own[i];
      if (!pattern) return;
      for (let k = 0; k < times; k += 1) {
        // What the sticks settled before have is not cut again.
        const counts = pattern.counts.map((count, part) => Math.min(count, left[part] ?? 0));
        if (!counts.some((count) => count > 0)) return;
        sticks.push({ stock: pattern.stock, counts });
        counts.forEach((count, part) => {
          left[part] = (left[part] ?? 0) - count;
        });
        const there = available[pattern.stock];
        if (there !== null && there !== undefined) available[pattern.stock] = there - 1;
        if (budget !== undefined) budget -= problem.stock[pattern.stock]?.price ?? 0;
      }
    };
    const whole = wanted.flatMap((times, i) => (times >= WHOLE ? [i] : []));
    if (whole.length > 0) for (const i of whole) settle(i, Math.floor((wanted[i] ?? 0) + SOME));
    else {
      const [best] = wanted
        .flatMap((times, i) => (times > SOME && affordable(own[i] as Pattern) ? [i] : []))
        .sort((a, b) => {
          const byWanted = (wanted[b] ?? 0) - (wanted[a] ?? 0);
          const byLost = lost(own[a] as Pattern) - lost(own[b] as Pattern);
          return next === 'wanted' ? byWanted || byLost : byLost || byWanted;
        });
      if (best === undefined) return undefined;
      settle(best, 1);
    }
    patterns = own;
  }
  return sticks;
};
