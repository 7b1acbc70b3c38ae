import type { Highs } from 'highs';
import type { Progress } from '../steps.js';
import { planFrom } from './least.js';
import { type CuttingProblem, type Pattern, takenBy } from './problem.js';

/** The solver’s time for one length of offcut, s. */
const TRY_WITHIN_S = 0.5;
/** With more parts than these it is left as it is. */
const PARTS_AT_MOST = 80;

const leftOf = (problem: CuttingProblem, pattern: Pattern): number =>
  (problem.stock[pattern.stock]?.length ?? 0) - takenBy(problem, pattern.counts);
const longestOf = (problem: CuttingProblem, sticks: readonly Pattern[]): number =>
  Math.max(0, ...sticks.map((stick) => leftOf(problem, stick)));

/** The sticks that the answer of a problem with one shortened stick stands for. */
const sticksOf = (
  {
    answer,
    patterns,
  }: { readonly answer: { readonly columns: readonly number[] }; readonly patterns: readonly Pattern[] },
  shortened: number,
  real: number,
): readonly Pattern[] =>
  patterns.flatMap(({ stock, counts }, i) =>
    Array.from({ length: Math.round(answer.columns[i] ?? 0) }, () => ({
      stock: stock === shortened ? real : stock,
      counts,
    })),
  );

/**
 * The same sticks cut so that the longest single offcut is as long as can be: one long end is worth more than many short ones. Sought by
 * halves: does all still fit with one stick shortened by so much? As it was where there are too many parts to try.
 */
export const withLongestOffcut = function* (
  highs: Highs,
  problem: CuttingProblem,
  sticks: readonly Pattern[],
): Generator<Progress, { readonly sticks: readonly Pattern[]; readonly proved: boolean }, void> {
  const { stock, parts } = problem;
  if (sticks.length < 2) return { sticks, proved: true };
  if (parts.reduce((sum, { quantity }) => sum + quantity, 0) > PARTS_AT_MOST) return { sticks, proved: false };
  const used = stock.map((_, i) => sticks.filter((stick) => stick.stock === i).length);
  const spare = sticks.reduce((sum, stick) => sum + leftOf(problem, stick), 0);
  let best = sticks;
  let proved = true;
  for (let real = 0; real < stock.length; real += 1) {
    const one = stock[real];
    if (!one || used[real] === 0) continue;
    let low = longestOf(problem, best);
    let high = Math.min(one.length, spare);
    while (low < high) {
      const tried = Math.ceil((low + high) / 2);
      const shortened = stock.length;
      const found = yield* planFrom(
        highs,
        { ...problem, stock: [...stock, { ...one, length: one.length - tried }] },
        [...used.map((count, i) => (i === real ? count - 1 : count)), 1],
        [...stock.map(() => 0), 0],
        best,
        TRY_WITHIN_S,
      );
      if (found === 'open' || 'none' in found) {
        if (found === 'open') proved = false;
        high = tried - 1;
      } else {
        best = sticksOf(found, shortened, real);
        low = Math.max(tried, longestOf(problem, best));
      }
    }
  }
  return { sticks: best, proved };
};
