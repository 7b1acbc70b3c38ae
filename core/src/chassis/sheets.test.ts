import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { evaluate } from '../evaluation/index.js';
import type { Trailer } from '../project/index.js';
import { inches } from '../units/index.js';
import { buildChassis, deckLay, sheetJoints, sheetLay, wholeSheetLengthM } from './index.js';

const sample = sampleTrailer();
const SHEET = { lengthM: inches(96), widthM: inches(48), laid: 'across' } as const;
/** Headers of tube an inch wide, rails 1-1/2 in, so that two sheets crosswise lie between them. */
const trailerOf = (
  lengthIn: number,
  sheet: Trailer['frame']['deck']['sheet'],
  crossIn: readonly number[] = [],
): Trailer => ({
  ...sample,
  frame: {
    ...sample.frame,
    bed: { ...sample.frame.bed, lengthM: inches(lengthIn), widthM: inches(60) },
    groups: {
      ...sample.frame.groups,
      header: { sectionId: 'tube-3x1', materialId: 'a500b', faces: 'in' },
      cross: { sectionId: 'tube-3x1', materialId: 'a500b', faces: 'in' },
    },
    crossMembers: { kind: 'explicit', members: crossIn.map((at, i) => ({ id: `cross.${i + 1}`, xM: inches(at) })) },
    deck: { ...sample.frame.deck, kind: 'plywood', seat: 'recessed', sheet },
  },
  ownRows: {
    ...sample.ownRows,
    sections: [
      {
        id: 'tube-3x1',
        designation: 'Tube 3 x 1 x 1/8',
        family: 'steel',
        group: 'own',
        usualMaterialId: 'a500b',
        shape: {
          kind: 'rect-tube',
          heightM: inches(3),
          widthM: inches(1),
          wallM: inches(0.125),
          outerRadiusM: inches(0.2),
          innerRadiusM: inches(0.1),
        },
        source: { kind: 'own' },
      },
    ],
  },
});
const jointsOf = (trailer: Trailer) => sheetJoints(trailer, buildChassis(trailer));
const findingsOf = (trailer: Trailer) =>
  evaluate(trailer).findings.filter(({ code }) => code === 'sheet-joint-off-bar');

describe('two sheets of 4 × 8 ft crosswise between headers of 1 in tube', () => {
  test('give a bed of 98 in', () => {
    const trailer = trailerOf(90, SHEET);
    expect(wholeSheetLengthM(trailer, buildChassis(trailer))).toBeCloseTo(inches(98), 9);
    const whole = trailerOf(98, SHEET);
    expect(deckLay(whole, buildChassis(whole))).toEqual({
      count: 2,
      jointXM: [expect.closeTo(inches(49), 9) as number],
      jointYM: [],
    });
  });
  test('meet 49 in back: on a cross-member there nothing is said, off it the nearest is named', () => {
    expect(jointsOf(trailerOf(98, SHEET, [25, 49, 73]))).toEqual([
      {
        xM: expect.closeTo(inches(49), 9) as number,
        nearestId: 'cross.2',
        offM: expect.closeTo(0, 9) as number,
        held: true,
      },
    ]);
    expect(findingsOf(trailerOf(98, SHEET, [25, 49, 73]))).toEqual([]);
    const [off] = findingsOf(trailerOf(98, SHEET, [25, 46, 73]));
    expect(off).toMatchObject({
      verdict: 'tight',
      data: { nearestId: 'cross.2', offM: expect.closeTo(inches(-3), 9) as number },
    });
  });
  test('an eighth of an inch off the middle leaves each 3/8 in of bar; a quarter does not', () => {
    expect(jointsOf(trailerOf(98, SHEET, [49.125])).every(({ held }) => held)).toBe(true);
    expect(jointsOf(trailerOf(98, SHEET, [49.25])).every(({ held }) => held)).toBe(false);
  });
  test('lengthwise one sheet and a strip', () => {
    const lay = deckLay(
      trailerOf(98, { ...SHEET, laid: 'along' }),
      buildChassis(trailerOf(98, { ...SHEET, laid: 'along' })),
    );
    // 96 in of deck is one sheet long; 60 in less the rails is wider than one.
    expect(lay).toMatchObject({ count: 2, jointXM: [] });
    expect(lay?.jointYM).toHaveLength(1);
  });
  test('unsaid, or of planks, or without a deck: no joints', () => {
    expect(deckLay(trailerOf(98, null), buildChassis(trailerOf(98, null)))).toBeUndefined();
    const planks = trailerOf(98, SHEET);
    const laid = { ...planks, frame: { ...planks.frame, deck: { ...planks.frame.deck, kind: 'planks' as const } } };
    expect(deckLay(laid, buildChassis(laid))).toBeUndefined();
  });
});

test('sheets cover the deck, none of them for nothing', () => {
  const size = fc.double({ min: 0.3, max: 9, noNaN: true });
  fc.assert(
    fc.property(
      size,
      size,
      size,
      size,
      fc.constantFrom('along' as const, 'across' as const),
      (x, y, long, wide, laid) => {
        const lay = sheetLay(
          { extent: { x0M: 0, x1M: x, z0M: 0, z1M: 0.02 }, y0M: -y / 2, y1M: y / 2 },
          { lengthM: long, widthM: wide, laid },
        );
        const [alongM, acrossM] = laid === 'along' ? [long, wide] : [wide, long];
        const [nx, ny] = [lay.jointXM.length + 1, lay.jointYM.length + 1];
        expect(lay.count).toBe(nx * ny);
        expect(nx * alongM).toBeGreaterThanOrEqual(x - 0.004);
        expect(ny * acrossM).toBeGreaterThanOrEqual(y - 0.004);
        expect((nx - 1) * alongM).toBeLessThan(x);
        expect((ny - 1) * acrossM).toBeLessThan(y);
      },
    ),
  );
});
