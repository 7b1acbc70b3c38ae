import { describe, expect, test } from 'vitest';
import { cargo, everyday, aFrame, single } from '../../../test/everydayTrailers.js';
import { sampleTrailer } from '../../../test/projects.js';
import { analysisInput, evaluate } from '../../evaluation/index.js';
import type { Item, Trailer } from '../../project/index.js';
import { inches } from '../../units/index.js';
import { BADLY_OFF } from '../situations/opinions.js';
import { SITUATION_IDS, type SituationId } from '../situations/situations.js';
import { analyseStrength } from './analyse.js';
import type { StrengthAnalysis } from './analysis.js';
import { hardestOf } from './hardest.js';

const analysed = (trailer: Trailer): StrengthAnalysis => {
  const outcome = analyseStrength(analysisInput(trailer, evaluate(trailer)));
  if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome));
  return outcome.analysis;
};
const only = (trailer: Trailer, ...kept: SituationId[]): Trailer => ({
  ...trailer,
  strength: { ...trailer.strength, off: [...SITUATION_IDS.filter((id) => !kept.includes(id)), BADLY_OFF] },
});
/** Hardest share of each group of bars. */
const byGroup = ({ members }: StrengthAnalysis, ids: readonly string[]): number =>
  Math.max(...members.filter(({ memberId }) => ids.includes(memberId)).map(({ worst }) => worst.utilisation.value));
const RAILS = ['rail.left', 'rail.right'];
const LEGS = ['tongue.left', 'tongue.right'];

const withCross = (trailer: Trailer, ...xs: number[]): Trailer => ({
  ...trailer,
  frame: {
    ...trailer.frame,
    crossMembers: {
      kind: 'explicit',
      members: xs.map((xIn, i) => ({ id: `cross.${i + 1}`, xM: inches(xIn) })),
    },
  },
});

describe('no explosion where joints come near each other', () => {
  const base = only(sampleTrailer(), 'standing', 'bump-both', 'braking', 'cornering');
  test('a cross-member swept through the place where the leg meets the rail, in sixteenths', () => {
    let before: { rails: number; legs: number } | undefined;
    for (let sixteenth = 0; sixteenth <= 40; sixteenth += 1) {
      const analysis = analysed(withCross(base, 12.5 + sixteenth / 16, 49, 73));
      const now = { rails: byGroup(analysis, RAILS), legs: byGroup(analysis, LEGS) };
      if (before) {
        expect(Math.abs(now.rails / before.rails - 1)).toBeLessThan(0.05);
        expect(Math.abs(now.legs / before.legs - 1)).toBeLessThan(0.05);
      }
      before = now;
    }
  });
  test('the same with a packer between, an inch at a time', () => {
    const legs = [22, 23, 24, 25].map((xIn) => {
      const placed = withCross(base, xIn - 10, 49, 73);
      return byGroup(analysed({ ...placed, frame: { ...placed.frame, packers: ['cross.1'] } }), LEGS);
    });
    for (const [i, share] of legs.entries())
      if (i > 0) expect(Math.abs(share / (legs[i - 1] as number) - 1)).toBeLessThan(0.25);
  });
  test('a hanger or a ring a hundredth of a millimetre from a cross-member is no mechanism', () => {
    const hanger = base.runningGear.positionM - base.runningGear.suspension.hangerSpacingM / 2;
    for (const offM of [0, 1e-9, 1e-5, 1e-4, 1e-3]) {
      const analysis = analysed({
        ...base,
        frame: {
          ...base.frame,
          crossMembers: {
            kind: 'explicit',
            members: [
              { id: 'cross.1', xM: hanger + offM },
              { id: 'cross.2', xM: inches(75) },
            ],
          },
        },
      });
      expect(analysis.condition).toBeLessThan(1e10);
    }
  });
  test('a bed exactly as wide as its track is analysed, for every kind of suspension', () => {
    for (const kind of ['leaf', 'torsion', 'stub', 'none'] as const) {
      const trackM = base.frame.bed.widthM - inches(2);
      const analysis = analysed({
        ...base,
        runningGear: {
          ...base.runningGear,
          suspension: { ...base.runningGear.suspension, kind, trackM },
        },
      });
      expect(hardestOf(analysis)[0]!.share).toBeGreaterThan(0);
    }
  });
});

describe('the same thing said in another way', () => {
  const sizes = {
    lengthIn: 98,
    widthIn: 60,
    rail: 'hss-3x2x3_16',
    cross: 'hss-2x2x1_8',
    spacingIn: 24,
    tongue: aFrame(48),
    tongueBar: 'hss-3x2x3_16',
    plateLb: null,
    axleIn: 59,
  } as const;
  const load = (items: readonly Item[]): Trailer =>
    only(everyday({ ...sizes, items }), 'standing', 'bump-one', 'braking', 'cornering');
  test('2,150 lb in one piece or in twelve: rails and tongue alike in every situation', () => {
    const one = analysed(load([cargo('block', 2150, [72, 48, 30], 52)]));
    const twelve = analysed(
      load(
        Array.from({ length: 12 }, (_, i) =>
          cargo(`piece-${i}`, 2150 / 12, [18, 16, 30], 52 - 36 + 9 + 18 * Math.floor(i / 3), {
            attach: {
              ...cargo('x', 1, [1, 1, 1], 0).attach,
              offsetM: { value: inches(52 - 36 + 9 + 18 * Math.floor(i / 3)), basis: 'guessed', tolerance: 0 },
              rightM: inches(16 * ((i % 3) - 1)),
            },
          }),
        ),
      ),
    );
    for (const situation of ['standing', 'bump-one', 'braking', 'cornering'] as const) {
      for (const ids of [RAILS, LEGS]) {
        const share = ({ members }: StrengthAnalysis): number =>
          Math.max(
            ...members
              .filter(({ memberId }) => ids.includes(memberId))
              .map(({ bySituation }) => bySituation[situation]?.utilisation.value ?? 0),
          );
        // Tipped by its own brakes, a rigid block presses its front edge harder than loose pieces do: that much is real.
        const alike = situation === 'braking' ? 0.06 : 0.03;
        expect(Math.abs(share(twelve) / share(one) - 1), `${situation} ${ids[0]}`).toBeLessThan(alike);
      }
    }
  });
  test('a ring that carries nothing is only a node more', () => {
    const plain = load([cargo('block', 1500, [72, 48, 30], 52)]);
    const ringed = {
      ...plain,
      frame: { ...plain.frame, tieDowns: { ...plain.frame.tieDowns, perSide: 5, workingLoadKg: null } },
    };
    const [one, two] = [analysed(plain), analysed(ringed)];
    expect(byGroup(two, RAILS)).toBeCloseTo(byGroup(one, RAILS), 6);
    expect(byGroup(two, LEGS)).toBeCloseTo(byGroup(one, LEGS), 6);
  });
  test('mirrored: left becomes right', () => {
    const aside = (rightIn: number): StrengthAnalysis =>
      analysed(
        load([
          cargo('block', 1500, [40, 20, 30], 52, {
            attach: { ...cargo('x', 1, [1, 1, 1], 52).attach, rightM: inches(rightIn) },
          }),
        ]),
      );
    const [left, right] = [aside(-12), aside(12)];
    expect(byGroup(left, ['rail.left'])).toBeCloseTo(byGroup(right, ['rail.right']), 6);
    expect(byGroup(left, ['tongue.left'])).toBeCloseTo(byGroup(right, ['tongue.right']), 6);
  });
  test('the first opinion does not change with the second or third', () => {
    const trailer = everyday({ ...sizes, plateLb: 2600, items: [cargo('block', 1200, [72, 48, 30], 50)] });
    const own = (change: Partial<Trailer['strength']>, regions: Trailer['settings']['regions']): unknown =>
      hardestOf(
        analysed({
          ...trailer,
          strength: { ...trailer.strength, ...change },
          settings: { ...trailer.settings, regions },
        }),
      );
    const base = own({}, ['north-america']);
    expect(own({ off: [BADLY_OFF, 'recovery'] }, ['north-america'])).toEqual(base);
    expect(own({ off: ['drawbar', 'recovery'] }, ['australia'])).toEqual(base);
  });
});

describe('metal joins only what it touches', () => {
  const tube = (spacingIn: number, cross: string, packers: string[] = []): Trailer => {
    const trailer = everyday({
      lengthIn: 96,
      widthIn: 60,
      rail: 'hss-4x2x3_16',
      cross,
      spacingIn,
      tongue: single(48, 49),
      tongueBar: 'hss-4x2x3_16',
      plateLb: 2400,
      axleIn: 57,
      items: [cargo('block', 1000, [72, 48, 30], 48)],
    });
    return only({ ...trailer, frame: { ...trailer.frame, packers } }, 'standing', 'bump-both', 'braking');
  };
  const gap = (trailer: Trailer) => evaluate(trailer).findings.find(({ code }) => code === 'tongue-gap');
  test('2 in of air under a shallow cross-member: found, said, and the header bears it alone', () => {
    const loose = only(tube(24, 'hss-2x2x1_8'), 'standing');
    expect(gap(loose)).toMatchObject({ verdict: 'over', data: { loose: true, gapM: inches(2) } });
    const header = byGroup(analysed(loose), ['header.front']);
    const packed = only(tube(24, 'hss-2x2x1_8', ['cross.2']), 'standing');
    expect(gap(packed)?.verdict).not.toBe('over');
    expect(byGroup(analysed(packed), ['header.front'])).toBeLessThan(0.85 * header);
  });
  test('a cross-member as deep as the rails touches; its lap weld is listed, so is the header’s', () => {
    const deep = tube(24, 'hss-4x2x1_8');
    expect(gap(deep)).toBeUndefined();
    const laps = analysed(deep).welds.filter(({ kind }) => kind === 'lap');
    expect(laps.map(({ joint }) => joint)).toEqual(expect.arrayContaining(['header.front', 'cross.2']));
  });
  test('a packer is a bar of the cut list with a weld at either end', () => {
    const packed = tube(24, 'hss-2x2x1_8', ['cross.2']);
    const { chassis, cutList } = evaluate(packed);
    const packer = chassis.members.find(({ id }) => id === 'packer.middle.cross.2');
    expect(packer?.cutLengthM).toBeCloseTo(inches(2), 9);
    expect(JSON.stringify(cutList)).toContain('packer.middle.cross.2');
    const welds = analysed(packed).welds.filter(({ memberId }) => memberId === 'packer.middle.cross.2');
    expect(welds.map(({ end }) => end).sort()).toEqual(['first', 'second']);
  });
  test('an A-frame passes under shallow cross-members and is joined to header and rail alone', () => {
    const trailer = withCross(only(sampleTrailer(), 'standing'), 9, 49, 73);
    const { welds } = analysed(trailer);
    const joints = welds.filter(({ memberId }) => memberId === 'tongue.left').map(({ joint }) => joint);
    expect(joints.sort()).toEqual(['header.front', 'rail.left']);
    expect(gap(trailer)).toMatchObject({ verdict: 'ok', counts: false });
  });
});

describe('what overhangs and what rolls', () => {
  const held = (item: Item, drawerOutIn = 0): StrengthAnalysis => {
    const base = everyday({
      lengthIn: 96,
      widthIn: 60,
      rail: 'hss-3x2x3_16',
      cross: 'hss-2x2x1_8',
      spacingIn: 24,
      tongue: aFrame(44),
      tongueBar: 'hss-3x2x3_16',
      plateLb: null,
      axleIn: 57,
      items: [item],
    });
    return analysed(
      only(
        { ...base, cases: base.cases.map((own) => ({ ...own, drawerOutM: inches(drawerOutIn) })) },
        'standing',
        'bump-both',
      ),
    );
  };
  test('a drawer that is out hangs on its housing: the rear header alone does not hold it', () => {
    const drawer = cargo('drawer', 250, [48, 40, 12], 72, {
      attach: { ...cargo('x', 1, [1, 1, 1], 72).attach, on: 'drawer' },
    });
    const out = held(drawer, 44);
    expect(byGroup(out, ['header.rear'])).toBeLessThan(1);
    // The couple presses the last bar down and lifts the one before the middle of the housing.
    expect(byGroup(out, ['cross.2', 'cross.3', 'header.rear'])).toBeGreaterThan(
      byGroup(held(drawer), ['cross.2', 'cross.3', 'header.rear']),
    );
  });
  test('a load on wheels presses at its wheels: harder on one bar, never more in all', () => {
    const flat = cargo('machine', 1200, [70, 44, 40], 48);
    const rolling = { ...flat, wheels: { baseM: inches(47), trackM: inches(8) } };
    const [lying, standing] = [held(flat), held(rolling)];
    const crosses = ['cross.1', 'cross.2', 'cross.3'];
    expect(byGroup(standing, crosses)).toBeGreaterThan(byGroup(lying, crosses));
    const ball = ({ balances }: StrengthAnalysis): number =>
      balances
        .find(({ situation, caseId }) => situation === 'standing' && caseId === 'case.loaded')!
        .outside.find(({ place }) => place === 'ball')!.forceN[2];
    expect(ball(standing)).toBeCloseTo(ball(lying), 4);
  });
});
