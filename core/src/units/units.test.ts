import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { verify } from '../../test/verify.js';
import {
  editLength,
  editMass,
  editNumber,
  footPounds,
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
  fromMetres,
  fromNewtons,
  inches,
  lengthParts,
  parseAngle,
  parseForce,
  parseLength,
  parseMass,
  parseNumber,
  parseStress,
  pounds,
  toMetres,
  toNewtons,
  toPascals,
  type UnitSystem,
} from './index.js';

const read = (text: string, system: UnitSystem): number => {
  const parsed = parseLength(text, system);
  if (!parsed.ok) throw new Error(`${text}: ${parsed.error.code}`);
  return parsed.value;
};

describe('lengths read as people mean them', () => {
  test.each<[string, UnitSystem, number]>([
    [`8' 2 1/2"`, 'imperial', inches(98.5)],
    ['8-2-1/2', 'imperial', inches(98.5)],
    ['98 1/2', 'imperial', inches(98.5)],
    ['98.5 in', 'imperial', inches(98.5)],
    ['62 5/8in', 'imperial', inches(62.625)],
    ['2.5m', 'imperial', 2.5],
    ['2500', 'metric', 2.5],
    ['2500', 'imperial', inches(2500)],
    ['59', 'imperial', inches(59)],
    ['4 11', 'imperial', inches(59)],
    ["4' 11 1/16", 'imperial', inches(59.0625)],
    ['4-11-1/16', 'imperial', inches(59.0625)],
    ['4-11', 'imperial', inches(59)],
    ['5-3/4', 'imperial', inches(5.75)],
    ['24 3/4', 'imperial', inches(24.75)],
    ['3/8', 'imperial', inches(0.375)],
    ['1499mm', 'imperial', 1.499],
    ['149.9 cm', 'imperial', 1.499],
    ['8′ 2½″', 'imperial', inches(98.5)],
    [`8'2.5"`, 'imperial', inches(98.5)],
    ["8'", 'imperial', inches(96)],
    ['8 ft 2 in', 'metric', inches(98)],
    ['98 1/2"', 'metric', inches(98.5)],
    ['8-2-1/2', 'metric', inches(98.5)],
    ['1,5 m', 'metric', 1.5],
    ['2 m 30 cm', 'metric', 2.3],
    ['-12', 'imperial', inches(-12)],
    [`-4' 2"`, 'imperial', inches(-50)],
    ['0', 'metric', 0],
    ['8-2 1/2"', 'imperial', inches(98.5)],
    ['.5', 'imperial', inches(0.5)],
    [`8'-2 1/2"`, 'imperial', inches(98.5)],
  ])('%s (%s)', (text, system, metres) => {
    expect(read(text, system)).toBeCloseTo(metres, 12);
  });

  test.each<[string, string]>([
    ['', 'empty'],
    ['  ', 'empty'],
    ['abc', 'not-a-number'],
    ['12 parsecs', 'unknown-unit'],
    ['1/0', 'division-by-zero'],
    ['1,500', 'ambiguous-comma'],
    ['12..5', 'not-a-number'],
    ['3 4 5', 'not-a-number'],
    ['1e5', 'not-a-number'],
    ['99999999999', 'too-large'],
    ['5 1/2 1/2', 'not-a-number'],
    ['--5', 'not-a-number'],
    ['NaN', 'not-a-number'],
    ['Infinity', 'not-a-number'],
  ])('%j is refused with a reason', (text, code) => {
    const parsed = parseLength(text, 'imperial');
    expect(parsed.ok).toBe(false);
    if (!parsed.ok)
      expect(['not-a-number', 'unknown-unit', 'empty', 'division-by-zero', 'ambiguous-comma', 'too-large']).toContain(
        parsed.error.code,
      );
    if (!parsed.ok && code !== 'not-a-number') expect(parsed.error.code).toBe(code);
  });

  test('a dash before an integer is feet and inches, before a fraction a mixed number', () => {
    expect(read('4-11', 'imperial')).toBeCloseTo(inches(59), 12);
    expect(read('4-1/2', 'imperial')).toBeCloseTo(inches(4.5), 12);
  });
});

describe('figures in fields are written as people write them', () => {
  test.each([
    [editNumber(36259.434432552), '36259.4'],
    [editNumber(55.115565546), '55.1156'],
    [editNumber(0.11811024), '0.1181'],
    [editNumber(2500), '2500'],
    [editNumber(0.00003), '0.00003'],
    [editNumber(-0), '0'],
    [editMass(1814.36948, 'metric'), '1814.37'],
    [editLength(1.8796, 'metric'), '1879.6'],
  ])('%s', (text, expected) => expect(text).toBe(expected));
  test('six digits, at most four behind the point, whatever the number; what is not nothing is not told as nothing', () => {
    fc.assert(
      fc.property(fc.double({ min: -1e7, max: 1e7, noNaN: true }), (value) => {
        const text = editNumber(value);
        expect(text).toMatch(/^-?\d+(\.\d{1,9})?$/);
        if (Math.abs(value) >= 1e-3) expect(text.split('.')[1]?.length ?? 0).toBeLessThanOrEqual(4);
        if (Math.abs(value) > 1e-8) expect(Number(text)).not.toBe(0);
        expect(Math.abs(Number(text) - value)).toBeLessThanOrEqual(Math.max(5e-5, 5.1e-6 * Math.abs(value)));
      }),
    );
  });
});

describe('the same value comes back', () => {
  const length = fc.double({ min: -30, max: 30, noNaN: true });
  test('from a field, in both systems, to the digits that are written', () => {
    fc.assert(
      fc.property(
        length,
        fc.constantFrom<UnitSystem>('imperial', 'metric'),
        (metres, system) =>
          Math.abs(read(editLength(metres, system), system) - metres) <= Math.max(2e-6, 6e-6 * Math.abs(metres)),
      ),
    );
  });
  test('from print, to half the printed fraction', () => {
    fc.assert(
      fc.property(length, fc.constantFrom(16, 32), (metres, denominator) => {
        const text = formatLength(metres, { system: 'imperial', denominator });
        return Math.abs(read(text, 'imperial') - metres) <= inches(0.5 / denominator) + 1e-9;
      }),
    );
  });
  test('whole sixteenths print without remainder', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 10_000 }), (sixteenths) => {
        const metres = inches(sixteenths / 16);
        return (
          Math.abs(read(formatLength(metres, { system: 'imperial', denominator: 16 }), 'imperial') - metres) < 1e-9
        );
      }),
    );
  });
  test('mass from a field, both systems', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1e5, noNaN: true }),
        fc.constantFrom<UnitSystem>('imperial', 'metric'),
        (kg, system) => {
          const parsed = parseMass(editMass(kg, system), system);
          return parsed.ok && Math.abs(parsed.value - kg) <= Math.max(5e-5, 6e-6 * kg);
        },
      ),
    );
  });
});

describe('how sizes are written', () => {
  test('under three feet in inches, above in feet and inches, fractions in lowest terms', () => {
    const style = { system: 'imperial', denominator: 16 } as const;
    expect(formatLength(inches(35.9375), style)).toBe('35 15/16"');
    expect(formatLength(inches(36), style)).toBe(`3' 0"`);
    expect(formatLength(inches(98.5), style)).toBe(`8' 2 1/2"`);
    expect(formatLength(inches(11.99), style)).toBe('12"');
    expect(formatLength(inches(35.99), style)).toBe(`3' 0"`);
    expect(formatLength(inches(-0.001), style)).toBe('0"');
    expect(formatLength(inches(-14), style)).toBe('-14"');
    expect(formatLength(1.4986, { system: 'metric', denominator: 16 })).toBe('1499 mm');
    expect(formatLength(-0.0001, { system: 'metric', denominator: 16 })).toBe('0 mm');
  });
  test('parts for built fractions', () => {
    expect(lengthParts(inches(59.0625), 16)).toEqual({
      negative: false,
      feet: 4,
      inches: 11,
      numerator: 1,
      denominator: 16,
    });
    expect(lengthParts(inches(59.0625), 16, true)).toMatchObject({ feet: undefined, inches: 59 });
  });
  test('masses, forces, stresses, shares', () => {
    expect(formatMass(pounds(1447.4), 'imperial')).toBe('1,447 lb');
    expect(formatMass(2.4, 'metric')).toBe('2.4 kg');
    expect(formatLoad(toNewtons(272, 'lbf'), 'imperial')).toBe('272 lb');
    expect(formatForce(12_345, 'metric')).toBe('12.35 kN');
    expect(formatStress(toPascals(46, 'ksi'), 'imperial')).toBe('46,000 psi');
    expect(formatPercent(0.1195)).toBe('11.9 %');
    expect(formatNumber(-0.2, 0)).toBe('0');
  });
});

describe('factors', () => {
  test('published equivalents', () => {
    const area = 'Units';
    verify({
      area,
      check: 'one inch',
      ours: toMetres(1, 'in') * 1000,
      outside: '25.4',
      unit: 'mm',
      source: 'international yard and pound agreement, 1959',
      tolerance: 1e-12,
    });
    verify({
      area,
      check: 'one pound-force',
      ours: toNewtons(1, 'lbf'),
      outside: '4.4482216',
      unit: 'N',
      source: 'NIST SP 811, appendix B',
      tolerance: 1e-8,
    });
    verify({
      area,
      check: 'one psi',
      ours: toPascals(1, 'psi'),
      outside: '6894.757',
      unit: 'Pa',
      source: 'NIST SP 811, appendix B',
      tolerance: 1e-7,
    });
    verify({
      area,
      check: 'one foot',
      ours: fromMetres(0.3048, 'ft'),
      outside: '1',
      unit: 'ft',
      source: 'international yard and pound agreement, 1959',
      tolerance: 1e-12,
    });
    verify({
      area,
      check: 'one kip',
      ours: fromNewtons(toNewtons(1, 'kip'), 'lbf'),
      outside: '1000',
      unit: 'lbf',
      source: 'definition',
      tolerance: 1e-12,
    });
  });
  test('typed units win over the project’s own', () => {
    expect(parseMass('100 kg', 'imperial')).toEqual({ ok: true, value: 100 });
    expect(parseMass('100', 'imperial')).toMatchObject({ ok: true });
    expect(parseForce('2.5 kN', 'imperial')).toEqual({ ok: true, value: 2500 });
    expect(parseStress('36 ksi', 'metric')).toMatchObject({ ok: true });
    expect(parseAngle('50°', 'imperial')).toEqual({ ok: true, value: (50 * Math.PI) / 180 });
    expect(parseMass('5 stone', 'imperial')).toMatchObject({ ok: false, error: { code: 'unknown-unit' } });
    expect(parseMass('heavy', 'imperial')).toMatchObject({ ok: false, error: { code: 'not-a-number' } });
    expect(parseNumber('2 1/2')).toEqual({ ok: true, value: 2.5 });
  });
});

describe('torque, speed and distance on the ground', () => {
  test('a foot-pound is 1.3558 N·m', () => {
    verify({
      area: 'Units',
      check: '1 ft·lb',
      ours: footPounds(1),
      outside: '1.355818',
      unit: 'N·m',
      source: 'NIST SP 811',
      tolerance: 1e-6,
    });
    expect(formatTorque(footPounds(250), 'imperial')).toBe('250 ft·lb');
    expect(formatTorque(footPounds(250), 'metric')).toBe('339 N·m');
  });
  test('speeds in whole miles or kilometres an hour', () => {
    // 60 mph is 26.8224 m/s, exact.
    expect(formatSpeed(26.8224, 'imperial')).toBe('60 mph');
    expect(formatSpeed(26.8224, 'metric')).toBe('97 km/h');
  });
  test('ground in feet or metres, to a tenth where it is near', () => {
    expect(formatGround(7.62, 'imperial')).toBe('25 ft');
    expect(formatGround(3, 'imperial')).toBe('9.8 ft');
    expect(formatGround(7.5, 'metric')).toBe('7.5 m');
    expect(formatGround(40, 'metric')).toBe('40 m');
  });
});
