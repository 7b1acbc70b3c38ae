import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { asProject, newPiece, openProject, type RecordEntry, type Trailer } from '../project/index.js';
import { inches, fromRadians } from '../units/index.js';
import { camberText, hitchedText, rectangleText, runOutText, shackleText, speaker, toeText } from '../wording/index.js';
import {
  gateTargets,
  hangerTarget,
  judgeCamber,
  judgeFrame,
  judgeHitched,
  judgeRunOut,
  judgeShackle,
  judgeToe,
} from './index.js';

const [apiary] = DEMO_TRAILERS as [Trailer];
const say = speaker(apiary);
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** What a dial reads evenly round a place whose middle is off by so much at such an angle, out of round besides. */
const dial = (offM: number, atRad: number, n = 4, oval = 0, zero = 0): readonly number[] =>
  Array.from({ length: n }, (_, i) => {
    const angle = (2 * Math.PI * i) / n;
    return zero + offM * Math.cos(angle - atRad) + oval * Math.cos(2 * angle);
  });

describe('an axle under a dial', () => {
  test('0.004 in off swings 0.008: it would do; 0.006 off swings 0.012: too much', () => {
    const at = (off: number) => judgeRunOut([{ place: 3, round: dial(inches(off), 1) }]);
    expect(at(0.002)?.verdict).toBe('good');
    expect(at(0.004)?.verdict).toBe('nearly');
    expect(at(0.006)?.verdict).toBe('off');
    expect(runOutText(at(0.006) as never, say)).toContain('the dial swings 0.012 in');
  });
  test('what is off and where comes back, whatever the zero and however often it is read', () => {
    fc.assert(
      fc.property(
        number(0.00005, 0.001),
        number(-3, 3),
        fc.integer({ min: 3, max: 16 }),
        number(-0.01, 0.01),
        (off, atRad, n, zero) => {
          const [place] = judgeRunOut([{ place: 1, round: dial(off, atRad, n, 0, zero) }])?.places ?? [];
          expect(place?.offM).toBeCloseTo(off, 9);
          expect(Math.cos((place?.atRad ?? 0) - atRad)).toBeCloseTo(1, 6);
          expect(place?.outOfRoundM).toBeCloseTo(0, 9);
        },
      ),
    );
  });
  test('an axle set up off its middle, straight in itself, is not bent; one that bows in the middle is', () => {
    const straight = judgeRunOut([1, 3, 5].map((place) => ({ place, round: dial(inches(0.01), 0.5) })));
    expect(straight?.places[1]?.bentM).toBeCloseTo(0, 9);
    const bowed = judgeRunOut([
      { place: 1, round: dial(0, 0) },
      { place: 3, round: dial(inches(0.012), 2) },
      { place: 5, round: dial(0, 0) },
    ]);
    expect(bowed?.places[1]?.bentM).toBeCloseTo(inches(0.012), 9);
    expect(runOutText(bowed as never, say)).toMatch(/It is bent: the middle is 0\.012 in off the line of both ends/);
  });
  test('out of round is told apart from off the middle', () => {
    const [place] = judgeRunOut([{ place: 1, round: dial(inches(0.002), 0, 8, inches(0.004)) }])?.places ?? [];
    expect(place?.offM).toBeCloseTo(inches(0.002), 9);
    expect(place?.outOfRoundM).toBeCloseTo(inches(0.004), 9);
    expect(judgeRunOut([{ place: 1, round: [1, 2] }])).toBeUndefined();
  });
});

describe('wheels, shackles, gates, hitched', () => {
  test('1/8 in over 26 in tires is toed in by 0.28 degrees, and the most; out is told', () => {
    const at = (byIn: number) => judgeToe(inches(60), inches(60 + byIn), inches(26));
    expect(fromRadians(at(1 / 8)?.rad ?? 0, 'deg')).toBeCloseTo(0.2755, 3);
    expect([0, 1 / 8, 1 / 4, -1 / 8].map((by) => at(by)?.verdict)).toEqual(['good', 'good', 'off', 'off']);
    expect(toeText(at(-1 / 8) as never)).toContain('Toed out');
    expect(judgeToe(1, 9, 0.6)).toBeUndefined();
  });
  test('1/8 in over 15 in leans 0.48 degrees: upright; 3/16 in does not', () => {
    expect(judgeCamber(inches(1 / 8), inches(15))?.verdict).toBe('good');
    const leans = judgeCamber(inches(-3 / 16), inches(15));
    expect(leans?.verdict).toBe('off');
    expect(camberText(leans as never)).toContain('in at the top');
  });
  test('a 2-1/4 in shackle with its bolts 2.17 in over each other leans 15 degrees', () => {
    const at = (downIn: number) => judgeShackle(inches(20), inches(20 - downIn), inches(2.25));
    expect(fromRadians(at(2.1733)?.rad ?? 0, 'deg')).toBeCloseTo(15, 1);
    expect([2.17, 2.25, 0.5].map((down) => at(down)?.verdict)).toEqual(['good', 'off', 'off']);
    expect(shackleText(at(2.25) as never)).toContain('go over centre');
    expect(at(3)).toBeUndefined();
  });
  test('half an inch from end to end is level, an inch is a matter of the ball mount', () => {
    expect(judgeHitched(inches(25.5), inches(25), inches(120))?.verdict).toBe('good');
    expect(hitchedText(judgeHitched(inches(26), inches(25), inches(120)) as never)).toContain('more drop');
    expect(hitchedText(judgeHitched(inches(24), inches(25), inches(120)) as never)).toContain('more rise');
  });
  test('hangers lie on a rectangle of bolts and spring middles; a gate on its own', () => {
    const { chassis, hangers } = evaluate(apiary);
    const target = hangerTarget(apiary, chassis, hangers);
    const xs = hangers.marks.map(({ xM }) => xM);
    expect(target?.lengthM).toBeCloseTo(Math.max(...xs) - Math.min(...xs), 12);
    const gated: Trailer = {
      ...apiary,
      frame: { ...apiary.frame, pieces: [newPiece(apiary, 'imperial', 'gate', 'piece.g')] },
    };
    const [gate] = gateTargets(gated);
    expect(gate?.target.diagonalM).toBeCloseTo(Math.hypot(gate?.target.lengthM ?? 0, gate?.target.widthM ?? 0), 12);
    if (!gate) throw new Error('none');
    const read = judgeFrame(gate.target, {
      frontLeftToRearRightM: gate.target.diagonalM + inches(1 / 8),
      frontRightToRearLeftM: gate.target.diagonalM - inches(1 / 8),
    });
    expect(rectangleText(read as never, gate.target, say)).toMatch(/^Out of square: A is 1\/4" longer/);
  });
});

test('a corner that touches the line, and a dial below its zero, are readings: the file opens again', () => {
  const readings = (id: string, of: 'level' | 'run-out', own: Record<string, number>): RecordEntry => ({
    kind: 'squaring',
    id,
    date: '2026-06-01',
    of,
    axle: 1,
    readings: own,
  });
  const project = {
    ...asProject(apiary),
    record: {
      entries: [
        readings('a', 'level', { LF: 0, RF: 0.003, LR: 0, RR: 0 }),
        readings('b', 'run-out', { r0: 0, r1: -0.0001, r2: 0.0001, r3: 0 }),
      ],
    },
  };
  const opened = openProject(JSON.parse(JSON.stringify(project)));
  expect(opened.ok).toBe(true);
});
