import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { evaluate } from '../../evaluation/index.js';
import { buildCutList } from '../../fabrication/index.js';
import { FIXED_JOINT, PLAIN_TONGUE, type Tongue, type Trailer } from '../../project/index.js';
import { analyseStrength } from '../../strength/index.js';
import { inches } from '../../units/index.js';
import { buildChassis } from '../index.js';

const sample = sampleTrailer();
const withTongue = (change: Partial<Tongue>): Trailer => ({
  ...sample,
  frame: {
    ...sample.frame,
    deck: { ...sample.frame.deck, kind: 'none' },
    tongue: { ...sample.frame.tongue, ...change } as Tongue,
  },
});
const straight = (runs: Tongue['runs']): Trailer => ({
  ...withTongue({}),
  frame: {
    ...withTongue({}).frame,
    tongue: {
      kind: 'straight',
      lengthM: inches(48),
      rise: { kind: 'level', byM: 0 },
      runs,
      cutLaterM: 0,
      topPlate: null,
      caps: PLAIN_TONGUE.caps,
      underM: inches(48),
      tipBehindBallM: inches(3),
      joint: FIXED_JOINT,
    },
  },
});

describe('a tongue on top of the frame', () => {
  test('lies on the rails: the ball comes up by the rails’ height and its own', () => {
    const [under, over] = (['under', 'over'] as const).map((runs) => buildChassis(withTongue({ runs })));
    const leg = over?.tongue?.members[0];
    if (!under?.tongue || !over?.tongue || !leg) throw new Error('no tongue');
    expect(leg.extent.z0M).toBeCloseTo(0, 12);
    expect(over.tongue.ballZM - under.tongue.ballZM).toBeCloseTo(over.railHeightM + leg.bar.heightM, 12);
    expect(over.problems).toEqual([]);
    expect(leg.massKg).toBeCloseTo(under.tongue.members[0]?.massKg ?? 0, 9);
  });
  test('touches every bar that it passes over, flush as their tops are, and needs no packer', () => {
    for (const trailer of [withTongue({ runs: 'over' }), straight('over')]) {
      const crossings = buildChassis(trailer).tongue?.crossings ?? [];
      expect(crossings.length).toBeGreaterThan(0);
      for (const { touches, packerId } of crossings) {
        expect(touches).toBe(true);
        expect(packerId).toBeUndefined();
      }
      expect(evaluate(trailer).findings.some(({ code }) => code === 'tongue-gap')).toBe(false);
    }
  });
  test('is analysed, in balance with what the ground gives', () => {
    for (const trailer of [withTongue({ runs: 'over' }), straight('over')]) {
      const { chassis, bare, cases } = evaluate(trailer);
      const outcome = analyseStrength({ trailer, chassis, bare, cases });
      if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome).slice(0, 200));
      for (const { residual } of outcome.analysis.balances) expect(residual).toBeLessThan(1e-6);
    }
  });
  test('goes through a deck, which is said; and cannot slope', () => {
    const decked: Trailer = {
      ...withTongue({ runs: 'over' }),
      frame: { ...withTongue({ runs: 'over' }).frame, deck: sample.frame.deck },
    };
    expect(evaluate(decked).findings.find(({ code }) => code === 'tongue-through-deck')?.verdict).toBe('tight');
    expect(evaluate(withTongue({ runs: 'over' })).findings.some(({ code }) => code === 'tongue-through-deck')).toBe(
      false,
    );
    expect(
      buildChassis(withTongue({ runs: 'over', rise: { kind: 'sloped', byM: 0.1 } })).problems.map(({ code }) => code),
    ).toContain('rise-over-frame');
  });
  test('that ends at the header is the same either way', () => {
    const [a, b] = (['under', 'over'] as const).map((runs) => buildChassis(withTongue({ runs, rearEnd: 'header' })));
    expect(b?.tongue?.ballZM).toBe(a?.tongue?.ballZM);
  });
});

describe('a tongue through the frame', () => {
  const through = straight('through');
  test('lies as high as one that ends at the header: half-way up it', () => {
    const chassis = buildChassis(through);
    const tube = chassis.tongue?.members[0];
    const header = chassis.members.find(({ id }) => id === 'header.front');
    if (!tube || !header) throw new Error('none');
    expect((tube.extent.z0M + tube.extent.z1M) / 2).toBeCloseTo((header.extent.z0M + header.extent.z1M) / 2, 9);
    expect(chassis.problems).toEqual([]);
  });
  test('bars across are cut in two to its sides, and as much lighter; what it ends under stays whole', () => {
    const [under, parted] = [straight('under'), through].map((trailer) => buildChassis(trailer));
    const of = (chassis: typeof under, id: string) => chassis?.members.find((member) => member.id === id);
    const [before, after] = [of(under, 'header.front'), of(parted, 'header.front')];
    const tube = parted?.tongue?.members[0];
    if (!before || !after || !tube || !parted) throw new Error('none');
    const outKg = before.bar.nominalAreaM2 * before.material.densityKgM3 * tube.bar.widthM;
    expect(before.massKg - after.massKg).toBeCloseTo(outKg, 9);
    const rows = buildCutList(parted).rows.filter(({ memberIds }) => memberIds.includes('header.front'));
    expect(rows.map(({ quantity }) => quantity)).toEqual([2]);
    expect(rows[0]?.cutLengthM).toBeCloseTo((before.cutLengthM - tube.bar.widthM) / 2, 9);
    expect(rows[0]?.massEachKg).toBeCloseTo(after.massKg / 2, 9);
    expect(of(parted, 'header.rear')?.parted).toBeUndefined();
  });
  test('the frame analysis holds it in the bars that it goes through; nothing is lost', () => {
    const { chassis, bare, cases } = evaluate(through);
    const outcome = analyseStrength({ trailer: through, chassis, bare, cases });
    if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome).slice(0, 300));
    for (const { residual } of outcome.analysis.balances) expect(residual).toBeLessThan(1e-6);
    expect(outcome.analysis.members.map(({ memberId }) => memberId)).toContain('tongue.middle');
  });
  test('it cannot slope or be stepped; on an A-frame it says nothing', () => {
    const sloped: Trailer = {
      ...through,
      frame: { ...through.frame, tongue: { ...through.frame.tongue, rise: { kind: 'sloped', byM: 0.1 } } },
    };
    expect(buildChassis(sloped).problems.map(({ code }) => code)).toContain('rise-over-frame');
    expect(buildChassis(withTongue({ runs: 'through' })).tongue?.topZM).toBe(
      buildChassis(withTongue({})).tongue?.topZM,
    );
  });
});
