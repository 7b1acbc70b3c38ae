import { describe, expect, test } from 'vitest';
import {
  formatAngle,
  formatDistance,
  formatForce,
  formatGround,
  formatLength,
  formatLoad,
  formatMass,
  formatNumber,
  formatPercent,
  formatSpeed,
  formatStress,
  formatTorque,
  inches,
  NO_FIGURE,
  parseAngle,
  parseLength,
  parseMass,
  parseNumber,
  pounds,
  parseStress,
} from './index.js';

const lengthIn = (text: string): number => {
  const read = parseLength(text, 'imperial');
  if (!read.ok) throw new Error(`${text}: ${read.error.code}`);
  return read.value / inches(1);
};

describe('what people type', () => {
  test.each([
    ['59 in.', 59],
    ['59in.', 59],
    ['8 ft. 2 in.', 98],
    ['５９', 59],
    ['５９　１／２', 59.5],
    ['2 ⅓', 2 + 1 / 3],
    ['2⅔"', 2 + 2 / 3],
    ['⅜', 3 / 8],
    ['5⅞', 5.875],
  ])('%s is read', (text, expected) => {
    expect(lengthIn(text)).toBeCloseTo(expected, 9);
  });
  test('an apostrophe between thousands parts them; after feet it stays feet', () => {
    expect(parseMass('1’500 kg', 'metric')).toEqual({ ok: true, value: 1500 });
    expect(parseLength("1'500", 'metric')).toEqual({ ok: true, value: 1.5 });
    expect(lengthIn('8’2')).toBeCloseTo(98, 9);
    expect(lengthIn('8\'-2 1/2"')).toBeCloseTo(98.5, 9);
  });
  test('groups of three parted by a space are one number in a metric project', () => {
    expect(parseLength('2 500 mm', 'metric')).toEqual({ ok: true, value: 2.5 });
    expect(parseLength('1 200', 'metric')).toEqual({ ok: true, value: 1.2 });
    expect(parseMass('1 200 kg', 'metric')).toEqual({ ok: true, value: 1200 });
  });
  test('a point before three digits could be either there, and is asked about', () => {
    expect(parseLength('1.200', 'metric')).toMatchObject({ ok: false, error: { code: 'ambiguous-point' } });
    expect(parseLength('1.25', 'metric')).toEqual({ ok: true, value: 0.00125 });
  });
  test('twelve inches and more behind feet are refused with their own words', () => {
    expect(parseLength(`6' 14"`, 'imperial')).toMatchObject({ ok: false, error: { code: 'inches-past-a-foot' } });
  });
  test('a thousand is read where the program itself writes one', () => {
    expect(parseMass('2,600', 'imperial')).toEqual({ ok: true, value: pounds(2600) });
  });
  test('words that every object knows name no unit', () => {
    for (const word of ['constructor', 'toString', '__proto__', 'valueOf', 'hasOwnProperty']) {
      for (const read of [
        parseLength(`5 ${word}`, 'imperial'),
        parseMass(`5 ${word}`, 'metric'),
        parseStress(`5 ${word}`, 'metric'),
        parseAngle(`5 ${word}`, 'metric'),
      ])
        expect(read.ok, word).toBe(false);
    }
  });
  test('what was pasted and goes on for ever is refused at once', () => {
    const started = performance.now();
    for (const text of [
      `5${' '.repeat(100_000)}x`,
      ' '.repeat(100_000),
      `${'1 '.repeat(50_000)}"`,
      '9'.repeat(100_000),
      "1'".repeat(50_000),
    ]) {
      for (const read of [parseLength(text, 'imperial'), parseMass(text, 'imperial'), parseNumber(text)])
        expect(read.ok).toBe(false);
    }
    expect(performance.now() - started).toBeLessThan(500);
  });
});

describe('what is no number is written as none', () => {
  test.each([Number.NaN, Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY, 1e300])('%d', (value) => {
    for (const system of ['imperial', 'metric'] as const) {
      for (const text of [
        formatLength(value, { system, denominator: 16 }),
        formatMass(value, system),
        formatLoad(value, system),
        formatForce(value, system),
        formatStress(value, system),
        formatDistance(value, system),
        formatGround(value, system),
        formatTorque(value, system),
        formatSpeed(value, system),
        formatPercent(value),
        formatAngle(value),
        formatNumber(value, 1),
      ])
        expect(text).toBe(NO_FIGURE);
    }
  });
});
