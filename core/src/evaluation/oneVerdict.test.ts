import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProject, sampleTrailer } from '../../test/projects.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { rollUp } from '../findings/index.js';
import { type LoadCase, type Trailer, UNKNOWN_VEHICLE } from '../project/index.js';
import { loadHint } from '../wording/index.js';
import {
  type AnyFinding,
  evaluate,
  evaluateFully,
  type Evaluation,
  findingsOfCase,
  loadAnswer,
  RULEBOOK,
  verdictOfCase,
} from './index.js';

/** A trip as the planner makes it: some of the loose things, somewhere, some of them half full. */
const tripOf = (trailer: Trailer) =>
  fc
    .tuple(
      ...trailer.items.map(() =>
        fc.record({
          aboard: fc.boolean(),
          fill: fc.constantFrom(0, 0.5, 1),
          shiftM: fc.double({ min: -1, max: 1, noNaN: true }),
        }),
      ),
    )
    .map(
      (choices): LoadCase => ({
        id: 'case.trip',
        name: 'One trip',
        mode: 'towed',
        countsForWindow: false,
        aboard: trailer.items.flatMap(({ id, kind }, index) => {
          const choice = choices[index];
          return choice?.aboard && kind !== 'fixed' ? [{ itemId: id, fill: choice.fill, shiftM: choice.shiftM }] : [];
        }),
        drawerOutM: 0,
        tongueBand: null,
      }),
    );

const LIGHTER: Trailer = {
  ...sampleTrailer(),
  runningGear: {
    ...sampleTrailer().runningGear,
    tire: { ...sampleTrailer().runningGear.tire, maxLoadKg: 250 },
  },
};

describe('one verdict for a load, wherever it is shown', () => {
  test('of a hundred trips the planner, which adds it, and the strip, which has it kept, say the same', () => {
    for (const trailer of [...DEMO_TRAILERS, LIGHTER])
      fc.assert(
        fc.property(tripOf(trailer), (trip) => {
          const planned = evaluate({ ...trailer, cases: [...trailer.cases, trip] });
          const kept = evaluate({ ...trailer, cases: [trip, ...trailer.cases], axleCaseId: trip.id });
          const alone = evaluate({ ...trailer, cases: [trip], axleCaseId: trip.id });
          expect(verdictOfCase(kept, trip.id)).toBe(verdictOfCase(planned, trip.id));
          expect(verdictOfCase(alone, trip.id)).toBe(verdictOfCase(planned, trip.id));
        }),
        { numRuns: 25 },
      );
  });
  test('what the steps say of their worst load is what that load says itself', () => {
    const whole = (trailer: Trailer): void => {
      const evaluation = evaluate(trailer);
      for (const { loadCase, standing } of evaluation.cases) {
        if (!standing) continue;
        const own = new Map(findingsOfCase(evaluation, loadCase.id).map((finding) => [finding.id, finding]));
        const told = evaluation.findings.filter(({ id, caseId }) => caseId === loadCase.id && own.has(id));
        for (const finding of told) expect(own.get(finding.id)?.verdict, finding.id).toBe(finding.verdict);
        expect(
          rollUp([
            verdictOfCase(evaluation, loadCase.id),
            ...told.filter(({ counts }) => counts).map(({ verdict }) => verdict),
          ]),
        ).toBe(rollUp([verdictOfCase(evaluation, loadCase.id)]));
      }
    };
    for (const trailer of DEMO_TRAILERS) whole(trailer);
    fc.assert(fc.property(anyProject, whole), { numRuns: 60 });
  });
  test('a load whose tires, wheels or weakest part are over is over, whatever its tongue does', () => {
    const evaluation = evaluate(LIGHTER);
    const share = findingsOfCase(evaluation, 'case.loaded').find(({ code }) => code === 'tongue-share');
    expect(share?.verdict).not.toBe('over');
    expect(verdictOfCase(evaluation, 'case.loaded')).toBe('over');
    expect(verdictOfCase(evaluation, 'case.empty')).not.toBe('over');
  });
  test('a load that the vehicle may not tow is over, though the plate lets more aboard; a lighter one is not', () => {
    const fresh = sampleTrailer();
    const { runningGear } = fresh;
    const sample = { ...fresh, runningGear: { ...runningGear, wheel: { ...runningGear.wheel, maxLoadKg: 800 } } };
    const { cases } = evaluate(sample);
    const [empty, loaded] = cases.map(({ massKg }) => massKg);
    // By hand: 294 kg empty, 884 kg loaded, plate 1,179 kg.
    expect([empty, loaded, sample.ratedGrossKg].map((kg) => Math.round(kg ?? 0))).toEqual([294, 884, 1179]);
    const vehicle = { ...UNKNOWN_VEHICLE, ...sample.towVehicle, tongueLimitKg: 160, towLimitKg: 2000 };
    const weak = evaluate({ ...sample, towVehicle: { ...vehicle, towLimitKg: 700 } });
    expect(loadAnswer(weak, 'case.loaded')).toMatchObject({
      verdict: 'over',
      worst: { code: 'gross-against-tow-vehicle', data: { grossKg: loaded, limitKg: 700, byPlate: false } },
    });
    expect(verdictOfCase(weak, 'case.empty')).toBe('ok');
    const small = evaluate({ ...sample, coupling: { ...sample.coupling, ratedGrossKg: 800 } });
    expect(loadAnswer(small, 'case.loaded')).toMatchObject({
      verdict: 'over',
      worst: { code: 'gross-against-coupler' },
    });
    const ball = evaluate({
      ...sample,
      towVehicle: vehicle,
      coupling: { ...sample.coupling, ball: { ...sample.coupling.ball, ratedKg: 600 } },
    });
    expect(loadAnswer(ball, 'case.loaded')).toMatchObject({
      verdict: 'over',
      worst: { code: 'weakest-link', data: { link: 'ball', demandKg: loaded, limitKg: 600 } },
    });
    expect(verdictOfCase(ball, 'case.empty')).toBe('ok');
    const hint = (evaluation: Evaluation): string => {
      const { worst } = loadAnswer(evaluation, 'case.loaded');
      return worst ? loadHint(worst) : '';
    };
    expect(hint(ball)).toBe('Leave something.');
    // 119 kg press on the ball: the mount may bear 100.
    const mount = { ...sample.coupling.ballMount, tongueKg: 100 };
    expect(hint(evaluate({ ...sample, coupling: { ...sample.coupling, ballMount: mount } }))).toBe(
      'Move something back.',
    );
    // Parked it hangs on no vehicle.
    expect(findingsOfCase(weak, 'case.parked').map(({ code }) => code)).not.toContain('gross-against-tow-vehicle');
    // The trailer as a whole answers for its plate.
    const whole = weak.findings.find(({ code }) => code === 'gross-against-tow-vehicle');
    expect(whole).toMatchObject({ verdict: 'over', data: { byPlate: true } });
  });
  test('the band’s limits in kg count, not only its shares', () => {
    const sample = sampleTrailer();
    const limited = evaluate({ ...sample, tongueBand: { ...sample.tongueBand, maxKg: 20 } });
    expect(verdictOfCase(limited, 'case.loaded')).toBe('over');
    expect(verdictOfCase(evaluate(sample), 'case.loaded')).not.toBe('over');
  });
});

describe('one evaluation per trailer', () => {
  test('asked again it is the very same one', () => {
    const trailer = sampleTrailer();
    expect(evaluate(trailer)).toBe(evaluate(trailer));
    expect(evaluate({ ...trailer })).not.toBe(evaluate(trailer));
    expect(findingsOfCase(evaluate(trailer), 'case.loaded')).toBe(findingsOfCase(evaluate(trailer), 'case.loaded'));
  });
});

describe('identity and rules', () => {
  const RULES = new Map(RULEBOOK.flatMap(({ rules }) => rules).map((rule) => [rule.code, rule]));
  const sound = (findings: readonly AnyFinding[]): void => {
    expect(new Set(findings.map(({ id }) => id)).size, 'identities').toBe(findings.length);
    for (const { code, rule, utilisation, verdict, counts } of findings) {
      expect(RULES.get(code)).toBe(rule);
      // Past its allowance and not called over, or over and within its allowance: neither can be.
      if (utilisation !== undefined && counts && utilisation > 1)
        expect(['over', 'unchecked'], code).toContain(verdict);
    }
  };
  test('each finding has its rule and an identity of its own, in all regions', () => {
    for (const trailer of DEMO_TRAILERS)
      sound(
        evaluateFully({
          ...trailer,
          settings: { ...trailer.settings, regions: ['north-america', 'europe', 'australia'] },
        }).evaluation.findings,
      );
    fc.assert(
      fc.property(anyProject, (trailer) => sound(evaluate(trailer).findings)),
      { numRuns: 60 },
    );
  });
  test('an identity outlives a change of the figures', () => {
    const before = evaluate(sampleTrailer());
    const sample = sampleTrailer();
    const after = evaluate({
      ...sample,
      runningGear: { ...sample.runningGear, positionM: sample.runningGear.positionM + 0.4 },
    });
    const known = new Set(before.findings.map(({ id }) => id));
    expect(after.findings.filter(({ id }) => known.has(id)).length).toBeGreaterThan(0.9 * before.findings.length);
  });
  test('every rule says what it compares and where it holds', () => {
    for (const { formula, holds } of RULES.values()) {
      expect(formula.length).toBeGreaterThan(5);
      expect(holds.length).toBeGreaterThan(3);
    }
    expect(RULES.size).toBeGreaterThan(100);
  });
});
