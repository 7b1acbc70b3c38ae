import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches } from '../units/index.js';
import { fitsOnSheet, nestSheets, type PlacedPart, type SheetPart } from './sheets.js';

const SHEET = { lengthM: inches(96), widthM: inches(48) };
const part = (length: number, width: number, mayTurn = true): SheetPart => ({
  lengthM: inches(length),
  widthM: inches(width),
  mayTurn,
});
const times = (count: number, one: SheetPart): SheetPart[] => Array.from({ length: count }, () => one);
const KERF_M = inches(1 / 8);

describe('by hand', () => {
  test('eight of 24 x 24 in fill a sheet of 4 x 8 ft without a kerf; a saw of 1/8 in gets three from one, in one row', () => {
    expect(nestSheets(times(8, part(24, 24)), SHEET, 0)).toMatchObject({ leastSheets: 1, sheets: [{}] });
    const sawn = nestSheets(times(8, part(24, 24)), SHEET, KERF_M);
    // 24 + 1/8 + 24 is more than 48, 4 x 24 + 3/8 more than 96: it is known that two sheets will not do, though by area they would.
    expect(sawn.sheets).toHaveLength(3);
    expect(sawn.leastSheets).toBe(3);
  });
  test('a whole sheet is one part, flush on all sides', () => {
    const { sheets } = nestSheets([part(96, 48)], SHEET, KERF_M);
    expect(sheets).toMatchObject([{ left: [], placed: [{ xM: 0, yM: 0, turned: false }] }]);
  });
  test('across the grain what may not be turned does not fit', () => {
    expect(fitsOnSheet(part(40, 90, false), SHEET)).toBe(false);
    expect(fitsOnSheet(part(40, 90), SHEET)).toBe(true);
    expect(nestSheets([part(40, 90)], SHEET, 0).sheets[0]?.placed[0]).toMatchObject({
      turned: true,
      lengthM: inches(90),
    });
  });
  test('two parts of which each is more than half of both sides need two sheets, and that is known', () => {
    expect(nestSheets(times(2, part(50, 30)), SHEET, 0)).toMatchObject({ leastSheets: 2 });
    expect(nestSheets([], SHEET, 0)).toEqual({ sheets: [], leastSheets: 0 });
  });
});

const overlap = (a: PlacedPart, b: PlacedPart, gapM: number): boolean =>
  a.xM < b.xM + b.lengthM + gapM - 1e-9 &&
  b.xM < a.xM + a.lengthM + gapM - 1e-9 &&
  a.yM < b.yM + b.widthM + gapM - 1e-9 &&
  b.yM < a.yM + a.widthM + gapM - 1e-9;

/** Whether the parts can be told apart by cuts that go right through, again and again. */
const isGuillotine = (placed: readonly PlacedPart[]): boolean => {
  if (placed.length < 2) return true;
  for (const axis of ['x', 'y'] as const) {
    const from = (one: PlacedPart): number => (axis === 'x' ? one.xM : one.yM);
    const to = (one: PlacedPart): number => (axis === 'x' ? one.xM + one.lengthM : one.yM + one.widthM);
    for (const cut of placed.map(to)) {
      const before = placed.filter((one) => to(one) <= cut + 1e-9);
      const after = placed.filter((one) => from(one) >= cut - 1e-9);
      if (before.length + after.length === placed.length && after.length > 0 && before.length > 0)
        return isGuillotine(before) && isGuillotine(after);
    }
  }
  return false;
};

test('every part once, none over the edge, none nearer than the saw’s cut, cuts right through, no fewer than the bound', () => {
  const parts = fc.array(
    fc.record({
      lengthM: fc.integer({ min: 3, max: 40 }).map((tenths) => tenths / 20),
      widthM: fc.integer({ min: 3, max: 24 }).map((tenths) => tenths / 20),
      mayTurn: fc.boolean(),
    }),
    { minLength: 1, maxLength: 25 },
  );
  fc.assert(
    fc.property(parts, fc.constantFrom(0, 0.003, 0.004), (asked, kerfM) => {
      const sheet = { lengthM: 2.44, widthM: 1.22 };
      const own = asked.filter((one) => fitsOnSheet(one, sheet));
      const { sheets, leastSheets } = nestSheets(own, sheet, kerfM);
      const placed = sheets.flatMap((one) => one.placed.map((piece) => piece.part)).sort((a, b) => a - b);
      expect(placed).toEqual(own.map((_, i) => i));
      expect(sheets.length).toBeGreaterThanOrEqual(leastSheets);
      for (const { placed: pieces, left } of sheets) {
        for (const { part: index, xM, yM, lengthM, widthM, turned } of pieces) {
          const wanted = own[index];
          expect(turned ? [widthM, lengthM] : [lengthM, widthM]).toEqual([wanted?.lengthM, wanted?.widthM]);
          expect(!turned || wanted?.mayTurn).toBe(true);
          expect(xM + lengthM).toBeLessThanOrEqual(sheet.lengthM + 1e-5);
          expect(yM + widthM).toBeLessThanOrEqual(sheet.widthM + 1e-5);
        }
        pieces.forEach((a, i) => pieces.slice(i + 1).forEach((b) => expect(overlap(a, b, kerfM)).toBe(false)));
        expect(isGuillotine(pieces)).toBe(true);
        const metal = [...pieces, ...left].reduce((sum, one) => sum + one.lengthM * one.widthM, 0);
        expect(metal).toBeLessThanOrEqual(sheet.lengthM * sheet.widthM + 1e-9);
      }
    }),
    { numRuns: 150 },
  );
});

describe('a table that burns', () => {
  const overlap = (a: PlacedPart, b: PlacedPart, kerfM: number): boolean =>
    a.xM < b.xM + b.lengthM + kerfM - 1e-6 &&
    b.xM < a.xM + a.lengthM + kerfM - 1e-6 &&
    a.yM < b.yM + b.widthM + kerfM - 1e-6 &&
    b.yM < a.yM + a.widthM + kerfM - 1e-6;
  test('seven parts of which the saw’s ways leave one over go on one sheet where no cut need go through', () => {
    const parts = [part(10, 26), part(16, 36), part(18, 34), part(20, 33), part(36, 30), part(32, 11), part(20, 28)];
    expect(nestSheets(parts, SHEET, 0.003).sheets).toHaveLength(2);
    expect(nestSheets(parts, SHEET, 0.003, 'anywhere')).toMatchObject({ leastSheets: 1, sheets: [{}] });
  });
  test('any parts: each once, on the sheet, a cut apart; never more sheets than by a saw, never fewer than the bound', () => {
    const size = fc.integer({ min: 2, max: 46 });
    fc.assert(
      fc.property(fc.array(fc.tuple(size, size), { minLength: 1, maxLength: 14 }), (sizes) => {
        const parts = sizes.map(([long, wide]) => part(long, wide));
        const { sheets, leastSheets } = nestSheets(parts, SHEET, KERF_M, 'anywhere');
        expect(sheets.length).toBeGreaterThanOrEqual(leastSheets);
        expect(sheets.length).toBeLessThanOrEqual(nestSheets(parts, SHEET, KERF_M).sheets.length);
        expect(sheets.flatMap(({ placed }) => placed.map((one) => one.part)).toSorted((a, b) => a - b)).toEqual(
          parts.map((_, i) => i),
        );
        for (const { placed } of sheets)
          placed.forEach((one, i) => {
            expect(one.xM + one.lengthM).toBeLessThanOrEqual(SHEET.lengthM + 1e-6);
            expect(one.yM + one.widthM).toBeLessThanOrEqual(SHEET.widthM + 1e-6);
            for (const other of placed.slice(i + 1)) expect(overlap(one, other, KERF_M)).toBe(false);
          });
      }),
    );
  });
});
