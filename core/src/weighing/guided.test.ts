import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { MAY_BE_EMPTY, WEIGH_FIELDS, WEIGH_METHODS, workedOutBy } from './guided.js';

const LB = 0.45359237;
const IN = 0.0254;

describe('each way of weighing, from what is typed to what it says', () => {
  test('a stand on a bathroom scale is taken off; left empty it weighs nothing', () => {
    expect(workedOutBy('bathroom-scale', { scaleKg: 82, tareKg: 2 })?.readings.tongue?.value).toBe(80);
    expect(workedOutBy('bathroom-scale', { scaleKg: 82 })?.readings.tongue?.value).toBe(82);
  });
  // Common practice: a board with 12 in to the load and 48 in to the scale weighs four times.
  test('a lever board of 12 and 48 in: four times what the scale reads more', () => {
    const found = workedOutBy('lever-board', {
      scaleKg: 90 * LB,
      tareKg: 15 * LB,
      armLoadM: 12 * IN,
      armScaleM: 48 * IN,
    });
    expect(found?.readings.tongue?.value).toBeCloseTo(300 * LB, 9);
  });
  test('the dearest part of its doubt is the short arm', () => {
    const doubtOf = (armLoadM: number): number =>
      (({ value, sd }) => sd / value)(
        workedOutBy('lever-board', { scaleKg: 40, tareKg: 5, armLoadM, armScaleM: 1.2 })?.readings.tongue ?? {
          value: 1,
          sd: 0,
        },
      );
    expect(doubtOf(0.1)).toBeGreaterThan(doubtOf(0.3));
  });
  // Worked by hand: 7,840 - 5,000 = 2,840 lb in all; doubts of two readings of 5 kg each, root of 50.
  test('a public scale: all of the trailer is the difference of two readings, with the doubt of both; no tongue besides', () => {
    const readings = workedOutBy('public-scale', {
      vehicleKg: 5000 * LB,
      bothKg: 7840 * LB,
      axlesKg: 2520 * LB,
    })?.readings;
    expect(readings?.total?.value).toBeCloseTo(2840 * LB, 9);
    expect(readings?.total?.sd).toBeCloseTo(Math.sqrt(50), 9);
    expect(readings?.axles).toEqual({ value: 2520 * LB, sd: 5 });
    expect(readings?.tongue).toBeUndefined();
  });
  test('pads: the axles carry what left and right do; the tongue only where it was read', () => {
    const readings = workedOutBy('pads', { leftKg: 520, rightKg: 480 })?.readings;
    expect(readings?.axles?.value).toBe(1000);
    // 1 kg and one in a hundred: sqrt(1 + 5.2^2 + 1 + 4.8^2) by hand.
    expect(readings?.axles?.sd).toBeCloseTo(Math.sqrt(2 + 5.2 ** 2 + 4.8 ** 2), 9);
    expect(readings?.tongue).toBeUndefined();
    expect(workedOutBy('pads', { leftKg: 520, rightKg: 480, tongueKg: 110 })?.readings.tongue?.value).toBe(110);
  });
  test('raising one side: the height that moments about the wheel that stays ask for comes back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 1.5, noNaN: true }),
        fc.double({ min: 0.05, max: 0.4, noNaN: true }),
        fc.double({ min: 300, max: 3000, noNaN: true }),
        (heightM, raisedM, axleKg) => {
          const trackM = 1.6;
          // Turned by the rise, the balance point goes h sin(phi) towards the low wheel; t cos(phi) lies between the wheels.
          const phi = Math.asin(raisedM / trackM);
          const raisedWheelKg =
            (axleKg * ((trackM / 2) * Math.cos(phi) - heightM * Math.sin(phi))) / (trackM * Math.cos(phi));
          const found = workedOutBy('raising-side', {
            levelWheelKg: axleKg / 2,
            raisedWheelKg,
            axleKg,
            wheelTrackM: trackM,
            raisedM,
          });
          expect(found?.heightM).toBeCloseTo(heightM, 6);
        },
      ),
    );
  });
  test('tilting, by the coupler’s height over the ground: the height of a rigid body turned about its axle comes back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 1.4, noNaN: true }),
        fc.double({ min: 0.05, max: 0.4, noNaN: true }),
        fc.double({ min: 0.05, max: 0.3, noNaN: true }),
        (heightM, aheadM, tilt) => {
          const [weightKg, axleToCouplerM, levelCouplerM, wheelRadiusM] = [1200, 3.5, 0.5, 0.33];
          const upM = levelCouplerM - wheelRadiusM;
          const over = heightM - wheelRadiusM;
          // Where a point ahead of the axle and above it stands after the turn.
          const alongOf = (ahead: number, above: number): number => ahead * Math.cos(tilt) - above * Math.sin(tilt);
          const raisedCouplerM = wheelRadiusM + axleToCouplerM * Math.sin(tilt) + upM * Math.cos(tilt);
          const found = workedOutBy('tilting', {
            levelTongueKg: (weightKg * aheadM) / axleToCouplerM,
            raisedTongueKg: (weightKg * alongOf(aheadM, over)) / alongOf(axleToCouplerM, upM),
            weightKg,
            levelCouplerM,
            raisedCouplerM,
            axleToCouplerM,
            wheelRadiusM,
          });
          expect(found?.heightM).toBeCloseTo(heightM, 6);
        },
      ),
    );
  });
  test('a nose that was not raised, or raised higher than the tongue is long, says nothing', () => {
    const read = {
      levelTongueKg: 100,
      raisedTongueKg: 90,
      weightKg: 1000,
      levelCouplerM: 0.5,
      axleToCouplerM: 3,
      wheelRadiusM: 0.33,
    };
    expect(workedOutBy('tilting', { ...read, raisedCouplerM: 0.5 })).toBeUndefined();
    expect(workedOutBy('tilting', { ...read, raisedCouplerM: 4 })).toBeUndefined();
    expect(workedOutBy('tilting', { ...read, raisedCouplerM: 0.9 })?.heightM).toBeGreaterThan(0);
  });
  test('whatever is missing of what may not be empty: nothing is worked out, never a zero', () => {
    for (const method of WEIGH_METHODS) {
      const needed = WEIGH_FIELDS[method].filter((field) => !MAY_BE_EMPTY.has(field));
      const all = Object.fromEntries(needed.map((field, i) => [field, 0.3 + 0.1 * i]));
      for (const field of needed) {
        const { [field]: _, ...rest } = all;
        expect(workedOutBy(method, rest), `${method} without ${field}`).toBeUndefined();
      }
    }
  });
});
