import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { buildChassis, tieDownPlaces } from '../chassis/index.js';
import { evaluate } from '../evaluation/index.js';
import { addCrossMember, axleRatingKg, type Trailer } from '../project/index.js';
import { analyseStrength } from '../strength/index.js';
import { weakestPart } from './assembly.js';
import { beamPivotXM, wheelRateNPerM } from '../suspension/index.js';

const base = sampleTrailer();
const find = (trailer: Trailer, code: string) => evaluate(trailer).findings.filter((finding) => finding.code === code);

describe('shocks and walking beams', () => {
  const suspended = (
    change: Partial<Trailer['runningGear']['suspension']>,
    more: Partial<Trailer['runningGear']> = {},
  ): Trailer => ({
    ...base,
    runningGear: { ...base.runningGear, suspension: { ...base.runningGear.suspension, ...change }, ...more },
  });
  test('a shock’s share of critical damping is c ÷ 2√(k·m), its weight counts, an unread one is only told', () => {
    const trailer = suspended({ kind: 'leaf', shocks: { dampingNsPerM: 1500, massKg: 2 } });
    const [found] = find(trailer, 'shocks');
    if (found?.code !== 'shocks') throw new Error('no shocks');
    const wheelKg =
      Math.max(
        ...evaluate(trailer)
          .cases.filter(({ loadCase }) => loadCase.mode === 'towed')
          .flatMap(({ standing }) => (standing?.axles ?? []).map(({ sprungN }) => sprungN / 2)),
      ) / 9.80665;
    expect(found.data.damping).toBeCloseTo(1500 / (2 * Math.sqrt((wheelRateNPerM(trailer) ?? 0) * wheelKg)), 9);
    const axles = evaluate(trailer).bare.filter(({ id }) => /^axle\.\d\.springs$/.test(id));
    const without = evaluate(suspended({ kind: 'leaf' })).bare.filter(({ id }) => /^axle\.\d\.springs$/.test(id));
    axles.forEach(({ massKg }, i) => {
      expect(massKg - (without[i]?.massKg ?? 0)).toBeCloseTo(4, 9);
    });
    expect(find(suspended({ kind: 'leaf', shocks: { dampingNsPerM: null, massKg: 2 } }), 'shocks')[0]?.counts).toBe(
      false,
    );
    expect(find(suspended({ kind: 'none', shocks: { dampingNsPerM: 1500, massKg: 2 } }), 'shocks')).toHaveLength(0);
  });
  test('a walking beam shares as its arms say, on one pivot to each side', () => {
    expect(beamPivotXM(1, 2, [1, 1])).toBe(1.5);
    expect(beamPivotXM(1, 2.2, [1, 2])).toBeCloseTo(1.4, 12);
    const beam = suspended({ kind: 'walking-beam' }, { layout: 'tandem-equaliser', equaliserArms: [1, 2] });
    expect(find(beam, 'equaliser-needs-leaf')).toHaveLength(0);
    expect(find(beam, 'walking-beam')).toHaveLength(0);
    expect(find(suspended({ kind: 'walking-beam' }, { layout: 'single' }), 'walking-beam')[0]?.verdict).toBe('over');
    for (const { standing } of evaluate(beam).cases) {
      const [front, rear] = standing?.axles ?? [];
      // Moments about the pivot: the front arm is half of the rear one, so that the front axle's springs carry twice as much.
      if (front && rear) expect(front.sprungN / rear.sprungN).toBeCloseTo(2, 6);
    }
  });
  test('the frame analysis has it on its pivots: one to each side, and what the ground gives is what it weighs', () => {
    const beam = suspended({ kind: 'walking-beam' }, { layout: 'tandem-equaliser' });
    const { chassis, bare, cases } = evaluate(beam);
    const outcome = analyseStrength({ trailer: beam, chassis, bare, cases });
    if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome).slice(0, 300));
    for (const { residual } of outcome.analysis.balances) expect(residual).toBeLessThan(1e-6);
    expect(new Set(outcome.analysis.hangers.map(({ xM }) => xM.toFixed(6))).size).toBe(1);
    const standing = outcome.analysis.balances.find(({ situation }) => situation === 'standing');
    const own = cases.find(({ loadCase }) => loadCase.id === standing?.caseId);
    const wheels = standing?.reactions.filter(({ place }) => place.includes('hub.left')).map(({ forceN }) => forceN[2]);
    expect(wheels).toHaveLength(2);
    expect(own?.standing?.axles[0]?.leftN).toBeCloseTo(wheels?.[0] ?? Number.NaN, 0);
  });
});

describe('stub axles', () => {
  const stubs = (positionM: number): Trailer => {
    const gear = base.runningGear;
    return { ...base, runningGear: { ...gear, positionM, suspension: { ...gear.suspension, kind: 'stub' } } };
  };
  const [first, second] = buildChassis(base).crossPlaced;
  if (!first || !second) throw new Error('no cross-members');
  test('between two cross-members they turn the rails: told with the moment, by hand; one put there ends it', () => {
    const between = stubs((first.xM + second.xM) / 2);
    const [found] = find(between, 'stub-cross');
    if (found?.code !== 'stub-cross') throw new Error('not told');
    expect(found.verdict).toBe('tight');
    const { cases, chassis } = evaluate(between);
    const wheelN = Math.max(
      ...cases
        .filter(({ loadCase }) => loadCase.mode === 'towed')
        .flatMap(({ standing }) => (standing?.axles ?? []).flatMap(({ leftN, rightN }) => [leftN, rightN])),
    );
    const leverM = (base.runningGear.suspension.trackM - base.frame.bed.widthM + chassis.railWidthM) / 2;
    expect(found.data.momentNm).toBeCloseTo(wheelN * leverM, 6);
    const held = addCrossMember(between, 'extra.a', found.data.xM);
    expect(find(held, 'stub-cross')[0]?.verdict).toBe('ok');
  });
  test('at a cross-member they are held; springs are asked nothing of the kind', () => {
    expect(find(stubs(first.xM), 'stub-cross')[0]?.verdict).toBe('ok');
    expect(find(base, 'stub-cross')).toEqual([]);
  });
});

describe('straps hooked where they are said to be', () => {
  test('at their places, else spread; what lies off the bed is none', () => {
    const at = (places: readonly number[]) =>
      tieDownPlaces({
        ...base,
        frame: { ...base.frame, tieDowns: { ...base.frame.tieDowns, perSide: 2, places: [...places] } },
      });
    const { lengthM } = base.frame.bed;
    expect(at([])).toEqual([lengthM / 4, (3 * lengthM) / 4]);
    expect(at([1, 0.2, lengthM + 1])).toEqual([0.2, 1]);
  });
});

describe('an axle that the user builds', () => {
  const built = (spindleKg: number | null, hubKg: number | null): Trailer => ({
    ...base,
    runningGear: {
      ...base.runningGear,
      axle: { ...base.runningGear.axle, homeBuilt: { wallM: 0.00635, yieldPa: 250e6, spindleKg, hubKg } },
    },
  });
  test('goes by its spindles and hubs, the weaker pair; the tag of another axle says nothing of it', () => {
    expect(axleRatingKg(built(900, 800).runningGear)).toBe(1600);
    expect(axleRatingKg(base.runningGear)).toBe(base.runningGear.axle.ratingKg);
    const [load] = find(built(100, 800), 'axle-load');
    expect(load?.verdict).toBe('over');
    expect(weakestPart(built(100, 800))).toEqual({ part: 'spindles', ratingKg: 200 });
  });
  test('what nobody has read is missing', () => {
    expect(axleRatingKg(built(null, 800).runningGear)).toBeNull();
    expect(find(built(null, 800), 'axle-load')[0]?.verdict).toBe('open');
  });
});
