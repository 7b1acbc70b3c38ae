import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { cargo, EVERYDAY } from '../../../test/everydayTrailers.js';
import { anyProject, sampleTrailer } from '../../../test/projects.js';
import { bandKg, hitchLimitN, stepsOnRear } from '../../balance/index.js';
import { buildChassis } from '../../chassis/index.js';
import { evaluate, evaluateFully } from '../../evaluation/index.js';
import { trailerParts } from '../../mass/index.js';
import type { Trailer } from '../../project/index.js';
import { inches, massOfWeightKg, pounds } from '../../units/index.js';
import { bumpFactor } from '../roads.js';
import { BADLY_OFF, opinionOf, resultOf } from './opinions.js';
import { ratedGrossCases } from './ratedGross.js';

const grossCases = (trailer: Trailer, badly = true) => {
  const chassis = buildChassis(trailer);
  return ratedGrossCases(trailer, chassis, trailerParts(trailer, chassis), badly);
};
const analysed = (trailer: Trailer) => {
  const { evaluation, outcome } = evaluateFully(trailer);
  if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome));
  return { evaluation, analysis: outcome.analysis };
};
const finding = (trailer: Trailer, code: string) => {
  const { evaluation } = analysed(trailer);
  return evaluation.findings.find((own) => own.code === code);
};

describe('the plate’s gross, evenly and badly', () => {
  test('each arrangement weighs what is on the plate and keeps the tongue within band and hitch', () => {
    fc.assert(
      fc.property(anyProject, (trailer) => {
        for (const { massKg, standing, band, loadCase } of grossCases(trailer)) {
          expect(massKg).toBeCloseTo(trailer.ratedGrossKg ?? Number.NaN, 6);
          if (!standing || loadCase.id === 'gross.uniform') continue;
          const { minKg, maxKg } = bandKg(band, massKg);
          const hitchN = hitchLimitN(trailer);
          const most = Math.min(maxKg, hitchN === undefined ? Number.POSITIVE_INFINITY : massOfWeightKg(hitchN));
          const tongueKg = massOfWeightKg(standing.tongueN);
          // Where the deck's end stops the block before the limit does, it stops there.
          const third = trailer.frame.bed.lengthM / 6;
          const cargoX = evaluateCargoX(trailer, loadCase.id);
          const stopped =
            Math.abs(cargoX - third) < 1e-6 || Math.abs(cargoX - (trailer.frame.bed.lengthM - third)) < 1e-6;
          if (!stopped) {
            const wanted = loadCase.id === 'gross.forward' || loadCase.id === 'gross.dense-front' ? most : minKg;
            expect(tongueKg).toBeCloseTo(wanted, 3);
          }
        }
      }),
      { numRuns: 60 },
    );
  });
  test('none without a plate, and the even one alone where the second opinion is not wanted', () => {
    expect(grossCases({ ...sampleTrailer(), ratedGrossKg: null })).toEqual([]);
    expect(grossCases(sampleTrailer(), false).map(({ loadCase }) => loadCase.id)).toEqual(['gross.uniform']);
  });
});

const evaluateCargoX = (trailer: Trailer, id: string): number =>
  grossCases(trailer)
    .find(({ loadCase }) => loadCase.id === id)!
    .parts.find((part) => part.id === 'gross.cargo')!.centre.xM;

describe('three opinions, never mixed', () => {
  test('each run belongs to one', () => {
    expect(opinionOf({ caseId: 'case.loaded', situation: 'braking' })).toBe('own');
    expect(opinionOf({ caseId: 'gross.uniform', situation: 'braking' })).toBe('own');
    expect(opinionOf({ caseId: 'gross.dense-rear', situation: 'braking' })).toBe('badly');
    expect(opinionOf({ caseId: 'gross.uniform', situation: 'drawbar' })).toBe('rules');
  });
  test('nothing of one stands among another’s results', () => {
    const { analysis } = analysed(sampleTrailer());
    for (const opinion of ['own', 'badly', 'rules'] as const) {
      const result = resultOf(analysis, opinion);
      for (const { worst } of result?.members ?? []) expect(opinionOf(worst)).toBe(opinion);
      for (const weld of result?.welds ?? []) expect(opinionOf(weld)).toBe(opinion);
    }
  });
  test('drawbar loads: tongue, front header and their joints, counted where it is used in Australia only', () => {
    const { analysis } = analysed(sampleTrailer());
    expect(new Set(analysis.rules?.members.map(({ memberId }) => memberId))).toEqual(
      new Set(['tongue.left', 'tongue.right', 'header.front']),
    );
    const used = (regions: Trailer['settings']['regions']): Trailer => ({
      ...sampleTrailer(),
      settings: { ...sampleTrailer().settings, regions },
    });
    expect(finding(used(['north-america']), 'published-loads')?.counts).toBe(false);
    expect(finding(used(['europe', 'australia']), 'published-loads')?.counts).toBe(true);
    const noPlate = { ...used(['australia']), ratedGrossKg: null };
    expect(finding(noPlate, 'published-loads')).toBeUndefined();
    expect(finding(noPlate, 'rated-gross-missing')).toMatchObject({ verdict: 'open', data: { rulesAsked: true } });
  });
  test('loaded badly: a figure beside the verdict, never in it; switched off, it is gone', () => {
    const told = finding(sampleTrailer(), 'badly-loaded');
    expect(told?.counts).toBe(false);
    expect(told?.utilisation).toBeGreaterThan(0);
    const off = { ...sampleTrailer(), strength: { ...sampleTrailer().strength, off: [BADLY_OFF] } };
    expect(finding(off, 'badly-loaded')).toBeUndefined();
  });
});

describe('what is asked of whom', () => {
  test('people step on high decks of road trailers; not on carts, unless the user says so', () => {
    const base = sampleTrailer();
    const asked = (change: (trailer: Trailer) => Trailer): boolean => {
      const trailer = change(base);
      return stepsOnRear(trailer, buildChassis(trailer));
    };
    expect(asked((trailer) => trailer)).toBe(true);
    expect(asked((trailer) => ({ ...trailer, ratedGrossKg: 200 }))).toBe(false);
    expect(
      asked((trailer) => ({ ...trailer, runningGear: { ...trailer.runningGear, measuredRailTopM: inches(15) } })),
    ).toBe(false);
    expect(
      asked((trailer) => ({
        ...trailer,
        ratedGrossKg: 200,
        strength: { ...trailer.strength, personOnRear: 'yes' },
      })),
    ).toBe(true);
    const never: Trailer = { ...base, strength: { ...base.strength, personOnRear: 'no' } };
    const { analysis, evaluation } = analysed(never);
    expect(analysis.balances.some(({ situation }) => situation === 'person-rear')).toBe(false);
    expect(evaluation.findings.find(({ code }) => code === 'nobody-on-rear')?.counts).toBe(false);
    expect(evaluation.findings.find(({ code }) => code === 'parked-tips')?.counts).toBe(false);
  });
  test('without springs the road hits three times, whatever the road; the user’s own figure wins', () => {
    const base = sampleTrailer();
    const hung = (kind: Trailer['runningGear']['suspension']['kind']): Trailer => ({
      ...base,
      job: { ...base.job, road: 'road' },
      runningGear: { ...base.runningGear, suspension: { ...base.runningGear.suspension, kind } },
    });
    expect(bumpFactor(hung('leaf'))).toBe(2);
    expect(bumpFactor(hung('none'))).toBe(3);
    expect(bumpFactor(hung('stub'))).toBe(3);
    expect(bumpFactor({ ...hung('none'), strength: { ...base.strength, bumpFactor: 2.2 } })).toBe(2.2);
  });
  test('one axle on a ball is not twisted; axles that hold at four points are', () => {
    const twisted = (trailer: Trailer): boolean =>
      analysed(trailer).analysis.balances.some(({ situation }) => situation === 'twist');
    const base = sampleTrailer();
    expect(twisted(base)).toBe(false);
    expect(twisted({ ...base, runningGear: { ...base.runningGear, layout: 'tandem-independent' } })).toBe(true);
  });
  test('a machine on wheels drives on over the tail: six tenths to two thirds of it on the rear edge, the ball held down', () => {
    const trailer = EVERYDAY['hauler 20 ft, C6 tandem']!;
    const { analysis } = analysed(trailer);
    expect(
      analysis.members.find(({ memberId }) => memberId === 'header.rear')?.bySituation['loading-tail'],
    ).toBeDefined();
    const flat = { ...trailer, items: trailer.items.map((item) => ({ ...item, wheels: null })) };
    expect(analysed(flat).analysis.members.some(({ bySituation }) => bySituation['loading-tail'])).toBe(false);
  });
  test('a load in mode “loading” is judged as driving nowhere', () => {
    const base = sampleTrailer();
    const heavy = cargo('machine', 6000, [40, 48, 40], 90);
    const loading: Trailer = {
      ...base,
      items: [...base.items, heavy],
      cases: [
        ...base.cases,
        {
          id: 'case.on',
          name: 'Driving on',
          mode: 'loading',
          countsForWindow: false,
          aboard: [{ itemId: heavy.id, fill: 1, shiftM: 0 }],
          drawerOutM: 0,
          tongueBand: null,
        },
      ],
      runningGear: {
        ...base.runningGear,
        axle: { ...base.runningGear.axle, homeBuilt: { wallM: 0.006, yieldPa: 2.4e8, spindleKg: null, hubKg: null } },
      },
    };
    const inBump = evaluate(loading).findings.find(({ code }) => code === 'home-built-axle');
    const without = evaluate({ ...loading, cases: base.cases }).findings.find(({ code }) => code === 'home-built-axle');
    expect(inBump?.data).toEqual(without?.data);
    const road = new Set(['bump-both', 'bump-one', 'braking', 'cornering', 'twist', 'tie-downs', 'jack-tongue']);
    for (const { caseId, situation } of analysed(loading).analysis.balances)
      if (caseId === 'case.on') expect(road.has(situation)).toBe(false);
  });
  test('on the plate of 9,990 lb the drawbar is pulled with one and a half times that', () => {
    const { analysis } = analysed(EVERYDAY['hauler 20 ft, C6 tandem']!);
    const pull = analysis.balances.find(({ situation, variant }) => situation === 'drawbar' && variant === 'pull');
    expect(pull!.statedN).toBeCloseTo(1.5 * pounds(9990) * 9.80665, 3);
  });
});
