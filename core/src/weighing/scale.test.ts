import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  afterLine,
  heightByRaisingSide,
  heightByTilting,
  leverLoad,
  NO_READING,
  publicScale,
  readScaleLine,
  type ScaleState,
} from './index.js';

const sure = (value: number) => ({ value, sd: 0 });
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('ways to weigh', () => {
  test('a board with 12 in to the load and 48 in to the scale weighs four times, with 36 in three times (common practice)', () => {
    expect(leverLoad(sure(75), sure(0), sure(12), sure(48))?.value).toBe(300);
    expect(leverLoad(sure(100), sure(0), sure(12), sure(36))?.value).toBe(300);
    // The board's own weight comes off before.
    expect(leverLoad(sure(80), sure(5), sure(12), sure(48))?.value).toBe(300);
    expect(leverLoad(sure(80), sure(5), sure(0), sure(48))).toBeUndefined();
  });
  test('its doubt: 1 in 75 on the scale, 1/8 in 12 and in 48 of the arms, by hand 5.2 of 300', () => {
    const found = leverLoad({ value: 75, sd: 1 }, sure(0), { value: 12, sd: 0.125 }, { value: 48, sd: 0.125 });
    // √((4 × 1)² + (300 × 0.125 ÷ 12)² + (300 × 0.125 ÷ 48)²) = √(16 + 9.77 + 0.61)
    expect(found?.sd).toBeCloseTo(5.136, 3);
  });
  test('three readings of a public scale: 5,000, 7,840 and 2,520 lb make 2,840 in all, 320 on the ball', () => {
    const { total, axles, tongue } = publicScale(
      { value: 5000, sd: 10 },
      { value: 7840, sd: 10 },
      { value: 2520, sd: 10 },
    );
    expect([total.value, axles.value, tongue.value]).toEqual([2840, 2520, 320]);
    expect(tongue.sd).toBeCloseTo(Math.sqrt(300), 9);
  });
  test('tilted: the height that statics of a rigid body gives it comes back', () => {
    fc.assert(
      fc.property(
        number(0.3, 2),
        number(1.5, 5),
        number(0.2, 0.5),
        number(0.02, 0.4),
        number(0.05, 0.35),
        number(-0.1, 0.4),
        (h, lengthM, radiusM, ahead, angle, upM) => {
          const [weight, couplerM] = [10_000, radiusM + upM];
          const aheadM = ahead * lengthM;
          // Raised by θ about the axle: what is ahead or above of the axle moves in the level by x cos θ − z sin θ.
          const arm = (x: number, z: number): number => x * Math.cos(angle) - z * Math.sin(angle);
          const levelTongue = (weight * aheadM) / lengthM;
          const raisedTongue = (weight * arm(aheadM, h - radiusM)) / arm(lengthM, couplerM - radiusM);
          const found = heightByTilting({
            levelTongue,
            raisedTongue,
            weight,
            lengthM,
            radiusM,
            couplerM,
            raisedRad: angle,
          });
          expect(found).toBeCloseTo(h, 6);
        },
      ),
    );
    expect(
      heightByTilting({
        levelTongue: 1,
        raisedTongue: 1,
        weight: 9,
        lengthM: 3,
        radiusM: 0.3,
        couplerM: 0.4,
        raisedRad: 0,
      }),
    ).toBeUndefined();
  });
  test('one side raised: the height that statics gives it comes back', () => {
    fc.assert(
      fc.property(number(0.3, 2), number(1.2, 2.2), number(0.05, 0.5), (h, trackM, raisedM) => {
        const axleWeight = 9000;
        const angle = Math.asin(raisedM / trackM);
        // Moments about the wheel that stays: half a track out, h up.
        const raisedWheel =
          (axleWeight * ((trackM / 2) * Math.cos(angle) - h * Math.sin(angle))) / (trackM * Math.cos(angle));
        expect(
          heightByRaisingSide({ levelWheel: axleWeight / 2, raisedWheel, axleWeight, trackM, raisedM }),
        ).toBeCloseTo(h, 6);
      }),
    );
    expect(
      heightByRaisingSide({ levelWheel: 1, raisedWheel: 1, axleWeight: 9, trackM: 1.5, raisedM: 2 }),
    ).toBeUndefined();
  });
});

describe('a scale read live', () => {
  const line = (atMs: number, kg: number, channel = 'tongue'): string => JSON.stringify({ atMs, channel, kg });
  const after = (lines: readonly string[]): ScaleState => lines.reduce(afterLine, NO_READING);
  const steady = Array.from({ length: 12 }, (_, i) => line(i * 200, 84 + 0.05 * (i % 2)));
  test('what stands still for two seconds is settled, and not before', () => {
    expect(after(steady).channels.tongue?.settled).toBe(true);
    expect(after(steady.slice(0, 5)).channels.tongue?.settled).toBe(false);
    expect(after(steady).channels.tongue?.kg).toBeCloseTo(84.02, 1);
    const swinging = Array.from({ length: 12 }, (_, i) => line(i * 200, 84 + 3 * Math.sin(i)));
    expect(after(swinging).channels.tongue?.settled).toBe(false);
  });
  test('a jump is counted, and it has to settle again', () => {
    const state = after([...steady, line(2400, 140)]);
    expect(state.channels.tongue).toMatchObject({ jumps: 1, settled: false });
  });
  test('garbage is counted and changes nothing', () => {
    const good = after(steady);
    for (const bad of ['', 'ERR 7', '{"atMs":1}', line(2400, Number.NaN), line(2400, 9e9), line(0, 1, 'roof')]) {
      const state = afterLine(good, bad);
      expect(state).toEqual({ ...good, garbage: 1 });
    }
  });
  test('whatever text comes, nothing breaks', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(afterLine(NO_READING, text).garbage).toBe(readScaleLine(text).ok ? 0 : 1);
      }),
    );
  });
  test('switched on anew it begins anew', () => {
    const state = after([...steady, line(0, 20)]);
    expect(state.channels.tongue?.lines).toHaveLength(1);
  });
});
