import { type CuttingProblem, type Pattern, takenBy } from './problem.js';

/**
 * First-fit decreasing: the longest part first, on the first stick that still takes it; else a new one of the stock that costs least for
 * its length. What people do by hand. Undefined where something fits on nothing that is left.
 */
export const firstFit = (problem: CuttingProblem): readonly Pattern[] | undefined => {
  const { parts, stock } = problem;
  const left = stock.map(({ available }) => available ?? Number.POSITIVE_INFINITY);
  const sticks: { stock: number; counts: number[] }[] = [];
  const order = parts.map((_, i) => i).sort((a, b) => (parts[b]?.length ?? 0) - (parts[a]?.length ?? 0));
  const byWorth = stock
    .map((_, i) => i)
    .sort((a, b) => {
      const [one, other] = [stock[a], stock[b]];
      return (one?.price ?? 0) / (one?.length ?? 1) - (other?.price ?? 0) / (other?.length ?? 1);
    });
  const fits = (stick: number, counts: readonly number[]): boolean =>
    takenBy(problem, counts) <= (stock[stick]?.length ?? 0);
  for (const part of order)
    for (let i = 0; i < (parts[part]?.quantity ?? 0); i += 1) {
      const more = (counts: readonly number[]): number[] => counts.map((count, k) => (k === part ? count + 1 : count));
      const open = sticks.find((stick) => fits(stick.stock, more(stick.counts)));
      if (open) {
        open.counts = more(open.counts);
        continue;
      }
      const alone = more(parts.map(() => 0));
      const fresh = byWorth.find((index) => (left[index] ?? 0) > 0 && fits(index, alone));
      if (fresh === undefined) return undefined;
      left[fresh] = (left[fresh] ?? 0) - 1;
      sticks.push({ stock: fresh, counts: alone });
    }
  return sticks;
};
