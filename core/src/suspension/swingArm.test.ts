import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { verify } from '../../test/verify.js';
import { evaluate } from '../evaluation/index.js';
import type { Trailer } from '../project/index.js';
import { analyseStrength } from '../strength/index.js';
import { fromKilograms, inches, toRadians } from '../units/index.js';
import { swingForces, swingRatio, swingTravelM, swingWheelRate } from './index.js';

const area = 'Swing arms';
const LB_PER_IN = 4.4482216 / 0.0254;
const sample = sampleTrailer();
const swing = {
  ...sample.runningGear.suspension.swing,
  armLengthM: inches(14),
  unitAtM: inches(9),
  unitLeanRad: 0,
  unitTravelM: inches(2),
  unitRateNPerM: 400 * LB_PER_IN,
};
const trailerWith = (change: Partial<Trailer['runningGear']['suspension']['swing']> = {}): Trailer => ({
  ...sample,
  runningGear: {
    ...sample.runningGear,
    suspension: { ...sample.runningGear.suspension, kind: 'swing-arm', swing: { ...swing, ...change } },
  },
});

describe('levers of an arm', () => {
  test('a unit of 400 lb/in at 9 of 14 in makes 165 lb/in at the wheel; 2 in of it are 3.1 in of the wheel', () => {
    verify({
      area,
      check: 'wheel rate of a 400 lb/in unit at 9/14 of the arm',
      ours: (swingWheelRate(swing) ?? Number.NaN) / LB_PER_IN,
      outside: '165.3',
      unit: 'lb/in',
      source: 'wheel rate = spring rate × motion ratio², Milliken & Milliken, Race Car Vehicle Dynamics (from memory)',
    });
    expect(swingTravelM(swing) / 0.0254).toBeCloseTo(28 / 9, 9);
  });
  test('a lean of 60° halves the ratio and quarters the rate', () => {
    const leaning = { ...swing, unitLeanRad: toRadians(60, 'deg') };
    expect(swingRatio(leaning)).toBeCloseTo(swingRatio(swing) / 2, 12);
    expect(swingWheelRate(leaning)).toBeCloseTo((swingWheelRate(swing) ?? 0) / 4, 6);
  });
  test('the same work is done at unit and wheel', () => {
    const m = fc.double({ min: 0.05, max: 1, noNaN: true });
    fc.assert(
      fc.property(m, m, fc.double({ min: -1, max: 1, noNaN: true }), m, (armLengthM, unitAtM, unitLeanRad, upM) => {
        const own = { ...swing, armLengthM, unitAtM, unitLeanRad };
        const gives = upM * swingRatio(own);
        const unitWork = (own.unitRateNPerM * gives ** 2) / 2;
        const wheelWork = ((swingWheelRate(own) ?? 0) * upM ** 2) / 2;
        expect(wheelWork).toBeCloseTo(unitWork, 6);
      }),
    );
  });
  test('pivot and unit together hold the wheel, and their moment about it is none', () => {
    const m = fc.double({ min: 0.05, max: 1, noNaN: true });
    fc.assert(
      fc.property(m, m, (armLengthM, unitAtM) => {
        const { pivot, unit } = swingForces({ armLengthM, unitAtM });
        expect(pivot + unit).toBeCloseTo(1, 9);
        expect(pivot * armLengthM + unit * (armLengthM - unitAtM)).toBeCloseTo(0, 9);
      }),
    );
  });
});

describe('a trailer on swing arms', () => {
  const found = (trailer: Trailer) => {
    const finding = evaluate(trailer).findings.find(({ code }) => code === 'swing-arm');
    if (finding?.code !== 'swing-arm') throw new Error('none');
    return finding;
  };
  test('is told its ratio and travel; what nobody has weighed is missing', () => {
    expect(found(trailerWith()).data.ratio).toBeCloseTo(9 / 14, 12);
    expect(found(trailerWith({ unitRateNPerM: null })).verdict).toBe('open');
  });
  test('an arm that points up before it is loaded is upside down; a unit that is too soft stands on its stop', () => {
    expect(found(trailerWith({ startAngleRad: toRadians(-10, 'deg') }))).toMatchObject({
      verdict: 'over',
      data: { upsideDown: true },
    });
    expect(found(trailerWith({ unitRateNPerM: 50 * LB_PER_IN })).verdict).toBe('over');
    expect(found(trailerWith({ unitRateNPerM: 2500 * LB_PER_IN })).verdict).toBe('ok');
  });
  test('heavier, it stands lower by the load over the wheel’s rate', () => {
    const { rides } = evaluate(trailerWith({ unitRateNPerM: 1500 * LB_PER_IN }));
    const rate = 1500 * LB_PER_IN * (9 / 14) ** 2;
    for (const { stack, sprungWheelN } of rides) expect(stack.givesM).toBeCloseTo(sprungWheelN / rate, 9);
  });
  test('damping is told as a share of the critical', () => {
    const undamped = found(trailerWith());
    const damped = found(trailerWith({ dampingNsPerM: 3000 }));
    expect(undamped.data.damping).toBeUndefined();
    const wheelN = Math.max(
      ...evaluate(trailerWith())
        .cases.filter(({ loadCase }) => loadCase.mode === 'towed')
        .flatMap(({ standing }) => (standing?.axles ?? []).map(({ sprungN }) => sprungN / 2)),
    );
    const k = swingWheelRate(swing) ?? 0;
    const c = 3000 * (9 / 14) ** 2;
    expect(damped.data.damping).toBeCloseTo(c / (2 * Math.sqrt(k * (wheelN / 9.80665))), 9);
    expect(fromKilograms(wheelN / 9.80665, 'lb')).toBeGreaterThan(100);
  });
  test('the frame analysis carries it: what the ground gives is what it weighs, and no node is loose', () => {
    for (const unitAtM of [inches(9), inches(18)]) {
      const trailer = trailerWith({ unitAtM });
      const { chassis, bare, cases } = evaluate(trailer);
      const outcome = analyseStrength({ trailer, chassis, bare, cases });
      if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome).slice(0, 300));
      for (const { residual } of outcome.analysis.balances) expect(residual).toBeLessThan(1e-6);
      expect(outcome.analysis.hangers.length).toBeGreaterThan(0);
    }
  });
});
