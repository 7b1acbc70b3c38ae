import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import type { Trailer } from '../project/index.js';
import { feet, inches, pounds } from '../units/index.js';
import { MANNER_TEXT, mannerFactText, MATTER_NAMES, speaker } from '../wording/index.js';
import { bandOf, type Manner, mannerFacts, MANNERS, mannersHere, type MannerText, MATTERS } from './index.js';

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const ruleOf = (region: Manner['region'], matter: Manner['matter']): Manner => {
  const found = MANNERS.find((manner) => manner.region === region && manner.matter === matter);
  if (!found) throw new Error('no rule');
  return found;
};
const saysAt = (region: Manner['region'], matter: Manner['matter'], value: number): MannerText | undefined =>
  bandOf(ruleOf(region, matter), value)?.says;

describe('steps of published rules, recalled', () => {
  test('UN R13: no brakes up to 750 kg, overrun brakes to 3,500 kg, then from the vehicle', () => {
    expect([750, 751, 3500, 3501].map((kg) => saysAt('europe', 'brakes', kg))).toEqual([
      'eu-brakes-none',
      'eu-brakes-overrun',
      'eu-brakes-overrun',
      'eu-brakes-through',
    ]);
  });
  test('Regulation (EU) 2018/858: O1 to 750 kg, O2 to 3,500 kg', () => {
    expect([750, 750.1, 3500, 3500.1].map((kg) => saysAt('europe', 'class', kg))).toEqual([
      'eu-class-o1',
      'eu-class-o2',
      'eu-class-o2',
      'eu-class-o3',
    ]);
  });
  test('Directive 96/53/EC: 2.55 m wide, 4 m high, 12 m long', () => {
    expect(saysAt('europe', 'width', 2.55)).toBe('eu-width');
    expect(saysAt('europe', 'width', 2.56)).toBe('eu-width-wide');
    expect(saysAt('europe', 'height', 4.01)).toBe('eu-height-tall');
    expect(saysAt('europe', 'length', 12.01)).toBe('eu-length-long');
  });
  test('23 CFR 658.15: 102 in', () => {
    expect(saysAt('north-america', 'width', inches(102))).toBe('us-width');
    expect(saysAt('north-america', 'width', inches(102.1))).toBe('us-width-wide');
  });
  test('states: brakes from 1,000 lb in the strictest, from 3,000 lb in most', () => {
    expect([1000, 1001, 3000, 3001, 10_001].map((lb) => saysAt('north-america', 'brakes', pounds(lb)))).toEqual([
      'us-brakes-none',
      'us-brakes-strict',
      'us-brakes-strict',
      'us-brakes-usual',
      'us-brakes-all',
    ]);
  });
  test('VSB 1: brakes on one axle above 750 kg, on all wheels above 2,000 kg; a second chain above 2,500 kg', () => {
    expect([750, 751, 2000, 2001].map((kg) => saysAt('australia', 'brakes', kg))).toEqual([
      'au-brakes-none',
      'au-brakes-one-axle',
      'au-brakes-one-axle',
      'au-brakes-all',
    ]);
    expect(saysAt('australia', 'chains', 2501)).toBe('au-chains-two');
  });
});

describe('the table', () => {
  test('every region has every matter once; steps rise; the last has no end', () => {
    for (const region of ['north-america', 'europe', 'australia'] as const) {
      const own = MANNERS.filter((manner) => manner.region === region);
      expect(own.map(({ matter }) => matter).toSorted()).toEqual([...MATTERS].toSorted());
      for (const { bands, by } of own) {
        const ends = bands.map(({ upTo }) => upTo);
        expect(ends.at(-1)).toBeNull();
        const numbers = ends.slice(0, -1) as number[];
        expect(numbers).toEqual(numbers.toSorted((a, b) => a - b));
        if (by === 'always') expect(bands).toHaveLength(1);
      }
    }
  });
  test('every step has words of its own, and every word is of some step', () => {
    const used = MANNERS.flatMap(({ bands }) => bands.map(({ says }) => says));
    expect(new Set(used).size).toBe(used.length);
    expect(Object.keys(MANNER_TEXT).toSorted()).toEqual([...used].toSorted());
    expect(Object.keys(MATTER_NAMES)).toEqual([...MATTERS]);
  });
  test('any figure stands on exactly one step, and a larger one never on an earlier', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...MANNERS),
        fc.double({ min: 0, max: 20_000, noNaN: true }),
        fc.double({ min: 0, max: 20_000, noNaN: true }),
        (manner, a, b) => {
          const at = (value: number): number => {
            const band = bandOf(manner, value);
            return band ? manner.bands.indexOf(band) : -1;
          };
          expect(at(a)).toBeGreaterThanOrEqual(0);
          if (a <= b) expect(at(a)).toBeLessThanOrEqual(at(b));
        },
      ),
    );
  });
});

describe('where a trailer stands', () => {
  test('the apiary by hand: 7 ft 3 in over its tires; bed of 10 ft and its tongue', () => {
    const evaluation = evaluate(apiary);
    const facts = mannerFacts(evaluation);
    const { suspension, tire } = apiary.runningGear;
    expect(facts.width).toBeCloseTo(suspension.trackM + tire.widthM, 9);
    expect(facts.length).toBeGreaterThanOrEqual(feet(10) - evaluation.chassis.ballXM - 1e-9);
    expect(facts.gross).toBe(apiary.ratedGrossKg);
  });
  test('a gross that nobody has declared answers no rule that goes by it, and every other', () => {
    const here = mannersHere(evaluate({ ...apiary, ratedGrossKg: null }));
    for (const { manner, band, value } of here) {
      if (manner.by === 'gross') expect([band, value]).toEqual([undefined, null]);
      else expect(band).toBeDefined();
    }
    const say = speaker(apiary);
    const open = here.find(({ manner }) => manner.by === 'gross');
    expect(open && mannerFactText(open, say)).toBe('nobody has declared the gross yet');
  });
  test('a long load asks for a flag', () => {
    const item = apiary.items.find(({ kind }) => kind === 'cargo');
    if (!item) throw new Error('none');
    const long: Trailer = {
      ...apiary,
      items: apiary.items.map((own) =>
        own.id === item.id ? { ...own, sizeM: { ...own.sizeM, lengthM: 3 * apiary.frame.bed.lengthM } } : own,
      ),
    };
    const overhang = mannersHere(evaluate(long)).find(({ manner }) => manner.matter === 'overhang');
    expect(overhang?.band?.says).toBe('us-overhang-flag');
    expect(mannerFacts(evaluate(apiary)).overhang).toBeLessThan(feet(3));
  });
  test('regions come one after another; none, nothing; no sentence has a hole', () => {
    const both = mannersHere(
      evaluate({ ...telescope, settings: { ...telescope.settings, regions: ['europe', 'australia'] } }),
    );
    expect(both.map(({ manner }) => manner.region)).toEqual([
      ...MATTERS.map(() => 'europe'),
      ...MATTERS.map(() => 'australia'),
    ]);
    expect(mannersHere(evaluate({ ...oven, settings: { ...oven.settings, regions: [] } }))).toEqual([]);
    for (const here of both) expect(mannerFactText(here, speaker(telescope))).not.toMatch(/undefined|NaN|null/);
  });
});
