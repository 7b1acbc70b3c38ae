import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProject, sampleTrailer } from '../../../test/projects.js';
import { verify } from '../../../test/verify.js';
import { DEMO_TRAILERS } from '../../demos/index.js';
import { analysisInput, evaluate, evaluateFully } from '../../evaluation/index.js';
import { METALS } from '../../materials/index.js';
import { FIXED_JOINT, PLAIN_TONGUE, type Trailer } from '../../project/index.js';
import { inches, pounds, toPascals, weightN } from '../../units/index.js';
import { printWorking, sentenceOf, speaker } from '../../wording/index.js';
import { allowableShare, memberResistance, yieldUtilisation } from '../resistance/memberResistance.js';
import { type SituationId, SITUATION_IDS } from '../situations/situations.js';
import { analyseStrength, analysisSteps } from './analyse.js';
import type { StrengthAnalysis } from './analysis.js';
import { equivalentRange, gamma, detailOf, kmToCrack } from './fatigue.js';

const analysed = (trailer: Trailer): StrengthAnalysis => {
  const outcome = analyseStrength(analysisInput(trailer, evaluate(trailer)));
  if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome));
  return outcome.analysis;
};
const only = (trailer: Trailer, ...ids: SituationId[]): Trailer => ({
  ...trailer,
  strength: { ...trailer.strength, off: SITUATION_IDS.filter((id) => !ids.includes(id)) },
});
const gear = (trailer: Trailer, change: Partial<Trailer['runningGear']>): Trailer => ({
  ...trailer,
  runningGear: { ...trailer.runningGear, ...change },
});
const tandem = (trailer: Trailer): Trailer =>
  gear(trailer, {
    layout: 'tandem-equaliser',
    spacingM: inches(33),
    equaliserArms: [1, 1.4],
    suspension: { ...trailer.runningGear.suspension, hangerSpacingM: inches(25) },
  });
const torsion = (trailer: Trailer): Trailer =>
  gear(trailer, { suspension: { ...trailer.runningGear.suspension, kind: 'torsion' } });
const worstOf = (analysis: StrengthAnalysis, id: string): number =>
  analysis.members.find(({ memberId }) => memberId === id)?.worst.utilisation.value ?? Number.NaN;
const tongued = (trailer: Trailer, change: object): Trailer => ({
  ...trailer,
  frame: { ...trailer.frame, tongue: { ...trailer.frame.tongue, ...change } },
});
const backboned = (trailer: Trailer, underM: number): Trailer => ({
  ...trailer,
  frame: {
    ...trailer.frame,
    tongue: {
      ...PLAIN_TONGUE,
      kind: 'backbone',
      lengthM: 1.2,
      underM,
      tipBehindBallM: 0.05,
      joint: FIXED_JOINT,
      sideTubesAheadM: 0.6,
      sideTubeAngleRad: 0.4363,
    },
  },
});
const layouts: readonly (readonly [string, (trailer: Trailer) => Trailer])[] = [
  ['leaf springs', (trailer) => trailer],
  ['equalised tandem, arms 1 : 1.4', tandem],
  ['torsion axle', torsion],
  ['no springs', (trailer) => gear(trailer, { suspension: { ...trailer.runningGear.suspension, kind: 'none' } })],
  [
    'straight tongue',
    (trailer) => ({
      ...trailer,
      frame: {
        ...trailer.frame,
        tongue: {
          ...PLAIN_TONGUE,
          kind: 'straight',
          lengthM: 1.2,
          underM: 0.9,
          tipBehindBallM: 0.05,
          joint: FIXED_JOINT,
        },
      },
    }),
  ],
  [
    'sloped legs ending at the header',
    (trailer) => tongued(trailer, { rise: { kind: 'sloped', byM: -0.12 }, rearEnd: 'header' }),
  ],
  ['legs stepped under the frame', (trailer) => tongued(trailer, { rise: { kind: 'stepped', byM: -0.15 } })],
  ['backbone with side tubes at the header', (trailer) => backboned(trailer, 0)],
  ['backbone with side tubes under the frame', (trailer) => backboned(trailer, 1.2)],
  [
    'straight tube stepped at the header',
    (trailer) => ({
      ...trailer,
      frame: {
        ...trailer.frame,
        tongue: {
          ...PLAIN_TONGUE,
          kind: 'straight',
          lengthM: 1.2,
          underM: 0,
          tipBehindBallM: 0.05,
          joint: FIXED_JOINT,
          rise: { kind: 'stepped', byM: -0.25 },
        },
      },
    }),
  ],
  [
    'headers through',
    (trailer) => ({
      ...trailer,
      frame: { ...trailer.frame, bed: { ...trailer.frame.bed, corner: 'headers-through' } },
    }),
  ],
  [
    'mitred corners',
    (trailer) => ({ ...trailer, frame: { ...trailer.frame, bed: { ...trailer.frame.bed, corner: 'mitred' } } }),
  ],
];

/** Sideways, forward and high, so that nothing balances by luck. */
const lopsided = (trailer: Trailer): Trailer => ({
  ...trailer,
  items: trailer.items.map((item) => ({ ...item, attach: { ...item.attach, rightM: 0.17, aboveM: 0.2 } })),
});

describe('standing reactions are the balance’s own, to 1e-6', () => {
  test.each(layouts)('%s', (_name, change) => {
    const trailer = only(lopsided(change(sampleTrailer())), 'standing');
    const light = evaluate(trailer);
    const { balances } = analysed(trailer);
    for (const { loadCase, standing } of light.cases) {
      const own = balances.find(({ caseId, situation }) => caseId === loadCase.id && situation === 'standing');
      const up = (place: string): number =>
        own?.reactions.find((reaction) => reaction.place === place)?.forceN[2] ?? Number.NaN;
      const weight = standing!.axles.reduce((sum, { loadN }) => sum + loadN, standing!.aheadN);
      expect(Math.abs(up(standing!.on === 'ball' ? 'ball' : 'jack') - standing!.aheadN) / weight).toBeLessThan(1e-6);
      for (const { id, leftN, rightN } of standing!.axles) {
        expect(Math.abs(up(`${id}.hub.left`) - leftN) / weight).toBeLessThan(1e-6);
        expect(Math.abs(up(`${id}.hub.right`) - rightN) / weight).toBeLessThan(1e-6);
      }
    }
  });
});

describe('two axles without an equaliser, level', () => {
  const independent = (trailer: Trailer): Trailer => ({
    ...gear(trailer, { layout: 'tandem-independent', spacingM: inches(33) }),
    towVehicle: null,
  });
  test.each([
    ['torsion', (trailer: Trailer) => torsion(independent(trailer))],
    [
      'leaf',
      (trailer: Trailer) =>
        gear(independent(trailer), {
          suspension: { ...trailer.runningGear.suspension, hangerSpacingM: inches(27) },
          spacingM: inches(40),
        }),
    ],
  ] as const)(
    '%s: each side’s two wheels together stand as the balance says; nothing is left over',
    (_name, change) => {
      const trailer = lopsided(change(sampleTrailer()));
      const light = evaluate(trailer);
      const analysis = analysed(trailer);
      for (const { residual } of analysis.balances) expect(residual).toBeLessThan(1e-6);
      for (const { loadCase, standing } of light.cases) {
        const own = analysis.balances.find(
          ({ caseId, situation }) => caseId === loadCase.id && situation === 'standing',
        );
        const up = (place: string): number =>
          own?.reactions.find((reaction) => reaction.place === place)?.forceN[2] ?? Number.NaN;
        const weight = standing!.axles.reduce((sum, { loadN }) => sum + loadN, standing!.aheadN);
        const left = standing!.axles.reduce((sum, { leftN }) => sum + leftN, 0);
        const right = standing!.axles.reduce((sum, { rightN }) => sum + rightN, 0);
        expect(Math.abs(up('rocker.left') - left) / weight).toBeLessThan(1e-6);
        expect(Math.abs(up('rocker.right') - right) / weight).toBeLessThan(1e-6);
        expect(Math.abs(up(standing!.on === 'ball' ? 'ball' : 'jack') - standing!.aheadN) / weight).toBeLessThan(1e-6);
      }
      expect(new Set(analysis.hangers.map(({ xM }) => xM.toFixed(6))).size).toBe(_name === 'torsion' ? 2 : 4);
      expect(analysis.members.every(({ worst }) => Number.isFinite(worst.utilisation.value))).toBe(true);
    },
  );
});

describe('every run is in balance', () => {
  test.each(layouts)('%s: what is put on and what the ground gives add up to nothing', (_name, change) => {
    const { balances } = analysed(lopsided(change(sampleTrailer())));
    expect(balances.length).toBeGreaterThan(50);
    for (const { residual } of balances) expect(residual).toBeLessThan(1e-6);
  });
  test.each(layouts.filter(([name]) => !name.includes('tandem')))(
    '%s: supports of a free body give nothing beyond the standing load',
    (_name, change) => {
      const { balances } = analysed(lopsided(change(sampleTrailer())));
      const free = balances.filter(({ balance }) => balance === 'free');
      expect(new Set(free.map(({ situation }) => situation))).toEqual(
        new Set(['bump-one', 'braking', 'cornering', 'drawbar']),
      );
      for (const { leftover } of free) expect(leftover).toBeLessThan(1e-6);
    },
  );
  test('on an equaliser, too, each side as a whole gives nothing more: only its two wheels trade', () => {
    const { balances } = analysed(tandem(sampleTrailer()));
    const [still] = balances.filter(({ situation, caseId }) => situation === 'standing' && caseId === 'case.loaded');
    const bump = balances.filter(({ situation, caseId }) => situation === 'bump-one' && caseId === 'case.loaded');
    const side = (reactions: (typeof bump)[number]['reactions'], name: string): number =>
      reactions.filter(({ place }) => place.endsWith(name)).reduce((sum, { forceN }) => sum + forceN[2], 0);
    for (const { reactions } of bump) {
      const total = reactions.reduce((sum, { forceN }) => sum + forceN[2], 0);
      const before = still!.reactions.reduce((sum, { forceN }) => sum + forceN[2], 0);
      expect(total / before).toBeCloseTo(1, 6);
      expect(side(reactions, 'left') / side(still!.reactions, 'left')).toBeCloseTo(1, 1);
    }
  });
});

describe('situations', () => {
  test('drawbar loads are 1.5 and 0.5 g on the plate’s gross (ADR 62, VSB 1): 22.07, 7.36, 7.36 kN at 1,500 kg', () => {
    const trailer = only({ ...sampleTrailer(), ratedGrossKg: 1500 }, 'drawbar');
    const { balances } = analysed(trailer);
    const held = (variant: string): number => {
      const run = balances.find((balance) => balance.variant === variant);
      return run!.statedN / 1000;
    };
    const source = 'VSB 1, ADR 62: 1.5 and 0.5 × 9.81 × ATM';
    verify({
      area: 'Situations',
      check: 'drawbar pull, ATM 1,500 kg',
      ours: held('pull'),
      outside: '22.07',
      unit: 'kN',
      source,
    });
    verify({ area: 'Situations', check: 'drawbar sideways', ours: held('left'), outside: '7.36', unit: 'kN', source });
    verify({ area: 'Situations', check: 'drawbar up', ours: held('up'), outside: '7.36', unit: 'kN', source });
  });
  test('a bump on both wheels pushes the hangers in proportion to its factor: the unsprung stays on the ground', () => {
    const base = only(sampleTrailer(), 'bump-both');
    const push = (bumpFactor: number): number =>
      Math.max(
        ...analysed({ ...base, strength: { ...base.strength, bumpFactor } }).hangers.map(({ forceN }) => forceN),
      );
    expect(push(3) / push(2)).toBeCloseTo(1.5, 9);
  });
  test('mirrored loads work the other side alike', () => {
    const left = lopsided(sampleTrailer());
    const right: Trailer = {
      ...left,
      items: left.items.map((item) => ({ ...item, attach: { ...item.attach, rightM: -item.attach.rightM } })),
    };
    const [a, b] = [analysed(left), analysed(right)];
    expect(worstOf(a, 'rail.left')).toBeCloseTo(worstOf(b, 'rail.right'), 6);
    expect(worstOf(a, 'tongue.left')).toBeCloseTo(worstOf(b, 'tongue.right'), 6);
  });
  test('what is switched off is named, and recovery without a pull asks for it', () => {
    const trailer = { ...sampleTrailer(), towVehicle: null };
    const off = evaluateFully({ ...trailer, strength: { ...trailer.strength, off: ['twist', 'recovery'] } }).evaluation;
    expect(off.findings.find(({ code }) => code === 'situations-off')?.data).toEqual({ off: ['twist', 'recovery'] });
    const on = evaluateFully({ ...trailer, strength: { ...trailer.strength, off: [] } }).evaluation;
    expect(on.findings.find(({ code }) => code === 'situation-not-run')).toMatchObject({ verdict: 'open' });
    expect(on.findings.some(({ code }) => code === 'recovery-advice')).toBe(true);
  });
  test('without the plate’s gross its arrangements are missing, and said so', () => {
    const { evaluation } = evaluateFully({ ...sampleTrailer(), ratedGrossKg: null });
    expect(evaluation.findings.find(({ code }) => code === 'rated-gross-missing')).toMatchObject({ verdict: 'open' });
    expect(evaluation.steps.strength.verdict).toMatch(/open|over/);
  });
});

describe('stub axles', () => {
  test('what an axle across would take, the cross-members must: they work harder, the balance stays', () => {
    const base = only(sampleTrailer(), 'standing');
    const stub = gear(base, { suspension: { ...base.runningGear.suspension, kind: 'stub' } });
    const hardest = (trailer: Trailer): number =>
      Math.max(
        ...analysed(trailer)
          .members.filter(({ memberId }) => memberId.startsWith('cross'))
          .map(({ worst }) => worst.utilisation.value),
      );
    expect(hardest(stub)).toBeGreaterThan(1.3 * hardest(base));
  });
});

describe('what cannot be analysed says why', () => {
  const fault = (trailer: Trailer) => {
    const outcome = analyseStrength(analysisInput(trailer, evaluate(trailer)));
    return outcome.kind === 'fault' ? outcome.fault.code : outcome.kind;
  };
  test('no axle, hangers off the rails, torsion tandem, a section that is none', () => {
    const base = sampleTrailer();
    expect(fault(gear(base, { layout: 'none' }))).toBe('no-axle-under-frame');
    expect(fault(gear(base, { positionM: -0.2 }))).toBe('no-axle-under-frame');
    expect(fault(torsion(tandem(base)))).toBe('suspension-not-modelled');
    const groups = { ...base.frame.groups, rail: { ...base.frame.groups.rail, sectionId: 'nothing' } };
    expect(fault({ ...base, frame: { ...base.frame, groups } })).toBe('frame-incomplete');
  });
  test('any trailer whatever: an analysis without NaN, or a reason', () => {
    fc.assert(
      fc.property(anyProject, (trailer) => {
        const outcome = analyseStrength(
          analysisInput(only(trailer, 'standing', 'bump-one', 'braking'), evaluate(trailer)),
        );
        if (outcome.kind !== 'analysed') return;
        for (const { worst } of outcome.analysis.members) expect(Number.isFinite(worst.utilisation.value)).toBe(true);
        for (const { residual } of outcome.analysis.balances) expect(residual).toBeLessThan(1e-4);
      }),
      { numRuns: 25 },
    );
  });
});

describe('members and welds', () => {
  test('a heavier load never lightens the hardest cross-member; a stronger bar works less', () => {
    const base = only(sampleTrailer(), 'standing', 'bump-both');
    const heavier = {
      ...base,
      items: base.items.map((item) => ({ ...item, massKg: { ...item.massKg, value: item.massKg.value + 200 } })),
    };
    const hardest = (trailer: Trailer): number =>
      Math.max(
        ...analysed(trailer)
          .members.filter(({ memberId }) => memberId.startsWith('cross'))
          .map(({ worst }) => worst.utilisation.value),
      );
    expect(hardest(heavier)).toBeGreaterThanOrEqual(hardest(base));
    const groups = { ...base.frame.groups, cross: { ...base.frame.groups.cross, sectionId: 'hss-3x2x3_16' } };
    expect(hardest({ ...base, frame: { ...base.frame, groups } })).toBeLessThan(hardest(base));
  });
  test('twice the leg, half the work of its weld metal', () => {
    const base = only(sampleTrailer(), 'bump-both');
    const worst = (weldLegM: number): number =>
      Math.max(
        ...analysed({ ...base, strength: { ...base.strength, weldLegM } })
          .welds.filter(({ by }) => by === 'weld-metal')
          .map(({ utilisation }) => utilisation),
      );
    expect(worst(0.002) / worst(0.004)).toBeCloseTo(2, 3);
  });
  test('bolts of the coupler answer for the drawbar pull where it is bolted', () => {
    const base = only(sampleTrailer(), 'drawbar');
    expect(analysed(base).bolts).toBeUndefined();
    const { rules } = analysed({ ...base, coupling: { ...base.coupling, mount: 'bolted' } });
    expect(rules?.bolts?.forceN).toBeCloseTo(1.5 * weightN(base.ratedGrossKg ?? 0), 3);
    expect(rules?.bolts?.utilisation).toBeGreaterThan(0);
  });
  test('working lines recompute and sentences read, on every demo', () => {
    for (const trailer of DEMO_TRAILERS) {
      const say = speaker(trailer);
      for (const finding of evaluateFully(trailer).evaluation.steps.strength.findings) {
        expect(sentenceOf(finding, say)).not.toMatch(/undefined|NaN|safe(?!ty)/);
        for (const line of finding.working) expect(printWorking(line, trailer.settings.units).recomputes).toBe(true);
      }
    }
  });
  test('steps can be stopped between any two cases', () => {
    const trailer = sampleTrailer();
    const steps = analysisSteps(analysisInput(trailer, evaluate(trailer)));
    const first = steps.next();
    expect(first).toMatchObject({ done: false, value: { done: 0 } });
    expect(steps.return(undefined as never).done).toBe(true);
  });
});

describe('fatigue', () => {
  test('Γ(2.5) and the equivalent range of random shaking: 3.11 σ for m = 3', () => {
    const source = 'Rayleigh amplitudes, worked example';
    verify({
      area: 'Fatigue',
      check: 'Γ(2.5)',
      ours: gamma(2.5),
      outside: '1.32934',
      unit: '-',
      source: 'Γ(5/2) = 3√π/4',
      tolerance: 1e-5,
    });
    verify({
      area: 'Fatigue',
      check: 'equivalent range per rms',
      ours: equivalentRange(3),
      outside: '3.11',
      unit: '-',
      source,
    });
  });
  test('6 ksi standing at 0.20 g rms: 2.12e7 cycles against 9.0e6 in 100,000 km at 80 km/h', () => {
    const range = equivalentRange(3) * 0.2 * 6;
    verify({
      area: 'Fatigue',
      check: 'equivalent range',
      ours: range,
      outside: '3.73',
      unit: 'ksi',
      source: 'narrow-band road fatigue, worked example',
    });
    verify({
      area: 'Fatigue',
      check: 'cycles borne',
      ours: (1.1 * (1000 / range) ** 3) / 1e7,
      outside: '2.12',
      unit: '10⁷',
      source: 'AISC 360-16 Appendix 3, category E',
    });
  });
  test('category E at 6 ksi: 5,092,593 cycles; km fall with the cube of the stress', () => {
    verify({
      area: 'Fatigue',
      check: 'category E at 6 ksi',
      ours: 1.1 * (1000 / 6) ** 3,
      outside: '5092593',
      unit: 'cycles',
      source: 'AISC 360-16 Appendix 3',
      tolerance: 1e-6,
    });
    const steel = METALS.find(({ id }) => id === 'a500b')!;
    const km = (ksi: number): number => kmToCrack(toPascals(ksi, 'ksi'), detailOf(steel, 'nominal'), 'rough').km;
    expect(km(5) / km(10)).toBeCloseTo(8, 6);
    expect(pounds(1)).toBeGreaterThan(0);
  });
});

describe('doubled bars', () => {
  const doubled = (trailer: Trailer, id: string): Trailer => ({
    ...trailer,
    frame: { ...trailer.frame, overrides: { [id]: { doubled: true } } },
  });
  test('two pieces, one member: twice the mass, two pieces to cut, the balance of a heavier bar', () => {
    const base = sampleTrailer();
    const [one, two] = [evaluate(base), evaluate(doubled(base, 'cross.2'))];
    const massOf = (evaluation: typeof one): number => evaluation.bare.find(({ id }) => id === 'cross.2')?.massKg ?? 0;
    expect(massOf(two)).toBeCloseTo(2 * massOf(one), 9);
    const pieces = (evaluation: typeof one): number =>
      evaluation.cutList.rows.find(({ memberIds }) => memberIds.includes('cross.2'))?.quantity ?? 0;
    expect(pieces(two)).toBe(pieces(one) + 1);
    expect(two.cutList.massKg - one.cutList.massKg).toBeCloseTo(massOf(one), 9);
  });
  test('under the same forces it works half as hard, by the allowable, by yield, and at its welds', () => {
    const base = only(sampleTrailer(), 'standing', 'bump-both', 'drawbar');
    const { members: single } = evaluate(base).chassis;
    const { members: both } = evaluate(doubled(base, 'cross.2')).chassis;
    const stretch = { unbracedM: 1.4, wholeM: 1.4, welded: false };
    const resistanceOf = (members: typeof single) =>
      memberResistance(members.find(({ id }) => id === 'cross.2')!, stretch);
    const [one, two] = [resistanceOf(single), resistanceOf(both)];
    const inner = { n: -3000, vy: 500, vz: -2000, t: 150, my: 900, mz: 300 };
    expect(yieldUtilisation(two, inner).value / yieldUtilisation(one, inner).value).toBeCloseTo(0.5, 9);
    expect(allowableShare(two, { ...inner, n: 0, t: 0 }) / allowableShare(one, { ...inner, n: 0, t: 0 })).toBeCloseTo(
      0.5,
      9,
    );
    const weld = (trailer: Trailer): number =>
      analysed(trailer).welds.find(({ memberId }) => memberId === 'cross.2')?.utilisation ?? Number.NaN;
    expect(weld(doubled(base, 'cross.2'))).toBeLessThan(weld(base));
    expect(worstOf(analysed(doubled(base, 'cross.2')), 'cross.2')).toBeLessThan(worstOf(analysed(base), 'cross.2'));
  });
});
