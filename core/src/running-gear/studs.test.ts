import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { STUD_CIRCLES } from '../catalog/index.js';
import { evaluate } from '../evaluation/index.js';
import type { Trailer } from '../project/index.js';
import { isSameStuds, readStuds } from './studs.js';

describe('circles of studs', () => {
  test('every one of the list is read; no two of it are the same but 5-1/2 in and 140 mm, which fit each other', () => {
    for (const studs of STUD_CIRCLES) expect(readStuds(studs)).toBeDefined();
    const alike = STUD_CIRCLES.flatMap((a, i) =>
      STUD_CIRCLES.slice(i + 1).flatMap((b) => (isSameStuds(a, b) ? [[a, b]] : [])),
    );
    expect(alike).toEqual([['5 on 5-1/2 in', '5 x 140']]);
  });
  test('one circle in inches and in millimetres is one; near ones are two', () => {
    // Wheel tables: 4-1/2 in = 114.3 mm, 5-1/2 in = 139.7 mm, 6-1/2 in = 165.1 mm; 4-3/4 in = 120.65 mm is not 120.
    expect(isSameStuds('5 on 4-1/2 in', '5 x 114.3')).toBe(true);
    expect(isSameStuds('6 on 5-1/2 in', '6 x 139.7')).toBe(true);
    expect(isSameStuds('8 on 6-1/2 in', '8 × 165.1 mm')).toBe(true);
    expect(isSameStuds('5 on 4-3/4 in', '5 x 120')).toBe(false);
    expect(isSameStuds('6 on 5-1/2 in', '5 on 5-1/2 in')).toBe(false);
    expect(isSameStuds('as the van', 'as the van')).toBe(true);
    expect(isSameStuds('as the van', '5 x 112')).toBe(false);
  });
  test('whatever is written, it is the same as itself and either way round', () => {
    fc.assert(
      fc.property(fc.string(), fc.string(), (a, b) => {
        expect(isSameStuds(a, a)).toBe(true);
        expect(isSameStuds(a, b)).toBe(isSameStuds(b, a));
      }),
    );
  });
  test('a vehicle on 5 x 114.3 lends its spare to hubs of 5 on 4-1/2 in', () => {
    const sample = sampleTrailer();
    const { axle, wheel } = sample.runningGear;
    const trailer: Trailer = {
      ...sample,
      towVehicle: sample.towVehicle && { ...sample.towVehicle, studCircle: '5 x 114.3' },
      runningGear: {
        ...sample.runningGear,
        axle: { ...axle, studCircle: '5 on 4-1/2 in' },
        wheel: { ...wheel, studCircle: '5 on 4-1/2 in' },
      },
    };
    const codes = evaluate(trailer).findings.map(({ code }) => code);
    expect(codes).toContain('spare-fits');
    expect(codes).not.toContain('studs-differ');
  });
});
