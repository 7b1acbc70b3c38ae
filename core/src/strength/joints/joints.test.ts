import { describe, expect, test } from 'vitest';
import { verify } from '../../../test/verify.js';
import { METALS } from '../../materials/index.js';
import { inches, toNewtons, toPascals } from '../../units/index.js';
import { bearingN, boltShearN } from './bolts.js';
import { allRound, lineGroup, weldForce, type WeldLine } from './weldGroup.js';
import { leastLegM, usualLegM, weldStrength } from './weldStrength.js';

const area = 'Welds and bolts';
const IN = inches(1);
const KIP = toNewtons(1000, 'lbf');
const box = (b: number, d: number): WeldLine[] => [
  [0, 0, b, 0],
  [0, d, b, d],
  [0, 0, 0, d],
  [b, 0, b, d],
];
const none = { n: 0, vy: 0, vz: 0, t: 0, my: 0, mz: 0 };

describe('weld groups as lines (Blodgett, Design of Welded Structures)', () => {
  const source = 'Blodgett, Design of Welded Structures, table of weld groups';
  const [b, d] = [3, 4];
  test.each([
    ['one upright line', [[0, 0, 0, d]], d, d ** 2 / 6, d ** 3 / 12],
    [
      'two upright lines',
      [
        [0, 0, 0, d],
        [b, 0, b, d],
      ],
      2 * d,
      d ** 2 / 3,
      (d * (3 * b ** 2 + d ** 2)) / 6,
    ],
    [
      'two level lines',
      [
        [0, 0, b, 0],
        [0, d, b, d],
      ],
      2 * b,
      b * d,
      (b * (3 * d ** 2 + b ** 2)) / 6,
    ],
    ['box', box(b, d), 2 * (b + d), b * d + d ** 2 / 3, (b + d) ** 3 / 6],
    [
      'C',
      [
        [0, 0, 0, d],
        [0, 0, b, 0],
        [0, d, b, d],
      ],
      2 * b + d,
      b * d + d ** 2 / 6,
      39.23,
    ],
  ] as const)('%s', (name, lines, length, modulus, polar) => {
    const group = lineGroup(lines);
    expect(group.lengthM).toBeCloseTo(length, 9);
    verify({ area, check: `${name}: modulus`, ours: group.modulusYM2, outside: String(modulus), unit: 'in²', source });
    verify({ area, check: `${name}: polar`, ours: group.polarM3, outside: String(polar), unit: 'in³', source });
  });
  test('circle: πD, πD²/4, πD³/4', () => {
    const group = allRound({ kind: 'round-tube', diameterM: 2, wallM: 0.1 });
    expect([group.lengthM, group.modulusYM2, group.polarM3]).toEqual([2 * Math.PI, Math.PI, 2 * Math.PI]);
  });
  test('box 2 x 3 in, 3 kip at 6 in: 2.022 kip/in, a leg of 0.136 in', () => {
    const group = lineGroup(box(2 * IN, 3 * IN));
    const force = weldForce(group, { ...none, vz: 3 * KIP, my: 18 * KIP * IN });
    verify({
      area,
      check: 'box weld: force per length',
      ours: force.perLengthNM / (KIP / IN),
      outside: '2.022',
      unit: 'kip/in',
      source: 'line method, worked example',
    });
    const perSixteenth = weldStrength(
      METALS.find(({ id }) => id === 'a500b')!,
      0.01,
      inches(1 / 16),
      '5356',
      'allowable',
    ).weldNM;
    verify({
      area,
      check: 'E70 fillet per 1/16 in',
      ours: perSixteenth / (KIP / IN),
      outside: '0.928',
      unit: 'kip/in',
      source: 'AISC Manual part 8',
    });
    verify({
      area,
      check: 'leg for it',
      ours: force.perLengthNM / perSixteenth / 16,
      outside: '0.136',
      unit: 'in',
      source: 'line method, worked example',
    });
  });
});

describe('weld strength', () => {
  const steel = METALS.find(({ id }) => id === 'a500b')!;
  test('an E70 fillet as thick as a 1/8 in A500 wall carries 58 % of the wall', () => {
    const wall = inches(1 / 8);
    const { weldNM } = weldStrength(steel, wall, wall, '5356', 'allowable');
    verify({
      area,
      check: 'fillet of the wall’s own thickness',
      ours: (100 * weldNM) / ((steel.yieldPa * 0.93 * wall) / 1.67),
      outside: '58',
      unit: '%',
      source: '21 ksi × 0.707 t against 46 ksi × 0.93 t ÷ 1.67',
    });
  });
  test('5356 is stronger than 4043; the allowable is below what bends nothing', () => {
    const metal = METALS.find(({ id }) => id === '6061-t6')!;
    const of = (filler: '5356' | '4043', limit: 'allowable' | 'yield') =>
      weldStrength(metal, 0.005, 0.005, filler, limit).weldNM;
    verify({
      area,
      check: '5356 on 4043',
      ours: of('5356', 'allowable') / of('4043', 'allowable'),
      outside: String(17 / 11.5),
      unit: '-',
      source: 'Aluminum Design Manual, 17 and 11.5 ksi (recalled)',
    });
    expect(of('5356', 'allowable')).toBeLessThan(of('5356', 'yield'));
  });
  test('legs: AISC table J2.4 for the least, the wall up to 3/16 in by custom', () => {
    expect(leastLegM(inches(0.12))).toBeCloseTo(inches(1 / 8), 12);
    expect(leastLegM(inches(0.3))).toBeCloseTo(inches(3 / 16), 12);
    expect(usualLegM(inches(0.12))).toBeCloseTo(inches(0.12), 12);
    expect(usualLegM(inches(0.3))).toBeCloseTo(inches(3 / 16), 12);
  });
});

describe('bolts', () => {
  test('SAE grades by AISC J3.2: 27.0 and 33.8 ksi on the nominal area', () => {
    const source = 'AISC 360-16 table J3.2, 0.450·Fu ÷ 2.00';
    const perArea = (grade: 'grade-5' | 'grade-8') =>
      boltShearN(IN, grade) / ((Math.PI / 4) * IN ** 2) / toPascals(1, 'ksi');
    verify({ area, check: 'grade 5 in shear', ours: perArea('grade-5'), outside: '27.0', unit: 'ksi', source });
    verify({ area, check: 'grade 8 in shear', ours: perArea('grade-8'), outside: '33.8', unit: 'ksi', source });
  });
  test('bearing grows with wall and diameter alike', () => {
    expect(bearingN(0.012, 0.004, 4e8) / bearingN(0.012, 0.002, 4e8)).toBeCloseTo(2, 12);
    expect(bearingN(0.012, 0.004, 4e8)).toBeCloseTo((2.4 * 0.012 * 0.004 * 4e8) / 2, 6);
  });
});
