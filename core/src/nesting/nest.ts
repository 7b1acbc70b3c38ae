import type { Highs } from 'highs';
import type { Progress } from '../steps.js';
import { firstFit } from './firstFit.js';
import { least, type Whole } from './least.js';
import { withLongestOffcut } from './offcut.js';
import { type CuttingPlan, type CuttingProblem, type Pattern, type PlannedPattern, takenBy } from './problem.js';
import { families, keyOf, largestRoom } from './relaxation.js';

/** Units of a stick's length times kinds of part: beyond this the room is cut too finely to be gone through. */
const ROOM_AT_MOST = 2e7;

/** Drops what was cut too often: the solver covers what is wanted and may go over it. */
const withoutSurplus = (problem: CuttingProblem, sticks: readonly Pattern[]): readonly Pattern[] => {
  const over = problem.parts.map(
    ({ quantity }, i) => sticks.reduce((sum, { counts }) => sum + (counts[i] ?? 0), 0) - quantity,
  );
  return sticks.flatMap(({ stock, counts }): Pattern[] => {
    const kept = counts.map((count, part) => {
      const off = Math.min(count, Math.max(0, over[part] ?? 0));
      over[part] = (over[part] ?? 0) - off;
      return count - off;
    });
    return kept.some((count) => count > 0) ? [{ stock, counts: kept }] : [];
  });
};

const sticksOf = ({ patterns, times }: Whole): readonly Pattern[] =>
  patterns.flatMap((pattern, k) => Array.from({ length: times[k] ?? 0 }, () => pattern));

const alikeTogether = (sticks: readonly Pattern[]): readonly PlannedPattern[] => {
  const alike = new Map<string, PlannedPattern>();
  for (const stick of sticks) {
    const key = keyOf(stick);
    alike.set(key, { ...stick, times: (alike.get(key)?.times ?? 0) + 1 });
  }
  return [...alike.values()];
};

/** Why there is no plan. */
export type NoPlan =
  | { readonly code: 'too-long'; readonly parts: readonly number[] }
  | { readonly code: 'too-little-stock'; readonly parts: readonly number[] }
  | { readonly code: 'too-fine' }
  | { readonly code: 'not-found' };
export type Nested =
  | { readonly ok: true; readonly value: CuttingPlan }
  | { readonly ok: false; readonly error: NoPlan };

/**
 * Cheapest plan, and of the cheapest one with the fewest sticks. Lengths, prices and the saw's loss in whole units. Proved by the bound of
 * the relaxation, or by going through every number of sticks, or every pattern, that a better plan could hold.
 */
export const nestSteps = function* (highs: Highs, problem: CuttingProblem): Generator<Progress, Nested, void> {
  const { parts, stock } = problem;
  const alone = (i: number): number[] => parts.map((_, k) => (k === i ? 1 : 0));
  const tooLong = parts.flatMap(({ quantity }, i) =>
    quantity > 0 && !stock.some(({ length }) => takenBy(problem, alone(i)) <= length) ? [i] : [],
  );
  if (tooLong.length > 0) return { ok: false, error: { code: 'too-long', parts: tooLong } };
  if (parts.every(({ quantity }) => quantity === 0))
    return { ok: true, value: { patterns: [], price: 0, sticks: 0, leastPrice: 0, proved: true, offcutProved: true } };
  if (families(problem).some((family) => largestRoom(problem, family) * parts.length > ROOM_AT_MOST))
    return { ok: false, error: { code: 'too-fine' } };
  const patterns: Pattern[] = [];
  const byHand = firstFit(problem);
  for (const pattern of byHand ?? [])
    if (!patterns.some((known) => keyOf(known) === keyOf(pattern))) patterns.push(pattern);
  const prices = stock.map(({ price }) => price);
  const cheapest = yield* least(highs, problem, { costs: prices, budget: undefined }, patterns);
  if (!cheapest) return { ok: false, error: { code: 'not-found' } };
  if ('missing' in cheapest) return { ok: false, error: { code: 'too-little-stock', parts: cheapest.missing } };
  const fewest = yield* least(
    highs,
    problem,
    { costs: stock.map(({ begun }) => (begun ? 0 : 1)), budget: cheapest.cost },
    // Only what is used: the relaxation finds again what else it needs.
    cheapest.patterns.filter((_, i) => (cheapest.times[i] ?? 0) > 0),
  );
  const whole = fewest && !('missing' in fewest) ? fewest : cheapest;
  const loose = yield* withLongestOffcut(highs, problem, withoutSurplus(problem, sticksOf(whole)));
  const planned = alikeTogether(withoutSurplus(problem, loose.sticks));
  const of = (what: (pattern: PlannedPattern) => number): number =>
    planned.reduce((sum, pattern) => sum + what(pattern) * pattern.times, 0);
  return {
    ok: true,
    value: {
      patterns: planned,
      price: of((pattern) => stock[pattern.stock]?.price ?? 0),
      sticks: of((pattern) => (stock[pattern.stock]?.begun ? 0 : 1)),
      leastPrice: cheapest.leastCost,
      proved: cheapest.cost <= cheapest.leastCost && whole === fewest && whole.cost <= whole.leastCost,
      offcutProved: loose.proved,
    },
  };
};
