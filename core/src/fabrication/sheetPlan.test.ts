import { describe, expect, test } from 'vitest';
import { buildChassis } from '../chassis/index.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import type { Trailer } from '../project/index.js';
import { feet, inches } from '../units/index.js';
import { buildCutList, sheetPlan } from './index.js';

const planOf = (trailer: Trailer) => {
  const chassis = buildChassis(trailer);
  return sheetPlan(trailer, chassis, buildCutList(chassis));
};
const apiary = DEMO_TRAILERS[0] as Trailer;
const withDeck = (change: Partial<Trailer['frame']['deck']>): Trailer => ({
  ...apiary,
  frame: { ...apiary.frame, deck: { ...apiary.frame.deck, ...change } },
});

describe('sheets', () => {
  test.each(DEMO_TRAILERS)('$name: every part lies on a sheet, none over its edge', (trailer) => {
    for (const { sheets, sheet, leastSheets } of planOf(trailer)) {
      expect(sheets.length).toBeGreaterThanOrEqual(leastSheets);
      for (const { parts } of sheets)
        for (const { xM, yM, lengthM, widthM } of parts) {
          expect(xM + lengthM).toBeLessThanOrEqual(sheet.lengthM + 1e-5);
          expect(yM + widthM).toBeLessThanOrEqual(sheet.widthM + 1e-5);
        }
    }
  });
  test('a deck larger than a sheet is joined, and that is said; a saw’s cut apart it is all there', () => {
    const [deck] = planOf(apiary);
    expect(deck).toMatchObject({ of: 'plywood', joined: ['D1'], assumed: true });
    // 120 x 64 in of 96 x 48: one whole sheet, strips of 24 and of 16 in less the 3 mm between.
    const parts = deck?.sheets.flatMap((sheet) => sheet.parts) ?? [];
    const sizes = parts.map(({ lengthM, widthM }) => [lengthM, widthM].map((size) => Math.round(size * 1e4) / 1e4));
    expect(sizes).toEqual(
      expect.arrayContaining([
        [2.4384, 1.2192],
        [0.6066, 1.2192],
        [2.4384, 0.4034],
        [0.6066, 0.4034],
      ]),
    );
  });
  test('halves of a sheet do for halves: a deck of 12 x 6 ft comes from three sheets of 4 x 8, not four', () => {
    const oven = DEMO_TRAILERS[1] as Trailer;
    expect(planOf(oven)[0]?.sheets).toHaveLength(3);
  });
  test('a deck laid of whole sheets is cut as it is laid', () => {
    const sheet = { lengthM: feet(8), widthM: feet(4), laid: 'across' as const };
    const [deck] = planOf(withDeck({ sheet }));
    expect(deck?.joined).toEqual([]);
    expect(deck?.sheet).toMatchObject({ lengthM: feet(8), widthM: feet(4) });
    for (const { parts } of deck?.sheets ?? []) for (const { turned } of parts) expect(turned).toBe(false);
  });
  test('of two sizes the one that is cheaper in all is bought', () => {
    const size = { of: 'plywood' as const, widthM: feet(4) };
    const sold = (price: number): Trailer => ({
      ...apiary,
      cutting: {
        ...apiary.cutting,
        sheets: {
          kerfM: 0.003,
          keepsGrain: false,
          sizes: [
            { ...size, id: 'a', lengthM: feet(8), price: 30 },
            { ...size, id: 'b', lengthM: feet(12), price },
          ],
        },
      },
    });
    const [cheap] = planOf(sold(200));
    const [dear] = planOf(sold(20));
    expect(cheap?.sheet.lengthM).toBe(feet(8));
    expect(dear?.sheet.lengthM).toBe(feet(12));
    expect(cheap?.assumed).toBe(false);
  });
  test('two triangular gussets come from one rectangle and a slanting cut', () => {
    const gussets = { ...apiary, strength: { ...apiary.strength, gussets: { tongueM: null, cornerM: inches(4) } } };
    const plates = planOf(gussets).find(({ of }) => of === 'plate');
    const marks = plates?.sheets.flatMap(({ parts }) => parts.filter(({ mark }) => mark.endsWith('(two)')));
    expect(marks).toHaveLength(2);
    // 4 in and what 3 mm take along a slant of 45 degrees: 3 × √2.
    expect(Math.max(marks?.[0]?.widthM ?? 0, marks?.[0]?.lengthM ?? 0)).toBeCloseTo(inches(4) + 0.003 * Math.SQRT2, 9);
  });
});
