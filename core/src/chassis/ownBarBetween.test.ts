import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import type { OwnBar, Trailer } from '../project/index.js';
import { inches } from '../units/index.js';
import { barBetween, buildChassis, lineLengthM, middleLineOf, placeOnLine } from './index.js';

const sample = sampleTrailer();
const post = (id: string, barId: string, atM: number): OwnBar => ({
  id: `bar.${id}`,
  sectionId: 'hss-1x1x1_8',
  materialId: 'a500b',
  turnDeg: 0,
  from: { kind: 'on', barId, atM },
  to: { kind: 'off', byXM: 0, byYM: 0, byZM: inches(30) },
});
const withBars = (...ownBars: OwnBar[]): Trailer => ({ ...sample, frame: { ...sample.frame, ownBars } });
const chassis = buildChassis(withBars());
const on = (of: typeof chassis, barId: string, atM: number) => {
  const member = of.members.find(({ id }) => id === barId);
  const line = member && middleLineOf(member);
  if (!line) throw new Error(barId);
  return { place: placeOnLine(line, atM), lengthM: lineLengthM(line) };
};

describe('a bar from the picked one to the next', () => {
  test('from rail to rail: square across, half-way along', () => {
    const ends = barBetween(chassis, 'rail.left', 'rail.right');
    expect(ends).toEqual({
      from: { kind: 'on', barId: 'rail.left', atM: expect.closeTo(sample.frame.bed.lengthM / 2, 9) as number },
      to: { kind: 'on', barId: 'rail.right', atM: expect.closeTo(sample.frame.bed.lengthM / 2, 9) as number },
    });
  });
  test('alongside for a part of their length only: in the middle of what they have in common', () => {
    const two = buildChassis(withBars(post('a', 'rail.left', 0.5), post('b', 'rail.right', 1.5)));
    const ends = barBetween(two, 'bar.a', 'bar.b');
    if (ends?.from.kind !== 'on' || ends.to.kind !== 'on') throw new Error('none');
    const [p, q] = [on(two, 'bar.a', ends.from.atM), on(two, 'bar.b', ends.to.atM)];
    expect(p.place[2]).toBeCloseTo(q.place[2], 9);
    expect(ends.from.atM).toBeCloseTo(p.lengthM / 2, 6);
  });
  test('touching bars, a bar with itself, and what is not there have none', () => {
    expect(barBetween(chassis, 'rail.left', 'rail.left')).toBeUndefined();
    expect(barBetween(chassis, 'rail.left', 'bar.gone')).toBeUndefined();
  });
  test('no place on either bar is nearer to the other', () => {
    const metres = fc.double({ min: 0.1, max: 2, noNaN: true });
    fc.assert(
      fc.property(metres, metres, metres, (a, b, lean) => {
        const leaning: OwnBar = {
          ...post('b', 'rail.right', b),
          to: { kind: 'off', byXM: lean, byYM: 0.1, byZM: 0.6 },
        };
        const of = buildChassis(withBars(post('a', 'rail.left', a), leaning));
        const ends = barBetween(of, 'bar.a', 'bar.b');
        if (ends?.from.kind !== 'on' || ends.to.kind !== 'on') return;
        const far = (s: number, t: number): number => {
          const [p, q] = [on(of, 'bar.a', s).place, on(of, 'bar.b', t).place];
          return Math.hypot(...p.map((x, i) => x - (q[i] as number)));
        };
        const found = far(ends.from.atM, ends.to.atM);
        const [longA, longB] = [on(of, 'bar.a', 0).lengthM, on(of, 'bar.b', 0).lengthM];
        for (let i = 0; i <= 6; i += 1)
          for (let k = 0; k <= 6; k += 1) expect(far((longA * i) / 6, (longB * k) / 6)).toBeGreaterThan(found - 1e-6);
      }),
      { numRuns: 60 },
    );
  });
});

describe('a place that is pointed at', () => {
  const chassis = buildChassis(sampleTrailer());
  test('from above, the bar begins and ends where it was pointed at on both', () => {
    const ends = barBetween(chassis, 'rail.left', 'rail.right', {
      from: { view: 'plan', at: [0.5, -10] },
      to: { view: 'plan', at: [1.5, 10] },
    });
    expect(ends?.from).toMatchObject({ kind: 'on', barId: 'rail.left', atM: 0.5 });
    expect(ends?.to).toMatchObject({ kind: 'on', barId: 'rail.right', atM: 1.5 });
  });
  test('where only one was pointed at, the other end lies nearest to it', () => {
    const ends = barBetween(chassis, 'rail.left', 'rail.right', { from: { view: 'side', at: [0.7, 0] } });
    expect(ends?.from).toMatchObject({ atM: expect.closeTo(0.7, 9) as number });
    expect(ends?.to).toMatchObject({ atM: expect.closeTo(0.7, 9) as number });
  });
  test('seen end on, a rail says no place of its own; past its end it is its end', () => {
    const plain = barBetween(chassis, 'rail.left', 'rail.right');
    expect(barBetween(chassis, 'rail.left', 'rail.right', { from: { view: 'rear', at: [0, 0] } })).toEqual(plain);
    const past = barBetween(chassis, 'rail.left', 'rail.right', { from: { view: 'plan', at: [99, 0] } });
    const rail = chassis.members.find(({ id }) => id === 'rail.left');
    expect(past?.from).toMatchObject({ atM: expect.closeTo(rail?.cutLengthM ?? 0, 6) as number });
  });
});
