import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { verify } from '../../test/verify.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { type House, newPiece, type Trailer } from '../project/index.js';
import { feet, inches, pounds } from '../units/index.js';
import {
  CIRCUIT_NAMES,
  LAMP_NAMES,
  lampHereText,
  lampPlaceText,
  lampZoneText,
  PLUG_PINS,
  speaker,
  wireHoleText,
  wireText,
} from '../wording/index.js';
import {
  bundleHoleM,
  circuitsOf,
  dropV,
  houseFigures,
  LAMP_RULES,
  type LampFacts,
  lampsAsked,
  lampsToBuy,
  placedLamps,
  tapeM,
  wireFor,
  wireHoles,
  WIRES,
  wireRuns,
  wireToBuy,
} from './index.js';

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const facts = (change: Partial<LampFacts> = {}): LampFacts => ({
  widthM: inches(70),
  lengthM: feet(14),
  grossKg: pounds(2900),
  ...change,
});
const asked = (change: Partial<LampFacts> = {}, region: 'north-america' | 'europe' | 'australia' = 'north-america') =>
  lampsAsked([region], facts(change)).map(({ code }) => code);

describe('lamps by 49 CFR 571.108, recalled', () => {
  test('a narrow trailer of 14 ft: tail, stop, turn, plate, reflectors, side markers; nothing of the wide ones', () => {
    expect(asked()).toEqual([
      'tail',
      'stop',
      'turn',
      'plate',
      'rear-reflector',
      'marker-front',
      'side-reflector-front',
      'marker-rear',
      'side-reflector-rear',
    ]);
  });
  test('from 80 in of width clearance and identification lamps; just below none', () => {
    const wide = ['clearance-front', 'clearance-rear', 'identification'];
    expect(asked({ widthM: inches(80) })).toEqual(expect.arrayContaining(wide));
    for (const code of wide) expect(asked({ widthM: inches(79.9) })).not.toContain(code);
  });
  test('from 30 ft with the tongue markers in the middle; under 6 ft none in front', () => {
    expect(asked({ lengthM: feet(30) })).toContain('marker-middle');
    expect(asked({ lengthM: feet(29.9) })).not.toContain('marker-middle');
    expect(asked({ lengthM: feet(5.9) })).not.toContain('marker-front');
  });
  test('conspicuity only where it is 80 in wide and above 10,000 lb', () => {
    expect(asked({ widthM: inches(80), grossKg: pounds(10_001) })).toContain('conspicuity');
    expect(asked({ widthM: inches(80), grossKg: pounds(10_000) })).not.toContain('conspicuity');
    expect(asked({ widthM: inches(79), grossKg: pounds(14_000) })).not.toContain('conspicuity');
  });
  test('a gross that nobody has declared is no zero: what goes by it is told in case', () => {
    expect(asked({ widthM: inches(80), grossKg: null })).toContain('conspicuity');
    expect(asked({ grossKg: null }, 'europe')).toContain('reversing');
  });
  test('a rear marker is asked once, 60 in at most only where it is 80 in wide', () => {
    for (const [widthM, most] of [
      [inches(79), null],
      [inches(80), inches(60)],
    ] as const) {
      const markers = lampsAsked(['north-america'], facts({ widthM })).filter(({ code }) => code === 'marker-rear');
      expect(markers.map(({ heightM }) => heightM)).toEqual([[inches(15), most]]);
    }
  });
  test('heights: tail and stop 15 to 72 in, turn to 83, reflectors to 60', () => {
    const heights = Object.fromEntries(
      LAMP_RULES.filter(({ region }) => region === 'north-america').map(({ code, heightM }) => [
        code,
        heightM.map((height) => (height === null ? null : Math.round(height / inches(1)))),
      ]),
    );
    expect(heights).toMatchObject({
      tail: [15, 72],
      stop: [15, 72],
      turn: [15, 83],
      'rear-reflector': [15, 60],
      'side-reflector-front': [15, 60],
      'marker-front': [15, null],
    });
  });
});

describe('lamps by UN R48, recalled', () => {
  test('fog and triangles always; reversing above 750 kg, position lamps above 1.6 m, outlines above 2.1 m, markers above 6 m', () => {
    expect(asked({ grossKg: 750 }, 'europe')).toEqual(
      expect.arrayContaining(['fog', 'rear-triangle', 'front-reflector']),
    );
    expect(asked({ grossKg: 750 }, 'europe')).not.toContain('reversing');
    expect(asked({ grossKg: 751 }, 'europe')).toContain('reversing');
    expect(asked({ widthM: 1.6 }, 'europe')).not.toContain('front-position');
    expect(asked({ widthM: 1.61 }, 'europe')).toContain('front-position');
    expect(asked({ widthM: 2.11 }, 'europe')).toContain('clearance-rear');
    expect(asked({ lengthM: 6.01 }, 'europe')).toContain('marker-middle');
    expect(asked({ lengthM: 6 }, 'europe')).not.toContain('marker-middle');
  });
});

describe('where they go', () => {
  test('each lamp lies in its zone, left and right mirrored, on the trailer’s own edge', () => {
    for (const trailer of [apiary, oven, telescope]) {
      const lamps = placedLamps(evaluate(trailer));
      expect(lamps.length).toBeGreaterThan(8);
      for (const { rule, aboveGroundM, at } of lamps) {
        const [least, most] = rule.heightM;
        expect(aboveGroundM).toBeGreaterThanOrEqual((least ?? 0) - 1e-9);
        expect(aboveGroundM).toBeLessThanOrEqual((most ?? 99) + 1e-9);
        if (rule.place.startsWith('rear')) expect(at.xM).toBe(trailer.frame.bed.lengthM);
        if (rule.place === 'rear-pair')
          expect(lamps.filter((other) => other.rule === rule).reduce((sum, other) => sum + other.at.yM, 0)).toBeCloseTo(
            0,
            9,
          );
      }
    }
  });
  test('clearance lamps go on fenders where there are some, never on a bare tire', () => {
    const outermost = (kind: 'none' | 'fitted'): number => {
      const trailer: Trailer = {
        ...apiary,
        runningGear: { ...apiary.runningGear, fender: { ...apiary.runningGear.fender, kind, reachM: 0.3 } },
      };
      return Math.max(
        ...placedLamps(evaluate(trailer))
          .filter(({ rule }) => rule.code === 'clearance-rear')
          .map(({ at }) => at.yM),
      );
    };
    expect(outermost('none')).toBeLessThan(apiary.frame.bed.widthM / 2);
    expect(outermost('fitted')).toBeGreaterThan(apiary.frame.bed.widthM / 2);
  });
  test('a frame that stands low takes a bracket up to 15 in', () => {
    const low: Trailer = { ...apiary, runningGear: { ...apiary.runningGear, measuredRailTopM: inches(12) } };
    const tail = placedLamps(evaluate(low)).find(({ rule }) => rule.code === 'tail');
    expect(tail?.aboveGroundM).toBeCloseTo(inches(15), 6);
    expect(tail?.bracketM).toBeGreaterThan(inches(3));
    expect(lampHereText(tail as never, speaker(low))).toMatch(/on a bracket .* above the bar’s middle/);
  });
  test('a load that reaches past the rear hides what is behind it', () => {
    const item = apiary.items.find(({ kind }) => kind === 'cargo');
    if (!item) throw new Error('none');
    const long: Trailer = {
      ...apiary,
      items: apiary.items.map((own) =>
        own.id === item.id
          ? {
              ...own,
              sizeM: { lengthM: 3, widthM: 1.6, heightM: 2 },
              attach: {
                ...own.attach,
                on: 'deck',
                from: 'front',
                aboveM: -0.6,
                offsetM: { ...own.attach.offsetM, value: apiary.frame.bed.lengthM },
              },
            }
          : own,
      ),
    };
    expect(placedLamps(evaluate(long)).some(({ hiddenBy }) => hiddenBy.some(({ by }) => by === item.id))).toBe(true);
    expect(placedLamps(evaluate(apiary)).every(({ hiddenBy }) => hiddenBy.length === 0)).toBe(true);
  });
  test('a gate that hangs level behind on the road hides the lamps under it; shut, none', () => {
    const gate = newPiece(apiary, 'imperial', 'gate', 'piece.gate');
    const gated = (down: boolean): Trailer => ({
      ...apiary,
      frame: { ...apiary.frame, pieces: [{ ...gate, held: 'chains' }] },
      cases: apiary.cases.map((own) =>
        own.mode === 'towed' ? { ...own, gatesDown: down ? ['piece.gate'] : [] } : own,
      ),
    });
    const hidden = (down: boolean) =>
      placedLamps(evaluate(gated(down))).filter(({ hiddenBy }) => hiddenBy.some(({ by }) => by === 'piece.gate'));
    expect(hidden(false)).toEqual([]);
    expect(hidden(true).map(({ rule }) => rule.code)).toContain('plate');
    expect(hidden(true).every(({ rule }) => rule.place.startsWith('rear'))).toBe(true);
  });
  test('a marker in the middle of the side goes ahead of the wheels where they are in its way', () => {
    const middle = (positionM: number): number => {
      const long: Trailer = {
        ...apiary,
        frame: { ...apiary.frame, bed: { ...apiary.frame.bed, lengthM: feet(27) } },
        runningGear: { ...apiary.runningGear, positionM },
      };
      return placedLamps(evaluate(long)).find(({ rule }) => rule.code === 'marker-middle')?.at.xM ?? Number.NaN;
    };
    expect(middle(feet(20))).toBeCloseTo(feet(13.5), 9);
    const { diameterM } = apiary.runningGear.tire;
    expect(middle(feet(14))).toBeCloseTo(feet(14) - diameterM / 2 - inches(3), 9);
  });
  test('every lamp has words', () => {
    const say = speaker(apiary);
    for (const rule of LAMP_RULES) {
      expect(LAMP_NAMES[rule.code].length + lampPlaceText(rule).length).toBeGreaterThan(12);
      expect(lampZoneText(rule, say)).not.toMatch(/undefined|NaN|null/);
    }
    expect(Object.keys(PLUG_PINS)).toEqual(['4-way', '6-way', '7-way', '13-way']);
  });
});

describe('wires', () => {
  test('six amperes over 25 ft of 12 AWG there and back lose 0.48 V, by 1.588 Ω to 1,000 ft', () => {
    const [, , , twelve] = WIRES as [unknown, unknown, unknown, (typeof WIRES)[number]];
    verify({
      area: 'Wiring',
      check: 'voltage lost by four magnets over 25 ft of 12 AWG',
      ours: dropV(12, feet(25), twelve),
      outside: '0.953',
      unit: 'V',
      source: 'NBS Handbook 100: 1.588 Ω to 1,000 ft; 2 × 12 A × 25 ft, worked by hand',
      tolerance: 0.001,
    });
    expect(dropV(6, feet(25), twelve)).toBeCloseTo(0.4764, 4);
  });
  test('areas and ohms go together as copper does: 1/58 Ω mm² to the metre, within 4 %', () => {
    for (const { areaMm2, ohmsPerM } of WIRES) expect(ohmsPerM * areaMm2 * 58).toBeCloseTo(1, 1);
  });
  test('the run goes along tongue, rail and rear: by hand for a straight tongue', () => {
    const { bed } = telescope.frame;
    const ball = -evaluate(telescope).chassis.ballXM;
    const { leftM, rightM } = wireRuns(evaluate(telescope));
    // Out to the middle of the left rail, 60 mm wide: half of the bed less 30 mm; across from one rail's middle to the other's.
    expect(leftM).toBeCloseTo(1.1 * (1.2 + ball + bed.widthM / 2 - 0.03 + bed.lengthM), 9);
    expect(rightM - leftM).toBeCloseTo(1.1 * (bed.widthM - 0.06), 9);
  });
  test('no circuit loses more than it may, and a thinner wire of the list would', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('led' as const, 'incandescent' as const),
        fc.constantFrom(apiary, oven, telescope),
        (kind, trailer) => {
          for (const { code, amperes, runM, wire, dropShare } of circuitsOf(evaluate(trailer), kind)) {
            if (!wire || dropShare === undefined) continue;
            const limit =
              code === 'brakes' || code === 'charge' || (code === 'ground' && trailer.coupling.brakes === 'fitted')
                ? 0.05
                : 0.03;
            expect(dropShare).toBeLessThanOrEqual(limit + 1e-9);
            const thinner = WIRES[WIRES.indexOf(wire) - 1];
            const least = limit === 0.05 || code === 'ground' ? 12 : 16;
            if (thinner && thinner.awg <= least) expect(dropV(amperes, runM, thinner) / 12).toBeGreaterThan(limit);
          }
        },
      ),
    );
  });
  test('no fuse outlives its wire', () => {
    for (const trailer of [apiary, oven, telescope])
      for (const kind of ['led', 'incandescent'] as const)
        for (const { wire, fuseA } of circuitsOf(evaluate(trailer), kind))
          expect(wire?.carriesA ?? Number.POSITIVE_INFINITY).toBeGreaterThanOrEqual(fuseA);
    // Three axles: six magnets of 3 A, a fuse of 30 A. 12 AWG carries 25 A and would burn first: 10 AWG, however short.
    expect(wireFor(18, 1, 0.05, 12, 1.5)).toMatchObject({ fuseA: 30, wire: { awg: 10 } });
    expect(wireFor(12, 1, 0.05, 12, 1.5)).toMatchObject({ fuseA: 20, wire: { awg: 12 } });
    // Beyond what blade fuses and the list hold nothing is made up.
    expect(wireFor(200, 1, 0.05, 12, 1.5)).toMatchObject({ wire: undefined, dropShare: undefined, fuseA: 300 });
    expect(wireFor(1, 10_000, 0.03, 16, 1.5).wire).toBeUndefined();
  });
  test('bulbs ask for more than LEDs; brakes have their own wire where they are electric', () => {
    const of = (kind: 'led' | 'incandescent', trailer = oven) => circuitsOf(evaluate(trailer), kind);
    const running = (kind: 'led' | 'incandescent') => of(kind).find(({ code }) => code === 'running')?.amperes ?? 0;
    expect(running('incandescent')).toBeGreaterThan(3 * running('led'));
    const electric: Trailer = { ...oven, coupling: { ...oven.coupling, brakes: 'fitted', brakeKind: 'electric' } };
    // Two axles, four magnets of 3 A.
    expect(of('led', electric).find(({ code }) => code === 'brakes')?.amperes).toBe(12);
    const hand: Trailer = {
      ...apiary,
      coupling: { ...apiary.coupling, plug: 'none', breakaway: 'none', brakes: 'none' },
    };
    expect(of('led', hand)).toEqual([]);
    expect(wireToBuy(of('led')).reduce((sum, { lengthM }) => sum + lengthM, 0)).toBeCloseTo(
      of('led').reduce((sum, { runM }) => sum + runM, 0),
      9,
    );
    for (const one of of('incandescent')) expect(CIRCUIT_NAMES[one.code] + wireText(one)).not.toMatch(/undefined/);
  });
});

describe('holes of the runs', () => {
  const gauges = [16, 16, 16, 12, 12];
  test('a bundle by hand: three of 16 AWG and two of 12 AWG take 5/8 in with their grommet; a single wire 1/2 in', () => {
    // sqrt(3 × 2.4² + 2 × 3.4²) = 6.35 mm; × 1.3 = 8.26 mm; grommet 6 mm: 14.26 mm, in eighths 15.875 mm.
    expect(bundleHoleM(gauges)).toBeCloseTo(inches(5 / 8), 9);
    expect(bundleHoleM([16])).toBeCloseTo(inches(1 / 2), 9);
  });
  test('in and out of every closed bar of the way, in its side, in order, none nearer than a bar’s depth to its end', () => {
    for (const trailer of [apiary, oven, telescope]) {
      const evaluation = evaluate(trailer);
      const { holes, clipped } = wireHoles(evaluation, gauges, [12, 12]);
      expect(clipped).toEqual([]);
      for (const memberId of new Set(holes.map((hole) => hole.memberId))) {
        const own = holes.filter((hole) => hole.memberId === memberId);
        const member = evaluation.chassis.members.find(({ id }) => id === memberId);
        const along = own.map(({ alongM }) => alongM);
        expect(along).toEqual(along.toSorted((a, b) => a - b));
        const deep = member?.section.shape;
        const depthM = deep?.kind === 'rect-tube' ? deep.heightM : 0;
        for (const { alongM, shareOfSide, diameterM } of own) {
          expect(alongM).toBeGreaterThan(depthM);
          expect(alongM).toBeLessThan(member?.cutLengthM ?? 0);
          expect(shareOfSide).toBeCloseTo(diameterM / depthM, 9);
        }
      }
      expect(holes.filter(({ way }) => way === 'branch').map(({ alongM }) => alongM)).toEqual([
        expect.closeTo(trailer.runningGear.positionM, 9),
      ]);
    }
  });
  test('by hand: the apiary’s rail of 4 in takes its last hole 8 in ahead of its rear end', () => {
    const { holes } = wireHoles(evaluate(apiary), gauges);
    const out = holes.find(({ memberId, way }) => memberId === 'rail.left' && way === 'out');
    expect(out?.alongM).toBeCloseTo(feet(10) - inches(8), 9);
    expect(holes.some(({ way }) => way === 'branch')).toBe(false);
  });
  test('bars that are open take clips, one every 450 mm, and no holes', () => {
    const open: Trailer = {
      ...apiary,
      frame: {
        ...apiary.frame,
        groups: { ...apiary.frame.groups, rail: { sectionId: 'c4x5.4', materialId: 'a36', faces: 'in' } },
      },
    };
    const evaluation = evaluate(open);
    const rail = evaluation.chassis.members.find(({ id }) => id === 'rail.left');
    if (!rail || rail.section.shape.kind !== 'channel') throw new Error('no channel');
    const { holes, clipped, clips } = wireHoles(evaluation, gauges);
    expect(holes.some(({ memberId }) => memberId === 'rail.left')).toBe(false);
    expect(clipped.map(({ memberId }) => memberId)).toEqual(['rail.left']);
    expect(clips).toBe(Math.ceil(rail.cutLengthM / 0.45));
  });
  test('no wires, no holes; every hole has words', () => {
    expect(wireHoles(evaluate(apiary), [])).toEqual({ holes: [], clipped: [], clips: 0 });
    for (const hole of wireHoles(evaluate(apiary), gauges, [12]).holes)
      expect(wireHoleText(hole, speaker(apiary))).toMatch(/hole in the .* at half its height, .*: the wires/);
  });
});

describe('lamps to buy', () => {
  test('what stands together is one lamp: the apiary has two rear lamps for tail, stop and turn', () => {
    const lamps = lampsToBuy(evaluate(apiary));
    expect(lamps.find(({ code }) => code === 'rear-combination')).toEqual({
      code: 'rear-combination',
      colour: 'red',
      serves: ['tail', 'stop', 'turn'],
      count: 2,
    });
    expect(lamps.find(({ code }) => code === 'marker-front')?.serves).toEqual(['marker-front', 'side-reflector-front']);
  });
  test('every lamp that is asked for is served by exactly one piece', () => {
    for (const trailer of [apiary, oven, telescope]) {
      const evaluation = evaluate(trailer);
      const asked = new Set(placedLamps(evaluation).map(({ rule }) => rule.code));
      asked.delete('conspicuity');
      const served = lampsToBuy(evaluation).flatMap(({ serves }) => serves);
      expect(served.toSorted()).toEqual([...asked].toSorted());
    }
  });
  test('in Europe turn signals are amber: a rear lamp of two colours', () => {
    expect(lampsToBuy(evaluate(telescope)).find(({ code }) => code === 'rear-combination')?.colour).toBe('red-amber');
  });
  test('tape: half of both sides and the rear, where it is asked for', () => {
    expect(tapeM(evaluate(apiary))).toBe(0);
    const wide: Trailer = {
      ...apiary,
      ratedGrossKg: pounds(12_000),
      frame: { ...apiary.frame, bed: { ...apiary.frame.bed, widthM: inches(96) } },
    };
    expect(tapeM(evaluate(wide))).toBeCloseTo(feet(10) + inches(96), 9);
  });
});

describe('12 V of a living body', () => {
  const load = { id: 'a', name: 'lamps', watts: 12, hoursADay: 4, runM: 3 };
  const house: House = { battery: 'lead', batteryAh: 100, loads: [load], fromVehicle: null, sun: null };
  test('by hand: 12 W for 4 h are 1 A and 4 Ah a day; of 100 Ah of lead half may be used: 12.5 days', () => {
    const { runs, ahADay, usableAh, days, mostA, mainFuseA } = houseFigures(house);
    expect(runs[0]).toMatchObject({ amperes: 1, ahADay: 4, fuseA: 3, wire: { awg: 16 } });
    expect({ ahADay, usableAh, days, mostA, mainFuseA }).toEqual({
      ahADay: 4,
      usableAh: 50,
      days: 12.5,
      mostA: 1,
      mainFuseA: 3,
    });
  });
  test('a battery that nobody has read is no zero: how long it lasts stays open', () => {
    const { usableAh, days } = houseFigures({ ...house, batteryAh: null });
    expect([usableAh, days]).toEqual([undefined, undefined]);
    expect(houseFigures({ ...house, loads: [] }).days).toBeUndefined();
  });
  test('what comes in: 20 A for 2 h are 40 Ah; 120 W in 4 h of sun are 28 Ah after losses', () => {
    const { fromVehicleAh, fromSunAh } = houseFigures({
      ...house,
      fromVehicle: { chargeA: 20, hoursADay: 2 },
      sun: { watts: 120, hoursADay: 4 },
    });
    expect(fromVehicleAh).toBe(40);
    expect(fromSunAh).toBeCloseTo(28, 9);
  });
  test('a longer wire is never thinner, and loses what it may at most', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 300, noNaN: true }),
        fc.double({ min: 0.1, max: 12, noNaN: true }),
        (watts, runM) => {
          const [near, far] = [runM, 2 * runM].map(
            (m) => houseFigures({ ...house, loads: [{ ...load, watts, runM: m }] }).runs[0],
          );
          if (far?.wire) expect(far.wire.awg).toBeLessThanOrEqual(near?.wire?.awg ?? 99);
          if (near?.dropShare !== undefined) expect(near.dropShare).toBeLessThanOrEqual(0.03 + 1e-12);
        },
      ),
    );
  });
  test('days and loads: twice the hours, half the days', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 12, noNaN: true }), (hoursADay) => {
        const days = (hours: number) => houseFigures({ ...house, loads: [{ ...load, hoursADay: hours }] }).days ?? 0;
        expect(days(hoursADay)).toBeCloseTo(2 * days(2 * hoursADay), 9);
      }),
    );
  });
});
