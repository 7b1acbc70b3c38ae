import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { EVERYDAY } from '../../test/everydayTrailers.js';
import { buildChassis, saddleLengthM } from '../chassis/index.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import type { Trailer } from '../project/index.js';
import { inches } from '../units/index.js';
import { buildCutList, templatesOf } from './index.js';
import { notchCurve, saddleCurve, slantCurve } from './templates.js';

const highest = (curve: readonly (readonly [number, number])[]): number => Math.max(...curve.map(([, y]) => y));

describe('templates', () => {
  test('a tube square on one as thick is hollowed by its radius, in two waves round it', () => {
    const curve = saddleCurve(0.03, 0.03, Math.PI / 2);
    expect(highest(curve)).toBeCloseTo(0.03, 9);
    expect(curve.at(-1)?.[0]).toBeCloseTo(2 * Math.PI * 0.03, 9);
    // On top of the crown and below it alike, nothing at the sides.
    const at = (share: number): number => curve[Math.round(share * (curve.length - 1))]?.[1] ?? Number.NaN;
    expect([at(0), at(0.25), at(0.5), at(0.75)].map((y) => Math.round(y * 1e6))).toEqual([30_000, 0, 30_000, 0]);
  });
  test('it is as deep as the cut list says, for any tubes and angle', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.05, noNaN: true }),
        fc.double({ min: 1, max: 3, noNaN: true }),
        fc.double({ min: 0.6, max: Math.PI / 2, noNaN: true }),
        (radiusM, times, angleRad) => {
          const depthM = saddleLengthM(radiusM, radiusM * times, angleRad) ?? 0;
          expect(Math.abs(highest(saddleCurve(radiusM, radiusM * times, angleRad)) - depthM)).toBeLessThan(2e-4);
        },
      ),
    );
  });
  test('45° on a tube of 2 x 4 in: 2 in along, 12 in round', () => {
    const curve = slantCurve(inches(2), inches(4), Math.PI / 4);
    expect(highest(curve)).toBeCloseTo(inches(2), 9);
    expect(curve.at(-1)?.[0]).toBeCloseTo(inches(12), 9);
  });
  test.each(DEMO_TRAILERS)('$name: every slant and plate has its own, none twice', (trailer) => {
    const chassis = buildChassis(trailer);
    const cutList = buildCutList(chassis);
    const templates = templatesOf(chassis, cutList);
    expect(new Set(templates.map(({ id }) => id)).size).toBe(templates.length);
    expect(templates.filter(({ kind }) => kind === 'plate')).toHaveLength(cutList.plates.length);
    for (const { cut, widthM, heightM } of templates)
      for (const [x, y] of cut) {
        expect(x).toBeGreaterThanOrEqual(-1e-9);
        expect(x).toBeLessThanOrEqual(widthM + 1e-9);
        expect(y).toBeLessThanOrEqual(heightM + 1e-9);
      }
  });
  test('holes in a bar are carded: those near each other on one card, as wide as the face, from where it lies', () => {
    const [apiary] = DEMO_TRAILERS as [Trailer];
    const hole = (atIn: number) => ({ atM: inches(atIn), diameterM: inches(1 / 2), through: 'sides' as const });
    const drilled: Trailer = {
      ...apiary,
      frame: { ...apiary.frame, overrides: { 'rail.left': { holes: [hole(20), hole(24), hole(80)] } } },
    };
    const chassis = buildChassis(drilled);
    const cards = templatesOf(chassis, buildCutList(chassis)).filter(({ kind }) => kind === 'drill');
    expect(cards.map(({ holes, mark }) => [mark, holes.length])).toEqual([
      ['R1', 2],
      ['R1', 1],
    ]);
    const [first] = cards;
    const rail = chassis.members.find(({ id }) => id === 'rail.left');
    expect(first?.heightM).toBe(rail?.bar.heightM);
    // The card's edge and the hole on it together are where the hole is told to be.
    expect((first?.fromM ?? 0) + (first?.holes[1]?.at[0] ?? 0)).toBeCloseTo(inches(24), 9);
    expect(first?.holes[0]?.at[1]).toBeCloseTo((rail?.bar.heightM ?? 0) / 2, 9);
  });
  test('a 2 in square tube on a 3 in round one at right angles: over its faces hollowed by the arc, its sides straight', () => {
    const curve = notchCurve(inches(2), inches(2), inches(1.5), Math.PI / 2);
    // 1.5 − √(1.5² − 1²) in at the corners.
    const deepM = inches(1.5 - Math.sqrt(1.25));
    expect(highest(curve)).toBeCloseTo(deepM, 6);
    const at = (xIn: number): number => curve.find(([x]) => Math.abs(x - inches(xIn)) < 1e-9)?.[1] ?? Number.NaN;
    expect([at(0), at(2), at(4), at(6), at(8)].map((y) => Math.round(y * 1e9))).toEqual([0, 0, 0, 0, 0]);
    expect([at(1), at(5)]).toEqual([expect.closeTo(deepM, 9), expect.closeTo(deepM, 9)]);
  });
  test('a notch is as deep as the cut list says, for any bar, tube and angle, and closes on itself', () => {
    const size = fc.double({ min: 0.02, max: 0.06, noNaN: true });
    fc.assert(
      fc.property(
        size,
        size,
        fc.double({ min: 1, max: 3, noNaN: true }),
        fc.double({ min: 0.6, max: Math.PI / 2, noNaN: true }),
        (a, b, times, angleRad) => {
          const ontoM = (a / 2) * times;
          const curve = notchCurve(a, b, ontoM, angleRad);
          expect(curve.at(-1)?.[1]).toBeCloseTo(curve[0]?.[1] ?? Number.NaN, 9);
          const root = (u: number): number => Math.sqrt(Math.max(0, ontoM ** 2 - u ** 2)) / Math.sin(angleRad);
          const whole = root(0) - root(a / 2) + b / Math.tan(angleRad);
          expect(highest(curve)).toBeCloseTo(whole, 6);
        },
      ),
    );
  });
  test('copes of channels are cards: what is left of the end is as high as the bar less what is cut off', () => {
    const trailer = EVERYDAY['hauler 20 ft, C6 tandem'] as Trailer;
    const chassis = buildChassis(trailer);
    const cards = templatesOf(chassis, buildCutList(chassis)).filter(({ kind }) => kind === 'cope');
    expect(cards.map(({ mark }) => mark)).toEqual(['E1', 'C1']);
    for (const { cut, heightM } of cards) {
      const end = cut.filter(([x]) => x === 0).map(([, y]) => y);
      expect(Math.max(...end) - Math.min(...end)).toBeLessThan(heightM);
    }
  });
});
