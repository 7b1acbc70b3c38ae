import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { verify } from '../../../test/verify.js';
import { toNewtons, toPascals } from '../../units/index.js';
import { type BeamLoads, beamPieces, largestMoment, largestShear, momentAtPlace } from './beam.js';
import { deflectionAt, elasticLine, largestDeflection, slopeAt } from './deflection.js';

const IN = 0.0254;
const LBF = toNewtons(1, 'lbf');
const LBF_IN = LBF * IN;
const KSI = toPascals(1, 'ksi');
const E_STEEL = 29_000 * KSI;

/** Simple beam from 0 to `span` with these loads between: its two reactions by moments about the left end. */
const simpleBeam = (span: number, forces: BeamLoads['forces'], spreads: BeamLoads['spreads']): BeamLoads => {
  const down = spreads.reduce((sum, s) => sum + s.downN, 0) - forces.reduce((sum, f) => sum + f.upN, 0);
  const about =
    spreads.reduce((sum, s) => sum + (s.downN * (s.fromM + s.toM)) / 2, 0) -
    forces.reduce((sum, f) => sum + f.upN * f.xM, 0);
  const right = about / span;
  return { forces: [{ xM: 0, upN: down - right }, ...forces, { xM: span, upN: right }], spreads, couples: [] };
};
const extreme = (loads: BeamLoads): number =>
  beamPieces(loads, []).reduce((worst, piece) => Math.max(worst, Math.abs(largestMoment(piece).value)), 0);

describe('AISC Manual table 3-23', () => {
  const source = 'AISC Manual table 3-23';
  const area = 'Beams by hand';
  test('case 1, even load: HSS 4x2x3/16, 10 ft, 100 lb/ft', () => {
    const span = 120 * IN;
    const loads = simpleBeam(span, [], [{ fromM: 0, toM: span, downN: 1000 * LBF }]);
    const moment = extreme(loads);
    const line = elasticLine(beamPieces(loads, []), () => E_STEEL * 3.66 * IN ** 4);
    const chord = { at0M: 0, slope: deflectionAt(line, span) / span };
    verify({ area, check: 'case 1: moment', ours: moment / LBF_IN / 1000, outside: '15.00', unit: 'kip·in', source });
    verify({
      area,
      check: 'case 1: stress',
      ours: moment / (1.83 * IN ** 3) / KSI,
      outside: '8.20',
      unit: 'ksi',
      source,
    });
    verify({
      area,
      check: 'case 1: deflection',
      ours: Math.abs(largestDeflection(line, chord, 0, span).value) / IN,
      outside: '0.212',
      unit: 'in',
      source,
    });
  });
  test('case 7, load in the middle: same tube, 500 lb', () => {
    const span = 120 * IN;
    const loads = simpleBeam(span, [{ xM: span / 2, upN: -500 * LBF }], []);
    const line = elasticLine(beamPieces(loads, []), () => E_STEEL * 3.66 * IN ** 4);
    const chord = { at0M: 0, slope: deflectionAt(line, span) / span };
    verify({
      area,
      check: 'case 7: moment',
      ours: extreme(loads) / LBF_IN / 1000,
      outside: '15.00',
      unit: 'kip·in',
      source,
    });
    verify({
      area,
      check: 'case 7: deflection',
      ours: Math.abs(largestDeflection(line, chord, 0, span).value) / IN,
      outside: '0.1696',
      unit: 'in',
      source,
    });
  });
  test('case 22, cantilever: HSS 3x2x3/16, 750 lb at 48 in', () => {
    const reach = 48 * IN;
    const loads: BeamLoads = {
      forces: [
        { xM: 0, upN: 750 * LBF },
        { xM: reach, upN: -750 * LBF },
      ],
      spreads: [],
      couples: [{ xM: reach, momentNm: -750 * LBF * reach }],
    };
    const pieces = beamPieces(loads, []);
    const line = elasticLine(pieces, () => E_STEEL * 1.76 * IN ** 4);
    const tip = deflectionAt(line, 0) - deflectionAt(line, reach) + slopeAt(line, reach) * reach;
    verify({
      area,
      check: 'case 22: moment',
      ours: extreme(loads) / LBF_IN / 1000,
      outside: '36.0',
      unit: 'kip·in',
      source,
    });
    verify({
      area,
      check: 'case 22: stress',
      ours: extreme(loads) / (1.18 * IN ** 3) / KSI,
      outside: '30.5',
      unit: 'ksi',
      source,
    });
    verify({ area, check: 'case 22: deflection', ours: tip / IN, outside: '0.542', unit: 'in', source });
  });
  test('case 24, overhang: 96 in and 24 in, 50 lb/ft', () => {
    const ft = 12 * IN;
    const w = (50 * LBF) / ft;
    const [l, a] = [96 * IN, 24 * IN];
    const r1 = (w * (l ** 2 - a ** 2)) / (2 * l);
    const r2 = (w * (l + a) ** 2) / (2 * l);
    const pieces = beamPieces(
      {
        forces: [
          { xM: 0, upN: r1 },
          { xM: l, upN: r2 },
        ],
        spreads: [{ fromM: 0, toM: l + a, downN: w * (l + a) }],
        couples: [],
      },
      [],
    );
    verify({ area, check: 'case 24: left reaction', ours: r1 / LBF, outside: '187.5', unit: 'lbf', source });
    verify({ area, check: 'case 24: right reaction', ours: r2 / LBF, outside: '312.5', unit: 'lbf', source });
    verify({
      area,
      check: 'case 24: span moment',
      ours: largestMoment(pieces[0] as (typeof pieces)[0]).value / LBF_IN / 1000,
      outside: '4.219',
      unit: 'kip·in',
      source,
    });
    verify({
      area,
      check: 'case 24: moment over the support',
      ours: -momentAtPlace(pieces, l) / LBF_IN / 1000,
      outside: '1.200',
      unit: 'kip·in',
      source,
    });
  });
  test('cross-member with outriggers: 60 in and 12 in, 40 lb/ft, C3x4.1', () => {
    const w = (40 * LBF) / (12 * IN);
    const pieces = beamPieces(
      {
        forces: [
          { xM: 12 * IN, upN: w * 42 * IN },
          { xM: 72 * IN, upN: w * 42 * IN },
        ],
        spreads: [{ fromM: 0, toM: 84 * IN, downN: w * 84 * IN }],
        couples: [],
      },
      [],
    );
    verify({
      area,
      check: 'outrigger: moment at the rail',
      ours: -momentAtPlace(pieces, 12 * IN) / (12 * LBF_IN),
      outside: '20.0',
      unit: 'lbf·ft',
      source: 'statics, w·a²/2',
    });
    verify({
      area,
      check: 'outrigger: moment in the middle',
      ours: largestMoment(pieces[1] as (typeof pieces)[0]).value / (12 * LBF_IN),
      outside: '105.0',
      unit: 'lbf·ft',
      source: 'statics, w·l²/8 − w·a²/2',
    });
  });
});

describe('the whole rail, ball to rear edge', () => {
  // Worked: ball at 0, deck from 4 to 16 ft, axle at 11.2 ft, 3,000 lb even: T = 3,000·1.2/11.2 = 321.4 lb; M(x) = T·x − 250·(x − 4)²/2.
  const ft = 12 * IN;
  const tongue = (3000 * 1.2) / 11.2;
  const deck = [{ fromM: 4 * ft, toM: 16 * ft, downN: 3000 * LBF }];
  test('axle as a point', () => {
    const loads: BeamLoads = {
      forces: [
        { xM: 0, upN: tongue * LBF },
        { xM: 11.2 * ft, upN: (3000 - tongue) * LBF },
      ],
      spreads: deck,
      couples: [],
    };
    const pieces = beamPieces(loads, []);
    const sag = largestMoment(pieces[1] as (typeof pieces)[0]);
    const source = 'statics, worked by hand in the test';
    verify({
      area: 'Beams by hand',
      check: 'rail, axle as a point: sag',
      ours: momentAtPlace(pieces, 5.286 * ft) / (ft * LBF),
      outside: '1492',
      unit: 'lbf·ft',
      source,
    });
    verify({
      area: 'Beams by hand',
      check: 'rail, axle as a point: hog at the axle',
      ours: sag.value / (ft * LBF),
      outside: '-2880',
      unit: 'lbf·ft',
      source,
    });
  });
  test('axle load on two hangers 27 in apart, half on each', () => {
    const half = ((3000 - tongue) / 2) * LBF;
    const loads: BeamLoads = {
      forces: [
        { xM: 0, upN: tongue * LBF },
        { xM: 10.075 * ft, upN: half },
        { xM: 12.325 * ft, upN: half },
      ],
      spreads: deck,
      couples: [],
    };
    const pieces = beamPieces(loads, []);
    const source = 'statics, worked by hand in the test';
    verify({
      area: 'Beams by hand',
      check: 'rail on hangers: at the front one',
      ours: momentAtPlace(pieces, 10.075 * ft) / (ft * LBF),
      outside: '-1375',
      unit: 'lbf·ft',
      source,
    });
    verify({
      area: 'Beams by hand',
      check: 'rail on hangers: at the rear one',
      ours: momentAtPlace(pieces, 12.325 * ft) / (ft * LBF),
      outside: '-1688',
      unit: 'lbf·ft',
      source,
    });
  });
});

const spread = fc
  .record({
    from: fc.double({ min: 0, max: 4, noNaN: true }),
    length: fc.double({ min: 0, max: 3, noNaN: true }),
    downN: fc.double({ min: 0, max: 5000, noNaN: true }),
  })
  .map(({ from, length, downN }) => ({ fromM: from, toM: Math.min(5, from + length), downN }));
const force = fc.record({
  xM: fc.double({ min: 0.01, max: 4.99, noNaN: true }),
  upN: fc.double({ min: -5000, max: 5000, noNaN: true }),
});
const randomBeam = fc
  .record({ forces: fc.array(force, { maxLength: 4 }), spreads: fc.array(spread, { minLength: 1, maxLength: 5 }) })
  .map(({ forces, spreads }) => simpleBeam(5, forces, spreads));

describe('what holds for every beam', () => {
  test('moment and shear close at the far end', () => {
    fc.assert(
      fc.property(randomBeam, (loads) => {
        const last = beamPieces(loads, [0, 5]).at(-1);
        return !!last && Math.abs(momentAtPlace(beamPieces(loads, [0, 5]), 5)) < 1e-4;
      }),
    );
  });
  test('the stated extreme is never passed by any of 400 places looked at', () => {
    fc.assert(
      fc.property(randomBeam, (loads) => {
        const pieces = beamPieces(loads, [0, 5]);
        const most = Math.max(...pieces.map((piece) => Math.abs(largestMoment(piece).value)));
        return Array.from({ length: 401 }, (_, i) => Math.abs(momentAtPlace(pieces, (5 * i) / 400))).every(
          (value) => value <= most * (1 + 1e-9) + 1e-6,
        );
      }),
      { numRuns: 50 },
    );
  });
  test('superposition of loads', () => {
    fc.assert(
      fc.property(randomBeam, randomBeam, fc.double({ min: 0, max: 5, noNaN: true }), (a, b, x) => {
        const both = { forces: [...a.forces, ...b.forces], spreads: [...a.spreads, ...b.spreads], couples: [] };
        return (
          Math.abs(
            momentAtPlace(beamPieces(both, [0, 5]), x) -
              momentAtPlace(beamPieces(a, [0, 5]), x) -
              momentAtPlace(beamPieces(b, [0, 5]), x),
          ) < 1e-6
        );
      }),
    );
  });
  test('the elastic line’s slope is the derivative of its deflection, and that of its slope is M/EI', () => {
    fc.assert(
      fc.property(randomBeam, fc.double({ min: 0.2, max: 4.8, noNaN: true }), (loads, x) => {
        const pieces = beamPieces(loads, [0, 5]);
        const line = elasticLine(pieces, () => 1e5);
        const h = 1e-5;
        const slope = (deflectionAt(line, x + h) - deflectionAt(line, x - h)) / (2 * h);
        const curvature = (slopeAt(line, x + h) - slopeAt(line, x - h)) / (2 * h);
        expect(slope).toBeCloseTo(slopeAt(line, x), 4);
        expect(curvature).toBeCloseTo(momentAtPlace(pieces, x) / 1e5, 4);
      }),
    );
  });
  test('the largest deflection is not passed anywhere between', () => {
    fc.assert(
      fc.property(randomBeam, (loads) => {
        const line = elasticLine(beamPieces(loads, [0, 5]), () => 1e5);
        const chord = { at0M: 0, slope: deflectionAt(line, 5) / 5 };
        const most = Math.abs(largestDeflection(line, chord, 0, 5).value);
        return Array.from({ length: 301 }, (_, i) => (5 * i) / 300).every(
          (x) => Math.abs(deflectionAt(line, x) - chord.slope * x) <= most * (1 + 1e-6) + 1e-9,
        );
      }),
      { numRuns: 40 },
    );
  });
  test('a couple steps the moment and leaves the shear', () => {
    const pieces = beamPieces(
      {
        forces: [
          { xM: 0, upN: 100 },
          { xM: 2, upN: -100 },
        ],
        spreads: [],
        couples: [{ xM: 1, momentNm: -200 }],
      },
      [],
    );
    expect(pieces.map(({ m0, v0 }) => [m0, v0])).toEqual([
      [0, 100],
      [-100, 100],
    ]);
    expect(largestShear(pieces[0] as (typeof pieces)[0]).value).toBe(100);
  });
});
