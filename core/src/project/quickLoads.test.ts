import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { pounds } from '../units/index.js';
import { placeInRows, readQuickLoads } from './quickLoads.js';

const read = (text: string, system: 'imperial' | 'metric' = 'imperial') => {
  const found = readQuickLoads(text, system);
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value.map(({ count, name, massKg }) => [count, name, massKg] as const);
};
const problems = (text: string) => {
  const found = readQuickLoads(text, 'imperial');
  return found.ok ? [] : found.error.map(({ code, text: entry }) => `${code}: ${entry}`);
};
const near = (value: number): unknown => expect.closeTo(value, 6);

describe('a list as people jot it down', () => {
  test('how many, of what, what each weighs', () => {
    expect(read('2 crates 600, firewood 1200')).toEqual([
      [2, 'Crate', near(pounds(600))],
      [1, 'Firewood', near(pounds(1200))],
    ]);
    expect(read('3 x boxes 40 lb\nanvil 120kg;  Ice: 1,200')).toEqual([
      [3, 'Box', near(pounds(40))],
      [1, 'Anvil', near(120)],
      [1, 'Ice', near(pounds(1200))],
    ]);
    expect(read('2 Kisten 50', 'metric')).toEqual([[2, 'Kisten', near(50)]]);
  });
  test('usual things bring a guess', () => {
    // 94 lb is what a US bag of cement holds.
    expect(read('4 bags of cement, a pallet 60, straw bale')).toEqual([
      [4, 'Bag of cement', near(pounds(94))],
      [1, 'A pallet', near(pounds(60))],
      [1, 'Straw bale', near(pounds(40))],
    ]);
  });
  test('what cannot be read is named, and nothing of it is taken', () => {
    expect(problems('2 crates 600, oddments, 900, 400 bricks 5')).toEqual([
      'no-weight: oddments',
      'not-read: 900',
      'too-many: 400 bricks 5',
    ]);
    expect(problems('0 crates 600')).toEqual(['not-read: 0 crates 600']);
    expect(read('  ,, \n')).toEqual([]);
  });
  test('whatever is typed: a list, or problems that are parts of it', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const found = readQuickLoads(text, 'imperial');
        if (found.ok)
          for (const { count, name, massKg } of found.value) {
            expect(count).toBeGreaterThan(0);
            expect(name).not.toBe('');
            expect(Number.isFinite(massKg) && massKg >= 0).toBe(true);
          }
        else for (const { text: entry } of found.error) expect(text).toContain(entry);
      }),
    );
  });
});

test('in rows from the front: within the bed’s width where a thing is no wider, none on another in a row', () => {
  const size = fc.double({ min: 0.1, max: 1.5, noNaN: true });
  fc.assert(
    fc.property(fc.array(fc.record({ lengthM: size, widthM: size }), { maxLength: 12 }), (sizes) => {
      const bed = { lengthM: 60, widthM: 1.5 };
      const places = placeInRows(bed, sizes);
      expect(places).toHaveLength(sizes.length);
      places.forEach(({ xM, rightM }, i) => {
        const { lengthM, widthM } = sizes[i]!;
        expect(xM - lengthM / 2).toBeGreaterThanOrEqual(-1e-9);
        expect(Math.abs(rightM) + widthM / 2).toBeLessThanOrEqual(bed.widthM / 2 + 1e-9);
        places.slice(0, i).forEach((other, j) => {
          const apartX = Math.abs(other.xM - xM) - (sizes[j]!.lengthM + lengthM) / 2;
          const apartY = Math.abs(other.rightM - rightM) - (sizes[j]!.widthM + widthM) / 2;
          expect(Math.max(apartX, apartY)).toBeGreaterThanOrEqual(-1e-9);
        });
      });
    }),
  );
});
