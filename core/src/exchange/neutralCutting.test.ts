import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { calculateCutting } from './index.js';

interface Case {
  readonly id: string;
  readonly kerf: number;
  readonly stock: readonly { readonly length: number; readonly price: number; readonly available: number | null }[];
  readonly parts: readonly { readonly length: number; readonly qty: number }[];
  readonly expected: { readonly optimum: number };
}
interface Answered {
  readonly id: string;
  readonly cost: number;
  readonly lowerBound: number;
  readonly optimal: boolean;
  readonly plan: readonly { stock: number; times: number; parts: Readonly<Record<string, number>> }[];
}
const examples = JSON.parse(
  readFileSync(new URL('../../test/examples/cutting-examples.json', import.meta.url), 'utf8'),
) as { readonly cases: readonly Case[] };

// Optima worked out outside with two general MIP solvers (CBC, GLPK).
test('the examples: least cost reached and proved, every part cut once, no stick over', async () => {
  const result = await calculateCutting(examples);
  if (!result.ok) throw new Error(result.error.message);
  const answers = result.value.cases as readonly Answered[];
  expect(answers.map(({ id }) => id)).toEqual(examples.cases.map(({ id }) => id));
  for (const { id, kerf, stock, parts, expected } of examples.cases) {
    const answer = answers.find((one) => one.id === id) as Answered;
    expect(answer.cost).toBe(expected.optimum);
    expect(answer.optimal).toBe(true);
    const cut = new Map<string, number>();
    let cost = 0;
    for (const { stock: length, times, parts: on } of answer.plan) {
      const counts = Object.entries(on);
      const taken = counts.reduce((sum, [part, count]) => sum + count * (Number(part) + kerf), -kerf);
      expect(taken).toBeLessThanOrEqual(length);
      cost += times * (stock.find((one) => one.length === length)?.price ?? Number.NaN);
      for (const [part, count] of counts) cut.set(part, (cut.get(part) ?? 0) + count * times);
    }
    expect(cost).toBe(answer.cost);
    for (const { length, qty } of parts) expect(cut.get(String(length))).toBe(qty);
  }
});
test('what cannot be cut is told by its case; prices with decimals stay what they are', async () => {
  const stock = [{ length: 100, price: 1.25, available: null }];
  const result = await calculateCutting({
    cases: [
      { id: 1, kerf: 1, stock, parts: [{ length: 101, qty: 1 }] },
      { id: 2, kerf: 0, stock, parts: [{ length: 50, qty: 3 }] },
    ],
  });
  expect(result).toMatchObject({
    ok: true,
    value: {
      cases: [
        { id: '1', error: { code: 'impossible', message: 'longer than every stick: 101' } },
        { id: '2', cost: 2.5, lowerBound: 2.5, optimal: true },
      ],
    },
  });
  const none = await calculateCutting({ cases: [{ id: 1, kerf: 1, stock, parts: [{ length: 101, qty: 1 }] }] });
  expect(none).toMatchObject({ ok: false, error: { code: 'impossible', path: 'cases[0]' } });
});
test.each([
  [{ cases: [{ id: 1, kerf: -1, stock: [], parts: [] }] }, 'cases[0].kerf'],
  [
    { cases: [{ id: 1, kerf: 0, stock: [{ length: 1.5, price: 1, available: null }], parts: [] }] },
    'cases[0].stock[0].length',
  ],
  [{ cases: [] }, 'cases'],
])('bad files are told with the place', async (file, path) => {
  expect(await calculateCutting(file)).toMatchObject({ ok: false, error: { code: 'invalid', path } });
});
