import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { verify } from '../../test/verify.js';
import { inches, massOfWeightKg, pounds, STANDARD_GRAVITY, weightN } from '../units/index.js';
import { type BrakedTrailer, HARD_STOP_G, hardStop, TIRE_GRIP } from './hardStop.js';

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const lb = (newtons: number): number => massOfWeightKg(newtons) / pounds(1);

const single: BrakedTrailer = {
  massKg: pounds(3000),
  heightM: inches(36),
  ballHeightM: inches(18),
  drawbarsM: [inches(130)],
  standingN: [weightN(pounds(2700))],
  linkage: { kind: 'alike' },
};
/** 9,990 lb on an equalizer of even arms, eyes 18 in high, springs 25-1/4 in long, 33-1/2 in between the axles, a tenth on the ball. */
const tandem: BrakedTrailer = {
  massKg: pounds(9990),
  heightM: inches(42),
  ballHeightM: inches(20),
  drawbarsM: [inches(177.25), inches(210.75)],
  standingN: [weightN(pounds(4495.5)), weightN(pounds(4495.5))],
  linkage: { kind: 'equalizer', arms: [1, 1], springM: inches(25.25), eyeHeightM: inches(18) },
};

const area = 'Braking';

describe('an emergency stop', () => {
  const source = 'statics by hand, moments about the ground under the ball';
  test('unbraked, 0.7 g on 3,000 lb: 0.7·3000·(36 − 18) ÷ 130 = 291 lb more on the ball', () => {
    const stop = hardStop(single, 'hitch');
    verify({ area, check: 'unbraked, on the ball', ours: lb(stop.ballAddsN), outside: '290.8', unit: 'lb', source });
    expect(stop.decelerationG).toBeCloseTo(HARD_STOP_G, 12);
    expect(stop.brakesN).toEqual([0]);
  });
  test('one braked axle stops as far as its tires grip: F = 0.8·(2700 − F·36 ÷ 130) = 1,768 lb, 0.589 g', () => {
    const stop = hardStop(single, 'own-brakes');
    verify({ area, check: 'braked, brake force', ours: lb(stop.brakesN[0]!), outside: '1768', unit: 'lb', source });
    verify({ area, check: 'braked, on the ball', ours: lb(stop.ballAddsN), outside: '489.7', unit: 'lb', source });
    expect(stop.slides).toEqual([true]);
  });
  test('an equalizer unloads the front axle: it slides, and the stop ends at 0.42 g', () => {
    const stop = hardStop(tandem, 'own-brakes');
    expect(stop.slides).toEqual([true, false]);
    // By hand: F₂ = 0.35·9990 = 3,497 lb by its brakes; F₁ = 0.8·N₁ with N₁ = 4495.5 + ΔN₁,
    // D₁ΔN₁ + D₂ΔN₂ = −(F₁ + F₂)·42 and ΔN₁ − ΔN₂ = −2·(F₁ + F₂)·18 ÷ 25.25:
    // F₁ = 661 lb, N₁ = 826 lb, 0.416 g.
    verify({ area, check: 'tandem, deceleration', ours: stop.decelerationG, outside: '0.416', unit: 'g', source });
    verify({ area, check: 'tandem, front brakes', ours: lb(stop.brakesN[0]!), outside: '661', unit: 'lb', source });
  });
  test('without an equalizer both axles lose alike', () => {
    const [first, second] = hardStop({ ...tandem, linkage: { kind: 'alike' } }, 'own-brakes').addsN;
    expect(first).toBeCloseTo(second!, 6);
  });
  test('a walking beam presses its front wheels down: the road pulls it back below its pivot', () => {
    const beam = { kind: 'beam', arms: [inches(16.75), inches(16.75)], pivotHeightM: inches(13) } as const;
    const [first, second] = hardStop({ ...tandem, linkage: beam }, 'own-brakes').addsN;
    expect(first!).toBeGreaterThan(second!);
  });
});

const anyLinkage: fc.Arbitrary<BrakedTrailer['linkage']> = fc.oneof(
  fc.constant({ kind: 'alike' } as const),
  fc.record({
    kind: fc.constant('equalizer' as const),
    arms: fc.tuple(number(0.7, 1.4), number(0.7, 1.4)),
    springM: number(0.4, 0.9),
    eyeHeightM: number(0.1, 1),
  }),
  fc.record({
    kind: fc.constant('beam' as const),
    arms: fc.tuple(number(0.3, 0.6), number(0.3, 0.6)),
    pivotHeightM: number(0.15, 0.5),
  }),
);
const anyBraked: fc.Arbitrary<BrakedTrailer> = fc
  .record({
    massKg: number(50, 6000),
    heightM: number(0.2, 2.5),
    ballHeightM: number(0.2, 0.9),
    firstM: number(1, 6),
    apartM: number(0.6, 1.4),
    two: fc.boolean(),
    tongue: number(0.02, 0.25),
    linkage: anyLinkage,
  })
  .map(({ firstM, apartM, two, tongue, linkage, ...rest }) => {
    const axlesN = weightN(rest.massKg) * (1 - tongue);
    const [a, b] = linkage.kind === 'alike' ? [1, 1] : linkage.arms;
    return {
      ...rest,
      drawbarsM: two ? [firstM, firstM + apartM] : [firstM],
      standingN: two ? [(axlesN * b) / (a + b), (axlesN * a) / (a + b)] : [axlesN],
      linkage: two ? linkage : { kind: 'alike' },
    };
  });

describe('whatever the trailer', () => {
  test('no wheel brakes with more than its grip on what it then carries, nor below the road', () => {
    fc.assert(
      fc.property(anyBraked, (trailer) => {
        const { brakesN, addsN, decelerationG } = hardStop(trailer, 'own-brakes');
        brakesN.forEach((brakeN, i) => {
          const carriesN = trailer.standingN[i]! + addsN[i]!;
          const size = weightN(trailer.massKg);
          expect(brakeN).toBeGreaterThanOrEqual(0);
          expect(brakeN).toBeLessThanOrEqual(TIRE_GRIP * Math.max(0, carriesN) + 1e-6 * size);
        });
        expect(decelerationG).toBeLessThanOrEqual(HARD_STOP_G + 1e-9);
      }),
      { numRuns: 500 },
    );
  });
  test('forces and moments of the whole, and of each spring or beam, add up to nothing', () => {
    fc.assert(
      fc.property(anyBraked, fc.constantFrom('own-brakes' as const, 'hitch' as const), (trailer, by) => {
        const { brakesN, addsN, ballAddsN, pushN, decelerationG } = hardStop(trailer, by);
        const { massKg, heightM, ballHeightM, drawbarsM, linkage } = trailer;
        const size = weightN(massKg) * 10;
        const brakes = brakesN.reduce((sum, n) => sum + n, 0);
        expect(brakes + pushN - massKg * STANDARD_GRAVITY * decelerationG).toBeCloseTo(0, 5);
        expect((ballAddsN + addsN.reduce((sum, n) => sum + n, 0)) / size).toBeCloseTo(0, 9);
        // About the center of gravity's foot, at a place of its own: 1 m behind the ball.
        const about = 1;
        const moment =
          addsN.reduce((sum, n, i) => sum + n * (drawbarsM[i]! - about), 0) +
          ballAddsN * (0 - about) +
          brakes * heightM +
          pushN * (heightM - ballHeightM);
        expect(moment / size).toBeCloseTo(0, 9);
        const [f1 = 0, f2 = 0] = brakesN;
        const [x = 0, y = 0] = addsN;
        if (drawbarsM.length === 2 && linkage.kind === 'equalizer') {
          const { arms, eyeHeightM, springM } = linkage;
          const front = x / 2 + (f1 * eyeHeightM) / springM;
          const rear = y / 2 - (f2 * eyeHeightM) / springM;
          expect((arms[0] * front - arms[1] * rear) / size).toBeCloseTo(0, 9);
        }
        if (drawbarsM.length === 2 && linkage.kind === 'beam')
          expect((linkage.arms[0] * x - linkage.arms[1] * y - (f1 + f2) * linkage.pivotHeightM) / size).toBeCloseTo(
            0,
            9,
          );
      }),
      { numRuns: 300 },
    );
  });
});
