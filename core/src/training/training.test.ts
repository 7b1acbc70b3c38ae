import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { verify } from '../../test/verify.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import type { Trailer } from '../project/index.js';
import { STANDARD_GRAVITY } from '../units/index.js';
import { limitText, measureText, speaker, TRAINING_WORDS } from '../wording/index.js';
import { answerOf, EXERCISE_IDS, type ExerciseId, swingLeft, type Tried, tryExercise } from './index.js';

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const tried = (id: ExerciseId, trailer: Trailer): Tried => {
  const found = tryExercise(id, trailer);
  if (!found) throw new Error(`${id} cannot be tried`);
  return found;
};

describe('what the model answers', () => {
  test('back takes off the ball, forward puts on it: by moments, whatever else is aboard', () => {
    for (const trailer of [apiary, oven, telescope]) {
      const back = tried('tail-heavy', trailer);
      expect(back.answer).toBe('down');
      expect(tried('nose-heavy', trailer).answer).toBe('up');
      // Moved mass × way ÷ lever of the axle is what the ball loses: moments about the axle.
      const was = back.was.cases.find(({ loadCase }) => loadCase.id === back.caseId);
      const is = back.is.cases.find(({ loadCase }) => loadCase.id === back.caseId);
      const shifted = is?.parts.find((part) => {
        const old = was?.parts.find(({ id }) => id === part.id);
        return old && Math.abs(part.centre.xM - old.centre.xM) > 0.01;
      });
      const standing = was?.standing;
      if (!was || !is || !shifted || !standing) throw new Error('nothing moved');
      const lost = (shifted.massKg * back.by) / (standing.groupCentreXM - standing.aheadXM) / was.massKg;
      expect(back.before - back.after).toBeCloseTo(lost, 6);
    }
  });
  test('an axle further forward takes off the ball; cargo that is heavier presses the axles', () => {
    for (const trailer of [apiary, oven, telescope]) {
      expect(tried('axle-forward', trailer).answer).toBe('down');
      expect(tried('heavier', trailer).answer).toBe('up');
      expect(tried('high', trailer).answer).toBe('down');
      expect(tried('faster', trailer).answer).toBe('up');
      expect(tried('short-tongue', trailer).answer).toBe('up');
      expect(tried('lighter-rails', trailer).answer).toBe('up');
    }
  });
  test('halves at the ends: the ball carries the same, the swing lasts longer', () => {
    for (const trailer of [apiary, telescope]) {
      const ends = tried('at-the-ends', trailer);
      const tongue = (evaluation: Tried['was']) =>
        evaluation.cases.find(({ loadCase }) => loadCase.id === ends.caseId)?.standing?.tongueShare ?? Number.NaN;
      expect(tongue(ends.is)).toBeCloseTo(tongue(ends.was), 9);
      expect(ends.answer).toBe('up');
    }
  });
  test('a high ball presses the rear axle where springs stand by themselves; one axle has nothing to try', () => {
    const high = tried('ball-high', oven);
    expect(high.answer).toBe('up');
    expect(high.was.trailer.runningGear.layout).toBe('tandem-independent');
    expect(tryExercise('ball-high', apiary)).toBeUndefined();
  });
  test('to one side: the sum on the axles stays, the right tire gains what the left one loses', () => {
    const side = tried('one-sided', apiary);
    const sums = (evaluation: Tried['was']) => {
      const axles = evaluation.cases.find(({ loadCase }) => loadCase.id === side.caseId)?.standing?.axles ?? [];
      return axles.reduce((sum, { leftN, rightN }) => [sum[0] + leftN, sum[1] + rightN] as const, [0, 0] as readonly [
        number,
        number,
      ]);
    };
    const [[l0, r0], [l1, r1]] = [sums(side.was), sums(side.is)];
    expect(l0 + r0).toBeCloseTo(l1 + r1, 6);
    expect(r1 - r0).toBeCloseTo(l0 - l1, 6);
    expect(side.answer).toBe('up');
  });
  test('tipping in a bend by hand: v = √(t ÷ 2h · g · R)', () => {
    const { before, was, caseId } = tried('high', apiary);
    const balanced = was.cases.find(({ loadCase }) => loadCase.id === caseId);
    const factor = before ** 2 / (STANDARD_GRAVITY * 40);
    const heightM = apiary.runningGear.suspension.trackM / 2 / factor;
    // The balance point lies above the rails by its z; the rails' own height is what is left, between 12 and 30 in.
    const railM = heightM - (balanced?.centre?.zM ?? 0);
    expect(railM).toBeGreaterThan(0.3);
    expect(railM).toBeLessThan(0.76);
  });
  test('a weld at the peak: steel by AISC A-3.1 from 16 to 4.5 ksi, aluminum from its yield to its welded one', () => {
    const steel = tried('weld-at-peak', apiary);
    verify({
      area: 'Training',
      check: 'stress range without end, long attachment against plain metal',
      ours: steel.after / steel.before,
      outside: '0.281',
      unit: '',
      source: 'AISC 360-16, table A-3.1, thresholds of categories B (16 ksi) and E (4.5 ksi), recalled',
    });
    const light = tried('weld-at-peak', telescope);
    expect(light.answer).toBe('down');
    expect([light.before, light.after]).toEqual([250e6, 125e6]);
  });
});

describe('figures', () => {
  test('of a swing with a tenth of critical damping 53 % is left, as every book on vibration has it', () => {
    // Logarithmic decrement δ = 2πζ ÷ √(1 − ζ²) = 0.6315; e^−δ = 0.5318.
    verify({
      area: 'Training',
      check: 'share of a swing left after one more, damping ratio 0.1',
      ours: swingLeft(0.1),
      outside: '0.532',
      unit: '',
      source: 'logarithmic decrement, e.g. Den Hartog, Mechanical Vibrations; worked by hand',
    });
    expect(swingLeft(0)).toBe(1);
    expect(swingLeft(1)).toBe(0);
    expect(swingLeft(2)).toBe(0);
    // Damping lost: it grows.
    expect(swingLeft(-0.05)).toBeGreaterThan(1);
  });
  test('less than can be felt is the same, up is never down', () => {
    expect(answerOf('tongue-share', 0.12, 0.125)).toBe('same');
    expect(answerOf('tongue-share', 0.12, 0.135)).toBe('up');
    expect(answerOf('load', 100, 102)).toBe('same');
    expect(answerOf('load', 100, 96)).toBe('down');
    fc.assert(
      fc.property(
        fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        (before, after) => {
          const answer = answerOf('load', before, after);
          if (answer === 'up') expect(after).toBeGreaterThan(before);
          if (answer === 'down') expect(after).toBeLessThan(before);
        },
      ),
    );
  });
  test('a limit that is broken is said', () => {
    const say = speaker(apiary);
    expect(limitText(tried('tail-heavy', apiary), say, TRAINING_WORDS.en)).toMatch(
      /^Less than the 10.0 % that are wanted/,
    );
    expect(limitText(tried('nose-heavy', apiary), say, TRAINING_WORDS.en)).toMatch(
      /^More than the 500 lb that are allowed/,
    );
    expect(limitText(tried('heavier', apiary), say, TRAINING_WORDS.en)).toBe('Still inside what is allowed here.');
    expect(limitText(tried('high', apiary), say, TRAINING_WORDS.en)).toBe('');
  });
});

describe('any trailer', () => {
  test('nothing of the trailer itself is changed', () => {
    const before = JSON.stringify(apiary);
    for (const id of EXERCISE_IDS) tryExercise(id, apiary);
    expect(JSON.stringify(apiary)).toBe(before);
  });
  test('without cargo, without a load, without a vehicle: what cannot be tried is not made up', () => {
    const empty: Trailer = { ...apiary, items: [], cases: apiary.cases.map((own) => ({ ...own, aboard: [] })) };
    expect(EXERCISE_IDS.every((id) => tryExercise(id, empty) === undefined)).toBe(true);
    expect(EXERCISE_IDS.every((id) => tryExercise(id, { ...apiary, cases: [] }) === undefined)).toBe(true);
    const alone: Trailer = { ...apiary, towVehicle: null };
    expect(tryExercise('faster', alone)).toBeUndefined();
    expect(tryExercise('tail-heavy', alone)?.answer).toBe('down');
    expect(
      tryExercise('nose-heavy', { ...alone, coupling: { ...alone.coupling, tongueLimitKg: null } })?.limits,
    ).toEqual([undefined, undefined]);
  });
  test('every exercise has its words, in every language and both unit systems', () => {
    for (const words of Object.values(TRAINING_WORDS))
      for (const trailer of [apiary, telescope]) {
        const say = speaker(trailer);
        for (const id of EXERCISE_IDS) {
          const text = words.texts[id];
          const found = tryExercise(id, trailer) ?? tried(id, oven);
          const all = [
            text.title,
            text.done(found.by, say),
            text.question,
            text.why,
            words.measures[id],
            words.change(measureText(found.kind, found.before, say), measureText(found.kind, found.after, say)),
            limitText(found, say, words),
            ...Object.values(text.answers),
          ].join(' ');
          expect(all).not.toMatch(/undefined|NaN|null|\b(safe|sicher|seguro)\b/);
          expect(new Set(Object.values(text.answers)).size).toBe(3);
        }
      }
  });
});
