import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { add, cross, type LoadPattern, length, scale, subtract, type Vector3 } from '../../frame-analysis/index.js';
import type { Bearing } from './bearings.js';
import { gripOf, spreadWrench, type Wrench } from './spread.js';

const vector = (size: number) =>
  fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: -100, max: 100 }).map((v) => (v * size) / 100))) as fc.Arbitrary<
    [number, number, number]
  >;
/** Each bearing an element of its own, from its start to its end. */
const bearing = (start: Vector3, end: Vector3, share: number, i: number): Bearing => ({
  element: `e${i}`,
  fromM: 0,
  toM: length(subtract(end, start)),
  share,
  start,
  end,
});
const anyBearings = fc
  .array(fc.tuple(vector(2), vector(2), fc.integer({ min: 1, max: 10 })), { minLength: 1, maxLength: 5 })
  .map((list) => {
    const total = list.reduce((sum, [, , weight]) => sum + weight, 0);
    return list.map(([start, end, weight], i) => bearing(start, end, weight / total, i));
  });
const wrenchAt = (at: Vector3, forceN: Vector3, momentNm: Vector3): Wrench => ({ at, forceN, momentNm });

/** Force and moment about the origin of everything in a pattern. */
const totalOf = (
  { member, nodal }: LoadPattern,
  bearings: readonly Bearing[],
  nodeAt: (node: string) => Vector3,
): { force: Vector3; moment: Vector3 } => {
  let force: Vector3 = [0, 0, 0];
  let moment: Vector3 = [0, 0, 0];
  const put = (at: Vector3, f: Vector3): void => {
    force = add(force, f);
    moment = add(moment, cross(at, f));
  };
  for (const load of member) {
    const own = bearings.find(({ element }) => element === load.member)!;
    const along = subtract(own.end, own.start);
    const wholeM = length(along);
    const place = (x: number): Vector3 => (wholeM === 0 ? own.start : add(own.start, scale(along, x / wholeM)));
    if (load.kind === 'point') put(place(load.atM), load.forceN);
    else {
      const span = load.toM - load.fromM;
      put(place(load.fromM + span / 3), scale(load.startNPerM, span / 2));
      put(place(load.toM - span / 3), scale(load.endNPerM, span / 2));
    }
  }
  for (const { node, forceN, momentNm } of nodal) {
    put(nodeAt(node), forceN);
    moment = add(moment, momentNm ?? [0, 0, 0]);
  }
  return { force, moment };
};

describe('a wrench spread over what carries it', () => {
  test('is the same wrench again, force and moment, for any bearings', () => {
    fc.assert(
      fc.property(anyBearings, vector(3), vector(1000), vector(500), (bearings, at, forceN, momentNm) => {
        const pattern = spreadWrench(gripOf(bearings), wrenchAt(at, forceN, momentNm), (element) => [
          `${element}.a`,
          `${element}.b`,
        ]);
        const { force, moment } = totalOf(pattern, bearings, () => [0, 0, 0]);
        const wanted = add(momentNm, cross(at, forceN));
        const size = 1 + length(forceN) + length(wanted);
        expect(length(subtract(force, forceN)) / size).toBeLessThan(1e-6);
        expect(length(subtract(moment, wanted)) / size).toBeLessThan(1e-5);
      }),
    );
  });
  test('a weight over the middle lies even; off the middle it grows evenly to that side', () => {
    const bar = [bearing([0, -1, 0], [0, 1, 0], 1, 0)];
    const [even] = spreadWrench(gripOf(bar), wrenchAt([0, 0, 0], [0, 0, -100], [0, 0, 0]), () => ['a', 'b']).member;
    expect(even).toMatchObject({ kind: 'spread', startNPerM: [0, 0, -50], endNPerM: [0, 0, -50] });
    // A third of the half-length to the right: nothing at the left end, twice the mean at the right one.
    const [grown] = spreadWrench(gripOf(bar), wrenchAt([0, 1 / 3, 0], [0, 0, -100], [0, 0, 0]), () => [
      'a',
      'b',
    ]).member;
    if (grown?.kind !== 'spread') throw new Error('expected a spread load');
    expect(grown.startNPerM[2]).toBeCloseTo(0, 9);
    expect(grown.endNPerM[2]).toBeCloseTo(-100, 9);
  });
  test('what twists a single line goes into the ends of its elements, half each', () => {
    const bar = [bearing([0, -1, 0], [0, 1, 0], 1, 0)];
    const { nodal } = spreadWrench(gripOf(bar), wrenchAt([0.5, 0, 0], [0, 0, -100], [0, 0, 0]), () => ['a', 'b']);
    // 100 N half a metre behind the bar: 50 N·m about y, down behind turns positive.
    expect(nodal.map(({ node, momentNm }) => [node, momentNm?.[1]])).toEqual([
      ['a', 25],
      ['b', 25],
    ]);
  });
  test('a push above two rails presses one and lifts the other: the couple is its height ÷ their distance', () => {
    const rails = [bearing([0, -0.5, 0], [1, -0.5, 0], 0.5, 0), bearing([0, 0.5, 0], [1, 0.5, 0], 0.5, 1)];
    const { member } = spreadWrench(gripOf(rails), wrenchAt([0.5, 0, 0.8], [0, 200, 0], [0, 0, 0]), () => ['a', 'b']);
    const up = (i: number): number => {
      const load = member[i];
      return load?.kind === 'spread' ? load.startNPerM[2] : Number.NaN;
    };
    expect(up(0)).toBeCloseTo(160, 6);
    expect(up(1)).toBeCloseTo(-160, 6);
  });
});
