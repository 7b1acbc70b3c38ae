import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { verify } from '../../test/verify.js';
import { evaluate } from '../evaluation/index.js';
import { buildCutList } from '../fabrication/index.js';
import { subtract } from '../frame-analysis/index.js';
import { goesSeen } from '../drawing/goes.js';
import { type BarEnd, barOf, type OwnBar, type Trailer } from '../project/index.js';
import { type AnalysisOutcome, analyseStrength, memberDiagram } from '../strength/index.js';
import { withSections } from '../strength/sizing/design.js';
import { fromRadians, inches } from '../units/index.js';
import { buildChassis, type Member, middleLineOf } from './index.js';

const area = 'Bars from any place to any other';
const sample = sampleTrailer();
const metal = { materialId: 'a500b', turnDeg: 0 } as const;
const on = (barId: string, atIn: number): BarEnd => ({ kind: 'on', barId, atM: inches(atIn) });
const off = (xIn: number, yIn: number, zIn: number): BarEnd => ({
  kind: 'off',
  byXM: inches(xIn),
  byYM: inches(yIn),
  byZM: inches(zIn),
});
const bar = (id: string, from: BarEnd, to: BarEnd, more: Partial<OwnBar> = {}): OwnBar => ({
  id: `bar.${id}`,
  sectionId: 'hss-1x1x1_8',
  ...metal,
  from,
  to,
  ...more,
});
/** Rails of 3 × 2 tube, 3/16 in. */
const withBars = (...ownBars: OwnBar[]): Trailer => ({
  ...sample,
  frame: {
    ...sample.frame,
    ownBars,
    groups: {
      ...sample.frame.groups,
      rail: { ...sample.frame.groups.rail, sectionId: 'hss-3x2x3_16', materialId: 'a500b' },
    },
  },
});
const built = (trailer: Trailer, id: string): Member => {
  const found = buildChassis(trailer).members.find((member) => member.id === `bar.${id}`);
  if (!found) throw new Error(JSON.stringify(buildChassis(trailer).problems));
  return found;
};
const problemsOf = (...ownBars: OwnBar[]) => buildChassis(withBars(...ownBars)).problems;
const analysisOf = (trailer: Trailer): AnalysisOutcome => {
  const { chassis, bare, cases } = evaluate(trailer);
  return analyseStrength({ trailer, chassis, bare, cases });
};

const POST = bar('post', on('rail.left', 24), off(0, 0, 30), { sectionId: 'hss-2x2x1_8' });
/** Leans at 45° from the rail's middle to the post's: 12 in along, 12 in up. */
const BRACE = bar('brace', on('rail.left', 36), on('bar.post', 10.5));

describe('an upright on a rail, and its brace', () => {
  const trailer = withBars(POST, BRACE);
  test('the upright stands on the rail’s top and is cut square', () => {
    const post = built(trailer, 'post');
    // 30 in above the middle of a rail 3 in deep.
    expect(post.cutLengthM).toBeCloseTo(inches(28.5), 9);
    expect(post.extent.z0M).toBeCloseTo(0, 9);
    expect(post.ends.map(({ kind }) => kind)).toEqual(['square', 'square']);
    // HSS 2 × 2 × 1/8 weighs 3.05 lb a foot (AISC Manual table 1-12, recalled); Kereta weighs what is bought, at the nominal wall.
    expect(post.massKg / 0.45359237 / (28.5 / 12)).toBeCloseTo(3.05, 1);
  });
  test('a 45° brace is cut 45° at both ends, as long as trigonometry says', () => {
    const brace = built(trailer, 'brace');
    const row = buildCutList(buildChassis(trailer)).rows.find(({ memberIds }) => memberIds.includes('bar.brace'));
    const source =
      'trigonometry: 12·√2 less 1.5·√2 at the rail and 1·√2 at the post, half an inch more and less at each end';
    verify({ area, check: 'brace, long side', ours: brace.cutLengthM / 0.0254, outside: '14.435', unit: 'in', source });
    verify({
      area,
      check: 'brace, short side',
      ours: brace.faceLengthM / 0.0254,
      outside: '12.435',
      unit: 'in',
      source,
    });
    for (const end of brace.ends) {
      if (end.kind !== 'mitre') throw new Error('square');
      expect(fromRadians(end.offSquareRad, 'deg')).toBeCloseTo(0, 6);
      expect(fromRadians(end.bevelRad ?? 0, 'deg')).toBeCloseTo(45, 6);
    }
    expect(row).toMatchObject({ mark: 'B2', shape: 'same-side', quantity: 1 });
  });
  test('a cut that is slanted both ways says how far the blade leans', () => {
    // Up, back and inward alike, out of the rail's inner face: the bar's own axes and the face's normal give tan = √1.5, √0.5 and sin = 1 ÷ √6.
    const [end] = built(withBars(bar('corner', on('rail.left', 24), off(20, 20, 20))), 'corner').ends;
    if (end.kind !== 'mitre') throw new Error('square');
    expect(fromRadians(end.offSquareRad, 'deg')).toBeCloseTo(50.768, 2);
    expect(fromRadians(end.bevelRad ?? 0, 'deg')).toBeCloseTo(35.264, 2);
    expect(fromRadians(end.tiltRad ?? 0, 'deg')).toBeCloseTo(24.095, 2);
  });
  test('it weighs in at its place, in every load', () => {
    const [bare, braced] = [evaluate(withBars()), evaluate(trailer)];
    const own = [built(trailer, 'post'), built(trailer, 'brace')];
    const massKg = own.reduce((sum, member) => sum + member.massKg, 0);
    braced.cases.forEach((balanced, i) => {
      const before = bare.cases[i]!;
      expect(balanced.massKg - before.massKg).toBeCloseTo(massKg, 6);
      const moment = own.reduce((sum, member) => sum + member.massKg * member.centre.xM, 0);
      expect(balanced.massKg * balanced.centre!.xM - before.massKg * before.centre!.xM).toBeCloseTo(moment, 6);
    });
  });
});

describe('in the frame analysis', () => {
  const worstOf = (trailer: Trailer, id: string) => {
    const outcome = analysisOf(trailer);
    if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome));
    const member = outcome.analysis.members.find(({ memberId }) => memberId === `bar.${id}`);
    if (!member) throw new Error(id);
    return { analysis: outcome.analysis, member };
  };
  test('an upright with nothing on it bears its own inertia alone: at its foot M = V·l ÷ 2', () => {
    const { member } = worstOf(withBars(POST), 'post');
    const braking = member.bySituation.braking;
    if (!braking) throw new Error('no braking');
    const { my, mz, vy, vz } = braking.inner;
    const lengthM = inches(28.5);
    // Along the trailer and across it; turning with the frame adds a little that grows with the height.
    expect(braking.atM).toBeCloseTo(0, 6);
    expect(Math.hypot(my, mz) / ((Math.hypot(vy, vz) * lengthM) / 2)).toBeCloseTo(1, 1);
  });
  test('a rack of two posts and a crossbar works alike on both sides where the load is the same on both', () => {
    const right = bar('right', on('rail.right', 24), off(0, 0, 30), { sectionId: 'hss-2x2x1_8' });
    const rack = withBars(POST, right, bar('across', on('bar.post', 27), on('bar.right', 27)));
    const { analysis } = worstOf(
      { ...rack, items: [], cases: rack.cases.map((own) => ({ ...own, aboard: [] })) },
      'post',
    );
    const share = (id: string): number =>
      analysis.members.find(({ memberId }) => memberId === id)!.bySituation['bump-both']!.utilisation.value;
    expect(share('bar.right') / share('bar.post')).toBeCloseTo(1, 6);
    const across = built(rack, 'across');
    // From face to face of the posts, whose middles stand over those of the rails.
    expect(across.cutLengthM).toBeCloseTo(rack.frame.bed.widthM - inches(2) - inches(2), 9);
  });
  test('its end is welded, and the sums of forces stay zero', () => {
    const { analysis } = worstOf(withBars(POST, BRACE), 'post');
    const welds = analysis.welds
      .filter(({ memberId }) => memberId.startsWith('bar.'))
      .map(({ memberId, end }) => `${memberId} ${end}`);
    expect(welds.toSorted()).toEqual(['bar.brace first', 'bar.brace second', 'bar.post first']);
    for (const { residual } of analysis.balances) expect(residual).toBeLessThan(1e-8);
  });
  test('a bar that stands on a rail does not count as holding it sideways', () => {
    const compression = (trailer: Trailer): number =>
      worstOf(trailer, 'post').analysis.members.find(({ memberId }) => memberId === 'rail.left')!.worst.resistance
        .bendingY.value;
    const farther = withBars({ ...POST, from: on('rail.left', 30) });
    expect(compression(withBars(POST))).toBeCloseTo(compression(farther), 6);
  });
});

describe('what cannot be', () => {
  test.each<[string, OwnBar[], object]>([
    [
      'on a bar that is not there',
      [bar('a', on('cross.99', 5), off(0, 0, 20))],
      { code: 'own-bar-on-nothing', onId: 'cross.99' },
    ],
    ['past the end of a bar', [bar('a', on('rail.left', 2000), off(0, 0, 20))], { code: 'own-bar-past-end' }],
    [
      'with both ends in the air',
      [bar('a', { kind: 'at', xM: 0, yM: 0, zM: 1 }, off(0, 0, 20))],
      { code: 'own-bar-loose' },
    ],
    ['each end off the other', [bar('a', off(0, 0, 1), off(0, 0, 20))], { code: 'own-bar-loose' }],
    ['of no length', [bar('a', on('rail.left', 20), on('rail.left', 20))], { code: 'own-bar-no-length' }],
    ['inside what it stands on', [bar('a', on('rail.left', 20), off(0, 0, 1))], { code: 'own-bar-no-length' }],
    [
      'along what it stands on',
      [bar('a', on('rail.left', 20), off(30, 0, 1))],
      { code: 'own-bar-too-flat', onId: 'rail.left' },
    ],
    [
      'two that stand on each other',
      [bar('a', on('bar.b', 1), off(0, 0, 20)), bar('b', on('bar.a', 1), off(0, 0, 20))],
      { code: 'own-bars-in-a-ring' },
    ],
    [
      'of a section that is not there',
      [bar('a', on('rail.left', 20), off(0, 0, 20), { sectionId: 'none' })],
      { code: 'missing-section' },
    ],
  ])('%s', (_, bars, problem) => {
    expect(problemsOf(...bars)[0]).toMatchObject(problem);
    expect(evaluate(withBars(...bars)).findings.some(({ code }) => code === 'frame-problem')).toBe(true);
  });
  test('nothing is lost of the others', () => {
    const trailer = withBars(bar('a', on('cross.99', 5), off(0, 0, 20)), POST);
    expect(built(trailer, 'post').cutLengthM).toBeCloseTo(inches(28.5), 9);
  });
});

test('wherever a bar runs: from face to face, at right angles in itself, no figure that is none; mirrored, alike', () => {
  const inch = fc.double({ min: -40, max: 40, noNaN: true });
  fc.assert(
    fc.property(
      fc.constantFrom('rail', 'header.front', 'cross.2'),
      fc.double({ min: 1, max: 40, noNaN: true }),
      fc.tuple(inch, inch, inch),
      fc.constantFrom(0, 90, 180, 270),
      (host, atIn, [x, y, z], turnDeg) => {
        const [left, right] = host === 'rail' ? ['rail.left', 'rail.right'] : [host, host];
        const hostLine = (id: string) =>
          middleLineOf(buildChassis(withBars()).members.find((member) => member.id === id)!)!;
        const wholeM = Math.hypot(...subtract(hostLine(left).end, hostLine(left).start));
        const otherAtM = host === 'rail' ? inches(atIn) : wholeM - inches(atIn);
        fc.pre(inches(atIn) <= wholeM);
        const trailer = withBars(
          bar('a', on(left, atIn), off(x, y, z), { turnDeg: turnDeg as 0 }),
          bar('b', { kind: 'on', barId: right, atM: otherAtM }, off(x, -y, z), { turnDeg: turnDeg as 0 }),
        );
        const { members, problems } = buildChassis(trailer);
        const [a, b] = ['bar.a', 'bar.b'].map((id) => members.find((member) => member.id === id));
        expect(problems.length > 0).toBe(a === undefined);
        if (!a || !b) return;
        const { start, end, across, up } = a.line!;
        const along = subtract(end, start);
        for (const [p, q] of [
          [along, across],
          [along, up],
          [across, up],
        ] as const)
          expect(p[0] * q[0] + p[1] * q[1] + p[2] * q[2]).toBeCloseTo(0, 9);
        for (const figure of [a.cutLengthM, a.faceLengthM, a.massKg, ...Object.values(a.extent)])
          expect(Number.isFinite(figure)).toBe(true);
        expect(a.cutLengthM).toBeGreaterThanOrEqual(a.faceLengthM - 1e-12);
        expect(b.cutLengthM).toBeCloseTo(a.cutLengthM, 9);
        expect(b.centre.yM).toBeCloseTo(-a.centre.yM, 9);
        expect(b.centre.zM).toBeCloseTo(a.centre.zM, 9);
      },
    ),
    { numRuns: 60 },
  );
});

describe('in the way', () => {
  const found = (trailer: Trailer, code: string) =>
    evaluate(trailer).findings.filter((finding) => finding.code === code);
  const tireIn = sample.runningGear.suspension.trackM / 2 / 0.0254;
  const axleIn = sample.runningGear.positionM / 0.0254;
  const railIn = sample.frame.bed.widthM / 2 / 0.0254;
  /** Out from the left rail's middle to over the tire's middle. */
  const outIn = tireIn - (railIn - 1);
  test('through a tire: named, with how deep', () => {
    const trailer = withBars(bar('step', on('rail.left', axleIn), off(0, -outIn, -6), { name: 'Step' }));
    expect(found(trailer, 'parts-meet').map(({ data }) => data)).toEqual(
      expect.arrayContaining([expect.objectContaining({ what: 'tire', withId: 'bar.step' })]),
    );
  });
  test('slanting past a tire: no word of it, though the box about it reaches in', () => {
    // From 30 in ahead of the hub, where nothing is, inward and back under the bed.
    const past = bar('past', { kind: 'at', xM: inches(axleIn - 34), yM: -inches(tireIn), zM: 0 }, on('cross.3', 6));
    const problems = buildChassis(withBars(past)).problems;
    expect(problems).toEqual([]);
    const member = built(withBars(past), 'past');
    expect(member.extent.x1M).toBeGreaterThan(inches(axleIn - 13));
    expect(found(withBars(past), 'parts-meet').filter(({ data }) => JSON.stringify(data).includes('"tire"'))).toEqual(
      [],
    );
  });
  test('wider than all else: the overall width is its own', () => {
    const reachIn = tireIn + 12;
    const trailer = withBars(bar('arm', on('rail.left', 10), off(0, -(reachIn - railIn + 1), 12)));
    const [width] = found(trailer, 'overall-width');
    expect(width?.data).toMatchObject({ by: 'load', itemId: 'bar.arm' });
    expect(width?.value?.value).toBeGreaterThan(2 * inches(reachIn - 1));
  });
  test('behind and below: counted in the length', () => {
    const before = found(withBars(), 'overall-length')[0]?.value?.value ?? 0;
    const trailer = withBars(bar('bumper', on('header.rear', 20), off(18, 0, -6)));
    expect((found(trailer, 'overall-length')[0]?.value?.value ?? 0) - before).toBeCloseTo(
      inches(17) + inches(0.5) * 0.3162,
      1,
    );
  });
});

describe('a rack and what lies on it', () => {
  const post = (id: string, side: 'left' | 'right', atIn: number) =>
    bar(id, on(`rail.${side}`, atIn), off(0, 0, 40), { sectionId: 'hss-2x2x1_8' });
  const rack = [
    post('fl', 'left', 20),
    post('fr', 'right', 20),
    post('rl', 'left', 70),
    post('rr', 'right', 70),
    bar('front', on('bar.fl', 37), on('bar.fr', 37)),
    bar('rear', on('bar.rl', 37), on('bar.rr', 37)),
  ];
  const load = sample.items[0]!;
  /** 200 lb, its middle a quarter of the way from the front bar to the rear one. */
  const boards = {
    ...load,
    massKg: { ...load.massKg, value: 200 * 0.45359237, tolerance: 0 },
    emptyMassKg: 0,
    sizeM: { lengthM: inches(96), widthM: inches(30), heightM: inches(6) },
    attach: {
      ...load.attach,
      on: 'rack' as const,
      from: 'front' as const,
      offsetM: { ...load.attach.offsetM, value: inches(32.5) },
      rightM: 0,
      aboveM: 0,
    },
  };
  const loaded: Trailer = { ...withBars(...rack), items: [boards] };
  test('it lies on the crossbars’ top, and its weight is as high', () => {
    const { cases, chassis } = evaluate(loaded);
    const top = chassis.members.find(({ id }) => id === 'bar.front')!.extent.z1M;
    const part = cases.flatMap(({ parts }) => parts).find(({ id }) => id === boards.id)!;
    expect(part.carriedBy).toBe('rack');
    expect(part.centre.zM).toBeCloseTo(top + inches(3), 9);
    expect(evaluate(loaded).findings.some(({ code }) => code === 'no-rack-under')).toBe(false);
  });
  test('its posts press by the lever rule: three quarters on the front ones, which stand still under a load that stands still', () => {
    const { chassis, bare, cases } = evaluate(loaded);
    const input = { trailer: loaded, chassis, bare, cases };
    const outcome = analyseStrength(input);
    if (outcome.kind !== 'analysed') throw new Error(JSON.stringify(outcome));
    const loadedCase = cases.find(
      ({ loadCase, parts }) => loadCase.mode === 'towed' && parts.some(({ id }) => id === boards.id),
    )!;
    const key = outcome.analysis.balances.find(
      ({ caseId, situation }) => caseId === loadedCase.loadCase.id && situation === 'standing',
    )!;
    // At its foot a post bears itself, half of its crossbar, and half of what that bears.
    const heldLbf = (post: string, crossbar: string): number => {
      const foot = memberDiagram(input, post, key)!.points[0]!;
      const own = [post, crossbar].map((id) => chassis.members.find((member) => member.id === id)!.massKg);
      return (-foot.n - (own[0]! + own[1]! / 2) * 9.80665) / 4.4482216;
    };
    const source = 'statics, lever rule, worked by hand: 200 lb, 12.5 in behind the front bar of two 50 in apart';
    for (const side of ['l', 'r']) {
      verify({
        area,
        check: `front post, ${side}`,
        ours: heldLbf(`bar.f${side}`, 'bar.front'),
        outside: '75',
        unit: 'lbf',
        source,
        tolerance: 0.01,
      });
      verify({
        area,
        check: `rear post, ${side}`,
        ours: heldLbf(`bar.r${side}`, 'bar.rear'),
        outside: '25',
        unit: 'lbf',
        source,
        tolerance: 0.01,
      });
    }
  });
  test('moved off it, it is told', () => {
    const off: Trailer = {
      ...loaded,
      items: [{ ...boards, attach: { ...boards.attach, offsetM: { ...boards.attach.offsetM, value: inches(-100) } } }],
    };
    expect(evaluate(off).findings.filter(({ code }) => code === 'no-rack-under')).toHaveLength(1);
  });
});

describe('what is there already', () => {
  const existing = { existing: true };
  const old: Trailer = {
    ...withBars(POST),
    frame: {
      ...withBars(POST).frame,
      overrides: { 'rail.left': existing, 'rail.right': existing, 'bar.post': existing },
    },
  };
  test('weighs and bears as before; nothing of it is cut or bought', () => {
    const [made, kept] = [evaluate(withBars(POST)), evaluate(old)];
    kept.cases.forEach(({ massKg }, i) => expect(massKg).toBeCloseTo(made.cases[i]!.massKg, 12));
    const list = buildCutList(kept.chassis);
    expect(list.existingIds.toSorted()).toEqual(['bar.post', 'rail.left', 'rail.right']);
    expect(list.rows.flatMap(({ memberIds }) => memberIds)).not.toContain('rail.left');
    const notMade = kept.chassis.members
      .filter((member) => member.existing)
      .reduce((sum, { massKg }) => sum + massKg, 0);
    expect(buildCutList(made.chassis).massKg - list.massKg).toBeCloseTo(notMade, 9);
  });
  test('sizing leaves it as it is', () => {
    const other = { sectionId: 'hss-4x2x3_16', materialId: 'a500b' };
    const resized = withSections(old, { rail: other, header: other, cross: other, tongue: other });
    expect(barOf(resized, 'rail', 'rail.left').sectionId).toBe('hss-3x2x3_16');
    expect(barOf(resized, 'cross', 'cross.1').sectionId).toBe('hss-4x2x3_16');
    expect(buildChassis(resized).members.find(({ id }) => id === 'rail.left')?.existing).toBe(true);
  });
});

describe('what is to be taken off an old trailer', () => {
  const post = (id: string, host: string, atIn: number): OwnBar => bar(id, on(host, atIn), off(0, 0, 20));
  test('is drawn as a ghost where it was, and is in no weight, cut list or analysis; what stood on it says so', () => {
    const at = (removed: boolean): Trailer =>
      withBars({ ...post('a', 'rail.left', 30), removed }, post('b', 'rail.left', 50));
    const [stays, goes] = [at(false), at(true)].map((trailer) => buildChassis(trailer));
    if (!stays || !goes) throw new Error('none');
    expect(goes.members.map(({ id }) => id)).not.toContain('bar.a');
    expect(goes.members.map(({ id }) => id)).toContain('bar.b');
    expect(goes.goes.members.map(({ id, extent }) => [id, extent])).toEqual(
      stays.members.filter(({ id }) => id === 'bar.a').map(({ id, extent }) => [id, extent]),
    );
    expect(stays.goes.members).toEqual([]);
    const ghosts = goesSeen(goes, 'side');
    expect(ghosts).toHaveLength(1);
    expect(ghosts[0]).toMatchObject({ part: 'bar.a', line: 'ghost', fill: 'none' });
    const onIt = post('c', 'bar.a', 5);
    const trailer = at(true);
    const hangs = buildChassis({ ...trailer, frame: { ...trailer.frame, ownBars: [...trailer.frame.ownBars, onIt] } });
    expect(hangs.problems.map(({ code }) => code)).toContain('own-bar-on-nothing');
  });
});
