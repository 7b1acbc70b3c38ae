import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { type AnyFinding, evaluate } from '../evaluation/index.js';
import { given, minus, over, quantity, STEP_IDS, times, workedOut } from '../findings/index.js';
import { addCrossMember, type Trailer } from '../project/index.js';
import { commonPractice, computedBy, publishedSure, publishedVerify } from '../source.js';
import { inches, pounds, type TextProblem, toPascals, weightN } from '../units/index.js';
import {
  cutText,
  printWorking,
  sentenceOf,
  sourceText,
  speaker,
  STEP_NAMES,
  textProblemSentence,
  VERDICT_WORDS,
} from './index.js';

const say = (trailer: Trailer, code: AnyFinding['code'], caseId?: string): string => {
  const finding = evaluate(trailer).findings.find(
    (candidate) => candidate.code === code && (caseId === undefined || candidate.caseId === caseId),
  );
  if (!finding) throw new Error(code);
  return sentenceOf(finding, speaker(trailer));
};
const apiary = DEMO_TRAILERS[0] as Trailer;
const oven = DEMO_TRAILERS[1] as Trailer;
const telescope = DEMO_TRAILERS[2] as Trailer;

describe('sentences', () => {
  test('say what carries what, then whether it is enough', () => {
    expect(say(apiary, 'axle-load')).toMatch(/^Axle carries 2,\d{3} lb of 3,500 lb, Full hives\. [\d,]+ lb spare\.$/);
    expect(say(oven, 'axle-load')).toMatch(
      /^Front axle carries 2,\d{3} lb of 2,200 lb, To market\. \d{3} lb too much\.$/,
    );
    expect(say(telescope, 'rails')).toMatch(
      /^Right rail works at \d\d % in a hard bump, Club night, at \d+ mm, beside the weld of cross-member \d\.$/,
    );
  });
  test('sway is likely, never certain', () => {
    expect(say(oven, 'tongue-share', 'case.wood-run')).toContain('Tail-heavy: sway is likely.');
    for (const trailer of DEMO_TRAILERS)
      for (const finding of evaluate(trailer).findings)
        expect(sentenceOf(finding, speaker(trailer))).not.toContain('will sway');
  });
  test('an axle place that does not exist names the two that fight', () => {
    const rated: Trailer = {
      ...oven,
      runningGear: { ...oven.runningGear, axle: { ...oven.runningGear.axle, ratingKg: pounds(3000) } },
    };
    expect(say(rated, 'axle-window')).toMatch(
      /^No axle place suits every load\. Home, flour left wants the axle no further back than 7' .*", Wood run at least 7' .*"\. 2 loads agree from/,
    );
    // Where the axle is overloaded anyhow, that is the reason that is given.
    expect(say(oven, 'axle-window')).toContain(
      'To market overloads the axle wherever its tongue is not too heavy: no place mends that, a bigger axle or a lighter load does.',
    );
  });
  test('a window names the case that binds at each end', () => {
    expect(say(apiary, 'axle-window')).toMatch(
      /^Axle at 5' 9" suits every load\. All towed loads ride well with the axle from 5' .*" to 5' .*"\. Further forward the tongue gets too light in .*; further back the tongue gets too heavy in .*\.$/,
    );
    expect(say(apiary, 'sixty-forty')).toMatch(/^The 60\/40 rule says 6' 0"\. Your loads want 5' /);
  });
  test('pulling tongues, tipping jacks, lifting loaders', () => {
    const rear = (mode: 'towed' | 'parked' | 'loading'): Trailer => {
      const base = sampleTrailer();
      return {
        ...base,
        items: base.items.map((item) => ({
          ...item,
          attach: { ...item.attach, offsetM: { ...item.attach.offsetM, value: inches(92) } },
        })),
        cases: base.cases.map((loadCase) => (loadCase.id === 'case.loaded' ? { ...loadCase, mode } : loadCase)),
      };
    };
    expect(say(rear('towed'), 'tongue-share', 'case.loaded')).toMatch(
      /tongue pulls up with [\d,]+ lb\. Tail-heavy: sway is likely, and the coupler is lifted off/,
    );
    expect(say(rear('parked'), 'jack-load', 'case.loaded')).toContain('tips back off the jack');
    expect(say(rear('loading'), 'loading-uplift', 'case.loaded')).toContain('lifts the tow vehicle');
  });
  test('the belief about torsion axles is answered kindly', () => {
    expect(say(telescope, 'torsion-belief')).toMatch(/^Torsion axles need weight on the tongue like any other\./);
  });
  test('in millimetres and kilograms, too', () => {
    const metric: Trailer = { ...apiary, settings: { ...apiary.settings, units: 'metric' } };
    expect(say(metric, 'axle-load')).toMatch(/^Axle carries 1,0\d\d kg of 1,588 kg, Full hives\./);
    expect(say(metric, 'overall-length')).toContain('4318 mm from ball to rear edge');
  });
});

describe('names of parts', () => {
  test('cross-members are numbered from the front as they stand, whatever their ids', () => {
    const moved: Trailer = {
      ...apiary,
      frame: {
        ...apiary.frame,
        crossMembers: {
          kind: 'explicit',
          members: [
            { id: 'cross.7', xM: 2 },
            { id: 'cross.2', xM: 1 },
          ],
        },
      },
    };
    expect(speaker(moved).partName('cross.2')).toBe('Cross-member 1');
    expect(speaker(moved).partName('cross.7')).toBe('Cross-member 2');
    expect(speaker(addCrossMember(moved, 'extra.q', 1.5)).partName('extra.q')).toBe('Extra cross-member 1');
  });
  test('axles by how many there are, wheels by side, loads by their own name', () => {
    expect(speaker(apiary).partName('axle.1')).toBe('Axle');
    expect(speaker(oven).partName('axle.1')).toBe('Front axle');
    expect(speaker(oven).partName('axle.2.wheel.left')).toBe('Left wheel, rear axle');
    expect(speaker(oven).partName('item.oven')).toBe('Brick oven');
    expect(speaker(oven).partName('post.left.2')).toBe('Left post 2');
    expect(speaker(oven).partName('something.else')).toBe('something.else');
  });
  test('every step and verdict has its word, and none of them is forbidden', () => {
    for (const step of STEP_IDS) expect(STEP_NAMES[step].length).toBeGreaterThan(3);
    expect(Object.values(VERDICT_WORDS)).toEqual(['Within', 'Tight', 'Fix', 'Missing', 'Not checked']);
  });
});

describe('printed working', () => {
  test('a line of known arithmetic: 2,325 lb × 13.81 in ÷ 118 in = 272.1 lb', () => {
    const line = workedOut(
      'tongue-load',
      over(times(quantity(pounds(2325), 'mass'), quantity(inches(13.81), 'length')), quantity(inches(118), 'length')),
      'mass',
    );
    expect(printWorking(line, 'imperial')).toEqual({
      label: 'On the tongue',
      figures: '2,325.0 lb × 13.81″ ÷ 118.00″',
      result: '272.1 lb',
      concludes: false,
      recomputes: true,
    });
  });
  test('digits are added until the line comes out', () => {
    const line = workedOut(
      'works-at',
      over(quantity(toPascals(100.04, 'psi'), 'stress'), quantity(toPascals(300.4, 'psi'), 'stress')),
      'percent',
    );
    const printed = printWorking(line, 'imperial');
    expect(printed.recomputes).toBe(true);
    expect(printed.result).toBe('33.3 %');
  });
  test('a given has no arithmetic; a name stands with its label; brackets where they are needed', () => {
    expect(printWorking(given('whole-trailer', 100, 'mass'), 'metric')).toMatchObject({
      figures: '',
      result: '100.0 kg',
    });
    expect(printWorking(given('item-presses', 50, 'force', 'Oven'), 'metric').label).toBe('Oven presses');
    const nested = workedOut(
      'spare',
      minus(quantity(10, 'mass'), minus(quantity(4, 'mass'), quantity(1, 'mass'))),
      'mass',
    );
    expect(printWorking(nested, 'metric').figures).toBe('10.0 kg − (4.0 kg − 1.0 kg)');
  });
  test('loads are told by the mass they weigh, in both systems', () => {
    expect(printWorking(given('tongue-load', weightN(100), 'load'), 'metric').result).toBe('100.0 kg');
    expect(printWorking(given('tongue-load', weightN(pounds(100)), 'load'), 'imperial').result).toBe('100.0 lb');
  });
});

describe('sources and saw cuts', () => {
  test('what is from memory says so', () => {
    expect(sourceText(publishedSure('AISC'))).toBe('AISC');
    expect(sourceText(publishedVerify('trade practice'))).toBe('trade practice (from memory, to be verified)');
    expect(sourceText(commonPractice())).toBe('Common practice');
    expect(sourceText(computedBy('W·a/L'))).toBe('Worked out: W·a/L');
    expect(sourceText({ kind: 'own' })).toBe('Your own figure');
  });
  test('an end cut is told both ways', () => {
    expect(cutText({ kind: 'square' })).toBe('square');
    expect(cutText({ kind: 'mitre', offSquareRad: (25 * Math.PI) / 180 })).toBe(
      '25° off square (saw reading from the stick: 65°)',
    );
  });
  test('what is wrong with a typed text, and what would have worked', () => {
    const problems: TextProblem[] = [
      { code: 'empty' },
      { code: 'not-a-number', text: 'x' },
      { code: 'unknown-unit', unit: 'ells' },
      { code: 'division-by-zero', text: '1/0' },
      { code: 'too-large', text: '9e99' },
    ];
    for (const problem of problems) expect(textProblemSentence(problem, '59')).toContain('Try 59');
    expect(textProblemSentence({ code: 'ambiguous-comma', text: '1,500' }, '59')).toBe(
      '“1,500” could be 1500 or 1.500. Type it one of these ways.',
    );
  });
});
