import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import type { Trailer } from '../project/index.js';
import { feet, inches } from '../units/index.js';
import {
  axlesParallelText,
  axleSquareText,
  coupledText,
  frameSquareText,
  levelText,
  speaker,
  tapeText,
} from '../wording/index.js';
import {
  axleTargets,
  frameTarget,
  judgeAxle,
  judgeCoupled,
  judgeFrame,
  judgeLevel,
  judgeParallel,
  lugTorques,
  uBoltTorque,
} from './index.js';

const [apiary, oven, telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const say = speaker(apiary);
/** Apiary: 10 ft by 5 ft 4 in. */
const target = frameTarget(apiary);
const frameText = (aIn: number, bIn: number): string => {
  const judged = judgeFrame(target, { frontLeftToRearRightM: inches(aIn), frontRightToRearLeftM: inches(bIn) });
  return judged ? frameSquareText(judged, target, say) : 'none';
};
const axles = (trailer: Trailer) => axleTargets(trailer, evaluate(trailer).chassis);

describe('a frame', () => {
  test('both diagonals of 10 ft by 5 ft 4 in are to read 11 ft 4 in', () => {
    // 120² + 64² = 136²
    expect(tapeText(target.diagonalM, say)).toBe(`11' 4"`);
  });
  test('within a sixteenth it is good; past it the longer diagonal is named, and what both are to read', () => {
    expect(frameText(136, 136 + 1 / 16)).toBe(`Square: the diagonals differ by 1/16", 1/16" would do.`);
    // (136.25² − 136²) ÷ (4 × 120) = 0.142 in
    expect(frameText(136.25, 136)).toBe(
      `Out of square: the right rail stands 5/32" further back than the other. Pull the longer diagonal, left front to right rear, together until both read 11' 4 1/8".`,
    );
    expect(frameText(136, 136.25)).toContain('the left rail stands');
  });
  test('diagonals that fit no such frame are no matter of square', () => {
    expect(frameText(137, 137)).toMatch(
      /^These fit no frame of 10' 0" by 5' 4": each is about 1" too long\. Measure again/,
    );
    expect(frameText(300, 20)).toBe('none');
  });
  test('longer frames may be further out: an eighth up to 20 ft', () => {
    const long = (lengthM: number) =>
      frameTarget({ ...apiary, frame: { ...apiary.frame, bed: { ...apiary.frame.bed, lengthM } } }).withinM;
    expect([feet(10), feet(16), feet(24)].map(long)).toEqual([1, 2, 3].map((n) => inches(n / 16)));
  });
});

describe('an axle', () => {
  const [first] = axles(apiary);
  if (!first) throw new Error('no axle');
  const textOf = (byIn: number, movable: 'both' | 'left' | 'right' = 'both'): string => {
    const reading = Math.hypot(first.ballToAxleM, first.hooksApartM / 2);
    const judged = judgeAxle(first, { leftM: reading, rightM: reading + inches(byIn) }, movable);
    return judged ? axleSquareText(judged, say) : 'none';
  };
  test('each axle is told behind the ball, hooked at its hubs', () => {
    // 4 ft 2 in of tongue and 5 ft 9 in back.
    expect(first.ballToAxleM).toBeCloseTo(inches(50 + 69), 6);
    expect(axles(oven).map(({ axle }) => axle)).toEqual([1, 2]);
    expect(axles({ ...telescope, runningGear: { ...telescope.runningGear, layout: 'none' } })).toEqual([]);
  });
  test('1/16 in is good, 1/8 would track, 1/4 is to be moved: by the hangers’ share, half each where both are loose', () => {
    expect(textOf(1 / 16)).toMatch(
      /^Square as far as a tape can tell: left and right differ by 1\/16", 0\.0\d° off square/,
    );
    expect(textOf(1 / 8)).toMatch(/^Nearly: the right end is 1\/8" further from the ball/);
    // Hooks so far apart, springs 5 ft 2 in: they move less than the hubs do. 124.0 in to the hook, 119 to the middle.
    const apartIn = first.hooksApartM / inches(1);
    const angle = (0.25 * (Math.hypot(119, apartIn / 2) + 0.125)) / (119 * apartIn);
    const hangers = (first.hangersApartM / inches(1)) * angle;
    const half = tapeText(inches(hangers / 2), say);
    expect(textOf(1 / 4)).toContain(
      `Move the left hangers ${half} rearward and the right hangers ${half} forward, and read again.`,
    );
    expect(textOf(1 / 4, 'right')).toContain(`Move the right hangers ${tapeText(inches(hangers), say)} forward, and`);
    expect(textOf(-1 / 4, 'left')).toContain(`Move the left hangers ${tapeText(inches(hangers), say)} forward, and`);
  });
  test('moved as told it reads square, whatever it was', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.05, max: 0.05, noNaN: true }), (angle) => {
        const [x, y] = [(first.hooksApartM / 2) * Math.sin(angle), (first.hooksApartM / 2) * Math.cos(angle)];
        const reads = (dx: number) => ({
          leftM: Math.hypot(first.ballToAxleM - dx, y),
          rightM: Math.hypot(first.ballToAxleM + dx, y),
        });
        const judged = judgeAxle(first, reads(x), 'both');
        if (!judged) throw new Error('none');
        // The hangers' ends move as the axle turns: what they are told is what their end of it is off.
        const hanger = (first.hangersApartM / 2) * Math.sin(angle);
        expect(hanger + judged.moves.rightM).toBeCloseTo(0, 9);
        expect(-hanger + judged.moves.leftM).toBeCloseTo(0, 9);
      }),
    );
  });
  test('an axle away from its place is told so, and readings of no axle are none', () => {
    const reading = Math.hypot(first.ballToAxleM + inches(1), first.hooksApartM / 2);
    const judged = judgeAxle(first, { leftM: reading, rightM: reading }, 'both');
    expect(judged && axleSquareText(judged, say)).toContain('Its middle stands 1" behind its drawn place.');
    expect(judgeAxle(first, { leftM: 1, rightM: 9 }, 'both')).toBeUndefined();
  });
});

describe('level, tongue, axles side by side', () => {
  const corners = (lf: number, rf: number, lr: number, rr: number): string =>
    levelText(
      judgeLevel({
        leftFrontM: inches(lf),
        rightFrontM: inches(rf),
        leftRearM: inches(lr),
        rightRearM: inches(rr),
      }),
      say,
    );
  test('a frame low at its rear is shimmed there; a twisted one is loosened first', () => {
    expect(corners(1, 1, 1.0625, 1)).toBe('Level: all corners within 1/16".');
    expect(corners(1, 1, 1.25, 1.25)).toBe('Shim 1/4" under left rear, 1/4" under right rear.');
    expect(corners(1.25, 1, 1, 1.25)).toMatch(
      /^Shim 1\/4" under left front, 1\/4" under right rear\. It is twisted: left front and right rear lie 1\/4" low/,
    );
    expect(corners(1, 1.25, 1.25, 1)).toContain('right front and left rear lie 1/4" low');
  });
  test('a ball off the middle of 5 ft 4 in by its corners: told by how much and which way to swing', () => {
    const read = (offIn: number): string => {
      const judged = judgeCoupled(target, {
        leftM: Math.hypot(inches(170), inches(offIn + 32)),
        rightM: Math.hypot(inches(170), inches(offIn - 32)),
      });
      return judged ? coupledText(judged, say) : 'none';
    };
    // 2 × 0.5 × 64 ÷ 346 = 0.185 in between both readings.
    expect(read(0.5)).toBe(
      'The ball is 1/2" to the right of the centre line, the corners differ by 3/16": swing the tongue to the left until both read the same.',
    );
    expect(read(-0.3)).toContain('It would do; better still, swing the tongue to the right.');
    expect(read(0.1)).toMatch(/^On the centre line as far as a tape can tell/);
    expect(judgeCoupled(target, { leftM: 1, rightM: 9 })).toBeUndefined();
  });
  test('the second axle of a tandem by the first: its longer side goes forward', () => {
    const second = axles(oven)[1];
    if (!second) throw new Error('no tandem');
    const read = (byIn: number): string => {
      const judged = judgeParallel(second, { leftM: inches(33), rightM: inches(33 + byIn) });
      return judged ? axlesParallelText(judged, second, say) : 'none';
    };
    expect(read(1 / 16)).toBe('Parallel: left and right differ by 1/16".');
    expect(read(1 / 4)).toMatch(
      /off parallel: left and right differ by 1\/4"\. Where axle 1 is square, move the right hangers of axle 2 /,
    );
    expect(read(-1 / 4)).toContain('move the left hangers of axle 2 ');
  });
});

describe('torques', () => {
  const on = (studCircle: string, change: Partial<Trailer['runningGear']> = {}): Trailer => ({
    ...apiary,
    runningGear: { ...apiary.runningGear, ...change, axle: { ...apiary.runningGear.axle, studCircle } },
  });
  test.each(['4 on 4 in', '5 on 4-1/2 in', '6 on 5-1/2 in', '8 on 6-1/2 in', '5 x 112'])(
    '%s: every nut once, and from five on never one beside the last',
    (circle) => {
      const found = lugTorques(on(circle));
      if (!found) throw new Error('none');
      const { count, order } = found;
      expect(order.toSorted((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, i) => i + 1));
      if (count < 5) return;
      order.slice(1).forEach((stud, i) => {
        const apart = Math.abs(stud - (order[i] ?? 0));
        expect(Math.min(apart, count - apart)).toBeGreaterThan(1);
      });
    },
  );
  test('1/2 in studs end at 90 to 120 ft·lb, 9/16 in at 120 to 140, metric ones at 80 to 95 N·m (recalled)', () => {
    const last = (circle: string): readonly number[] =>
      lugTorques(on(circle))
        ?.stages.at(-1)
        ?.map((nm) => Math.round(nm)) ?? [];
    // 1 ft·lb is 1.3558 N·m.
    expect(last('5 on 4-1/2 in')).toEqual([122, 163]);
    expect(last('8 on 6-1/2 in')).toEqual([163, 190]);
    expect(last('5 x 112')).toEqual([80, 95]);
    expect(lugTorques(on('as stamped'))).toBeUndefined();
    expect(lugTorques(on('5 on 4-1/2 in', { layout: 'none' }))).toBeUndefined();
  });
  test('stages rise, and U-bolts are those of the tube', () => {
    const stages = lugTorques(on('5 on 4-1/2 in'))?.stages ?? [];
    stages.slice(1).forEach(([least], i) => expect(least).toBeGreaterThan(stages[i]?.[1] ?? 0));
    expect(uBoltTorque(apiary)?.size).toBe('1/2 in');
    const thick = { ...apiary.runningGear.axle, tubeDiameterM: inches(3.5) };
    expect(uBoltTorque({ ...apiary, runningGear: { ...apiary.runningGear, axle: thick } })?.size).toBe('9/16 in');
    expect(uBoltTorque(telescope)).toBeUndefined();
  });
});
