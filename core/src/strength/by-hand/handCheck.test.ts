import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProject, sampleTrailer } from '../../../test/projects.js';
import { verify } from '../../../test/verify.js';
import { DEMO_TRAILERS } from '../../demos/index.js';
import { evaluate } from '../../evaluation/index.js';
import type { Trailer } from '../../project/index.js';
import { inches, millimetres, STANDARD_GRAVITY, toNewtons } from '../../units/index.js';
import { momentAtPlace, ROAD_FACTORS, suspensionForces, workAlong } from '../index.js';

const gear = (trailer: Trailer, change: Partial<Trailer['runningGear']>): Trailer => ({
  ...trailer,
  runningGear: { ...trailer.runningGear, ...change },
});
const suspension = (trailer: Trailer, change: Partial<Trailer['runningGear']['suspension']>): Trailer =>
  gear(trailer, { suspension: { ...trailer.runningGear.suspension, ...change } });

/**
 * Turning force at a place by adding up thin slices of every sprung part, written apart from the beam code: each part's weight is
 * spread over its extent in 2,000 slices, and the supports are put in one by one.
 */
const slicedMoment = (trailer: Trailer, caseId: string, xM: number): number => {
  const { cases, chassis } = evaluate(trailer);
  const balanced = cases.find(({ loadCase }) => loadCase.id === caseId);
  const standing = balanced?.standing;
  if (!balanced || !standing) throw new Error(caseId);
  const slices = 2000;
  let moment = standing.aheadXM < xM ? standing.aheadN * (xM - standing.aheadXM) : 0;
  for (const part of balanced.parts) {
    if (part.carriedBy === 'axle.1' || part.carriedBy === 'axle.2') continue;
    const half = Math.min(part.centre.xM - part.x0M, part.x1M - part.centre.xM);
    for (let i = 0; i < slices; i += 1) {
      const at = part.centre.xM - half + (2 * half * (i + 0.5)) / slices;
      if (at < xM) moment -= ((part.massKg * STANDARD_GRAVITY) / slices) * (xM - at);
    }
  }
  const { kind, hangerSpacingM, armM } = trailer.runningGear.suspension;
  for (const axle of standing.axles) {
    if (kind === 'leaf') {
      for (const end of [-0.5, 0.5]) {
        const at = axle.xM + end * hangerSpacingM;
        if (at < xM) moment += (axle.sprungN / 2) * (xM - at);
      }
    } else if (kind === 'torsion') {
      // The wheel's force at the wheel is the bracket's force and couple from the bracket on.
      if (axle.xM - armM < xM) moment += axle.sprungN * (xM - axle.xM);
    } else if (axle.xM < xM) moment += axle.sprungN * (xM - axle.xM);
  }
  expect(chassis.ballXM).toBeLessThan(0);
  return moment;
};

describe('moments along the trailer against a sliced sum', () => {
  const source = 'sum of 2,000 slices of every part, in the test';
  test.each([
    ['demo.apiary-flatbed', 'case.full-hives', [-0.4, 0, 0.5, 1.0, 1.75, 2.4, 2.9]],
    ['demo.telescope-trailer', 'case.club-night', [-0.6, 0, 0.4, 0.9, 1.26, 1.5, 2.2]],
    ['demo.apiary-flatbed', 'case.parked', [-0.4, 0.8, 2.0]],
  ] as const)('%s, %s', (id, caseId, places) => {
    const trailer = DEMO_TRAILERS.find((candidate) => candidate.id === id);
    if (!trailer) throw new Error(id);
    const check = evaluate(trailer).strength.checks.find((candidate) => candidate.caseId === caseId);
    for (const xM of places) {
      verify({
        area: 'Rails by hand',
        check: `${trailer.name}, ${caseId.slice(5)}, moment at ${Math.round(xM * 1000)} mm`,
        ours: momentAtPlace(check?.beam.pieces ?? [], xM),
        outside: slicedMoment(trailer, caseId, xM).toFixed(3),
        unit: 'N·m',
        source,
        tolerance: 2e-4,
      });
    }
  });
});

describe('how the suspension holds the rails', () => {
  const base = sampleTrailer();
  test('leaf: half at each end of the spring', () => {
    const { kind, forces } = suspensionForces(base, [1000]);
    expect(kind).toBe('hangers');
    expect(forces.map(({ upN }) => upN)).toEqual([500, 500]);
    expect((forces[1]?.xM ?? 0) - (forces[0]?.xM ?? 0)).toBeCloseTo(base.runningGear.suspension.hangerSpacingM, 12);
  });
  test('torsion: force and couple at the bracket are the wheel’s force at the wheel', () => {
    const { forces, couples } = suspensionForces(suspension(base, { kind: 'torsion', armM: 0.15 }), [1000]);
    expect(forces[0]).toEqual({ xM: base.runningGear.positionM - 0.15, upN: 1000 });
    expect(couples[0]?.momentNm).toBeCloseTo(-150, 12);
  });
  test('an equalised pair acts where its arms say, for any arms', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.double({ min: 0.75, max: 1.2, noNaN: true }),
        (a, b, spacingM) => {
          const tandem = gear(base, { layout: 'tandem-equaliser', spacingM, equaliserArms: [a, b] });
          const total = 1000;
          const { kind, forces } = suspensionForces(tandem, [(total * b) / (a + b), (total * a) / (a + b)]);
          expect(kind).toBe('equalised-hangers');
          const resultant = forces.reduce((sum, { xM, upN }) => sum + upN * xM, 0) / total;
          const first = tandem.runningGear.positionM - spacingM / 2;
          expect(resultant).toBeCloseTo((first * b + (first + spacingM) * a) / (a + b), 9);
        },
      ),
    );
  });
  test('no room for the equaliser: said, and the axles count as points', () => {
    const crowded = gear(base, { layout: 'tandem-equaliser', spacingM: 0.5 });
    expect(suspensionForces(crowded, [1, 1]).kind).toBe('unknown');
    expect(evaluate(crowded).findings.map(({ code }) => code)).toContain('no-room-for-equaliser');
  });
  test('hangers as a published case has them: 27 in apart, the hog between them 41 % lower than at a point', () => {
    // Worked in beam.test: −2,880 lbf·ft at a point, −1,688 at the rear hanger.
    verify({
      area: 'Rails by hand',
      check: 'hog over hangers 27 in apart against a point',
      ours: 100 * (1 - 1688 / 2880),
      outside: '41.4',
      unit: '% lower',
      source: 'statics, worked by hand',
    });
  });
});

describe('what makes it work harder', () => {
  const base = sampleTrailer();
  const work = (trailer: Trailer, code: 'rails' | 'tongue'): number =>
    evaluate(trailer).findings.find((finding) => finding.code === code)?.utilisation ?? Number.NaN;
  test('rougher roads by their factors', () => {
    const road = (name: keyof typeof ROAD_FACTORS): Trailer => ({ ...base, job: { ...base.job, road: name } });
    expect(work(road('off-road'), 'rails') / work(road('road'), 'rails')).toBeCloseTo(3 / 2, 9);
    expect(work(road('rough'), 'tongue') / work(road('road'), 'tongue')).toBeCloseTo(2.5 / 2, 9);
  });
  test('parked and loading cases stand still', () => {
    for (const { caseId, factor } of evaluate(base).strength.checks)
      expect(factor).toBe(caseId === 'case.parked' ? 1 : 2.5);
  });
  test('a load to one side works that rail harder, the pair the same', () => {
    const shifted: Trailer = {
      ...base,
      items: base.items.map((item) => ({ ...item, attach: { ...item.attach, rightM: 0.3 } })),
    };
    const check = evaluate(shifted).strength.checks.find(({ caseId }) => caseId === 'case.loaded');
    expect(check?.beam.heavierRail.memberId).toBe('rail.right');
    const shares = check?.rails.map(({ share }) => share) ?? [];
    expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 12);
    expect(work(shifted, 'rails')).toBeGreaterThan(work(base, 'rails'));
  });
  test('a slanted leg bends as its own length asks: P·w ÷ (2·cos 25°)', () => {
    const check = evaluate(base).strength.checks.find(({ caseId }) => caseId === 'case.loaded');
    expect(check?.tongue?.share).toBeCloseTo(1 / 2 / Math.cos((25 * Math.PI) / 180), 12);
  });
  test('bolted brackets spare an aluminum rail the weld', () => {
    const telescope = DEMO_TRAILERS[2] as Trailer;
    const welded = suspension(telescope, { mounting: 'welded' });
    const zones = (trailer: Trailer): readonly string[] =>
      evaluate(trailer).strength.checks[0]?.zones.rails.map(({ at }) => at) ?? [];
    expect(zones(telescope)).not.toContain('hanger.1');
    expect(zones(welded)).toContain('hanger.1');
  });
  test('the welded zone reaches 25 mm past the weld and no further (Aluminum Design Manual: 1 in)', () => {
    const telescope = DEMO_TRAILERS[2] as Trailer;
    const zone = evaluate(telescope).strength.checks[0]?.zones.rails.find(({ at }) => at === 'cross.3');
    expect(zone?.fromM).toBeCloseTo(millimetres(1200 - 30 - 25), 12);
    expect(zone?.toM).toBeCloseTo(millimetres(1200 + 30 + 25), 12);
  });
});

describe('cross-members', () => {
  test('a load spread over one strip: moment of an even load in the middle of a simple beam', () => {
    // Worked: 500 lb over 48 in in the middle of a 56 in span: M = 500/2·(28 − 12) = 4,000 lbf·in, besides the member itself.
    const base = sampleTrailer();
    const trailer: Trailer = {
      ...base,
      frame: {
        ...base.frame,
        deck: { ...base.frame.deck, kind: 'none' },
        crossMembers: {
          kind: 'explicit',
          members: [
            { id: 'cross.1', xM: inches(30) },
            { id: 'cross.2', xM: inches(60) },
          ],
        },
      },
      items: base.items.map((item) => ({
        ...item,
        massKg: { ...item.massKg, value: 500 * 0.45359237 },
        sizeM: { lengthM: inches(10), widthM: inches(48), heightM: 0.3 },
        attach: { ...item.attach, offsetM: { ...item.attach.offsetM, value: inches(60) } },
      })),
    };
    const loaded = evaluate(trailer)
      .strength.checks.find(({ caseId }) => caseId === 'case.loaded')
      ?.cross.find(({ work }) => work.member.id === 'cross.2');
    const empty = evaluate(trailer)
      .strength.checks.find(({ caseId }) => caseId === 'case.empty')
      ?.cross.find(({ work }) => work.member.id === 'cross.2');
    const lbfIn = toNewtons(1, 'lbf') * 0.0254;
    verify({
      area: 'Cross-members',
      check: '500 lb over 48 in on a 56 in span',
      ours: ((loaded?.work.standing ?? 0) - (empty?.work.standing ?? 0)) / lbfIn,
      outside: '4000',
      unit: 'lbf·in',
      source: 'statics, worked by hand in the test',
    });
  });
  test('strips share every deck load out, none twice', () => {
    fc.assert(
      fc.property(anyProject, (trailer) => {
        for (const check of evaluate(trailer).strength.checks) {
          const balanced = evaluate(trailer).cases.find(({ loadCase }) => loadCase.id === check.caseId);
          const onDeck = (balanced?.parts ?? [])
            .filter(({ carriedBy }) => carriedBy === 'deck')
            .reduce((sum, { massKg }) => sum + massKg * STANDARD_GRAVITY, 0);
          const pressed = check.cross.reduce(
            (sum, { beam }) => sum + beam.loads.spreads.slice(1).reduce((inner, { downN }) => inner + downN, 0),
            0,
          );
          // What lies over the rails or outside them presses on the rails: never more than there is.
          expect(pressed).toBeLessThanOrEqual(onDeck * (1 + 1e-9) + 1e-6);
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('the chart along the ruler', () => {
  test('its peak over rails and tongue is the worst bending that the findings tell', () => {
    for (const trailer of DEMO_TRAILERS) {
      const { strength, chassis } = evaluate(trailer);
      const points = workAlong(strength, chassis.ballXM, trailer.frame.bed.lengthM, 50);
      const told = strength.findings
        .filter(({ code }) => code === 'rails' || code === 'tongue')
        .map(({ utilisation = 0 }) => utilisation);
      expect(Math.max(...points.map(({ utilisation }) => utilisation))).toBeCloseTo(Math.max(...told), 6);
    }
  });
});

describe('leverage of the tongue', () => {
  test('an inch less of tongue takes off what the finding says, to the first order', () => {
    const base = sampleTrailer();
    const work = (lengthM: number) => {
      const trailer: Trailer = {
        ...base,
        frame: { ...base.frame, tongue: { ...base.frame.tongue, lengthM } },
      };
      const { findings } = evaluate(trailer);
      const tongue = findings.find(({ code }) => code === 'tongue');
      const leverage = findings.find(({ code }) => code === 'tongue-leverage');
      if (leverage?.code !== 'tongue-leverage') throw new Error('no leverage');
      return { utilisation: tongue?.utilisation ?? 0, data: leverage.data };
    };
    const { data } = work(base.frame.tongue.lengthM);
    // M = V·x behind the ball, less what the tongue itself weighs: a share of V·1 in ÷ M.
    expect(data.perInchCloser).toBeGreaterThan(0.9 * (inches(1) / base.frame.tongue.lengthM) * 0.8);
    expect(data.perInchCloser).toBeLessThan((inches(1) / base.frame.tongue.lengthM) * 1.2);
    // HSS 4x2x3/16 → 5x2x3/16: section moduli 1.83 and 2.60 in³ (AISC Manual table 1-11): 29.6 % less.
    verify({
      area: 'Beams by hand',
      check: 'an inch more depth on HSS 4x2x3/16, stress less by',
      ours: 100 * (data.perInchDeeper ?? 0),
      outside: '29.6',
      unit: '%',
      source: 'AISC Manual table 1-11, 1 − 1.83 ÷ 2.60',
      tolerance: 0.03,
    });
  });
});
