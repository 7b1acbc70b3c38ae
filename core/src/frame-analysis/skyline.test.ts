import * as fc from 'fast-check';
import { CholeskyDecomposition, inverse, Matrix } from 'ml-matrix';
import { describe, expect, test } from 'vitest';
import { narrowOrder, neighbours } from './numbering.js';
import { backSolve, conditionEstimate, emptySkyline, factorise, scaledNorm, type Skyline } from './skyline.js';

/** A positive definite matrix with a random profile: BᵀB of a banded B, plus a little of the identity. */
const anyMatrix = fc
  .record({
    size: fc.integer({ min: 1, max: 12 }),
    entries: fc.array(fc.double({ min: -2, max: 2, noNaN: true }), { minLength: 144, maxLength: 144 }),
    reach: fc.integer({ min: 0, max: 5 }),
  })
  .map(({ size, entries, reach }) => {
    const b = Matrix.zeros(size, size);
    for (let i = 0; i < size; i += 1)
      for (let j = Math.max(0, i - reach); j <= i; j += 1) b.set(i, j, (entries[i * 12 + j] ?? 0) + (i === j ? 3 : 0));
    return Matrix.add(b.mmul(b.transpose()), Matrix.eye(size, size).mul(0.1));
  });

const skylineOf = (dense: Matrix): Skyline => {
  const first = Int32Array.from({ length: dense.rows }, (_, i) => {
    for (let j = 0; j < i; j += 1) if (dense.get(i, j) !== 0) return j;
    return i;
  });
  const skyline = emptySkyline(first);
  for (let i = 0; i < dense.rows; i += 1)
    for (let j = first[i]!; j <= i; j += 1) skyline.values[skyline.origin[i]! + j] = dense.get(i, j);
  return skyline;
};

describe('skyline against a general linear-algebra package', () => {
  test('the same solution as dense Cholesky', () => {
    fc.assert(
      fc.property(anyMatrix, (dense) => {
        const right = Float64Array.from({ length: dense.rows }, (_, i) => Math.cos(3 * i));
        const expected = new CholeskyDecomposition(dense).solve(Matrix.columnVector([...right])).to1DArray();
        const factorised = factorise(skylineOf(dense));
        expect(factorised.freeMovements).toHaveLength(0);
        backSolve(factorised, right);
        const size = Math.max(...expected.map(Math.abs), 1e-9);
        expected.forEach((value, i) => expect(Math.abs(value - right[i]!) / size).toBeLessThan(1e-7));
      }),
    );
  });
  test('product of the pivots is the determinant, as for any factorisation', () => {
    const dense = new Matrix([
      [4, 1, 0],
      [1, 3, 1],
      [0, 1, 2],
    ]);
    // 4·(6 − 1) − 1·2 = 18
    expect(factorise(skylineOf(dense)).pivots.reduce((product, pivot) => product * pivot, 1)).toBeCloseTo(18, 12);
  });
  test('a matrix that moves freely says along what: K·v = 0', () => {
    // Two springs in a row, both ends free.
    const dense = new Matrix([
      [1, -1, 0],
      [-1, 2, -1],
      [0, -1, 1],
    ]);
    const { freeMovements } = factorise(skylineOf(dense));
    expect(freeMovements).toHaveLength(1);
    const moved = dense.mmul(Matrix.columnVector([...freeMovements[0]!])).to1DArray();
    for (const value of moved) expect(value).toBeCloseTo(0, 12);
    expect([...freeMovements[0]!]).toEqual([1, 1, 1]);
  });
  test('the condition estimate is a lower bound, and of the right size', () => {
    fc.assert(
      fc.property(anyMatrix, (dense) => {
        const skyline = skylineOf(dense);
        const scale = Float64Array.from({ length: dense.rows }, (_, i) => 1 / Math.sqrt(dense.get(i, i)));
        const s = Matrix.diag([...scale]);
        const scaled = s.mmul(dense).mmul(s);
        const norm1 = (m: Matrix): number =>
          Math.max(
            ...Array.from({ length: m.columns }, (_, j) => m.getColumn(j).reduce((sum, v) => sum + Math.abs(v), 0)),
          );
        const exact = norm1(scaled) * norm1(inverse(scaled));
        const norm = scaledNorm(skyline, scale);
        expect(norm).toBeCloseTo(norm1(scaled), 9);
        const estimate = conditionEstimate(factorise(skyline), norm, scale);
        expect(estimate).toBeLessThanOrEqual(exact * (1 + 1e-6));
        // Hager's walk can stand still on a matrix made for it; of these small ones never at less than an eighth.
        expect(estimate).toBeGreaterThan(exact / 8);
      }),
      { numRuns: 60 },
    );
  });
});

describe('numbering', () => {
  const bandOf = (pairs: readonly (readonly [number, number])[], order: readonly number[]): number => {
    const place = new Map(order.map((node, i) => [node, i]));
    return Math.max(...pairs.map(([a, b]) => Math.abs(place.get(a)! - place.get(b)!)));
  };
  test('a ladder with its nodes shuffled comes out two or three wide', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([...Array(40).keys()], { minLength: 40 }), (names) => {
        const pairs = [...Array(20).keys()].flatMap((i) => [
          [names[2 * i]!, names[2 * i + 1]!] as const,
          ...(i < 19
            ? [[names[2 * i]!, names[2 * i + 2]!] as const, [names[2 * i + 1]!, names[2 * i + 3]!] as const]
            : []),
        ]);
        expect(bandOf(pairs, narrowOrder(neighbours(40, pairs)))).toBeLessThanOrEqual(3);
      }),
      { numRuns: 30 },
    );
  });
  test('every node once, parts that hang on nothing too', () => {
    const order = narrowOrder(
      neighbours(6, [
        [0, 3],
        [3, 5],
        [1, 1],
      ]),
    );
    expect([...order].sort((a, b) => a - b)).toEqual([0, 1, 2, 3, 4, 5]);
  });
});
