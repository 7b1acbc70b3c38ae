import { describe, expect, test } from 'vitest';
import { verify } from '../../../test/verify.js';
import { DEMO_TRAILERS } from '../../demos/index.js';
import { analysisInput, evaluate } from '../../evaluation/index.js';
import type { Member } from '../../chassis/index.js';
import type { Trailer } from '../../project/index.js';
import { inches, pounds, weightN } from '../../units/index.js';
import { netAllowedPa, netSection, netStressPa } from '../joints/holes.js';
import { type SituationId, SITUATION_IDS } from '../situations/situations.js';
import { analyseStrength } from './analyse.js';
import type { StrengthAnalysis } from './analysis.js';
import { jointsOf } from './joints.js';

const apiary = DEMO_TRAILERS[0] as Trailer;

const analysed = (trailer: Trailer, ...situations: SituationId[]): StrengthAnalysis => {
  const asked: Trailer = {
    ...trailer,
    strength: { ...trailer.strength, off: SITUATION_IDS.filter((id) => !situations.includes(id)) },
  };
  const outcome = analyseStrength(analysisInput(asked, evaluate(asked)));
  if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome));
  return outcome.analysis;
};
const memberOf = (trailer: Trailer, id: string): Member =>
  evaluate(trailer).chassis.members.find((member) => member.id === id) as Member;
const reactionsAt = ({ balances }: StrengthAnalysis, situation: SituationId) =>
  balances.filter((balance) => balance.situation === situation && balance.variant === '');

describe('holes', () => {
  const area = 'Holes';
  // Drilled through a rail of HSS 4x2x3/16 (t 0.174 in) at its middle.
  const rail = memberOf(apiary, 'rail.left');
  const t = 0.174;
  test('through the sides: two walls lose 2·t·d', () => {
    const net = netSection(rail, { atM: 1, diameterM: inches(0.5), through: 'sides' });
    verify({
      area,
      check: 'HSS 4x2x3/16, 1/2 in through the sides: area lost, 2 × 0.174 × 0.5',
      ours: (rail.bar.design.areaM2 - (net?.areaM2 ?? 0)) / inches(1) ** 2,
      outside: '0.174',
      unit: 'in²',
      source: 'AISC 360-16 B4.3b, worked by hand',
    });
  });
  test('through top and bottom: the modulus loses 2·t·d·(h − t)²÷4 over h ÷ 2', () => {
    const net = netSection(rail, { atM: 1, diameterM: inches(0.5), through: 'top-bottom' });
    const whole = rail.bar.design.iyM4 / inches(2);
    const lostIn4 = 2 * t * 0.5 * (((4 - t) / 2) ** 2 + t ** 2 / 12);
    expect((whole - (net?.modulusYM3 ?? 0)) / inches(1) ** 3).toBeCloseTo(lostIn4 / 2, 9);
  });
  test('a hole as wide as the bar leaves nothing, and says so instead of dividing', () => {
    expect(netSection(rail, { atM: 1, diameterM: inches(12), through: 'sides' })).toBeUndefined();
    const drilled = analysed(
      {
        ...apiary,
        frame: {
          ...apiary.frame,
          overrides: { 'rail.left': { holes: [{ atM: 1, diameterM: inches(12), through: 'sides' }] } },
        },
      },
      'standing',
    );
    expect(drilled.holes[0]?.utilisation).toBe(Number.POSITIVE_INFINITY);
  });
  test('rupture: 58 ksi ÷ 2.00, and a bar pulled by half of what its net area bears', () => {
    const net = netSection(rail, { atM: 1, diameterM: inches(0.5), through: 'sides' });
    const pull = (netAllowedPa(rail, 'allowable') / 2) * (net?.areaM2 ?? 0);
    expect(netAllowedPa(rail, 'allowable')).toBeCloseTo(rail.material.ultimatePa / 2, 3);
    expect(net && netStressPa(net, { n: pull, my: 0, mz: 0 })).toBeCloseTo(netAllowedPa(rail, 'allowable') / 2, 3);
  });
  test('every hole of a bar is found on one of its elements, wherever it is drilled', () => {
    const lengthM = rail.cutLengthM;
    const holes = [0, 0.2, 0.5, 0.77, 1].map((part) => ({
      atM: part * lengthM,
      diameterM: inches(3 / 8),
      through: 'sides' as const,
    }));
    const { holes: found } = analysed(
      { ...apiary, frame: { ...apiary.frame, overrides: { 'rail.left': { holes } } } },
      'bump-both',
    );
    expect(found).toHaveLength(5);
    expect(found.every(({ utilisation }) => Number.isFinite(utilisation))).toBe(true);
  });
});

describe('gussets', () => {
  const withGussets = (legM: number | null): Trailer => ({
    ...apiary,
    strength: { ...apiary.strength, gussets: { tongueM: legM, cornerM: legM } },
  });
  test('a leg of nothing changes nothing; a real one makes the tongue’s tip stiffer', () => {
    const tip = (legM: number | null): number =>
      analysed(withGussets(legM), 'standing').deflections.find(({ what }) => what === 'tongue-tip')?.byM ?? Number.NaN;
    expect(tip(1e-7)).toBeCloseTo(tip(null), 8);
    expect(tip(0.2)).toBeLessThan(tip(null));
  });
  test('a gusset’s own weld bears the sideways bending where the bar leaves it: M ÷ (2·g² ÷ 6) and its shear ÷ 2g', () => {
    const legM = 0.15;
    const { welds } = analysed(withGussets(legM), 'cornering');
    const gussets = welds.filter(({ kind }) => kind === 'gusset');
    expect(gussets.length).toBeGreaterThan(2);
    for (const { group, passes, force } of gussets) {
      const g = group.lengthM / 2;
      expect(g).toBeLessThanOrEqual(legM + 1e-9);
      expect(force.perLengthNM).toBeCloseTo(Math.abs(passes.my) / ((2 * g ** 2) / 6) + Math.abs(passes.n) / (2 * g), 3);
    }
    expect(analysed(withGussets(null), 'cornering').welds.some(({ kind }) => kind === 'gusset')).toBe(false);
  });
  test('sums stay whole with stiff ends', () => {
    for (const { residual } of analysed(withGussets(0.25), 'standing', 'bump-both', 'drawbar').balances) {
      expect(residual).toBeLessThan(1e-9);
    }
  });
});

describe('stands', () => {
  const onStands = (...xs: number[]): Trailer => ({
    ...apiary,
    frame: { ...apiary.frame, stands: xs.map((x, i) => ({ id: `stand.${i}`, xM: x })) },
  });
  test('one pair with the jack: moments about the jack give what the stands carry', () => {
    const x = inches(100);
    const trailer = onStands(x);
    const evaluation = evaluate(trailer);
    const jackX = evaluation.chassis.ballXM + trailer.coupling.jackBehindBallM;
    for (const { caseId, reactions } of reactionsAt(analysed(trailer, 'on-stands'), 'on-stands')) {
      const balanced = evaluation.cases.find(({ loadCase }) => loadCase.id === caseId);
      if (!balanced?.centre) continue;
      const up = reactions
        .filter(({ place }) => place.startsWith('stand'))
        .reduce((sum, { forceN }) => sum + forceN[2], 0);
      const byHand = (weightN(balanced.massKg) * (balanced.centre.xM - jackX)) / (x - jackX);
      expect(up / byHand).toBeCloseTo(1, 6);
    }
  });
  test('two pairs carry all; without stands there is no such run', () => {
    const trailer = onStands(inches(10), inches(110));
    const all = reactionsAt(analysed(trailer, 'on-stands'), 'on-stands');
    expect(all.length).toBeGreaterThan(0);
    for (const { reactions, residual } of all) {
      expect(reactions).toHaveLength(4);
      expect(residual).toBeLessThan(1e-9);
    }
    expect(analysed(apiary, 'on-stands').balances).toHaveLength(0);
  });
});

describe('straps', () => {
  test('what the rings pull up presses down on the load: wheels and ball feel nothing of it', () => {
    const trailer: Trailer = {
      ...apiary,
      frame: { ...apiary.frame, tieDowns: { ...apiary.frame.tieDowns, perSide: 3, workingLoadKg: pounds(500) } },
    };
    const { balances } = analysed(trailer, 'tie-downs', 'standing');
    const strapped = balances.filter(({ situation }) => situation === 'tie-downs');
    expect(strapped.length).toBeGreaterThan(0);
    for (const balance of strapped) {
      const standing = balances.find(({ situation, caseId }) => situation === 'standing' && caseId === balance.caseId);
      expect(balance.residual).toBeLessThan(1e-9);
      const total = (of: typeof balance | undefined): number =>
        (of?.reactions ?? []).reduce((sum, { forceN }) => sum + forceN[2], 0);
      expect(total(balance)).toBeCloseTo(total(standing), 3);
    }
  });
});

describe('joints', () => {
  test('all welds and hangers, hardest first, each where it is', () => {
    const analysis = analysed(apiary, 'bump-both');
    const joints = jointsOf(analysis);
    expect(joints).toHaveLength(analysis.welds.length + analysis.hangers.length);
    expect(joints.map(({ utilisation }) => utilisation)).toEqual(
      [...joints].map(({ utilisation }) => utilisation).sort((a, b) => b - a),
    );
    const left = joints.find(({ id }) => id === 'weld.cross.1.first');
    const right = joints.find(({ id }) => id === 'weld.cross.1.second');
    expect(left?.at?.[1]).toBeCloseTo(-(right?.at?.[1] ?? 0), 9);
    expect(left?.at?.[0]).toBeCloseTo(inches(22), 9);
  });
});
