import { describe, expect, test } from 'vitest';
import { aFrame, cargo, EVERYDAY, everyday, single } from '../../../test/everydayTrailers.js';
import { drawnRailTopM } from '../../balance/index.js';
import { evaluateFully } from '../../evaluation/index.js';
import type { Trailer } from '../../project/index.js';
import { plasticProperties } from '../../sections/index.js';
import { inches, pounds, weightN } from '../../units/index.js';
import { bumpFactor } from '../roads.js';
import type { StrengthAnalysis } from './analysis.js';
import { hardestOf } from './hardest.js';

const fully = (trailer: Trailer) => {
  const { evaluation, outcome } = evaluateFully(trailer);
  if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome));
  return { evaluation, analysis: outcome.analysis };
};
const shareOf = ({ members }: StrengthAnalysis, memberId: string): number =>
  members.find((member) => member.memberId === memberId)?.worst.utilisation.value ?? Number.NaN;
const governs = (trailer: Trailer) => {
  const { evaluation, analysis } = fully(trailer);
  const own = evaluation.findings.filter(({ step, counts }) => step === 'strength' && counts);
  const [hardest] = hardestOf(analysis);
  return {
    hardest: hardest!,
    over: own.filter(({ verdict }) => verdict === 'over').map(({ code, subject }) => [code, subject]),
    analysis,
  };
};

/**
 * By hand, apart from the program: rails and tongue as one straight beam under all that is sprung, each part spread evenly over its own
 * length, the ball's force by moments about the axle; largest moment in one rail between ball and rear edge, standing, N·m.
 */
const byHandNm = (trailer: Trailer, caseId: string): { readonly rail: number; readonly tongue: number } => {
  const { evaluation } = fully(trailer);
  const { chassis, bare } = evaluation;
  const empty = bare.filter(({ carriedBy }) => !carriedBy.startsWith('axle'));
  const cargoParts =
    caseId === 'gross.uniform'
      ? [
          {
            massKg: (trailer.ratedGrossKg ?? 0) - bare.reduce((sum, { massKg }) => sum + massKg, 0),
            x0M: 0,
            x1M: trailer.frame.bed.lengthM,
            centre: { xM: trailer.frame.bed.lengthM / 2 },
          },
        ]
      : (evaluation.cases.find(({ loadCase }) => loadCase.id === caseId)?.parts ?? []).filter(
          ({ group }) => group === 'cargo',
        );
  const parts = [...empty, ...cargoParts];
  const axleX = trailer.runningGear.positionM;
  const ballX = chassis.ballXM;
  const ballN =
    parts.reduce((sum, { massKg, centre }) => sum + weightN(massKg) * (axleX - centre.xM), 0) / (axleX - ballX);
  const totalN = parts.reduce((sum, { massKg }) => sum + weightN(massKg), 0);
  const { layout, spacingM, suspension } = trailer.runningGear;
  const half = suspension.hangerSpacingM / 2;
  // One axle: half of it at either hanger. Two on an equaliser: a quarter, a half, a quarter.
  const hangers: readonly (readonly [xM: number, share: number])[] =
    layout === 'single'
      ? [
          [axleX - half, 0.5],
          [axleX + half, 0.5],
        ]
      : [
          [axleX - spacingM / 2 - half, 0.25],
          [axleX, 0.5],
          [axleX + spacingM / 2 + half, 0.25],
        ];
  const momentAt = (x: number): number => {
    let sum = ballN * Math.max(0, x - ballX);
    for (const [hx, share] of hangers) sum += share * (totalN - ballN) * Math.max(0, x - hx);
    for (const { massKg, centre, x0M, x1M } of parts) {
      const w = weightN(massKg);
      if (x1M <= x0M) sum -= w * Math.max(0, x - centre.xM);
      else {
        const part = Math.min(Math.max(x - x0M, 0), x1M - x0M);
        sum -= (w * part * (x - x0M - part / 2)) / (x1M - x0M);
      }
    }
    return sum;
  };
  const most = (from: number, to: number): number =>
    Array.from({ length: 201 }, (_, i) => Math.abs(momentAt(from + ((to - from) * i) / 200))).reduce((a, b) =>
      Math.max(a, b),
    );
  const legs = chassis.tongue?.legs ?? 1;
  return {
    rail: most(0, trailer.frame.bed.lengthM) / 2,
    tongue: most(ballX, 0) / legs / Math.cos(chassis.tongue?.legAngleRad ?? 0),
  };
};
/** Yield ÷ 1.67 on the plastic modulus. */
const bornNm = (trailer: Trailer, memberId: string): number => {
  const { evaluation } = fully(trailer);
  const { section, material } = evaluation.chassis.members.find(({ id }) => id === memberId)!;
  const plastic = plasticProperties(section.shape);
  if (!plastic.ok) throw new Error('no plastic modulus');
  return (plastic.value.zyM3 * material.yieldPa) / 1.67;
};

const HAULER = 'hauler 20 ft, C6 tandem';
const TIGHT = 'utility 5 x 8, 3 x 1 rails';

describe('trailers that people build and tow every day', () => {
  const sound = Object.keys(EVERYDAY).filter((name) => name !== HAULER);
  test.each(sound)('%s: nothing red under its own loads', (name) => {
    const { over } = governs(EVERYDAY[name]!);
    expect(over).toEqual([]);
  });
  test('the one of 3 x 1 tube is tight, as its builder would say: tongue and rails at its plate', () => {
    const { hardest, analysis } = governs(EVERYDAY[TIGHT]!);
    expect(hardest.share).toBeGreaterThan(0.85);
    expect(hardest.share).toBeLessThanOrEqual(1);
    expect(shareOf(analysis, 'rail.left')).toBeGreaterThan(0.7);
  });
  test.each(Object.keys(EVERYDAY).filter((name) => !/angle|cart|deck-over|backbone/.test(name)))(
    '%s: rails in a hard bump as a straight beam has them by hand, within 30 %',
    (name) => {
      const trailer = EVERYDAY[name]!;
      const { analysis } = fully(trailer);
      const bump = analysis.members.find(({ memberId }) => memberId === 'rail.left')?.bySituation['bump-both'];
      const caseId = bump!.caseId;
      const hand = bumpFactor(trailer) * byHandNm(trailer, caseId).rail;
      expect(Math.abs(bump!.inner.my) / hand).toBeGreaterThan(0.55);
      expect(Math.abs(bump!.inner.my) / hand).toBeLessThan(1.3);
    },
  );
  test('the hauler’s open rails twist at the hangers in a hard curve: by hand, too', () => {
    const trailer = EVERYDAY[HAULER]!;
    const { analysis } = governs(trailer);
    const cornering = analysis.members.find(({ memberId }) => memberId === 'rail.left')?.bySituation.cornering;
    expect(cornering?.utilisation.rule).toBe('open-twist');
    // 0.4 g on 9,990 lb, held by six hangers alike 3.5 in under a 6 in channel: torque ÷ depth bends a flange between bars 24 in apart by P·L ÷ 8.
    const perHangerLb = (0.4 * 9990) / 6;
    const flangeLb = (perHangerLb * (3.5 + 3)) / (6 - 0.343);
    const flangeKsi = (flangeLb * 24) / 8 / ((0.343 * 1.92 ** 2) / 6) / 1000;
    const upright = (1.5 * byHandNm(trailer, 'gross.uniform').rail) / bornNm(trailer, 'rail.left');
    const byHand = flangeKsi / (36 / 1.67) + upright;
    expect(byHand).toBeGreaterThan(1);
    expect(cornering!.utilisation.value / byHand).toBeGreaterThan(0.75);
    expect(cornering!.utilisation.value / byHand).toBeLessThan(1.25);
  });
  test('its tongue in hard braking, by statics: ΔT = W·(a ÷ g)·h ÷ L on top of 1.5 times the ball’s load', () => {
    const trailer = EVERYDAY[HAULER]!;
    const { evaluation, analysis } = fully(trailer);
    const hand = byHandNm(trailer, 'gross.uniform').tongue;
    const tongue = analysis.members.find(({ memberId }) => memberId === 'tongue.left')?.bySituation.braking;
    const highM = drawnRailTopM(trailer, evaluation.chassis) + inches(1.5) + 0.3;
    const base = trailer.runningGear.positionM - evaluation.chassis.ballXM;
    const noseN = (weightN(pounds(9990)) * 0.7 * highM) / base;
    const lever = -evaluation.chassis.ballXM / Math.cos(evaluation.chassis.tongue!.legAngleRad);
    const whole = 1.5 * hand + (noseN * lever) / 2;
    expect(Math.abs(tongue!.inner.my) / whole).toBeGreaterThan(0.8);
    expect(Math.abs(tongue!.inner.my) / whole).toBeLessThan(1.25);
  });
  test('the deck-over’s springs stand inside its rails: what carries them there is said not to be looked at', () => {
    const { evaluation } = fully(EVERYDAY['deck-over 8 x 5']!);
    expect(evaluation.findings.find(({ code }) => code === 'outrigger-not-checked')?.verdict).toBe('unchecked');
  });
  test('ends on channels and angles are guesses and say so; tubes on tubes are not', () => {
    const guessed = (name: string) =>
      fully(EVERYDAY[name]!).evaluation.findings.find(({ code }) => code === 'ends-guessed');
    expect(guessed(HAULER)).toMatchObject({ verdict: 'unchecked', counts: false });
    expect(guessed('angle 4 x 8 with side frames')).toBeDefined();
    expect(guessed('utility 5 x 8, all 2 x 2')).toBeUndefined();
  });
  test('side frames that carry take load off the angle rails', () => {
    const carrying = EVERYDAY['angle 4 x 8 with side frames']!;
    const { sides } = carrying.frame;
    if (sides.kind !== 'rail') throw new Error('no side frames');
    const loose: Trailer = { ...carrying, frame: { ...carrying.frame, sides: { ...sides, carries: false } } };
    const bump = (trailer: Trailer): number =>
      fully(trailer).analysis.members.find(({ memberId }) => memberId === 'rail.left')?.bySituation['jack-rail']
        ?.utilisation.value ?? Number.NaN;
    expect(bump(carrying)).toBeLessThan(0.8 * bump(loose));
  });
});

describe('trailers that are known to fail are red', () => {
  const base = {
    lengthIn: 96,
    widthIn: 60,
    rail: 'hss-3x2x3_16',
    cross: 'hss-2x2x1_8',
    spacingIn: 24,
    plateLb: 2000,
    axleIn: 57,
    items: [cargo('crates', 1100, [80, 48, 24], 46)],
  } as const;
  test('a single light angle as tongue', () => {
    const { over } = governs(
      everyday({ ...base, cross: 'hss-3x2x1_8', tongue: single(48, 48), tongueBar: 'l-2x2x1_8', metal: 'a36' }),
    );
    expect(over).toContainEqual(['frame-member', 'tongue.middle']);
  });
  test('cross-members of thin 1 in tube under a vehicle', () => {
    const vehicle = cargo('vehicle', 1300, [90, 50, 40], 46, { wheels: { baseM: inches(60), trackM: inches(40) } });
    const { over } = governs(
      everyday({ ...base, cross: 'tube-1x1x16ga', tongue: aFrame(44), tongueBar: 'hss-3x2x3_16', items: [vehicle] }),
    );
    expect(over.some(([code, subject]) => code === 'frame-member' && subject?.startsWith('cross.'))).toBe(true);
  });
  test('aluminum with a weld at the peak of its bending', () => {
    const { analysis, over } = governs(
      everyday({
        ...base,
        metal: '6061-t6',
        rail: 'alu-3x2x1_8',
        cross: 'alu-3x2x1_8',
        tongue: single(50, 49),
        tongueBar: 'alu-3x2x1_8',
      }),
    );
    expect(over).toContainEqual(['frame-member', 'tongue.middle']);
    expect(analysis.members.find(({ memberId }) => memberId === 'tongue.middle')?.worst.weldAt).toBe('header.front');
  });
});
