import * as fc from 'fast-check';
import type { Highs } from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import { lastOf } from '../steps.js';
import { firstFit } from './firstFit.js';
import { type CuttingPlan, type CuttingProblem, loadSolver, nestSteps, takenBy } from './index.js';

let highs: Highs;
beforeAll(async () => {
  highs = await loadSolver();
});
const nested = (problem: CuttingProblem): CuttingPlan => {
  const found = lastOf(nestSteps(highs, problem));
  if (!found.ok) throw new Error(found.error.code);
  return found.value;
};
const sticks = (length: number, price = 1, available: number | null = null) => ({ length, price, available });

/** Counted again from the plan itself: every part once, no stick over, no more of a stock than there is. */
const recount = ({ stock, parts, ...problem }: CuttingProblem, { patterns, price, sticks: used }: CuttingPlan) => {
  const whole = { stock, parts, ...problem };
  for (const { stock: index, counts } of patterns)
    expect(takenBy(whole, counts)).toBeLessThanOrEqual(stock[index]?.length ?? 0);
  parts.forEach(({ quantity }, i) =>
    expect(patterns.reduce((sum, { counts, times }) => sum + (counts[i] ?? 0) * times, 0)).toBe(quantity),
  );
  stock.forEach(({ available }, i) => {
    const taken = patterns.reduce((sum, one) => sum + (one.stock === i ? one.times : 0), 0);
    if (available !== null) expect(taken).toBeLessThanOrEqual(available);
  });
  expect(patterns.reduce((sum, one) => sum + one.times * (stock[one.stock]?.price ?? 0), 0)).toBe(price);
  expect(patterns.reduce((sum, { times }) => sum + times, 0)).toBe(used);
};

/** Least price and fewest sticks by trying everything: parts one by one, on each open stick or a new one. */
const byTrying = (problem: CuttingProblem): { readonly price: number; readonly sticks: number } | undefined => {
  const queue = problem.parts.flatMap(({ quantity }, i) => Array.from({ length: quantity }, () => i));
  let best: { price: number; sticks: number } | undefined;
  const open: { stock: number; counts: number[] }[] = [];
  const go = (next: number, price: number): void => {
    const dearer = best && (price > best.price || (price === best.price && open.length >= best.sticks));
    if (dearer) return;
    if (next === queue.length) {
      best = { price, sticks: open.length };
      return;
    }
    const part = queue[next] as number;
    for (const stick of open) {
      stick.counts[part] = (stick.counts[part] ?? 0) + 1;
      if (takenBy(problem, stick.counts) <= (problem.stock[stick.stock]?.length ?? 0)) go(next + 1, price);
      stick.counts[part] = (stick.counts[part] ?? 0) - 1;
    }
    problem.stock.forEach(({ length, price: each, available }, stock) => {
      const used = open.filter((one) => one.stock === stock).length;
      const counts = problem.parts.map((_, i) => (i === part ? 1 : 0));
      if ((available !== null && used >= available) || takenBy(problem, counts) > length) return;
      open.push({ stock, counts });
      go(next + 1, price + each);
      open.pop();
    });
  };
  go(0, 0);
  return best;
};

describe('sticks', () => {
  test('n parts need n − 1 cuts: the last one may be flush (by hand: 3 × 1998 + 2 × 3 = 6000)', () => {
    const problem = {
      kerf: 3,
      stock: [sticks(6000)],
      parts: [
        { length: 1998, quantity: 9 },
        { length: 1497, quantity: 4 },
      ],
    };
    const plan = nested(problem);
    expect(plan).toMatchObject({ sticks: 4, price: 4, leastPrice: 4, proved: true });
    recount(problem, plan);
  });
  test('what lies there already is used before anything is bought, and no more of it than there is', () => {
    const problem = {
      kerf: 3,
      stock: [sticks(6000, 100), sticks(2750, 0, 2), sticks(1900, 0, 3), sticks(1210, 0, 1)],
      parts: [
        { length: 2400, quantity: 3 },
        { length: 1850, quantity: 6 },
        { length: 1205, quantity: 5 },
        { length: 890, quantity: 8 },
      ],
    };
    const plan = nested(problem);
    expect(plan).toMatchObject({ price: 400, proved: true });
    recount(problem, plan);
  });
  test('one long offcut rather than two short ones', () => {
    // 4 × 100 on sticks of 310: three and one, not two and two.
    const plan = nested({ kerf: 0, stock: [sticks(310)], parts: [{ length: 100, quantity: 4 }] });
    expect(plan).toMatchObject({ sticks: 2, offcutProved: true });
    expect(plan.patterns.map(({ counts }) => counts[0] ?? 0).sort((a, b) => a - b)).toEqual([1, 3]);
  });
  test('a part longer than every stick, and too little of what there is, are told by their parts', () => {
    const parts = [
      { length: 100, quantity: 1 },
      { length: 400, quantity: 2 },
    ];
    expect(lastOf(nestSteps(highs, { kerf: 0, stock: [sticks(310)], parts }))).toEqual({
      ok: false,
      error: { code: 'too-long', parts: [1] },
    });
    expect(lastOf(nestSteps(highs, { kerf: 0, stock: [sticks(450, 1, 1)], parts }))).toMatchObject({
      ok: false,
      error: { code: 'too-little-stock' },
    });
  });
  test('nothing to cut is no stick', () => {
    expect(nested({ kerf: 2, stock: [sticks(100)], parts: [] })).toMatchObject({ sticks: 0, price: 0, proved: true });
  });
  test('two hundred pieces of ten lengths are proved', () => {
    const lengths = [4321, 3650, 2440, 1997, 1524, 1219, 914, 731, 457, 311];
    const problem = {
      kerf: 3,
      stock: [sticks(6096, 7100), sticks(7315, 8400)],
      parts: lengths.map((length) => ({ length, quantity: 20 })),
    };
    const plan = nested(problem);
    expect(plan.proved).toBe(true);
    recount(problem, plan);
  });
});

test('looking for a longer offcut cuts no part twice', () => {
  const problem = {
    kerf: 0,
    stock: [sticks(14, 1000), sticks(15, 1000, 2), sticks(8, 0)],
    parts: [
      { length: 9, quantity: 3 },
      { length: 5, quantity: 1 },
    ],
  };
  const plan = nested(problem);
  recount(problem, plan);
  expect(plan).toMatchObject({ price: 3000, sticks: 3 });
});

test('the end of a stick that is begun is used before a new one, and counts as none', () => {
  const problem = {
    kerf: 1,
    stock: [{ ...sticks(60, 0, 1), begun: true }, sticks(100, 10)],
    parts: [{ length: 49, quantity: 3 }],
  };
  // Two on a new stick and one on the end, not all three on two new ones.
  expect(nested(problem)).toMatchObject({ price: 10, sticks: 1, proved: true });
});

describe('scarce stock', () => {
  // 90 is to go on the 95, both 50 on the 100: cut by hand, longest first, they do not fit. A 5 lies on the 95 beside it.
  const problem = (fives: number | null) => ({
    kerf: 0,
    stock: [sticks(100, 1, 1), sticks(95, 5, 1), sticks(5, 1000, fives)],
    parts: [
      { length: 90, quantity: 1 },
      { length: 50, quantity: 2 },
      { length: 5, quantity: 20 },
    ],
  });
  test('no part is left out for what leaving it out would save, however dear the others come', () => {
    expect(firstFit(problem(null))).toBeUndefined();
    expect(nested(problem(null))).toMatchObject({ price: 19_006, sticks: 21, proved: true });
  });
  test('where there is truly too little, it is said', () => {
    expect(lastOf(nestSteps(highs, problem(18)))).toMatchObject({ ok: false, error: { code: 'too-little-stock' } });
  });
});

test('fifty pieces of ten lengths whose relaxation is no plan: the cheapest is found and proved, below what it was cut for first', () => {
  const pieces = '29x2 41x7 53x5 71x7 13x4 41x6 78x3 58x4 9x5 66x7';
  const problem = {
    kerf: 2,
    stock: [sticks(20 * 192, 7100), sticks(24 * 192, 8400)],
    parts: pieces.split(' ').map((piece) => {
      const [inches, quantity] = piece.split('x').map(Number);
      return { length: 16 * (inches ?? 0), quantity: quantity ?? 0 };
    }),
  };
  const plan = nested(problem);
  recount(problem, plan);
  // The saw takes more than 69,600 of any plan (parts of sticks allowed); 4 sticks of 7100 and 5 of 8400 hold it all.
  expect(plan).toMatchObject({ price: 70_400, sticks: 9, proved: true });
});

describe('slants', () => {
  const legs = (quantity: number) => ({ length: 1000, quantity, nests: { name: '45', slant: 100 } });
  test('parallel slants lie nose to tail: two of 1000 with slants of 100 take 1900 and a cut', () => {
    const problem = { kerf: 0, stock: [sticks(1900)], parts: [legs(2)] };
    expect(takenBy(problem, [2])).toBe(1900);
    expect(nested(problem)).toMatchObject({ sticks: 1, proved: true });
    expect(nested({ ...problem, stock: [sticks(1899)] })).toMatchObject({ sticks: 2, proved: true });
  });
  test('beside square ones the slant at one end is lost once', () => {
    const problem = { kerf: 2, stock: [sticks(2412)], parts: [legs(2), { length: 508, quantity: 1 }] };
    // 1000 + 900 + 508 and two cuts of 2.
    expect(takenBy(problem, [2, 1])).toBe(2412);
    expect(nested(problem)).toMatchObject({ sticks: 1 });
  });
});

test('settling stick after stick keeps to the budget and to what there is', () => {
  const problem = {
    kerf: 0,
    stock: [sticks(40, 3), sticks(41, 4), sticks(40, 0, 1)],
    parts: [{ length: 23, quantity: 2, nests: { name: 'a', slant: 5 } }],
  };
  // Both nose to tail on the 41 cost 4; one each on a 40 cost 3.
  expect(nested(problem)).toMatchObject({ price: 3, sticks: 2, proved: true });
});

describe('against trying everything', () => {
  const problems = fc.record({
    kerf: fc.integer({ min: 0, max: 3 }),
    stock: fc.array(
      fc.record({
        length: fc.integer({ min: 40, max: 100 }),
        price: fc.integer({ min: 0, max: 9 }),
        available: fc.option(fc.integer({ min: 0, max: 3 })),
      }),
      { minLength: 1, maxLength: 3 },
    ),
    parts: fc.array(
      fc
        .record({
          length: fc.integer({ min: 8, max: 60 }),
          quantity: fc.integer({ min: 1, max: 3 }),
          slant: fc.integer({ min: 0, max: 6 }),
        })
        .map(({ length, quantity, slant }) => ({
          length,
          quantity,
          ...(slant > 3 ? { nests: { name: 'a', slant: 5 } } : {}),
        })),
      { minLength: 1, maxLength: 3 },
    ),
  });
  test('small plans cost what the best of all ways costs, with as few sticks, and count up', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const tried = byTrying(problem);
        const found = lastOf(nestSteps(highs, problem));
        expect(found.ok).toBe(tried !== undefined);
        if (!found.ok || !tried) return;
        recount(problem, found.value);
        expect({ price: found.value.price, sticks: found.value.sticks }).toEqual(tried);
        expect(found.value.proved).toBe(true);
        expect(found.value.leastPrice).toBe(tried.price);
        const byHand = firstFit(problem);
        const handPrice = byHand?.reduce((sum, { stock }) => sum + (problem.stock[stock]?.price ?? 0), 0);
        if (handPrice !== undefined) expect(found.value.price).toBeLessThanOrEqual(handPrice);
      }),
      { numRuns: 150 },
    );
  });
});
