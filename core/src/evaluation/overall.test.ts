import { describe, expect, test } from 'vitest';
import { cargo } from '../../test/everydayTrailers.js';
import { sampleTrailer } from '../../test/projects.js';
import { FIXED_JOINT, PLAIN_TONGUE, type Trailer } from '../project/index.js';
import { inches } from '../units/index.js';
import { evaluate } from './index.js';

const base = sampleTrailer();
const carrying = (...items: Trailer['items']): Trailer => ({
  ...base,
  items,
  cases: base.cases.map((one) => ({
    ...one,
    aboard:
      one.id === 'case.empty'
        ? []
        : items.filter(({ kind }) => kind !== 'fixed').map(({ id }) => ({ itemId: id, fill: 1, shiftM: 0 })),
  })),
});
const sizeOf = (trailer: Trailer, code: 'overall-width' | 'overall-length') => {
  const found = evaluate(trailer).findings.find((finding) => finding.code === code);
  if (found?.code !== code) throw new Error(code);
  return found;
};

describe('how wide and long it is on the road', () => {
  test('bare: over the tires, and from the ball to the rear edge', () => {
    expect(sizeOf(base, 'overall-width').value?.value).toBeCloseTo(inches(74 + 8.1), 9);
    expect(sizeOf(base, 'overall-length').value?.value).toBeCloseTo(inches(48 + 98), 9);
  });
  test('a body of 9 ft on a bed of 5 is 9 ft wide, and over a limit of 8 ft 6 in', () => {
    const body = cargo('body', 600, [98, 108, 60], 49, { kind: 'fixed' });
    const found = sizeOf(carrying(body), 'overall-width');
    expect(found.value?.value).toBeCloseTo(inches(108), 9);
    expect(found).toMatchObject({ verdict: 'over', data: { by: 'load', itemId: 'item.body' } });
  });
  test('a load off the middle counts twice what it reaches out on its side', () => {
    const off = cargo('pipe', 80, [96, 10, 6], 49);
    const aside = { ...off, attach: { ...off.attach, rightM: inches(45) } };
    expect(sizeOf(carrying(aside), 'overall-width').value?.value).toBeCloseTo(2 * inches(50), 9);
  });
  test('what hangs over behind makes it longer; what no towed case carries does not', () => {
    const long = cargo('ladder', 60, [140, 18, 6], 75);
    expect(sizeOf(carrying(long), 'overall-length').value?.value).toBeCloseTo(inches(48 + 145), 9);
    const ashore = { ...carrying(long), cases: base.cases.map((one) => ({ ...one, aboard: [] })) };
    expect(sizeOf(ashore, 'overall-length').value?.value).toBeCloseTo(inches(146), 9);
  });
  test('stored with its tongue folded: what is bolted on for good stays on, what is on the tongue goes with it', () => {
    const folding = (...items: Trailer['items']): Trailer => ({
      ...carrying(...items),
      frame: {
        ...base.frame,
        tongue: {
          ...PLAIN_TONGUE,
          kind: 'straight',
          lengthM: inches(48),
          underM: inches(32),
          tipBehindBallM: inches(3),
          joint: { ...FIXED_JOINT, kind: 'folding', aheadM: inches(6) },
        },
      },
    });
    const stored = (trailer: Trailer) => {
      const found = sizeOf(trailer, 'overall-length');
      return found.code === 'overall-length' ? (found.data.storedM ?? Number.NaN) : Number.NaN;
    };
    expect(stored(folding())).toBeCloseTo(inches(104), 9);
    const rack = cargo('rack', 40, [20, 30, 10], 98, { kind: 'fixed' });
    expect(stored(folding(rack))).toBeCloseTo(inches(104 + 10), 9);
    const box = cargo('box', 40, [20, 30, 15], -24, { kind: 'fixed' });
    expect(stored(folding({ ...box, attach: { ...box.attach, on: 'tongue' } }))).toBeCloseTo(inches(104), 9);
    const load = cargo('load', 40, [20, 30, 15], 98);
    expect(stored(folding(load))).toBeCloseTo(inches(104), 9);
  });
});
