import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProject, sampleTrailer } from '../../test/projects.js';
import { buildChassis } from '../chassis/index.js';
import { FIXED_JOINT, overrideBar, PLAIN_TONGUE, type Trailer } from '../project/index.js';
import { inches } from '../units/index.js';
import { buildCutList } from './index.js';

const listOf = (trailer: Trailer) => buildCutList(buildChassis(trailer));

describe('cut list', () => {
  test('identical pieces share a mark; one with its own section gets its own', () => {
    const base = sampleTrailer();
    const marks = listOf(base).rows.map(({ mark, quantity }) => `${quantity} ${mark}`);
    expect(marks).toEqual(['2 R1', '2 E1', '3 C1', '2 T1']);
    const strong = overrideBar(base, buildChassis(base).crossPlaced, 'cross.2', { sectionId: 'hss-3x2x1_8' });
    expect(listOf(strong).rows.map(({ mark, quantity }) => `${quantity} ${mark}`)).toEqual([
      '2 R1',
      '2 E1',
      '2 C1',
      '1 C2',
      '2 T1',
    ]);
  });
  test('lengths of a 98 x 60 in bed of 2 in wide tube: rails 98 in through, headers and cross-members 56 in between', () => {
    const rows = listOf(sampleTrailer()).rows;
    expect(rows.find(({ mark }) => mark === 'R1')?.cutLengthM).toBeCloseTo(inches(98), 12);
    expect(rows.find(({ mark }) => mark === 'E1')?.cutLengthM).toBeCloseTo(inches(56), 12);
    expect(rows.find(({ mark }) => mark === 'C1')?.cutLengthM).toBeCloseTo(inches(56), 12);
  });
  test('every member is cut once, and the list weighs what the frame weighs', () => {
    fc.assert(
      fc.property(anyProject, (trailer) => {
        const chassis = buildChassis(trailer);
        const list = buildCutList(chassis);
        // A tongue that folds is cut in two.
        expect([...new Set(list.rows.flatMap(({ memberIds }) => memberIds))].sort()).toEqual(
          chassis.members.map(({ id }) => id).sort(),
        );
        expect(list.rows.reduce((sum, { quantity }) => sum + quantity, 0)).toBe(
          chassis.members.reduce(
            (sum, { pieces, hingeAtM = 0, cutLengthM }) =>
              sum + pieces * (hingeAtM > 0 && hingeAtM < cutLengthM ? 2 : 1),
            0,
          ),
        );
        const frameKg = [...chassis.members, ...chassis.plates].reduce((sum, { massKg }) => sum + massKg, 0);
        expect(list.plates.flatMap(({ plateIds }) => plateIds).sort()).toEqual(
          chassis.plates.map(({ id }) => id).sort(),
        );
        expect(Math.abs(list.massKg - frameKg)).toBeLessThan(1e-6 * Math.max(1, frameKg));
        for (const row of list.rows) {
          expect(row.faceLengthM).toBeLessThanOrEqual(row.cutLengthM + 1e-9);
        }
      }),
      { numRuns: 60 },
    );
  });
  test('what is left on to be cut later is bought but not weighed, and told at its piece', () => {
    const base = sampleTrailer();
    const left = { ...base, frame: { ...base.frame, tongue: { ...base.frame.tongue, cutLaterM: 0.3 } } };
    const [plain, long] = [listOf(base), listOf(left)];
    const tongue = (list: typeof plain) => list.rows.find(({ group }) => group === 'tongue');
    expect(tongue(long)?.cutLengthM).toBe(tongue(plain)?.cutLengthM);
    // Along a leg: 0.3 ÷ cos 25°.
    expect(tongue(long)?.cutLaterM).toBeCloseTo(0.3 / Math.cos((25 * Math.PI) / 180), 9);
    const metres = (list: typeof plain): number => list.totals.reduce((sum, { lengthM }) => sum + lengthM, 0);
    expect(metres(long) - metres(plain)).toBeCloseTo((2 * 0.3) / Math.cos((25 * Math.PI) / 180), 9);
    expect(long.massKg).toBeCloseTo(plain.massKg, 9);
  });
  test('plates alike share a mark', () => {
    const base = sampleTrailer();
    const { plates } = listOf({
      ...base,
      strength: { ...base.strength, gussets: { tongueM: inches(4), cornerM: inches(4) } },
      frame: {
        ...base.frame,
        tongue: {
          ...base.frame.tongue,
          caps: { ball: false, rear: true, sides: true },
          topPlate: { lengthM: inches(12), widthM: inches(8), thicknessM: inches(0.25) },
        },
      },
    });
    expect(plates.map(({ mark, kind, quantity }) => `${quantity} ${mark} ${kind}`)).toEqual([
      '1 F1 top-plate',
      '2 F2 cap',
      '8 F3 gusset',
    ]);
  });
  test('totals add up by section and metal', () => {
    const { rows, totals } = listOf(sampleTrailer());
    const summed = rows.reduce((sum, row) => sum + row.quantity * row.cutLengthM, 0);
    expect(totals.reduce((sum, total) => sum + total.lengthM, 0)).toBeCloseTo(summed, 9);
    expect(new Set(totals.map(({ sectionId }) => sectionId)).size).toBe(totals.length);
  });
  test('slanted ends of open shapes make a left and a right piece', () => {
    const base = sampleTrailer();
    const channel: Trailer = {
      ...base,
      frame: {
        ...base.frame,
        groups: { ...base.frame.groups, tongue: { sectionId: 'c4x5.4', materialId: 'a36', faces: 'in' } },
      },
    };
    expect(listOf(channel).rows.find(({ group }) => group === 'tongue')?.handed).toBe(true);
    expect(listOf(base).rows.find(({ group }) => group === 'tongue')?.handed).toBe(false);
  });
  test('sloped A-frame legs are mirror images; level ones turn over', () => {
    const base = sampleTrailer();
    const sloped: Trailer = {
      ...base,
      frame: {
        ...base.frame,
        tongue: {
          ...base.frame.tongue,
          rearEnd: 'header',
          rise: { kind: 'sloped', byM: inches(5) },
        },
      },
    };
    const leg = (trailer: Trailer) => listOf(trailer).rows.find(({ group }) => group === 'tongue');
    expect(leg(sloped)).toMatchObject({ quantity: 2, handed: true, shape: 'same-side' });
    expect(leg(base)).toMatchObject({ handed: false, shape: 'parallel' });
  });
  test('doubled legs: each of the two pieces has its own length, shorter than both together by half their width’s slant', () => {
    const base = sampleTrailer();
    const doubled: Trailer = {
      ...base,
      frame: {
        ...base.frame,
        overrides: {
          ...base.frame.overrides,
          'tongue.left': { doubled: true },
          'tongue.right': { doubled: true },
        },
      },
    };
    const legs = listOf(doubled).rows.filter(({ group }) => group === 'tongue');
    expect(legs.map(({ quantity }) => quantity)).toEqual([4]);
    const whole = buildChassis(doubled).members.find(({ id }) => id === 'tongue.left');
    // Parallel cuts at 25° to the centre line: the face, and 2 in ÷ tan 25° more to the long points.
    const wide = inches(2) / Math.tan((25 * Math.PI) / 180);
    expect(legs[0]?.cutLengthM).toBeCloseTo((whole?.faceLengthM ?? 0) + wide, 9);
    expect(whole?.cutLengthM).toBeCloseTo((whole?.faceLengthM ?? 0) + 2 * wide, 9);
  });
  test('a mitred bed of doubled rails: the outer piece is the longer one', () => {
    const base = sampleTrailer();
    const list = listOf({
      ...base,
      frame: {
        ...base.frame,
        bed: { ...base.frame.bed, corner: 'mitred' },
        overrides: { ...base.frame.overrides, 'rail.left': { doubled: true } },
      },
    });
    const left = list.rows.filter(({ memberIds }) => memberIds.includes('rail.left'));
    // 98 in outside; 2 in of header over the whole 4 in: 1 in at each end half-way, 2 in inside.
    expect(left.map(({ cutLengthM }) => Math.round((cutLengthM / inches(1)) * 100) / 100)).toEqual([98, 96]);
    expect(left.map(({ shape }) => shape)).toEqual(['same-side', 'same-side']);
  });
  test('a tongue that folds is two pieces, as long together as the one that does not', () => {
    const base = sampleTrailer();
    const straight = (kind: 'fixed' | 'folding'): Trailer => ({
      ...base,
      frame: {
        ...base.frame,
        tongue: {
          ...PLAIN_TONGUE,
          kind: 'straight',
          lengthM: inches(48),
          underM: inches(30),
          tipBehindBallM: inches(4),
          joint: { ...FIXED_JOINT, kind, aheadM: inches(12) },
        },
      },
    });
    const cut = (trailer: Trailer) =>
      listOf(trailer)
        .rows.filter(({ group }) => group === 'tongue')
        .map(({ cutLengthM }) => cutLengthM / inches(1));
    const [whole] = cut(straight('fixed'));
    // From 4 in behind the ball to 12 in ahead of the bed: 32 in.
    const [front, rear] = cut(straight('folding'));
    expect(front).toBeCloseTo(32, 9);
    expect((front ?? 0) + (rear ?? 0)).toBeCloseTo(whole ?? 0, 9);
  });
  test('side rails on posts are pieces, too', () => {
    const base = sampleTrailer();
    const list = listOf({
      ...base,
      frame: { ...base.frame, sides: { kind: 'rail', heightM: inches(16), carries: false } },
    });
    expect(list.rows.map(({ mark }) => mark)).toEqual(expect.arrayContaining(['S1', 'S2', 'P1']));
    // From the rail itself through the deck’s 3/4 in: 16 − 1-1/2 + 3/4.
    expect(list.rows.find(({ mark }) => mark === 'P1')?.cutLengthM).toBeCloseTo(inches(15.25), 12);
  });
});
