import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluateFully } from '../evaluation/index.js';
import { anyProject } from '../../test/projects.js';
import { RULEBOOK } from '../evaluation/rulebook.js';
import { sourceText } from './labels.js';
import { PHRASEBOOK } from './phrasebook/index.js';
import { printWorking } from './printWorking.js';
import { sentenceOf } from './sentences/sentences.js';
import { speaker } from './speak.js';
import { translateBy } from './phrases.js';
import { ENGLISH, voiceIn, voiceOf } from './voice.js';

const OTHERS = ['de', 'es'] as const;
const phrases = Object.entries(PHRASEBOOK);
const holes = (text: string): readonly string[] => [...text.matchAll(/\{(\w+)\}/g)].map(([whole]) => whole);

describe('the phrasebook of the core', () => {
  test.each(OTHERS)('%s: the same is filled in as in English, nothing more and nothing lost', (language) => {
    for (const [english, said] of phrases)
      expect(new Set(holes(said[language])), english).toEqual(new Set(holes(english)));
  });
  test.each(OTHERS)('%s: no sentence is left in English, none is empty', (language) => {
    for (const [english, said] of phrases) {
      expect(said[language].trim(), english).not.toBe('');
      const words = english.replace(/\{\w+\}/g, '').match(/[a-z]{3,}/gi) ?? [];
      if (words.length > 2) expect(said[language]).not.toBe(english);
    }
  });
  test.each(OTHERS)('%s: a phrase begins and ends as its English does, for others are put beside it', (language) => {
    for (const [english, said] of phrases) {
      const text = said[language];
      expect(/^[;,:.(]/.exec(text)?.[0], english).toBe(/^[;,:.(]/.exec(english)?.[0]);
      if (/[.:?]$/.test(english)) expect(text.slice(-1), english).toMatch(/[.:?]/);
      expect(text, english).toBe(text.trim());
    }
  });
  test.each(OTHERS)('%s: the program never calls a trailer safe', (language) => {
    for (const [, said] of phrases) expect(said[language]).not.toMatch(/\b(sicher(?:e|er|es|em)?|segur[oa]s?)\b/i);
  });
  test.each(OTHERS)('%s: figures in its sentences are written with its comma', (language) => {
    // 2,000 lb is 2.000 lb and 1.5 mm is 1,5 mm; standards keep the numbers of their clauses and tables.
    const CLAUSES =
      /(\b[A-Z]{1,4}[0-9]*( 7)?|CFR|Manual|ed|Tafeln?|tablas?)[ .]?[A-Z]?[\d.:-]+(-?[A-Z][\d.]+)?\w*((,| und| y) \d+\.\d+)*/g;
    for (const [english, said] of phrases)
      expect(said[language].replace(CLAUSES, ''), english).not.toMatch(/\d\.\d(?!\d\d)/);
  });
  test('labels keep to their room: one of a few words grows by half again and two dozen letters at most', () => {
    for (const [english, said] of phrases)
      if (english.length < 40 && !english.includes('{'))
        for (const language of OTHERS)
          expect(said[language].length, `${english} → ${said[language]}`).toBeLessThanOrEqual(
            1.5 * english.length + 24,
          );
  });
});

describe('a voice', () => {
  test('fills in by name, in whatever order a language wants; what is not given stays', () => {
    const say = translateBy('de', { '{a} on {b}': { de: '{b} unter {a}', es: '{a} en {b}' } });
    expect(say('{a} on {b}', { a: 'Kiste', b: 'Boden' })).toBe('Boden unter Kiste');
    expect(say('{a} on {b}', { a: 'Kiste' })).toBe('{b} unter Kiste');
    // Names that objects have anyway are no phrases.
    expect(say('constructor')).toBe('constructor');
  });
  test('English is what stands in the code; an unknown name of a list stays', async () => {
    expect(ENGLISH.t('The job')).toBe('The job');
    expect((await voiceIn('de')).t('The job')).toBe('Die Aufgabe');
    expect((await voiceIn('es')).name('Plywood')).toBe('Contrachapado');
    expect(voiceOf('de', PHRASEBOOK).name('Beekeeper’s own sheet')).toBe('Beekeeper’s own sheet');
  });
  test('what is filled in is never read as a phrase or as a place to fill', () => {
    fc.assert(
      fc.property(fc.string(), (name) => {
        const said = voiceOf('de', PHRASEBOOK).t('Bolts, {of}', { of: name });
        expect(said.includes(name)).toBe(true);
      }),
    );
  });
});

describe('rules and where they come from', () => {
  /** English words that neither German nor Spanish has; names of books and standards stay. */
  const ENGLISH_WORDS =
    /\b(the|and|of|with|its|from|under|carries|allowed|without|than|at|least|most|where|by|each|not)\b/i;
  const BOOKS =
    /Design of Weldments|Mechanics of Materials|Theory of Elastic Stability|Revised Lifting Equation|Australian Design Rules|Load Range/g;
  const english = (text: string): boolean => ENGLISH_WORDS.test(text.replace(BOOKS, ''));
  const sources = [
    ...RULEBOOK.flatMap(({ rules }) => rules.map(({ source }) => source)),
    ...DEMO_TRAILERS.flatMap((trailer) => evaluateFully(trailer).evaluation.findings.map(({ source }) => source)),
  ];
  test.each(OTHERS)('%s: every rule, where it holds and its source are told without English', (language) => {
    const voice = voiceOf(language, PHRASEBOOK);
    const rules = RULEBOOK.flatMap((chapter) => chapter.rules);
    const told = [
      ...rules.flatMap(({ formula, holds }) => [voice.name(formula), voice.name(holds)]),
      ...sources.map((source) => sourceText(source, voice)),
    ];
    expect(rules.length).toBeGreaterThan(100);
    expect(told.filter(english)).toEqual([]);
  });
  test.each(OTHERS)('%s: a rule keeps its figures', (language) => {
    const voice = voiceOf(language, PHRASEBOOK);
    const figures = (text: string): string =>
      (text.match(/\d[\d.,]*\d|\d/g) ?? [])
        .map((f) => f.replace(/[.,]/g, ''))
        .sort()
        .join(' ');
    for (const { formula, holds } of RULEBOOK.flatMap((chapter) => chapter.rules))
      for (const text of [formula, holds]) expect(figures(voice.name(text)), text).toBe(figures(text));
    for (const source of sources) expect(figures(sourceText(source, voice))).toBe(figures(sourceText(source)));
  });
});

describe('whole trailers, told in each language', () => {
  /** English words that none of the other two has. */
  const ENGLISH_WORDS = /\b(the|and|of|with|its|from|under|carries|works|allowed|without|than)\b/i;
  test.each(OTHERS)('%s: every finding and working of the demos, no English in it, the same figures', (language) => {
    for (const trailer of DEMO_TRAILERS) {
      const { evaluation } = evaluateFully(trailer);
      const [english, say] = [speaker(trailer), speaker(trailer, voiceOf(language, PHRASEBOOK))];
      const own = [...trailer.cases, ...trailer.items].map(({ name }) => name).sort((a, b) => b.length - a.length);
      const without = (text: string): string => own.reduce((rest, name) => rest.replaceAll(name, '·'), text);
      for (const finding of evaluation.findings) {
        const told = sentenceOf(finding, say);
        // Stud circles and couplers go by the names of the trade.
        if (!['stud-circles', 'frame-unsolvable'].includes(finding.code) && !/\d on \d/.test(told))
          expect(without(told), finding.code).not.toMatch(ENGLISH_WORDS);
        const figures = (text: string): string =>
          (without(text).match(/\d[\d.,]*\d|\d/g) ?? [])
            .map((figure) => figure.replace(/[.,]/g, ''))
            .sort()
            .join(' ');
        expect(figures(told), told).toBe(figures(sentenceOf(finding, english)));
        for (const line of finding.working) {
          const printed = printWorking(line, trailer.settings.units, say);
          expect(without(printed.label), finding.code).not.toMatch(ENGLISH_WORDS);
          expect(printed.recomputes).toBe(true);
        }
      }
    }
  });
  test('any trailer: parts and findings are named in each language, with no hole left', () => {
    fc.assert(
      fc.property(anyProject, (trailer) => {
        const { evaluation } = evaluateFully(trailer);
        for (const language of OTHERS) {
          const say = speaker(trailer, voiceOf(language, PHRASEBOOK));
          for (const finding of evaluation.findings)
            expect(sentenceOf(finding, say)).not.toMatch(/undefined|NaN|\{\w+\}/);
          for (const { id } of evaluation.chassis.members) expect(say.partName(id)).not.toMatch(/undefined|\{/);
        }
      }),
      { numRuns: 12 },
    );
  });
});
