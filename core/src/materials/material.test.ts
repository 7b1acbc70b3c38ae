import { describe, expect, test } from 'vitest';
import { verify } from '../../test/verify.js';
import { fromPascals } from '../units/index.js';
import { allowableBending, allowableShear, METALS } from './index.js';

const metal = (id: string) => {
  const found = METALS.find((candidate) => candidate.id === id);
  if (!found) throw new Error(id);
  return found;
};
const ksi = (pa: number): number => fromPascals(pa, 'ksi');

describe('allowable stresses', () => {
  const area = 'Allowables';
  test('steel: yield ÷ 1.67, welds or not', () => {
    const free = allowableBending(metal('a500b'), false);
    verify({
      area,
      check: 'A500 grade B in bending',
      ours: ksi(free.stressPa),
      outside: '27.5',
      unit: 'ksi',
      source: 'AISC 360-16 F1, 46 ksi ÷ 1.67',
    });
    expect(allowableBending(metal('a500b'), true).stressPa).toBe(free.stressPa);
  });
  test('6061-T6: 35/1.65 = 21.2 ksi, but rupture 38/1.95 = 19.5 governs; beside a weld 15/1.65 = 9.1', () => {
    const free = allowableBending(metal('6061-t6'), false);
    verify({
      area,
      check: '6061-T6 away from welds: rupture governs',
      ours: ksi(free.stressPa),
      outside: '19.5',
      unit: 'ksi',
      source: 'Aluminum Design Manual, 38 ksi ÷ 1.95',
    });
    const welded = allowableBending(metal('6061-t6'), true);
    verify({
      area,
      check: '6061-T6 beside a weld',
      ours: ksi(welded.stressPa),
      outside: '9.1',
      unit: 'ksi',
      source: 'Aluminum Design Manual, 15 ksi ÷ 1.65',
    });
    expect(welded.welded).toBe(true);
  });
  test('shear is 0.6 of that', () => {
    expect(allowableShear(metal('a36'), false).stressPa / allowableBending(metal('a36'), false).stressPa).toBeCloseTo(
      0.6,
      12,
    );
  });
  test('tube without stencil counts at 30 ksi', () => {
    expect(ksi(metal('unmarked-tube').yieldPa)).toBeCloseTo(30, 9);
  });
});
