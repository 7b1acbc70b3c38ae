import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DEMO_TRAILERS } from '../../demos/index.js';
import type { Trailer } from '../../project/index.js';
import { parseNumber } from '../../units/index.js';
import { speaker } from '../speak.js';
import { voiceOf } from '../voice.js';
import { FIELD_WORDS, languageOf, LANGUAGES, numbersIn, START_WORDS, TRAINING_WORDS } from './index.js';

/** All plain sentences of a page's words, by their place in it. */
const sentences = (words: unknown, path = ''): readonly (readonly [path: string, text: string])[] =>
  typeof words === 'string'
    ? [[path, words]]
    : typeof words === 'object' && words !== null
      ? Object.entries(words).flatMap(([key, part]) => sentences(part, `${path}.${key}`))
      : [];

describe('languages', () => {
  test('by a browser’s tag; English where it is none of ours', () => {
    expect(['de-AT', 'DE', 'es-MX', 'en-GB', 'fr', '', 'deutsch'].map(languageOf)).toEqual([
      'de',
      'de',
      'es',
      'en',
      'en',
      'en',
      'en',
    ]);
  });
  test('numbers by hand: 5,400.5 lb is 5.400,5 lb in German and Spanish; feet, dates and addresses stay', () => {
    expect(numbersIn('5,400.5 lb of 7', 'de')).toBe('5.400,5 lb of 7');
    expect(numbersIn('11.3 %, then 2,300 kg', 'es')).toBe('11,3 %, then 2.300 kg');
    expect(numbersIn(`6' 4 1/2", 2026-11-28`, 'de')).toBe(`6' 4 1/2", 2026-11-28`);
    expect(numbersIn('127.0.0.1', 'de')).toBe('127.0.0.1');
    expect(numbersIn('5,400.5 lb', 'en')).toBe('5,400.5 lb');
  });
  test('what a language writes is read as the same number again', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 999, noNaN: true }), (value) => {
        const text = value.toFixed(1);
        const read = parseNumber(numbersIn(text, 'de'), 'continental');
        expect(read.ok && read.value).toBeCloseTo(Number(text), 9);
      }),
    );
  });
  test('a speaker keeps its units and changes marks alone', () => {
    const say = speaker(DEMO_TRAILERS[2] as Trailer);
    const german = speaker(DEMO_TRAILERS[2] as Trailer, voiceOf('de', {}));
    expect(german.mass(2300)).toBe(say.mass(2300).replace(',', '.'));
    expect(german.percent(0.113)).toBe('11,3 %');
  });
});

describe('words', () => {
  const PAGES = { field: FIELD_WORDS, start: START_WORDS, training: TRAINING_WORDS };
  test.each(Object.keys(PAGES) as (keyof typeof PAGES)[])(
    '%s: every language has every sentence, none left in English',
    (page) => {
      const english = sentences(PAGES[page].en);
      for (const language of LANGUAGES) {
        if (language === 'en') continue;
        const own = new Map(sentences(PAGES[page][language]));
        expect([...own.keys()]).toEqual(english.map(([path]) => path));
        for (const [path, text] of english) {
          expect(own.get(path)?.trim().length ?? 0, path).toBeGreaterThan(text.length > 0 ? 0 : -1);
          // Of several words, a sentence that is the same in both was forgotten.
          if (text.split(' ').length > 2) expect(own.get(path), `${language} ${path}`).not.toBe(text);
        }
      }
    },
  );
  test('labels keep to their room: no more than twice as long as the English ones', () => {
    for (const language of ['de', 'es'] as const) {
      const own = new Map(sentences(START_WORDS[language]));
      for (const [path, text] of sentences(START_WORDS.en))
        if (text.length > 8) expect((own.get(path) ?? '').length, path).toBeLessThan(2 * text.length);
    }
  });
  test('every problem of a typed size is said in each language, with what was typed', () => {
    const problems = [
      { code: 'empty' },
      { code: 'not-a-number', text: 'abc' },
      { code: 'unknown-unit', unit: 'furlong' },
      { code: 'division-by-zero', text: '1/0' },
      { code: 'ambiguous-comma', text: '1,500' },
      { code: 'ambiguous-point', text: '1.500' },
      { code: 'inches-past-a-foot', text: `4' 14"` },
      { code: 'too-large', text: '9e99' },
    ] as const;
    for (const language of LANGUAGES)
      for (const problem of problems) {
        const said = FIELD_WORDS[language].problem(problem, '1500');
        expect(said).not.toMatch(/undefined|NaN/);
        if ('text' in problem) expect(said).toContain(problem.text);
        if ('unit' in problem) expect(said).toContain('furlong');
      }
  });
});
