import * as fc from 'fast-check';
import { inverse, Matrix } from 'ml-matrix';
import { describe, expect, test } from 'vitest';
import examples from '../../test/examples/reconcile-examples.json' with { type: 'json' };
import { verify } from '../../test/verify.js';
import { calculateReconcile } from '../exchange/index.js';
import { chanceOfChiSquared, type KnownMass, reconcile, type WeighIn } from './index.js';

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const BALL_TO_AXLE_M = 3;

const anyKnown = fc
  .array(fc.record({ massKg: number(5, 800), sdKg: number(1, 90), xM: number(-0.5, 5) }), {
    minLength: 1,
    maxLength: 6,
  })
  .map((all) => all.map((one, i): KnownMass => ({ ...one, id: `m${i}` })));
const anyWeighIns = (known: readonly KnownMass[]) =>
  fc.array(
    fc.record({
      aboard: fc.subarray(
        known.map(({ id }) => id),
        { minLength: 1 },
      ),
      readings: fc.array(
        fc.record({
          kind: fc.constantFrom('total' as const, 'axle' as const, 'tongue' as const),
          kg: number(0, 2000),
          sdKg: number(0.5, 20),
        }),
        { minLength: 1, maxLength: 3 },
      ),
    }),
    { minLength: 1, maxLength: 4 },
  );
const anyCase = anyKnown.chain((known) => fc.tuple(fc.constant(known), anyWeighIns(known)));

const found = (known: readonly KnownMass[], weighIns: readonly WeighIn[]) => {
  const answer = reconcile(known, weighIns, BALL_TO_AXLE_M);
  if (!answer) throw new Error('none');
  return answer;
};

describe('what scales say of masses', () => {
  test('two things of the same doubt share what a scale finds more', () => {
    const known = [
      { id: 'a', massKg: 100, sdKg: 10, xM: 1 },
      { id: 'b', massKg: 200, sdKg: 10, xM: 1 },
    ];
    // 330 read to next to nothing where 300 were thought: 15 each, and each is as doubtful as their difference still is: 10 ÷ √2.
    const { masses, chiSquared } = found(known, [
      { aboard: ['a', 'b'], readings: [{ kind: 'total', kg: 330, sdKg: 1e-3 }] },
    ]);
    expect(masses.map(({ massKg }) => massKg)).toEqual([expect.closeTo(115, 4), expect.closeTo(215, 4)]);
    expect(masses[0]?.sdKg).toBeCloseTo(10 / Math.SQRT2, 4);
    // 30² ÷ (10² + 10²)
    expect(chiSquared).toBeCloseTo(4.5, 6);
  });
  test('a thing over the axle is not seen by the tongue', () => {
    const known = [{ id: 'a', massKg: 100, sdKg: 10, xM: BALL_TO_AXLE_M }];
    const { masses } = found(known, [{ aboard: ['a'], readings: [{ kind: 'tongue', kg: 40, sdKg: 1 }] }]);
    expect(masses[0]).toEqual({ id: 'a', massKg: 100, sdKg: 10 });
  });
  test('what is sure stays as it is; with no reading all does', () => {
    const known = [
      { id: 'a', massKg: 100, sdKg: 0, xM: 1 },
      { id: 'b', massKg: 50, sdKg: 5, xM: 2 },
    ];
    const { masses } = found(known, [{ aboard: ['a', 'b'], readings: [{ kind: 'total', kg: 160, sdKg: 1 }] }]);
    expect(masses[0]).toEqual({ id: 'a', massKg: 100, sdKg: 0 });
    expect(masses[1]?.massKg).toBeGreaterThan(55);
    expect(found(known, []).masses.map(({ massKg }) => massKg)).toEqual([100, 50]);
    // A scale without doubt and masses without doubt: nothing is left to divide by.
    expect(
      reconcile([known[0] as KnownMass], [{ aboard: ['a'], readings: [{ kind: 'total', kg: 1, sdKg: 0 }] }], 3),
    ).toBeUndefined();
  });
  test('it is the least weighted sum of squares, solved the other way by a general library', () => {
    fc.assert(
      fc.property(anyCase, ([known, weighIns]) => {
        const readings = weighIns.flatMap(({ aboard, readings: own }) => own.map((one) => ({ ...one, aboard })));
        const share = (kind: string, xM: number): number =>
          kind === 'total' ? 1 : kind === 'axle' ? xM / BALL_TO_AXLE_M : 1 - xM / BALL_TO_AXLE_M;
        const a = new Matrix(
          readings.map(({ kind, aboard }) => known.map(({ id, xM }) => (aboard.includes(id) ? share(kind, xM) : 0))),
        );
        const sure = Matrix.diag(readings.map(({ sdKg }) => sdKg ** -2));
        const before = Matrix.diag(known.map(({ sdKg }) => sdKg ** -2));
        const normal = Matrix.add(before, a.transpose().mmul(sure).mmul(a));
        const right = Matrix.add(
          before.mmul(Matrix.columnVector(known.map(({ massKg }) => massKg))),
          a
            .transpose()
            .mmul(sure)
            .mmul(Matrix.columnVector(readings.map(({ kg }) => kg))),
        );
        const covariance = inverse(normal);
        const best = covariance.mmul(right);
        found(known, weighIns).masses.forEach(({ massKg, sdKg }, i) => {
          expect(Math.abs(massKg - best.get(i, 0))).toBeLessThan(1e-6 * Math.max(1, Math.abs(massKg)));
          expect(Math.abs(sdKg - Math.sqrt(covariance.get(i, i)))).toBeLessThan(1e-6 * Math.max(1, sdKg));
        });
      }),
    );
  });
  test('no reading makes anything more doubtful, and their order does not matter', () => {
    fc.assert(
      fc.property(anyCase, ([known, weighIns]) => {
        const one = found(known, weighIns);
        const other = found(known, weighIns.toReversed());
        one.masses.forEach(({ sdKg, massKg }, i) => {
          expect(sdKg).toBeLessThanOrEqual((known[i]?.sdKg ?? 0) + 1e-9);
          expect(Math.abs(massKg - (other.masses[i]?.massKg ?? 0))).toBeLessThan(1e-6 * Math.max(1, Math.abs(massKg)));
        });
        expect(one.chiSquared).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});

describe('a reading that cannot be', () => {
  test.each([
    [1, '3.841'],
    [2, '5.991'],
    [4, '9.488'],
    [10, '18.307'],
  ])('of %i readings one in twenty is past %s', (readings, limit) => {
    verify({
      area: 'Weigh-in',
      check: `chance of χ² past ${limit}, ${readings} degrees of freedom`,
      ours: chanceOfChiSquared(Number(limit), readings),
      outside: '0.05',
      unit: '',
      source: 'table of the χ² distribution, upper 5 % points (recalled)',
      tolerance: 0.002,
    });
  });
  test('two degrees of freedom: exp(−χ²/2), closed form', () => {
    fc.assert(
      fc.property(number(0, 200), (chiSquared) => {
        expect(Math.abs(chanceOfChiSquared(chiSquared, 2) - Math.exp(-chiSquared / 2))).toBeLessThan(1e-12);
      }),
    );
    expect(chanceOfChiSquared(0, 3)).toBe(1);
    expect(chanceOfChiSquared(6716, 2)).toBe(0);
  });
});

describe('kereta calc reconcile', () => {
  test.each(examples.cases)('$title', ({ id, expected }) => {
    const answer = calculateReconcile(examples);
    if (!answer.ok) throw new Error(answer.error.message);
    const [one] = (answer.value.cases as ({ id: string } & typeof expected)[]).filter((own) => own.id === id);
    expected.items.forEach(({ massKg, sdKg }, i) => {
      expect(one?.items[i]?.massKg).toBeCloseTo(massKg, 6);
      expect(one?.items[i]?.sdKg).toBeCloseTo(sdKg, 6);
    });
    expected.residualAfterKg.forEach((kg, i) => expect(one?.residualAfterKg[i]).toBeCloseTo(kg, 6));
    expected.residualBeforeKg.forEach((kg, i) => expect(one?.residualBeforeKg[i]).toBeCloseTo(kg, 6));
    expect(one?.chiSquared).toBeCloseTo(expected.chiSquared, 4);
    expect(one?.readings).toBe(expected.readings);
  });
  test('a stranger aboard, an id twice, a scale and masses without doubt: refused with the place', () => {
    const item = { id: 'a', massKg: 1, sdKg: 0, xM: 1 };
    const refused = (items: unknown[], aboard: string[]) =>
      calculateReconcile({
        cases: [
          { id: 'x', ballToAxleM: 3, items, weighIns: [{ aboard, readings: [{ kind: 'total', kg: 1, sdKg: 0 }] }] },
        ],
      });
    expect(refused([item], ['b'])).toMatchObject({ ok: false, error: { path: 'cases[0].weighIns[0].aboard' } });
    expect(refused([item, item], ['a'])).toMatchObject({ ok: false, error: { path: 'cases[0].items' } });
    expect(refused([item], ['a'])).toMatchObject({ ok: false, error: { code: 'impossible' } });
  });
});
