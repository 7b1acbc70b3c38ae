import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { verify } from '../../test/verify.js';
import { AXLE_ROWS, SECTION_ROWS, SPRING_ROWS, TIRE_ROWS } from '../catalog/index.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { axleFromCatalog, type Trailer, tireFromCatalog } from '../project/index.js';
import {
  archUnderM,
  clampLengthM,
  bounceHz,
  chordM,
  flatLengthM,
  leafRateNPerM,
  leafSpringKg,
  leafStressPa,
  shackleAngleRad,
} from '../suspension/index.js';
import { fromPascals, inches, pounds, toNewtons, toPascals, weightN } from '../units/index.js';
import { assemblyRatings, weakestPart } from './assembly.js';
import { axleCandidates, axleDemand, candidateDoes } from './choose.js';
import { clearances, takeWheelOff, worstClearances } from './clearances.js';
import { fenderFor } from './fenderFor.js';
import { hangerPlan, wantedSpacingM } from './hangers.js';
import { rideHeights } from './heights.js';
import { LEAF_STRESS_PA } from './rules.js';
import { endSlopeRad, tubeBending, tubeModulusM3 } from './homeBuilt.js';

const LBF = toNewtons(1, 'lbf');
const IN = inches(1);
const base = sampleTrailer();
const { spring } = base.runningGear.suspension;
const [, oven] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];

const suspended = (trailer: Trailer, change: Partial<Trailer['runningGear']['suspension']>): Trailer => ({
  ...trailer,
  runningGear: { ...trailer.runningGear, suspension: { ...trailer.runningGear.suspension, ...change } },
});
const geared = (trailer: Trailer, change: Partial<Trailer['runningGear']>): Trailer => ({
  ...trailer,
  runningGear: { ...trailer.runningGear, ...change },
});
const find = (trailer: Trailer, code: string) => evaluate(trailer).findings.filter((finding) => finding.code === code);

describe('leaf springs', () => {
  const area = 'Springs';
  test('rate and stress of four leaves 1-3/4 x 1/4 in, 25-1/4 in long', () => {
    // Without a seat and counted as even strength it is the handbook's 544; one of four leaves full length makes 9 of what was 8.
    verify({
      area,
      check: 'rate, 4 leaves 1.75 x 0.25 in, 25.25 in, even strength, nothing held',
      ours: ((8 / 9) * leafRateNPerM(spring, 0)) / LBF / (1 / IN),
      outside: '544',
      unit: 'lbf/in',
      source: 'Shigley, Mechanical Engineering Design: 8·E·n·b·t³ ÷ 3·L³, E = 30,000 ksi',
    });
    verify({
      area,
      check: 'stress at 1,750 lb, nothing held',
      ours: fromPascals(leafStressPa(spring, 1750 * LBF, 0), 'ksi'),
      outside: '151.5',
      unit: 'ksi',
      source: 'Shigley, Mechanical Engineering Design: 3·P·L ÷ 2·n·b·t²',
    });
    const source =
      'spring handbook, one leaf full length and a seat of 2-7/8 in, worked by hand: l = 11.76 in (recalled)';
    const clampM = clampLengthM(2.375 * IN);
    verify({
      area,
      check: 'rate as it is clamped, E·b·t³·(2·3 + 3·1) ÷ 6·l³',
      ours: leafRateNPerM(spring, clampM) / LBF / (1 / IN),
      outside: '756',
      unit: 'lbf/in',
      source,
    });
    verify({
      area,
      check: 'stress at 1,750 lb as it is clamped',
      ours: fromPascals(leafStressPa(spring, 1750 * LBF, clampM), 'ksi'),
      outside: '141',
      unit: 'ksi',
      source,
    });
  });
  test('every spring of the list keeps some arch at its own rating and feels no more than the limit that is told', () => {
    for (const row of SPRING_ROWS) {
      const one = { ...spring, ...row };
      const clampM = clampLengthM(2.375 * IN);
      expect(archUnderM(one, row.ratingKg * 9.80665, clampM), row.name).toBeGreaterThan(0.25 * IN);
      expect(leafStressPa(one, row.ratingKg * 9.80665, clampM), row.name).toBeLessThan(LEAF_STRESS_PA);
    }
    // Each weighs 13 to 16 lb with four leaves by the trade's lists; ours is an estimate.
    const [, four] = SPRING_ROWS;
    expect(four && leafSpringKg(four) / pounds(1)).toBeCloseTo(12.6, 1);
  });
  test('whatever distance of the bolts is advised passes its own check; where none does, a shackle is named that makes one', () => {
    const judged = (of: Trailer) => find(of, 'hanger-spacing')[0];
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 64, noNaN: true }),
        fc.double({ min: 1, max: 10, noNaN: true }),
        (eyesIn, archIn) => {
          const own = { ...spring, eyeToEyeM: eyesIn * IN, freeArchM: archIn * IN };
          const first = suspended(base, { spring: own });
          const advised = judged(first);
          const data = advised?.data as { wantedM?: number; shackleM: number };
          const longer = suspended(base, { spring: { ...own, shackleM: data.shackleM } });
          const wantedM = wantedSpacingM(longer) ?? Number.NaN;
          expect(
            judged(suspended(longer, { hangerSpacingM: wantedM, spring: { ...own, shackleM: data.shackleM } }))
              ?.verdict,
          ).toBe('ok');
        },
      ),
      { numRuns: 30 },
    );
    // 63 in eye to eye with 8 in of arch lies 65.7 in flat: no bolts suit a shackle of 2-1/4 in, one of 3-1/2 in does.
    const long = judged(suspended(base, { spring: { ...spring, eyeToEyeM: 63 * IN, freeArchM: 8 * IN } }));
    expect(long).toMatchObject({ verdict: 'over', data: { fault: 'shackle-short' } });
    expect((long as unknown as { data: { shackleM: number } }).data.shackleM / IN).toBeCloseTo(3.5, 6);
  });
  test('a tandem’s shackles hang on its equaliser: (33 − 26.5 − 5.75) ÷ 2 over 2-1/4 in lean 9.6°', () => {
    const tandem = geared(suspended(base, { equaliserM: 5.75 * IN }), {
      layout: 'tandem-equaliser',
      spacingM: 33 * IN,
    });
    const lean = find(tandem, 'shackle-lean')[0];
    const { leanRad } = (lean as unknown as { data: { leanRad: number } }).data;
    const ride = evaluate(tandem).rides.find(({ caseId }) => caseId === lean?.caseId);
    const byHand = Math.asin((33 * IN - (ride?.stack.chordM ?? 0) - 5.75 * IN) / (2 * 2.25 * IN));
    expect(leanRad).toBeCloseTo(byHand, 9);
    expect(find(geared(base, { layout: 'tandem-equaliser' }), 'shackle-lean')).toEqual([]);
  });
  test('laid flat: c + 8·h² ÷ 3·c', () => {
    verify({
      area,
      check: 'flat length, eye to eye 25.25 in, arch 3.5 in',
      ours: flatLengthM(spring) / IN,
      outside: '26.54',
      unit: 'in',
      source: 'arc, worked by hand',
      tolerance: 2e-4,
    });
  });
  test('chord and arch belong together at any load, and the leaf keeps its length', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.08, max: 0.09, noNaN: true }), (arch) => {
        const c = chordM(spring, arch);
        return Math.abs(c + (8 * arch * arch) / (3 * c) - flatLengthM(spring)) < 1e-9;
      }),
    );
    expect(chordM(spring, spring.freeArchM)).toBeCloseTo(spring.eyeToEyeM, 9);
    expect(archUnderM(spring, 0, 0)).toBe(spring.freeArchM);
  });
  test('27 in bolts, 2-1/4 in shackle: 51° unloaded, 12 to 14° nearly flat', () => {
    const source = 'trade geometry, worked by hand';
    const lean = (archIn: number): number =>
      ((shackleAngleRad(spring, 27 * IN, archIn * IN) ?? Number.NaN) * 180) / Math.PI;
    verify({ area, check: 'shackle, unloaded', ours: lean(3.5), outside: '51', unit: '°', source, tolerance: 0.01 });
    verify({
      area,
      check: 'shackle, 1/4 in of arch left',
      ours: lean(0.25),
      outside: '12',
      unit: '°',
      source,
      tolerance: 0.03,
    });
    verify({
      area,
      check: 'shackle, 1 in of arch left',
      ours: lean(1),
      outside: '14',
      unit: '°',
      source,
      tolerance: 0.03,
    });
    expect(shackleAngleRad(spring, 40 * IN, 0)).toBeUndefined();
  });
  test('bounce: 3.13 ÷ √(inches of give)', () => {
    verify({
      area,
      check: '1,200 lb on 544 lb/in',
      ours: bounceHz((544 * LBF) / IN, pounds(1200)),
      outside: '2.10',
      unit: 'Hz',
      source: 'f = √(g ÷ δ) ÷ 2π, worked by hand',
    });
  });
});

describe('hangers', () => {
  test('shackled 25-1/4 in spring: fixed eye half the loaded chord ahead of the axle, bolts 27 in', () => {
    const axleM = base.runningGear.positionM;
    const plan = hangerPlan(base, 0.5 * IN);
    const [front, rear] = plan.marks;
    verify({
      area: 'Hangers',
      check: 'fixed eye ahead of the axle, 1/2 in of arch left',
      ours: (axleM - (front?.xM ?? 0)) / IN,
      outside: '13.2',
      unit: 'in',
      source: 'trade geometry: half of 26.4 in, loaded',
    });
    verify({
      area: 'Hangers',
      check: 'bolt to bolt',
      ours: (plan.spacingM ?? 0) / IN,
      outside: '27.0',
      unit: 'in',
      source: 'shop rule: eye to eye + shackle − 1/2 in',
    });
    expect(((rear?.xM ?? 0) - (front?.xM ?? 0)) / IN).toBeCloseTo(27, 9);
  });
  test('a slipper goes by its maker: 24-3/4 in of one kit, 12-3/8 either side; without it the figure is missing', () => {
    const kit = suspended(base, {
      hangerSpacingM: 24.75 * IN,
      spring: { ...spring, kind: 'slipper', slipperM: 24.75 * IN },
    });
    const [front, rear] = hangerPlan(kit, 0.5 * IN).marks;
    expect((kit.runningGear.positionM - (front?.xM ?? 0)) / IN).toBeCloseTo(12.375, 9);
    expect(((rear?.xM ?? 0) - kit.runningGear.positionM) / IN).toBeCloseTo(12.375, 9);
    const unknown = suspended(base, { spring: { ...spring, kind: 'slipper', slipperM: null } });
    expect(find(unknown, 'hanger-spacing')[0]).toMatchObject({ verdict: 'open', data: { fault: 'slipper-unknown' } });
  });
  test('a tandem’s equaliser stands half-way, outer eyes fixed', () => {
    const { marks } = hangerPlan(oven, 0.5 * IN);
    expect(marks.map(({ kind }) => kind)).toEqual(['fixed-eye', 'equaliser', 'fixed-eye']);
    expect(marks[1]?.xM).toBeCloseTo(oven.runningGear.positionM, 9);
  });
  test('bolts nearer than the flat spring and 3/8 in, or further than the shackle may lie, are a fault', () => {
    const fault = (spacingIn: number) =>
      (
        find(suspended(base, { hangerSpacingM: spacingIn * IN }), 'hanger-spacing')[0] as unknown as {
          data: { fault: string };
        }
      ).data.fault;
    expect(fault(26.8)).toBe('over-centre');
    expect(fault(27)).toBe('none');
    expect(fault(27.4)).toBe('lies-down');
  });
});

describe('what a bump leaves, and what springs bear', () => {
  test('a sixteenth of air in a hard bump is tight, a quarter and more is in order, less than nothing is over', () => {
    const bumped = (travelM: number) =>
      find(suspended(base, { bumpTravelM: travelM }), 'clearance').find(
        ({ data }) => (data as unknown as { what: string }).what === 'axle-frame',
      );
    const { restM } = (bumped(0) as unknown as { data: { restM: number } }).data;
    expect(bumped(restM - IN / 16)?.verdict).toBe('tight');
    expect(bumped(restM - IN / 4 - 1e-6)?.verdict).toBe('ok');
    expect(bumped(restM + 1e-4)?.verdict).toBe('over');
  });
  test('springs are asked for what stands on them: two of 1,750 lb under a 3,500 lb axle are not its weakest part', () => {
    expect(weakestPart(base)?.part).toBe('axle');
    const { springs, axle } = assemblyRatings(base);
    const { suspension, wheel } = base.runningGear;
    const unsprungKg = base.runningGear.axle.massKg + suspension.springMassKg + 2 * wheel.assemblyMassKg;
    expect((springs ?? 0) - (axle ?? 0)).toBeCloseTo(unsprungKg, 9);
    const soft = suspended(base, { spring: { ...spring, ratingKg: pounds(1500) } });
    expect(weakestPart(soft)?.part).toBe('springs');
  });
});

describe('fenders', () => {
  test('put on, they clear the tires at once, on springs and at any track', () => {
    for (const trackIn of [74, 80, 66]) {
      const trailer = geared(suspended(base, { trackM: trackIn * IN }), {});
      const fender = fenderFor(trailer, evaluate(trailer).rides);
      const judged = find(geared(trailer, { fender }), 'clearance').filter(({ data }) =>
        ['tire-fender', 'fender-outside'].includes((data as unknown as { what: string }).what),
      );
      expect(judged.length).toBeGreaterThan(0);
      expect(judged.map(({ verdict }) => verdict)).toEqual(judged.map(() => 'ok'));
    }
  });
});

describe('heights', () => {
  test('over the axle: radius + half tube + seat + leaves + arch + hanger + rail', () => {
    const { chassis, cases } = evaluate(base);
    const loaded = rideHeights(base, chassis, cases).at(-1);
    if (!loaded) throw new Error('no height');
    const byHand =
      12.7 + 2.375 / 2 + 0.25 + 4 * 0.25 + (3.5 - loaded.sprungWheelN / LBF / 756) + 3 + chassis.railHeightM / IN;
    verify({
      area: 'Ride height',
      check: 'top of the rails, 4-leaf spring over a 2-3/8 in axle',
      ours: loaded.railTopM / IN,
      outside: byHand.toFixed(2),
      unit: 'in',
      source: 'trade stack, worked by hand',
      tolerance: 1e-3,
    });
  });
  test('over against under the axle differ by tube, leaves and two seats', () => {
    const under = suspended(base, { spring: { ...spring, seat: 'under' } });
    const top = (trailer: Trailer): number => {
      const { chassis, cases } = evaluate(trailer);
      return rideHeights(trailer, chassis, cases)[0]?.railTopM ?? Number.NaN;
    };
    verify({
      area: 'Ride height',
      check: 'over less under: 2-3/8 + 4 x 1/4 + 2 x 1/4 in',
      ours: (top(base) - top(under)) / IN,
      outside: '3.875',
      unit: 'in',
      source: 'trade stack, worked by hand',
      tolerance: 1e-9,
    });
  });
  test('a torsion arm 22.5° down stands 2.30 in below its shaft, unloaded', () => {
    const torsion = suspended(base, {
      kind: 'torsion',
      torsion: { armLengthM: 6 * IN, startAngleRad: Math.PI / 8, rateNPerM: 1e7 },
    });
    const { chassis, cases } = evaluate(torsion);
    const ride = rideHeights(torsion, chassis, cases)[0];
    verify({
      area: 'Ride height',
      check: 'shaft above hub, 6 in arm 22.5° down, hardly loaded',
      ours: ((ride?.stack.tubeMiddleM ?? 0) - (ride?.stack.hubM ?? 0)) / IN,
      outside: '2.30',
      unit: 'in',
      source: 'arm·sin(angle), worked by hand',
    });
  });
  test('more load, lower; a dropped axle lower by its drop; unknown suspension says nothing', () => {
    const { chassis, cases } = evaluate(base);
    const rides = rideHeights(base, chassis, cases);
    const sorted = [...rides].sort((a, b) => a.sprungWheelN - b.sprungWheelN);
    expect(sorted[0]?.railTopM).toBeGreaterThan(sorted.at(-1)?.railTopM ?? 0);
    const dropped = geared(base, { axle: { ...base.runningGear.axle, dropM: 4 * IN } });
    const other = evaluate(dropped);
    expect(
      (rides[0]?.railTopM ?? 0) - (rideHeights(dropped, other.chassis, other.cases)[0]?.railTopM ?? 0),
    ).toBeCloseTo(4 * IN, 9);
    expect(find(suspended(base, { kind: 'unknown' }), 'ride-unknown')).toHaveLength(1);
  });
});

describe('clearances', () => {
  test('inside gap: (track − bed) ÷ 2 − half the tire', () => {
    const { chassis, cases } = evaluate(base);
    const all = worstClearances(clearances(base, chassis, rideHeights(base, chassis, cases)));
    const gap = all.find(({ what }) => what === 'tire-frame');
    // (74 − 60) ÷ 2 − 8.1 ÷ 2
    expect((gap?.restM ?? 0) / IN).toBeCloseTo(2.95, 6);
  });
  test('a wider tire rubs: the gap shrinks by half of what it is wider', () => {
    const wide = geared(base, { tire: { ...base.runningGear.tire, widthM: 14.5 * IN } });
    expect(find(wide, 'clearance').some(({ verdict }) => verdict === 'over')).toBe(true);
  });
  test('under a fender the tire that clears at rest touches in a bump', () => {
    const fendered = (aboveIn: number): Trailer =>
      geared(base, { fender: { kind: 'fitted', aboveRailM: aboveIn * IN, reachM: 16 * IN, skirtM: 3 * IN } });
    const gap = (aboveIn: number) =>
      find(fendered(aboveIn), 'clearance').find(({ data }) => (data as { what: string }).what === 'tire-fender');
    const rest = (gap(4) as unknown as { data: { restM: number } }).data.restM;
    expect(gap(4 - (rest - 1 * IN) / IN)?.verdict).toBe('over');
    expect(gap(4 - (rest - 3 * IN) / IN)?.verdict).toBe('tight');
    expect(gap(4 - (rest - 4 * IN) / IN)?.verdict).toBe('ok');
  });
});

describe('taking a wheel off', () => {
  test('the frame is lifted by what the fender’s edge hangs below the tire’s top, and half an inch', () => {
    const { chassis, cases } = evaluate(base);
    const [ride] = rideHeights(base, chassis, cases);
    if (!ride) throw new Error('no height');
    const lifted = (skirtIn: number): number =>
      takeWheelOff(
        geared(base, { fender: { kind: 'fitted', aboveRailM: 4 * IN, reachM: 0.3, skirtM: skirtIn * IN } }),
        chassis,
        ride,
      ).liftM;
    const tireTop = ride.stack.hubM + base.runningGear.tire.diameterM / 2;
    const edge = (skirtIn: number): number => ride.railTopM + (4 - skirtIn) * IN;
    expect(lifted(8)).toBeCloseTo(Math.max(0, tireTop + 0.5 * IN - edge(8)), 9);
    expect(lifted(12) - lifted(10)).toBeCloseTo(2 * IN, 9);
    expect(takeWheelOff(base, chassis, ride)).toEqual({ liftM: 0, under: undefined });
  });
  test('a wall or a second level over the wheel is in the way as a fender is, and is named', () => {
    const low = { kind: 'at', plane: 'along', atM: 1, fromM: 0, toM: 3, lowM: -0.05, highM: 1 } as const;
    const walled: Trailer = {
      ...base,
      frame: {
        ...base.frame,
        ownPanels: [
          {
            id: 'panel.skirt',
            sheet: { kind: 'plywood', thicknessM: 0.01 },
            place: low,
            cutouts: [],
            existing: false,
            carries: false,
          },
        ],
      },
    };
    const { chassis, cases } = evaluate(walled);
    const [ride] = rideHeights(walled, chassis, cases);
    if (!ride) throw new Error('no height');
    const { liftM, under } = takeWheelOff(walled, chassis, ride);
    expect(under).toBe('panel.skirt');
    const tireTop = ride.stack.hubM + base.runningGear.tire.diameterM / 2;
    expect(liftM).toBeCloseTo(tireTop + 0.5 * IN - (ride.railTopM - 0.05), 9);
  });
});

describe('parts that go together', () => {
  test('the weakest part is named', () => {
    const weak = geared(base, { tire: tireFromCatalog('155-13-79n') });
    expect(weakestPart(weak)).toMatchObject({ part: 'tires' });
    verify({
      area: 'Tires',
      check: 'passenger tire 1,389 lb on a trailer, a pair',
      ours:
        (assemblyRatings(geared(base, { tire: { ...base.runningGear.tire, passenger: true, maxLoadKg: pounds(1389) } }))
          .tires ?? 0) / pounds(1),
      outside: '2525',
      unit: 'lb',
      source: '49 CFR 571.110: ÷ 1.10, worked by hand',
    });
    expect(assemblyRatings(geared(base, { axle: { ...base.runningGear.axle, ratingKg: null } })).axle).toBeUndefined();
  });
  test('contradictions are told with their sizes', () => {
    const { wheel, tire, axle } = base.runningGear;
    expect(find(geared(base, { wheel: { ...wheel, studCircle: '6 on 5-1/2 in' } }), 'studs-differ')[0]?.verdict).toBe(
      'over',
    );
    expect(find(geared(base, { wheel: { ...wheel, rimM: inches(13) } }), 'tire-on-rim')[0]?.verdict).toBe('over');
    expect(find(geared(base, { tire: { ...tire, diameterM: inches(14) } }), 'tire-smaller-than-rim')[0]?.verdict).toBe(
      'over',
    );
    expect(find(geared(base, { axle: { ...axle, hubFaceM: inches(80) } }), 'widths-differ')[0]?.verdict).toBe('tight');
    expect(find(suspended(base, { hangerSpacingM: inches(120) }), 'spring-longer-than-frame')[0]?.verdict).toBe('over');
    expect(find(base, 'widths-differ')).toHaveLength(0);
    // An adapter of an inch moves each wheel out by it, and makes the circles go together.
    const adapted = geared(base, { wheel: { ...wheel, studCircle: '6 on 5-1/2 in', adapterM: inches(1) } });
    expect(find(adapted, 'studs-differ')[0]?.verdict).toBe('unchecked');
    const { fromHubM } = (find(adapted, 'widths-differ')[0] as unknown as { data: { fromHubM: number } }).data;
    expect(fromHubM).toBeCloseTo(axle.hubFaceM + inches(2), 9);
  });
  test('a home-built tube: 2-3/8 in x 1/4 in, 1,750 lb on 8 in', () => {
    const source = 'bending of a round tube, worked by hand';
    const bent = tubeBending(2.375 * IN, 0.25 * IN, pounds(1750), 8 * IN);
    verify({
      area: 'Axle tube',
      check: 'modulus of 2-3/8 x 1/4 in tube',
      ours: tubeModulusM3(2.375 * IN, 0.25 * IN) / IN ** 3,
      outside: '0.804',
      unit: 'in³',
      source,
    });
    verify({
      area: 'Axle tube',
      check: 'stress standing',
      ours: fromPascals(bent.staticPa, 'ksi'),
      outside: '17.4',
      unit: 'ksi',
      source,
    });
    verify({
      area: 'Axle tube',
      check: 'stress in a bump',
      ours: fromPascals(bent.bumpPa, 'ksi'),
      outside: '43.5',
      unit: 'ksi',
      source,
    });
  });
  test('a home-built tube past its own yield fails, and the size that would do is told', () => {
    const withYield = (yieldKsi: number) =>
      find(
        geared(base, {
          axle: {
            ...base.runningGear.axle,
            tubeDiameterM: 2.375 * IN,
            homeBuilt: { wallM: 0.154 * IN, yieldPa: toPascals(yieldKsi, 'ksi'), spindleKg: null, hubKg: null },
          },
        }),
        'home-built-axle',
      )[0];
    const weak = withYield(20);
    const { bumpPa } = weak!.data as { bumpPa: number };
    expect(bumpPa).toBeGreaterThan(toPascals(20, 'ksi'));
    expect(weak?.verdict).toBe('over');
    // The tube that would do, by hand: same moment on its own modulus.
    const { does } = weak!.data as { does: { designation: string } };
    const row = SECTION_ROWS.find(({ designation }) => designation === does.designation);
    if (row?.shape.kind !== 'round-tube') throw new Error('no tube');
    const stress =
      (bumpPa * tubeModulusM3(2.375 * IN, 0.154 * IN)) / tubeModulusM3(row.shape.diameterM, row.designWallM!);
    expect(stress).toBeLessThanOrEqual(toPascals(20, 'ksi'));
    // Never OK: nobody has rated it.
    expect(withYield(1.1 * fromPascals(bumpPa, 'ksi'))?.verdict).toBe('unchecked');
    expect(withYield(0.9 * fromPascals(bumpPa, 'ksi'))?.verdict).toBe('over');
    // None on file is strong enough for a metal that bears next to nothing.
    expect((withYield(1.5)!.data as { does: unknown }).does).toBeUndefined();
  });
  test('wheels far outside the springs count by what bends the tube: 1,000 lb on 11 in against 1,750 lb on 8-1/2 in', () => {
    const overhangs = (change: Partial<Trailer['runningGear']['axle']>, trackIn: number, kg: number) =>
      find(
        {
          ...geared(suspended(base, { kind: 'leaf', springCentresM: 50 * IN, trackM: trackIn * IN }), {
            axle: { ...base.runningGear.axle, ...change },
          }),
          ratedGrossKg: null,
          items: base.items.map((item) => ({ ...item, massKg: { ...item.massKg, value: kg } })),
        },
        'axle-overhang',
      )[0];
    const light = overhangs({ ratingKg: pounds(3500) }, 72, 50);
    expect(light?.verdict).toBe('tight');
    expect((light!.data as { bends: number }).bends).toBeLessThan(1);
    // By hand: the wheel's own load, from the balance, on (72 − 50) ÷ 2 = 11 in.
    const heavy = overhangs({ ratingKg: pounds(1000) }, 72, 400);
    expect(heavy?.verdict).toBe('over');
    expect((heavy!.data as { bends: number }).bends).toBeGreaterThan(1);
    // Nobody rated it: never more than 10 in out.
    expect(overhangs({ ratingKg: null }, 72, 50)?.verdict).toBe('over');
    expect(overhangs({ ratingKg: null }, 68.5, 50)?.verdict).toBe('tight');
  });
  test('its ends slope as those of a beam with overhangs: 1,000 lb on 8 in outside springs 50 in apart, I = 2.0 in⁴', () => {
    // F·a·(l + a) ÷ (2·E·I) = 1000 × 8 × 58 ÷ (2 × 29e6 × 2) = 0.0040 rad.
    verify({
      area: 'Running gear',
      check: 'slope at the ends of an axle tube',
      ours: endSlopeRad(1000 * 4.4482216, 8 * IN, 50 * IN, 29e6 * 6894.757, 2 * IN ** 4) * 1000,
      outside: '4.00',
      unit: 'mrad',
      source:
        'beam overhanging both supports with alike end loads, AISC Manual table 3-23 (from memory); worked by hand',
    });
  });
  test('wheels lean in under a load as the tube’s ends slope; camber built in by as much stands them upright', () => {
    const homeBuilt = { wallM: 0.25 * IN, yieldPa: 2.5e8, spindleKg: null, hubKg: null };
    const leans = (camberRad: number) => {
      const [found] = find(geared(base, { axle: { ...base.runningGear.axle, homeBuilt, camberRad } }), 'axle-camber');
      if (found?.code !== 'axle-camber') throw new Error('no camber');
      return found;
    };
    const straight = leans(0);
    expect(straight.data.loadedRad).toBeLessThan(0);
    expect(leans(straight.data.slopeRad).data.loadedRad).toBeCloseTo(0, 12);
    expect(leans(0.05).verdict).toBe('tight');
    expect(find(base, 'axle-camber')).toHaveLength(0);
  });
});

describe('choosing an axle', () => {
  const { chassis, cases } = evaluate(oven);
  test('the oven’s demand is its plate less the lightest tongue, and the reserve', () => {
    const demand = axleDemand(oven, cases);
    expect(demand).toMatchObject({ by: 'plate' });
    expect((demand?.loadKg ?? 0) / pounds(1)).toBeCloseTo(5400, 6);
    expect((demand?.withReserveKg ?? 0) / pounds(1)).toBeCloseTo(5400 * 1.15, 6);
  });
  test('what is too small says by how much, what does stands foremost', () => {
    const candidates = axleCandidates(oven, cases, chassis.railWidthM);
    expect(candidates).toHaveLength(2 * AXLE_ROWS.filter(({ id }) => !id.endsWith('kg')).length);
    const small = candidates.find(({ row, count }) => row.id === 'axle-2200' && count === 2);
    expect(small?.misfits.map(({ code }) => code)).toContain('too-small');
    const firstFailing = candidates.findIndex((candidate) => !candidateDoes(candidate));
    expect(candidates.slice(firstFailing).some(candidateDoes)).toBe(false);
    for (const candidate of candidates.filter(candidateDoes)) {
      expect(candidate.ratingKg).toBeGreaterThanOrEqual(candidate.demandKg);
    }
  });
  test('every axle and tire of the list makes a trailer without a broken figure', () => {
    for (const { id } of AXLE_ROWS) {
      for (const tire of TIRE_ROWS) {
        const trailer = geared(base, {
          axle: { ...axleFromCatalog(id), hubFaceM: inches(74) },
          tire: tireFromCatalog(tire.id),
        });
        for (const { stack, railTopM, clearM } of rideHeights(trailer, chassis, cases)) {
          expect([stack.railBottomM, railTopM, clearM].every(Number.isFinite)).toBe(true);
        }
      }
    }
  });
  test('weight is force: a wheel’s sprung load is half of its axle’s', () => {
    const evaluation = evaluate(base);
    const ride = rideHeights(base, evaluation.chassis, evaluation.cases)[0];
    expect(ride?.sprungWheelN).toBeCloseTo((evaluation.cases[0]?.standing?.axles[0]?.sprungN ?? 0) / 2, 9);
    expect(ride?.sprungWheelN).toBeLessThan(weightN(evaluation.cases[0]?.massKg ?? 0));
  });
});
