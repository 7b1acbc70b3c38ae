import type { Highs } from 'highs';
import type { Progress } from '../steps.js';
import { fullCombos } from './combos.js';
import { byWaste } from './byWaste.js';
import { dive } from './dive.js';
import { bestWorths, choicesWorth } from './knapsack.js';
import { measureOf } from './measure.js';
import type { CuttingProblem, Pattern } from './problem.js';
import { type Aim, families, keyOf, largestRoom, NONE, type Relaxed, relaxed, wholePlan } from './relaxation.js';
import type { Answer } from './solver.js';

/** The solver’s time, s: for a first plan, and for each number of sticks that a better one could have. */
const START_WITHIN_S = 1;
const COMBO_WITHIN_S = 3;

/** More patterns than these are not laid before the solver; the plan then stands unproved where the bound is not met. */
const PATTERNS_AT_MOST = 20_000;

/** Every pattern that a plan better by `within` than the relaxation allows can hold; undefined where they are too many. */
const patternsWithin = (
  problem: CuttingProblem,
  { worth, stockCosts }: Relaxed,
  within: number,
): Pattern[] | undefined => {
  const found = new Map<string, Pattern>();
  for (const family of families(problem)) {
    const best = bestWorths(family.kinds, worth, largestRoom(problem, family));
    for (let stock = 0; stock < problem.stock.length; stock += 1) {
      const room = family.roomOf(problem.stock[stock]?.length ?? 0);
      if (room <= 0) continue;
      const floor = (stockCosts[stock] ?? 0) - within - NONE;
      const choices = choicesWorth(family.kinds, worth, best, { room, floor, limit: PATTERNS_AT_MOST });
      if (!choices) return undefined;
      for (const counts of choices) {
        const pattern = { stock, counts };
        if (counts.some((count) => count > 0)) found.set(keyOf(pattern), pattern);
      }
      if (found.size > PATTERNS_AT_MOST) return undefined;
    }
  }
  return [...found.values()];
};

export interface Whole {
  readonly times: readonly number[];
  readonly patterns: readonly Pattern[];
  readonly cost: number;
  readonly leastCost: number;
}

/** What a dearest combination would have to be worth: more sticks are worth more, and no plan needs less than `needs`. */
interface Cut {
  readonly worthOf: readonly number[];
  readonly needs: number;
}

const cutOf = (problem: CuttingProblem, worth: readonly number[]): Cut => {
  const groups = families(problem).map((family) => ({
    family,
    best: bestWorths(family.kinds, worth, largestRoom(problem, family)),
  }));
  return {
    worthOf: problem.stock.map(({ length }) =>
      Math.max(0, ...groups.map(({ family, best }) => best[0]?.[Math.max(0, family.roomOf(length))] ?? 0)),
    ),
    needs: problem.parts.reduce((sum, { quantity }, i) => sum + quantity * (worth[i] ?? 0), 0),
  };
};
const dot = (a: readonly number[], b: readonly number[]): number => a.reduce((sum, x, i) => sum + x * (b[i] ?? 0), 0);

/** Sticks as patterns with how often each is used. */
const asFound = (sticks: readonly Pattern[], costs: readonly number[]): Found => {
  const alike = new Map<string, { readonly pattern: Pattern; times: number }>();
  for (const pattern of sticks) {
    const known = alike.get(keyOf(pattern));
    if (known) known.times += 1;
    else alike.set(keyOf(pattern), { pattern, times: 1 });
  }
  const used = [...alike.values()];
  return {
    patterns: used.map(({ pattern }) => pattern),
    answer: {
      columns: used.map(({ times }) => times),
      duals: [],
      cost: sticks.reduce((sum, { stock }) => sum + (costs[stock] ?? 0), 0),
      proved: false,
    },
  };
};

/** The better of two dives. */
const diveBoth = function* (
  highs: Highs,
  problem: CuttingProblem,
  aim: Aim,
  patterns: readonly Pattern[],
): Generator<Progress, Found | undefined, void> {
  let best: Found | undefined;
  for (const next of ['wanted', 'full'] as const) {
    const sticks = yield* dive(highs, problem, aim, patterns, next);
    const found = sticks && asFound(sticks, aim.costs);
    if (found && (!best || found.answer.cost < best.answer.cost)) best = found;
  }
  return best;
};

type Found = { readonly answer: Answer; readonly patterns: readonly Pattern[] };

/**
 * A plan from exactly so many sticks at most; 'none' where there is none, with why where even parts of sticks make none; 'open' where it
 * could not be told in time.
 */
export const planFrom = function* (
  highs: Highs,
  problem: CuttingProblem,
  available: readonly number[],
  costs: readonly number[],
  known: readonly Pattern[],
  withinS: number,
): Generator<Progress, Found | { readonly none: Cut | undefined } | 'open', void> {
  const limited = { ...problem, stock: problem.stock.map((one, i) => ({ ...one, available: available[i] ?? 0 })) };
  const patterns = known.filter(({ stock }) => (available[stock] ?? 0) > 0);
  const nothing: Aim = { costs: costs.map(() => 0), budget: undefined };
  const relaxation = yield* relaxed(highs, limited, nothing, patterns);
  if (!relaxation) return 'open';
  if (relaxation.missing.length > 0) return { none: cutOf(problem, relaxation.worth) };
  const dived = yield* diveBoth(highs, limited, { costs, budget: undefined }, patterns);
  if (dived) return dived;
  const exact = byWaste(highs, problem, available, costs, withinS);
  return exact === 'none' ? { none: undefined } : exact;
};

/**
 * Looks for a plan cheaper than `cost` stock by stock: how many sticks of each it could have is gone through, those that cannot hold the
 * parts even in pieces fall away. 'none' proves that there is no cheaper one.
 */
const cheaper = function* (
  highs: Highs,
  problem: CuttingProblem,
  aim: Aim,
  { cost, bound, patterns }: { readonly cost: number; readonly bound: number; readonly patterns: readonly Pattern[] },
): Generator<Progress, Found | 'none' | 'open', void> {
  const { stock, parts } = problem;
  const wanted = parts.reduce((sum, { quantity }) => sum + quantity, 0);
  const offers = stock.map(({ price, available }, i) => ({
    cost: aim.costs[i] ?? 0,
    price,
    most: Math.min(wanted, available ?? wanted),
  }));
  const combos = fullCombos(offers, { cost, price: aim.budget ?? Number.POSITIVE_INFINITY });
  if (!combos) return 'open';
  const cuts: Cut[] = [];
  let open = false;
  // The cheapest first: the first that holds all parts is then the best of its kind.
  combos.sort((a, b) => dot(a, aim.costs) - dot(b, aim.costs));
  for (const [i, combo] of combos.entries()) {
    if (dot(combo, aim.costs) < bound - NONE) continue;
    if (cuts.some(({ worthOf, needs }) => dot(combo, worthOf) < needs - NONE)) continue;
    yield { done: i, of: combos.length };
    const found = yield* planFrom(highs, problem, combo, aim.costs, patterns, COMBO_WITHIN_S);
    if (found === 'open') open = true;
    else if ('none' in found) {
      if (found.none) cuts.push(found.none);
    } else return found;
  }
  return open ? 'open' : 'none';
};

/** By every pattern that a cheaper plan could hold; undefined where they are too many or make none. */
const byAllPatterns = (
  highs: Highs,
  problem: CuttingProblem,
  aim: Aim,
  relaxation: Relaxed,
  within: number,
): Found | undefined => {
  const patterns = patternsWithin(problem, relaxation, within);
  const answer = patterns && wholePlan(highs, problem, patterns, aim);
  return answer && { answer, patterns };
};

/** Dearest sticks that leaving a part out is made to cost where it costs too little. */
const LEAVING_OUT = [10, 1e3, 1e5] as const;

/**
 * The relaxation, with nothing left out that there is stock for: where a scarce cheap stick would save several dear ones, leaving out what
 * takes it pays until it is made dear enough.
 */
const enough = function* (
  highs: Highs,
  problem: CuttingProblem,
  aim: Aim,
  patterns: Pattern[],
): Generator<Progress, Relaxed | undefined, void> {
  let relaxation: Relaxed | undefined;
  for (const leavingOut of LEAVING_OUT) {
    relaxation = yield* relaxed(highs, problem, aim, patterns, leavingOut);
    if (!relaxation || relaxation.missing.length === 0) break;
    const nothing = { costs: aim.costs.map(() => 0), budget: aim.budget };
    const possible = yield* relaxed(highs, problem, nothing, patterns);
    if (possible && possible.missing.length > 0) break;
  }
  return relaxation;
};

/**
 * The least whole plan. By the patterns of the relaxation first; where that is dearer than the bound, cheaper ones are looked for until
 * there is none, which proves it.
 */
export const least = function* (
  highs: Highs,
  problem: CuttingProblem,
  aim: Aim,
  patterns: Pattern[],
): Generator<Progress, Whole | { readonly missing: readonly number[] } | undefined, void> {
  const relaxation = yield* enough(highs, problem, aim, patterns);
  if (!relaxation) return undefined;
  const measure = measureOf(aim.costs) || 1;
  const bound = Math.ceil(relaxation.bound / measure - 1e-6) * measure;
  const dived = yield* diveBoth(highs, problem, aim, patterns);
  const answer =
    dived && Math.round(dived.answer.cost) <= bound
      ? undefined
      : wholePlan(highs, problem, patterns, aim, { target: bound, withinS: START_WITHIN_S });
  if (!dived && !answer && relaxation.missing.length > 0) return { missing: relaxation.missing };
  const costOf = ({ answer: { cost } }: Found): number => Math.round(cost);
  const solvedFirst: Found | undefined = answer && { answer, patterns: [...patterns] };
  let best = [dived, solvedFirst].reduce((a, b) => (!a || (b && costOf(b) < costOf(a)) ? b : a), undefined);
  let proved = best !== undefined && costOf(best) <= bound;
  while (!proved) {
    // A cheaper plan costs at least one measure less.
    const cost = best ? costOf(best) - measure : Number.POSITIVE_INFINITY;
    let next = best
      ? yield* cheaper(highs, problem, aim, { cost, bound: relaxation.bound, patterns: best.patterns })
      : ('open' as const);
    if (next === 'open') {
      const all = byAllPatterns(highs, problem, aim, relaxation, cost - relaxation.bound);
      if (!all) break;
      if (!best || costOf(all) < costOf(best)) next = all;
      else if (all.answer.proved) next = 'none';
      else break;
    }
    if (next === 'none') proved = true;
    else {
      best = next;
      proved = costOf(best) <= bound;
    }
  }
  if (!best) return undefined;
  return {
    times: best.answer.columns.map(Math.round),
    patterns: best.patterns,
    cost: costOf(best),
    leastCost: proved ? costOf(best) : bound,
  };
};
