import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { verify } from '../../test/verify.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { type Trailer, UNKNOWN_VEHICLE } from '../project/index.js';
import { inches, massOfWeightKg, toNewtons } from '../units/index.js';
import { caseFindings } from './caseFindings.js';
import { doubtOf } from './doubt.js';
import { extremeCases } from './extremes.js';
import { parkedTip } from './parked.js';
import { diceOf } from './random.js';
import { tongueSlopes } from './slopes.js';
import { spreadOf } from './spreadOf.js';
import { levelFreeAboveBallM, springShares } from './springSharing.js';

const [apiary, oven] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const doubts = (trailer: Trailer, seed?: number) => {
  const { chassis, cases } = evaluate(trailer);
  return doubtOf({ trailer, chassis, cases, ...(seed === undefined ? {} : { seed }) });
};
const sure = (trailer: Trailer): Trailer => ({
  ...trailer,
  items: trailer.items.map((item) => ({
    ...item,
    massKg: { ...item.massKg, tolerance: 0 },
    attach: { ...item.attach, offsetM: { ...item.attach.offsetM, tolerance: 0 } },
  })),
});

describe('dice', () => {
  test('even draws: mean 0, variance 1/3; normal draws: mean 0, variance 1, one in twenty beyond 1.645', () => {
    const dice = diceOf(7);
    const even = spreadOf(Float64Array.from({ length: 100_000 }, () => dice.even()));
    expect(Math.abs(even.mean)).toBeLessThan(0.01);
    expect(even.sd ** 2).toBeCloseTo(1 / 3, 2);
    const normal = spreadOf(Float64Array.from({ length: 100_000 }, () => dice.normal()));
    verify({
      area: 'Doubt',
      check: '95th percentile of normal draws (fixed seed)',
      ours: normal.p95,
      outside: '1.645',
      unit: '',
      source: 'table of the normal distribution',
      tolerance: 0.02,
    });
    expect(normal.sd).toBeCloseTo(1, 2);
  });
  test('percentiles of 0 … 100', () => {
    const spread = spreadOf(Float64Array.from({ length: 101 }, (_, i) => (i * 37) % 101));
    expect(spread).toMatchObject({ mean: 50, p5: 5, p95: 95 });
  });
});

describe('doubt of the demos', () => {
  test('the same seed gives the same figures, another seed nearly the same', () => {
    expect(doubts(apiary, 3)).toEqual(doubts(apiary, 3));
    const [a, b] = [doubts(apiary, 3)[0], doubts(apiary, 4)[0]];
    // Two means of 10,000 tries differ by no more than four of their own standard errors.
    const error = Math.sqrt(((a?.tongueKg.sd ?? 0) ** 2 + (b?.tongueKg.sd ?? 0) ** 2) / 10_000);
    expect(Math.abs((a?.tongueKg.mean ?? 0) - (b?.tongueKg.mean ?? 0))).toBeLessThan(4 * error);
  });
  test('the mean is the balance’s own figure, and the spread has the sum of the parts’ variances', () => {
    const { cases } = evaluate(apiary);
    for (const doubt of doubts(apiary)) {
      const standing = cases.find(({ loadCase }) => loadCase.id === doubt.caseId)?.standing;
      expect(doubt.tongueKg.mean).toBeCloseTo(massOfWeightKg(standing?.tongueN ?? Number.NaN), 0);
      const explained = doubt.guesses.reduce((sum, { share }) => sum + share, 0);
      expect(explained).toBeGreaterThan(0.9);
      expect(explained).toBeLessThan(1.1);
    }
  });
  test('nothing doubted leaves the trailer’s own parts alone to spread it', () => {
    const [before, after] = [doubts(oven), doubts(sure(oven))];
    before.forEach((doubt, i) => {
      expect(after[i]?.tongueShare.sd).toBeLessThan(doubt.tongueShare.sd);
      expect(after[i]?.guesses.every(({ what }) => what === 'mass')).toBe(true);
    });
  });
  test('a load that is out of its band is out of it nearly always, one well within hardly ever', () => {
    const byCase = new Map(doubts(oven).map((doubt) => [doubt.caseId, doubt]));
    expect(byCase.get('case.wood-run')?.tooLight).toBeGreaterThan(0.95);
    expect(byCase.get('case.to-market')?.tooLight).toBeLessThan(0.05);
  });
});

describe('a tank drained on the way', () => {
  const drained: Trailer = {
    ...oven,
    cases: oven.cases.map((loadCase) => ({
      ...loadCase,
      aboard: loadCase.aboard.map((entry) => (entry.itemId === 'item.water' ? { ...entry, fillLow: 0 } : entry)),
    })),
  };
  test('counts half-way, and either level is its doubt', () => {
    const [full, half] = [oven, drained].map((trailer) =>
      doubts(trailer).find(({ caseId }) => caseId === 'case.to-market'),
    );
    // 330 lb of water ahead of the axle: half of it gone takes off the tongue, and spreads it more.
    expect(half?.tongueKg.mean).toBeLessThan((full?.tongueKg.mean ?? 0) - 5);
    expect(half?.tongueKg.sd).toBeGreaterThan(full?.tongueKg.sd ?? 0);
  });
  test('the tail-heavy worst has it empty, the nose-heavy one full', () => {
    const worst = (trailer: Trailer, toward: 'tail' | 'nose'): number => {
      const { chassis, cases } = evaluate(trailer);
      return (
        extremeCases(trailer, chassis, cases).find(
          (extreme) => extreme.caseId === 'case.to-market' && extreme.toward === toward,
        )?.tongueShare ?? Number.NaN
      );
    };
    expect(worst(drained, 'tail')).toBeLessThan(worst(oven, 'tail'));
    expect(worst(drained, 'nose')).toBeCloseTo(worst(oven, 'nose'), 12);
  });
});

describe('extremes', () => {
  test('tail-heavy and nose-heavy lie either side of the case, and beyond nine tries in ten', () => {
    const { chassis, cases } = evaluate(apiary);
    const byCase = new Map(doubts(apiary).map((doubt) => [doubt.caseId, doubt]));
    for (const { caseId, toward, tongueShare } of extremeCases(apiary, chassis, cases)) {
      const doubt = byCase.get(caseId);
      if (toward === 'tail') expect(tongueShare).toBeLessThan((doubt?.tongueShare.p5 ?? 0) + 0.006);
      else expect(tongueShare).toBeGreaterThan((doubt?.tongueShare.p95 ?? 0) - 0.006);
    }
  });
});

describe('slopes', () => {
  test.each(DEMO_TRAILERS.map((trailer) => [trailer.name, trailer] as const))(
    'are the derivatives: %s, a tenth of a millimetre either way',
    (_name, trailer) => {
      const step = 1e-4;
      const tongue = (changed: Trailer, index: number): number =>
        massOfWeightKg(evaluate(changed).cases[index]?.standing?.tongueN ?? Number.NaN);
      const { cases } = evaluate(trailer);
      cases.forEach((balanced, index) => {
        const slopes = tongueSlopes(trailer, balanced);
        if (!slopes) return;
        const moved = (by: number): Trailer => ({
          ...trailer,
          runningGear: { ...trailer.runningGear, positionM: trailer.runningGear.positionM + by },
        });
        expect(slopes.axleBack).toBeCloseTo((tongue(moved(step), index) - tongue(moved(-step), index)) / (2 * step), 3);
        const item = trailer.items.find(({ id }) => (slopes.itemsBack.get(id) ?? 0) < -1);
        if (!item || item.attach.on === 'item') return;
        const shifted = (by: number): Trailer => ({
          ...trailer,
          items: trailer.items.map((other) =>
            other.id === item.id
              ? {
                  ...other,
                  attach: {
                    ...other.attach,
                    offsetM: { ...other.attach.offsetM, value: other.attach.offsetM.value + by },
                  },
                }
              : other,
          ),
        });
        const hosted = trailer.items.some(({ attach }) => attach.on === 'item' && attach.hostId === item.id);
        if (hosted) return;
        expect(slopes.itemsBack.get(item.id)).toBeCloseTo(
          (tongue(shifted(step), index) - tongue(shifted(-step), index)) / (2 * step),
          3,
        );
      });
    },
  );
});

describe('independent axles', () => {
  const LBF = toNewtons(1, 'lbf');
  test('one inch out of level over 34 in at 1,200 lb/in a wheel: 600 lb from wheel to wheel', () => {
    // Two axles of 2,400 lb/in; the frame's slope is forced by the height at the ball, so that the axles differ by one inch.
    const frame = { axlesM: [inches(120), inches(154)], ratesNPerM: [2400, 2400].map((k) => (k * LBF) / inches(1)) };
    const weight = 6000 * LBF;
    const level = levelFreeAboveBallM(frame, weight * inches(137));
    // N₁ − N₂ = k·s·34 in: one inch of height between the axles.
    const slope = -1 / 34;
    const rise = -slope * ((120 ** 2 + 154 ** 2) / (120 + 154)) * inches(1);
    const found = springShares({ ...frame, freeAboveBallM: level - rise }, weight * inches(137));
    verify({
      area: 'Tandem',
      check: 'one inch out of level over 34 in at 1,200 lb/in: front wheel less rear wheel',
      ours: Math.abs((found?.forcesN[0] ?? 0) - (found?.forcesN[1] ?? 0)) / 2 / LBF,
      outside: '1200',
      unit: 'lbf',
      source: 'springs, worked by hand: ±k·δ ÷ 2 = ±600 lb',
      tolerance: 1e-9,
    });
  });
  test('forces carry the moment whatever the height, and none pulls', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 6, noNaN: true }), { minLength: 1, maxLength: 3 }),
        fc.double({ min: -0.3, max: 0.3, noNaN: true }),
        fc.double({ min: 1e3, max: 5e4, noNaN: true }),
        (axlesM, freeAboveBallM, momentNm) => {
          const found = springShares(
            { axlesM, ratesNPerM: axlesM.map((_, i) => 1e5 * (1 + i)), freeAboveBallM },
            momentNm,
          );
          if (!found) return false;
          const moment = found.forcesN.reduce((sum, n, i) => sum + n * (axlesM[i] as number), 0);
          return found.forcesN.every((n) => n >= 0) && Math.abs(moment - momentNm) < 1e-6 * momentNm;
        },
      ),
    );
  });
  test('a tandem without equaliser shares alike when level, and the ball’s height is missing until somebody says', () => {
    const level: Trailer = {
      ...oven,
      towVehicle: null,
      runningGear: { ...oven.runningGear, layout: 'tandem-independent' },
    };
    const { cases, chassis } = evaluate(level);
    for (const { standing } of cases) {
      const [front, rear] = standing?.axles ?? [];
      expect(front?.loadN).toBeCloseTo(rear?.loadN ?? Number.NaN, 6);
    }
    expect(caseFindings(level, chassis, cases).find(({ code }) => code === 'axles-swing')?.verdict).toBe('open');
  });
  test('the ball up by an inch: what the front axle loses the rear one and the ball take up', () => {
    const at = (hitchHeightM: number): Trailer => ({
      ...oven,
      towVehicle: { ...UNKNOWN_VEHICLE, massKg: 2500, hitchHeightM },
      runningGear: { ...oven.runningGear, layout: 'tandem-independent' },
    });
    const loads = (hitchHeightM: number) => evaluate(at(hitchHeightM)).cases[1];
    const [low, high] = [loads(0.5), loads(0.5254)];
    const [frontLow, rearLow] = low?.standing?.axles ?? [];
    const [frontHigh, rearHigh] = high?.standing?.axles ?? [];
    expect(frontHigh?.loadN).toBeLessThan(frontLow?.loadN ?? 0);
    expect(rearHigh?.loadN).toBeGreaterThan(rearLow?.loadN ?? 0);
    const total = (balanced: typeof low): number =>
      (balanced?.standing?.aheadN ?? 0) + (balanced?.standing?.axles ?? []).reduce((sum, { loadN }) => sum + loadN, 0);
    expect(total(high)).toBeCloseTo(total(low), 6);
  });
  test('three axles that equalise carry a third each', () => {
    const triple: Trailer = { ...oven, runningGear: { ...oven.runningGear, layout: 'triple-equaliser' } };
    for (const { standing } of evaluate(triple).cases) {
      expect(standing?.axles).toHaveLength(3);
      const [a, b, c] = standing?.axles ?? [];
      expect(a?.sprungN).toBeCloseTo(b?.sprungN ?? 0, 6);
      expect(b?.sprungN).toBeCloseTo(c?.sprungN ?? 0, 6);
    }
  });
});

describe('parked', () => {
  test('people on the rear edge: moments about the wheels, or about stands behind them', () => {
    const trailer = sampleTrailer();
    const parked: Trailer = { ...trailer, cases: trailer.cases.map((loadCase) => ({ ...loadCase, mode: 'parked' })) };
    const { cases } = evaluate(parked);
    const [balanced] = cases;
    if (!balanced?.standing || !balanced.centre) throw new Error('nothing stands');
    const tip = parkedTip(parked, balanced);
    const pivot = balanced.standing.groupCentreXM;
    const byHand =
      (balanced.massKg * (pivot - balanced.centre.xM) - 200 * (parked.frame.bed.lengthM - pivot)) /
      (pivot - balanced.standing.aheadXM);
    expect(massOfWeightKg(tip?.jackN ?? 0)).toBeCloseTo(byHand, 6);
    const propped = { ...parked, frame: { ...parked.frame, stands: [{ id: 's', xM: parked.frame.bed.lengthM }] } };
    expect(parkedTip(propped, balanced)?.on).toBe('stands');
    expect(parkedTip(propped, balanced)?.jackN).toBeGreaterThan(0);
  });
});

describe('doubt where it matters', () => {
  test('chance that a rating is passed: half where it stands on the figure as it is put, none far above', () => {
    const own = (ratedKg: number) => {
      const trailer = { ...apiary, ratedGrossKg: ratedKg };
      const doubt = doubts(trailer).find(({ caseId }) => caseId === 'case.full-hives');
      return doubt?.overloads.find(({ of }) => of === 'plate');
    };
    const weighs = evaluate(apiary).cases.find(({ loadCase }) => loadCase.id === 'case.full-hives')?.massKg ?? 0;
    expect(own(weighs)?.chance).toBeGreaterThan(0.45);
    expect(own(weighs)?.chance).toBeLessThan(0.55);
    expect(own(1.5 * weighs)?.chance).toBe(0);
    expect(own(1.5 * weighs)?.spareKg).toBeCloseTo(0.5 * weighs, 6);
  });
  test('axle, tires and hitch have their chances, too; what nobody has read has none', () => {
    const of = doubts(apiary)[0]?.overloads.map(({ of: what }) => what) ?? [];
    expect(of).toEqual(expect.arrayContaining(['axle', 'tires', 'plate', 'coupler']));
    const unread = doubts({ ...apiary, ratedGrossKg: null })[0]?.overloads.map(({ of: what }) => what);
    expect(unread).not.toContain('plate');
  });
  test('the heaviest load once in twenty agrees with the tries', () => {
    const found = evaluate(apiary).findings.find(({ code }) => code === 'heaviest-doubt') as unknown as {
      data: { massKg: number; heavyKg: number };
      caseId: string;
    };
    const trailer = { ...apiary, ratedGrossKg: found.data.heavyKg };
    const plate = doubts(trailer)
      .find(({ caseId }) => caseId === found.caseId)
      ?.overloads.find(({ of }) => of === 'plate');
    expect(plate?.chance).toBeGreaterThan(0.03);
    expect(plate?.chance).toBeLessThan(0.07);
  });
  test('at its worst what stands on something is as far off as both together', () => {
    const [first] = apiary.items;
    if (!first) throw new Error('no item');
    const stack = (toleranceM: number): Trailer => {
      const host = {
        ...first,
        id: 'item.host',
        attach: { ...first.attach, on: 'deck' as const, offsetM: { ...first.attach.offsetM, tolerance: toleranceM } },
      };
      const upper = {
        ...first,
        id: 'item.upper',
        massKg: { ...first.massKg, value: 200, tolerance: 0 },
        attach: {
          ...first.attach,
          on: 'item' as const,
          hostId: 'item.host',
          offsetM: { value: 0, basis: 'guessed' as const, tolerance: 0 },
        },
      };
      const aboard = [host, upper].map(({ id }) => ({ itemId: id, fill: 1, shiftM: 0 }));
      return { ...apiary, items: [host, upper], cases: apiary.cases.slice(0, 1).map((one) => ({ ...one, aboard })) };
    };
    const tail = (toleranceM: number): number => {
      const trailer = stack(toleranceM);
      const { chassis, cases } = evaluate(trailer);
      return extremeCases(trailer, chassis, cases).find(({ toward }) => toward === 'tail')?.tongueKg ?? Number.NaN;
    };
    const { standing, massKg } = evaluate(stack(0.1)).cases[0] ?? { standing: undefined, massKg: 0 };
    const baseM = (standing?.groupCentreXM ?? 0) - (standing?.aheadXM ?? 0);
    // Both go back by 0.1 m: their weight × 0.1 ÷ base less on the tongue.
    const hostKg = first.massKg.value + (first.kind === 'tank' ? first.emptyMassKg : 0);
    expect(massKg).toBeGreaterThan(200);
    expect(tail(0) - tail(0.1)).toBeCloseTo(((hostKg + 200) * 0.1) / baseM, 1);
  });
});
