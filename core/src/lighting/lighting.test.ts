import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { verify } from '../../test/verify.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import type { Trailer } from '../project/index.js';
import { feet, inches, pounds } from '../units/index.js';
import {
  CIRCUIT_NAMES,
  LAMP_NAMES,
  lampHereText,
  lampPlaceText,
  lampZoneText,
  PLUG_PINS,
  speaker,
  wireText,
} from '../wording/index.js';
import {
  circuitsOf,
  dropV,
  LAMP_RULES,
  type LampFacts,
  lampsAsked,
  placedLamps,
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
    expect(placedLamps(evaluate(long)).some(({ hiddenBy }) => hiddenBy.some(({ itemId }) => itemId === item.id))).toBe(
      true,
    );
    expect(placedLamps(evaluate(apiary)).every(({ hiddenBy }) => hiddenBy.length === 0)).toBe(true);
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
  test('the run goes along leg, header, rail and rear: by hand for a straight tongue', () => {
    const { bed } = telescope.frame;
    const ball = -evaluate(telescope).chassis.ballXM;
    const { leftM, rightM } = wireRuns(evaluate(telescope));
    expect(leftM).toBeCloseTo(1.1 * (1.2 + ball + bed.widthM / 2 + bed.lengthM), 9);
    expect(rightM - leftM).toBeCloseTo(1.1 * bed.widthM, 9);
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
