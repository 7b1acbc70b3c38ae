import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { verify } from '../../test/verify.js';
import { evaluate } from '../evaluation/index.js';
import { pounds, STANDARD_GRAVITY, toNewtons, inches } from '../units/index.js';
import { caseInterval, commonWindow, type NamedInterval, positionForShare } from './axleWindow.js';
import type { CaseMoments } from './windowTypes.js';
import { equalisedShares, groupCentreXM, type StaticMass, standingLoads, type Support } from './statics.js';

const SINGLE = (axleXM: number, ballXM = 0): Support => ({
  aheadXM: ballXM,
  axlesXM: [axleXM],
  shares: [1],
  trackM: 1.8,
});
const lbf = (n: number): number => n / toNewtons(1, 'lbf');
const at = (massLb: number, xIn: number, yIn = 0): StaticMass => ({
  massKg: pounds(massLb),
  xM: inches(xIn),
  yM: inches(yIn),
});

describe('hand-worked examples: moments about the axle', () => {
  // Worked: tongue 60 lb at 30 in, frame 320 at 108, deck 180 at 110, axle and wheels 210 at 120, all from the ball.
  // Σm·x = 1,800 + 34,560 + 19,800 + 25,200 = 81,360 lb·in; Σm = 770 lb; x̄ = 105.66 in; T = 770·(120 − 105.66)/120 = 92.0 lb.
  const EMPTY = [at(60, 30), at(320, 108), at(180, 110), at(210, 120)];
  test('empty trailer', () => {
    const loads = standingLoads(EMPTY, SINGLE(inches(120)));
    if (!loads) throw new Error('no axle');
    verify({
      area: 'Balance',
      check: 'tongue load, empty trailer of 770 lb',
      ours: lbf(loads.aheadN),
      outside: '92.0',
      unit: 'lb',
      source: 'statics, worked by hand in the test',
    });
    verify({
      area: 'Balance',
      check: 'its share',
      ours: (100 * loads.aheadN) / loads.weightN,
      outside: '11.9',
      unit: '%',
      source: 'statics, worked by hand in the test',
    });
  });
  // Worked: the same with 2,000 lb at 104 in: T = 92.0 + 2,000·(120 − 104)/120 = 92.0 + 266.7 = 358.7 lb of 2,770 lb; axle 2,411.3 lb.
  test('with cargo', () => {
    const loads = standingLoads([...EMPTY, at(2000, 104)], SINGLE(inches(120)));
    if (!loads) throw new Error('no axle');
    verify({
      area: 'Balance',
      check: 'tongue load with 2,000 lb of cargo',
      ours: lbf(loads.aheadN),
      outside: '358.7',
      unit: 'lb',
      source: 'statics, worked by hand in the test',
    });
    verify({
      area: 'Balance',
      check: 'axle load with it',
      ours: lbf(loads.axles[0]?.loadN ?? 0),
      outside: '2411.3',
      unit: 'lb',
      source: 'statics, worked by hand in the test',
    });
  });
  // Worked: CG held at 104.46 in while the axle moves: L = x̄/(1 − 0.12) = 118.71 in; with the 210 lb axle moving along, 264,160/2,227.6 = 118.59 in.
  test('axle place for 12 %', () => {
    const fixed: CaseMoments = {
      id: 'a',
      fixedKg: 2770,
      fixedMomentKgM: 2770 * inches(104.46),
      movingKg: 0,
      movingMomentKgM: 0,
      unsprungKg: [],
    };
    const moving: CaseMoments = {
      id: 'b',
      fixedKg: 2560,
      fixedMomentKgM: 60 * inches(30) + 320 * inches(108) + 180 * inches(110) + 2000 * inches(104),
      movingKg: 0,
      movingMomentKgM: 0,
      unsprungKg: [210],
    };
    const geometry = { ballXM: 0, centreOffsetM: 0, axleShares: [1] };
    verify({
      area: 'Balance',
      check: 'axle place for 12 %, balance point held',
      ours: (positionForShare(fixed, geometry, 0.12) ?? 0) / 0.0254,
      outside: '118.71',
      unit: 'in',
      source: 'statics, worked by hand in the test',
    });
    verify({
      area: 'Balance',
      check: 'axle place for 12 %, 210 lb axle moving along',
      ours: (positionForShare(moving, geometry, 0.12) ?? 0) / 0.0254,
      outside: '118.59',
      unit: 'in',
      source: 'statics, worked by hand in the test',
    });
  });
  // Worked: 12 ft bed under an even load, axle at 7.2 ft, ball 4 ft ahead: (7.2 − 6)/(7.2 + 4) = 10.7 %.
  test('60 % rule on an evenly loaded 12 ft bed', () => {
    const loads = standingLoads([{ massKg: 1000, xM: 10 * 0.3048, yM: 0 }], SINGLE(11.2 * 0.3048));
    verify({
      area: 'Balance',
      check: '60 % rule, even load, 12 ft bed, 4 ft tongue',
      ours: (100 * (loads?.aheadN ?? 0)) / (loads?.weightN ?? 1),
      outside: '10.7',
      unit: '%',
      source: 'statics, worked by hand in the test',
    });
  });
  // Worked: 38 kg with its balance point 60 mm ahead of an axle 950 mm behind the hitch: T = 38·60/950 = 2.40 kg.
  test('a cart pulled by muscle', () => {
    const loads = standingLoads([{ massKg: 38, xM: 0.89, yM: 0 }], SINGLE(0.95));
    verify({
      area: 'Balance',
      check: 'cart of 38 kg, 60 mm ahead of the axle',
      ours: (loads?.aheadN ?? 0) / STANDARD_GRAVITY,
      outside: '2.40',
      unit: 'kg',
      source: 'statics, worked by hand in the test',
    });
  });
});

const mass = fc.record({
  massKg: fc.double({ min: 0, max: 2000, noNaN: true }),
  xM: fc.double({ min: -1, max: 8, noNaN: true }),
  yM: fc.double({ min: -1, max: 1, noNaN: true }),
});
const masses = fc.array(mass, { minLength: 1, maxLength: 8 });
const axle = fc.double({ min: 0.5, max: 8, noNaN: true });
const arms = fc.tuple(fc.double({ min: 0.5, max: 3, noNaN: true }), fc.double({ min: 0.5, max: 3, noNaN: true }));
const tandem = fc
  .record({ first: axle, gap: fc.double({ min: 0.5, max: 1.2, noNaN: true }), arms })
  .map(({ first, gap, arms: a }): Support & { readonly arms: readonly [number, number] } => ({
    aheadXM: 0,
    axlesXM: [first, first + gap],
    shares: equalisedShares(a),
    arms: a,
    trackM: 1.8,
  }));
const totalOf = (list: readonly StaticMass[]): number => list.reduce((sum, m) => sum + m.massKg, 0) * STANDARD_GRAVITY;

describe('what holds for every trailer', () => {
  const scaleOf = (list: readonly StaticMass[]): number => Math.max(1, totalOf(list) * 10);
  test('forces close: tongue + axles = weight', () => {
    fc.assert(
      fc.property(masses, tandem, (list, support) => {
        const loads = standingLoads(list, support);
        if (!loads) return false;
        const sum = loads.aheadN + loads.axles.reduce((total, each) => total + each.loadN, 0);
        return Math.abs(sum - totalOf(list)) <= 1e-9 * scaleOf(list);
      }),
    );
  });
  test('turning forces close to 1e-9 about any place', () => {
    fc.assert(
      fc.property(masses, tandem, fc.double({ min: -5, max: 5, noNaN: true }), (list, support, about) => {
        const loads = standingLoads(list, support);
        if (!loads) return false;
        const down = list.reduce((sum, m) => sum + STANDARD_GRAVITY * m.massKg * (m.xM - about), 0);
        const up =
          loads.aheadN * (support.aheadXM - about) +
          loads.axles.reduce((sum, each, i) => sum + each.loadN * ((support.axlesXM[i] ?? 0) - about), 0);
        return Math.abs(up - down) <= 1e-9 * scaleOf(list);
      }),
    );
  });
  test('an equaliser shares by its arms: N_front·a_front = N_rear·a_rear', () => {
    fc.assert(
      fc.property(masses, tandem, (list, support) => {
        const loads = standingLoads(list, support);
        const [front, rear] = loads?.axles ?? [];
        return (
          !!front &&
          !!rear &&
          Math.abs(front.loadN * support.arms[0] - rear.loadN * support.arms[1]) <= 1e-9 * scaleOf(list)
        );
      }),
    );
  });
  test('superposition: two loads together are the sum of each alone', () => {
    fc.assert(
      fc.property(masses, masses, tandem, (a, b, support) => {
        const both = standingLoads([...a, ...b], support);
        const one = standingLoads(a, support);
        const two = standingLoads(b, support);
        return (
          !!both && !!one && !!two && Math.abs(both.aheadN - one.aheadN - two.aheadN) <= 1e-9 * scaleOf([...a, ...b])
        );
      }),
    );
  });
  test('mirrored left to right, the wheels exchange their loads', () => {
    fc.assert(
      fc.property(masses, axle, (list, axleXM) => {
        const loads = standingLoads(list, SINGLE(axleXM));
        const mirrored = standingLoads(
          list.map((m) => ({ ...m, yM: -m.yM })),
          SINGLE(axleXM),
        );
        return (
          !!loads &&
          !!mirrored &&
          Math.abs((loads.axles[0]?.leftN ?? 0) - (mirrored.axles[0]?.rightN ?? 1)) <= 1e-9 * scaleOf(list)
        );
      }),
    );
  });
  test('roll closes: (right − left)·track/2 = Σ m·g·y', () => {
    fc.assert(
      fc.property(masses, axle, (list, axleXM) => {
        const first = standingLoads(list, SINGLE(axleXM))?.axles[0];
        const roll = list.reduce((sum, m) => sum + STANDARD_GRAVITY * m.massKg * m.yM, 0);
        return (
          !!first &&
          (Math.abs(first.loadN) < 1e-3 ||
            Math.abs(((first.rightN - first.leftN) * 1.8) / 2 - roll) <= 1e-6 * scaleOf(list))
        );
      }),
    );
  });
  test('unsprung mass on the axle changes no tongue load', () => {
    const plain = standingLoads([{ massKg: 500, xM: 2, yM: 0 }], SINGLE(2.5));
    const heavy = standingLoads(
      [
        { massKg: 500, xM: 2, yM: 0 },
        { massKg: 120, xM: 2.5, yM: 0, unsprungAxle: 0 },
      ],
      SINGLE(2.5),
    );
    expect(heavy?.aheadN).toBeCloseTo(plain?.aheadN ?? 0, 9);
    expect((heavy?.axles[0]?.loadN ?? 0) - (plain?.axles[0]?.loadN ?? 0)).toBeCloseTo(120 * STANDARD_GRAVITY, 9);
  });
  test('no axle behind the ball: no answer, no NaN', () => {
    expect(standingLoads([{ massKg: 1, xM: 0, yM: 0 }], SINGLE(0))).toBeUndefined();
    expect(standingLoads([{ massKg: 1, xM: 0, yM: 0 }], SINGLE(-1))).toBeUndefined();
  });
});

describe('the axle window', () => {
  const moments = fc.record({
    fixedKg: fc.double({ min: 200, max: 3000, noNaN: true }),
    atM: fc.double({ min: 1.5, max: 5, noNaN: true }),
    movingKg: fc.double({ min: 0, max: 60, noNaN: true }),
    unsprung: fc.double({ min: 20, max: 200, noNaN: true }),
  });
  const limits = {
    minShare: 0.1,
    maxShare: 0.15,
    minTongueN: undefined,
    maxTongueN: undefined,
    hitchN: undefined,
    axleRatingsN: [undefined],
  };
  const geometry = { ballXM: 0, centreOffsetM: 0, axleShares: [1] };
  const toMoments = (m: { fixedKg: number; atM: number; movingKg: number; unsprung: number }): CaseMoments => ({
    id: 'case',
    fixedKg: m.fixedKg,
    fixedMomentKgM: m.fixedKg * m.atM,
    movingKg: m.movingKg,
    movingMomentKgM: m.movingKg * 0.05,
    unsprungKg: [m.unsprung],
  });
  const loadsAt = (m: CaseMoments, p: number) =>
    standingLoads(
      [
        { massKg: m.fixedKg, xM: m.fixedMomentKgM / m.fixedKg, yM: 0 },
        { massKg: m.movingKg, xM: p + 0.05, yM: 0 },
        { massKg: m.unsprungKg[0] ?? 0, xM: p, yM: 0, unsprungAxle: 0 },
      ],
      SINGLE(p),
    );
  test('its ends, verified by putting the axle there, are exactly on the band', () => {
    fc.assert(
      fc.property(moments, (raw) => {
        const m = toMoments(raw);
        const interval = caseInterval(m, geometry, limits, { fromM: 0.01, toM: 100 });
        const low = loadsAt(m, interval.from.xM);
        const high = loadsAt(m, interval.to.xM);
        return (
          !!low &&
          !!high &&
          Math.abs(low.aheadN / low.weightN - 0.1) < 1e-9 &&
          Math.abs(high.aheadN / high.weightN - 0.15) < 1e-9
        );
      }),
    );
  });
  test('an axle rating and a hitch limit are met exactly at the ends they set', () => {
    const m = toMoments({ fixedKg: 1000, atM: 3, movingKg: 0, unsprung: 100 });
    const rated = caseInterval(
      m,
      geometry,
      { ...limits, minShare: 0, maxShare: 1, axleRatingsN: [950 * STANDARD_GRAVITY] },
      { fromM: 0.01, toM: 100 },
    );
    expect(rated.from.reason).toBe('axle-rating');
    expect((loadsAt(m, rated.from.xM)?.axles[0]?.loadN ?? 0) / STANDARD_GRAVITY).toBeCloseTo(950, 6);
    const hitched = caseInterval(
      m,
      geometry,
      { ...limits, minShare: 0, maxShare: 1, hitchN: 80 * STANDARD_GRAVITY },
      { fromM: 0.01, toM: 100 },
    );
    expect(hitched.to.reason).toBe('hitch-limit');
    expect((loadsAt(m, hitched.to.xM)?.aheadN ?? 0) / STANDARD_GRAVITY).toBeCloseTo(80, 6);
  });
  test('bed edges bound it, and a bed that is too short empties it', () => {
    const m = toMoments({ fixedKg: 1000, atM: 3, movingKg: 0, unsprung: 0 });
    expect(caseInterval(m, geometry, limits, { fromM: 0, toM: 3.4 }).to).toEqual({ xM: 3.4, reason: 'bed-edge' });
    expect(caseInterval(m, geometry, limits, { fromM: 0, toM: 2 }).empty).toBe(true);
  });

  const interval = (caseId: string, from: number, to: number): NamedInterval => ({
    caseId,
    from: { xM: from, reason: 'tongue-too-light' },
    to: { xM: to, reason: 'tongue-too-heavy' },
    empty: from > to,
  });
  test('the common window names the case that binds at each end', () => {
    const window = commonWindow([interval('a', 1, 3), interval('b', 1.5, 4), interval('c', 0, 2.5)]);
    expect(window).toMatchObject({
      kind: 'window',
      fromM: 1.5,
      toM: 2.5,
      fromCase: { caseId: 'b' },
      toCase: { caseId: 'c' },
    });
  });
  test('without one, the pair that fights and the largest set that agrees', () => {
    const window = commonWindow([interval('a', 1, 2), interval('b', 1.2, 2.4), interval('c', 3, 4)]);
    expect(window).toMatchObject({
      kind: 'conflict',
      fight: { forward: { caseId: 'a' }, rearward: { caseId: 'c' } },
      agree: { caseIds: ['a', 'b'], fromM: 1.2, toM: 2 },
    });
    if (window.kind === 'conflict')
      expect(window.pairs).toEqual([
        ['a', 'c'],
        ['b', 'c'],
      ]);
  });
  test('a case that no place suits is told apart from two that fight', () => {
    const window = commonWindow([interval('a', 1, 2), interval('b', 3, 2)]);
    expect(window).toMatchObject({ kind: 'conflict', impossible: [{ caseId: 'b' }], fight: undefined });
    expect(commonWindow([])).toEqual({ kind: 'none-asked' });
  });
  test('touching intervals meet in one place', () => {
    expect(commonWindow([interval('a', 1, 2), interval('b', 2, 3)])).toMatchObject({
      kind: 'window',
      fromM: 2,
      toM: 2,
    });
  });
  test('the group’s centre follows the arms', () => {
    expect(groupCentreXM({ axlesXM: [2, 3], shares: equalisedShares([1, 1]) })).toBe(2.5);
    // A longer front arm takes load off the front axle: the centre moves back.
    expect(groupCentreXM({ axlesXM: [2, 3], shares: equalisedShares([2, 1]) })).toBeCloseTo(2 + 2 / 3, 12);
  });
});

describe('how a tongue out of its band is called', () => {
  const shareAt = (positionM: number) => {
    const base = sampleTrailer();
    const { findings } = evaluate({ ...base, runningGear: { ...base.runningGear, positionM } });
    const own = findings.find(({ code, caseId }) => code === 'tongue-share' && caseId === 'case.loaded');
    const window = findings.find(({ code }) => code === 'axle-window');
    return { share: own?.value?.value ?? Number.NaN, verdict: own?.verdict, window: window?.verdict };
  };
  test('it grades with its distance: 9.9 % of 10 is tight, 8 % is over, and the window says the same', () => {
    const base = sampleTrailer();
    const own = evaluate(base).placement.intervals.find(({ caseId }) => caseId === 'case.loaded');
    const edgeM = own?.from.xM ?? Number.NaN;
    const near = shareAt(edgeM - 0.005);
    expect(near.share).toBeLessThan(0.1);
    expect(near.share).toBeGreaterThan(0.095);
    expect(near).toMatchObject({ verdict: 'tight', window: 'tight' });
    const far = shareAt(edgeM - 0.1);
    expect(far.share).toBeLessThan(0.09);
    expect(far).toMatchObject({ verdict: 'over', window: 'over' });
  });
});
