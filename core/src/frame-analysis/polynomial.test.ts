import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { derivative, signChanges, valueAt } from './polynomial.js';

/** Coefficients of Π (x − r). */
const fromRoots = (roots: readonly number[]): number[] =>
  roots.reduce<number[]>((p, r) => [...p, 0].map((_, i) => (p[i - 1] ?? 0) - r * (p[i] ?? 0)), [1]);

describe('polynomials', () => {
  test('value and derivative: 2 + 3x + x³ at 2 is 16; its derivative is 3 + 3x²', () => {
    expect(valueAt([2, 3, 0, 1], 2)).toBe(16);
    expect(derivative([2, 3, 0, 1])).toEqual([3, 0, 3]);
    expect(derivative([5])).toEqual([]);
  });
  test('all simple roots between two places are found, to machine precision', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: -20, max: 20 }), { minLength: 1, maxLength: 5 }), (tenths) => {
        const roots = tenths.map((value) => value / 10).sort((a, b) => a - b);
        const found = signChanges(fromRoots(roots), -2.05, 2.05);
        expect(found).toHaveLength(roots.length);
        found.forEach((root, i) => expect(root).toBeCloseTo(roots[i]!, 7));
      }),
    );
  });
  test('touching without crossing is no sign change; nothing between equal ends', () => {
    expect(signChanges([1, -2, 1], 0, 3)).toEqual([]);
    expect(signChanges([-1, 1], 2, 2)).toEqual([]);
    expect(signChanges([], 0, 1)).toEqual([]);
  });
});
