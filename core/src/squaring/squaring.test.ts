import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import examples from '../../test/examples/squaring-examples.json' with { type: 'json' };
import { verify } from '../../test/verify.js';
import { calculateSquaring } from '../exchange/index.js';
import {
  axleDoubtRad,
  axleOffSquare,
  ballOffCentreM,
  frameOffSquare,
  hangerDifferenceM,
  hangerMoves,
  levelOf,
  offParallelRad,
} from './index.js';

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Readings to both ends of an axle whose middle is so far behind the ball, turned by an angle. */
const readingsOf = (middleM: number, apartM: number, angleRad: number) => {
  const [x, y] = [(apartM / 2) * Math.sin(angleRad), (apartM / 2) * Math.cos(angleRad)];
  return { leftM: Math.hypot(middleM - x, y), rightM: Math.hypot(middleM + x, y), hooksApartM: apartM };
};

describe('an axle by a tape from the ball', () => {
  test('1/16 in of difference on a 95 in axle 8 ft behind the ball is a twentieth of a degree', () => {
    const found = axleOffSquare({ leftM: 2.72, rightM: 2.72 + 0.0015875, hooksApartM: 2.413 });
    verify({
      area: 'Squaring',
      check: 'off square by 1/16 in at the hooks',
      ours: ((found?.offSquareRad ?? 0) * 180) / Math.PI,
      outside: '0.0421',
      unit: '°',
      source: 'difference × reading ÷ (median × hooks apart) with 2.7208 m and 2.4384 m, worked by hand',
      tolerance: 0.005,
    });
  });
  test('any axle, any angle: angle and distance come back; left and right changed turn the sign', () => {
    fc.assert(
      fc.property(number(1, 8), number(1, 2.6), number(-0.3, 0.3), (middleM, apartM, angleRad) => {
        const readings = readingsOf(middleM, apartM, angleRad);
        const found = axleOffSquare(readings);
        expect(found?.offSquareRad).toBeCloseTo(angleRad, 9);
        expect(found?.ballToAxleM).toBeCloseTo(middleM, 9);
        const turned = axleOffSquare({ ...readings, leftM: readings.rightM, rightM: readings.leftM });
        expect(turned?.offSquareRad).toBeCloseTo(-angleRad, 9);
      }),
    );
  });
  test('moved as advised both hangers stand equally far back, whichever side is tacked', () => {
    fc.assert(
      fc.property(
        number(0.8, 2),
        number(-0.1, 0.1),
        fc.constantFrom('both' as const, 'left' as const, 'right' as const),
        (apartM, angleRad, movable) => {
          const difference = hangerDifferenceM(apartM, angleRad);
          const moves = hangerMoves(difference, movable);
          const [left, right] = [-difference / 2 + moves.leftM, difference / 2 + moves.rightM];
          expect(right - left).toBeCloseTo(0, 12);
          expect(movable === 'both' || moves[movable === 'left' ? 'rightM' : 'leftM'] === 0).toBe(true);
        },
      ),
    );
  });
  test('with a tape that is off by up to 1/32 in at each end, what is left after the move is never more than two such readings can hide', () => {
    const tapeM = 0.0254 / 32;
    fc.assert(
      fc.property(
        number(2, 6),
        number(1.2, 2.6),
        number(-0.02, 0.02),
        number(-1, 1),
        number(-1, 1),
        (middleM, apartM, angleRad, a, b) => {
          const real = readingsOf(middleM, apartM, angleRad);
          const read = { ...real, leftM: real.leftM + a * tapeM, rightM: real.rightM + b * tapeM };
          const found = axleOffSquare(read)?.offSquareRad ?? Number.NaN;
          // Turned back by what was found: what is left is the readings' own error.
          const leftRad = Math.abs(angleRad - found);
          const doubt = axleDoubtRad(real, tapeM) ?? 0;
          // The doubt is of one standard deviation of both; the worst of both together is √2 times that.
          expect(leftRad).toBeLessThanOrEqual(Math.SQRT2 * doubt * 1.02 + 1e-12);
        },
      ),
    );
  });
  test('frame and axle both out: whatever the rails are sheared by, moved along them as asked the axle reads alike from the ball', () => {
    fc.assert(
      fc.property(
        number(2, 6),
        number(0.8, 1.6),
        number(-0.03, 0.03),
        number(-0.02, 0.02),
        number(0.05, 0.4),
        (middleM, railsM, shearM, axleRad, overM) => {
          // Hangers sit as far from each rail's own front: the axle is turned by the shear, and by its own slip besides.
          const turned = Math.asin(shearM / railsM) + axleRad;
          const apartM = railsM + 2 * overM;
          const found = axleOffSquare(readingsOf(middleM, apartM, turned));
          const moves = hangerMoves(hangerDifferenceM(railsM, found?.offSquareRad ?? Number.NaN), 'both');
          // Rails run along the trailer, sheared or not: what moves along them turns the axle by that over their distance.
          const back = Math.asin(((railsM / 2) * Math.sin(turned) + moves.rightM) / (railsM / 2));
          const again = readingsOf(middleM, apartM, back);
          expect(again.leftM).toBeCloseTo(again.rightM, 9);
        },
      ),
    );
  });
  test('readings of which no triangle can be made are none', () => {
    expect(axleOffSquare({ leftM: 1, rightM: 4, hooksApartM: 2 })).toBeUndefined();
    expect(axleOffSquare({ leftM: 1, rightM: 1, hooksApartM: 2.5 })).toBeUndefined();
    expect(axleOffSquare({ leftM: Number.NaN, rightM: 1, hooksApartM: 1 })).toBeUndefined();
  });
  test('what a reading’s error does is what two tries say', () => {
    const readings = readingsOf(2.4, 1.9, 0.002);
    const one = axleOffSquare({ ...readings, rightM: readings.rightM + 1e-6 })?.offSquareRad ?? 0;
    const each = (one - 0.002) / 1e-6;
    expect(axleDoubtRad(readings, 0.0008)).toBeCloseTo(Math.SQRT2 * each * 0.0008, 5);
  });
});

describe('a frame by its diagonals', () => {
  test('any parallelogram: its angle comes back, and it closes', () => {
    fc.assert(
      fc.property(number(1, 10), number(0.5, 2.6), number(-0.2, 0.2), (lengthM, widthM, angleRad) => {
        const [x, y] = [widthM * Math.sin(angleRad), widthM * Math.cos(angleRad)];
        const found = frameOffSquare({
          lengthM,
          widthM,
          frontLeftToRearRightM: Math.hypot(lengthM + x, y),
          frontRightToRearLeftM: Math.hypot(lengthM - x, y),
        });
        expect(found?.offSquareRad).toBeCloseTo(angleRad, 9);
        expect(found?.railsOffsetM).toBeCloseTo(x, 9);
        expect(found?.closesByM).toBeCloseTo(0, 9);
      }),
    );
  });
  test('a diagonal misread by an inch does not close: that is no matter of square', () => {
    const found = frameOffSquare({
      lengthM: 3.6576,
      widthM: 1.8288,
      frontLeftToRearRightM: Math.hypot(3.6576, 1.8288) + 0.0254,
      frontRightToRearLeftM: Math.hypot(3.6576, 1.8288),
    });
    expect(found?.closesByM).toBeCloseTo(0.0127, 4);
    expect(
      frameOffSquare({ lengthM: 1, widthM: 1, frontLeftToRearRightM: 9, frontRightToRearLeftM: 1 }),
    ).toBeUndefined();
  });
});

describe('level, tongue, axles side by side', () => {
  const corner = number(0, 0.05);
  test('with its shims every corner is as high as the highest; a plane has no twist, however it slopes', () => {
    fc.assert(
      fc.property(corner, corner, corner, corner, (leftFrontM, rightFrontM, leftRearM, rightRearM) => {
        const read = { leftFrontM, rightFrontM, leftRearM, rightRearM };
        const { shims, outM } = levelOf(read);
        const left = Object.keys(read).map((key) => read[key as keyof typeof read] - shims[key as keyof typeof read]);
        for (const one of left) expect(one).toBeCloseTo(Math.min(...Object.values(read)), 12);
        expect(outM).toBeCloseTo(Math.max(...Object.values(read)) - Math.min(...Object.values(read)), 12);
      }),
    );
    fc.assert(
      fc.property(corner, corner, corner, (a, along, across) => {
        const plane = { leftFrontM: a, rightFrontM: a + across, leftRearM: a + along, rightRearM: a + along + across };
        expect(levelOf(plane).twistM).toBeCloseTo(0, 12);
      }),
    );
    expect(levelOf({ leftFrontM: 0.004, rightFrontM: 0, leftRearM: 0, rightRearM: 0 }).twistM).toBeCloseTo(0.001, 12);
  });
  test('the ball comes back from its distances to both corners, wherever it is', () => {
    fc.assert(
      fc.property(number(1, 8), number(-0.5, 0.5), number(1, 2.6), (backM, offM, apartM) => {
        const read = { leftM: Math.hypot(backM, offM + apartM / 2), rightM: Math.hypot(backM, offM - apartM / 2) };
        expect(ballOffCentreM({ ...read, cornersApartM: apartM })).toBeCloseTo(offM, 9);
      }),
    );
    expect(ballOffCentreM({ leftM: 1, rightM: 4, cornersApartM: 2 })).toBeUndefined();
  });
  test('axles an inch further apart on the right of 60 in between hooks are 0.955° off parallel', () => {
    expect(((offParallelRad(0.8, 0.8254, 1.524) ?? 0) * 180) / Math.PI).toBeCloseTo(0.955, 3);
    expect(offParallelRad(0, 3, 1)).toBeUndefined();
  });
});

describe('kereta calc squaring', () => {
  test.each(examples.cases)('$title', ({ expected }) => {
    const answer = calculateSquaring(examples);
    if (!answer.ok) throw new Error(answer.error.message);
    const found = (answer.value.cases as Record<string, unknown>[]).find(
      (one) => Math.abs(Number(one['offSquareRad']) - expected.offSquareRad) < 1e-8,
    );
    for (const [name, value] of Object.entries(expected))
      if (typeof value === 'number') expect(Number(found?.[name]), name).toBeCloseTo(value, 7);
      else expect(found?.[name]).toBe(value);
  });
  test('what cannot be is refused with its place', () => {
    const bad = { id: 'a', kind: 'axle', hooksApartM: 9, hangersApartM: 1, readings: { leftM: 1, rightM: 1 } };
    expect(calculateSquaring({ cases: [bad] })).toMatchObject({
      ok: false,
      error: { code: 'impossible', path: 'cases[0].readings' },
    });
    expect(calculateSquaring({ cases: [{ ...bad, hooksApartM: -1 }] })).toMatchObject({
      ok: false,
      error: { code: 'invalid', path: 'cases[0].hooksApartM' },
    });
  });
});
