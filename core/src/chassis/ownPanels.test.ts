import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { planView } from '../drawing/index.js';
import { evaluate } from '../evaluation/index.js';
import type { OwnBar, OwnPanel, Trailer } from '../project/index.js';
import { analyseStrength } from '../strength/index.js';
import { inches } from '../units/index.js';
import { buildChassis, panelBoxes, panelSizes } from './index.js';

const sample = sampleTrailer();
const post = (id: string, barId: string, atIn: number): OwnBar => ({
  id: `bar.${id}`,
  sectionId: 'hss-1x1x1_8',
  materialId: 'a500b',
  turnDeg: 0,
  from: { kind: 'on', barId, atM: inches(atIn) },
  to: { kind: 'off', byXM: 0, byYM: 0, byZM: inches(30) },
});
const between = (face: 'outer' | 'inner' | 'middle', ...barIds: [string, string]): OwnPanel['place'] => ({
  kind: 'between',
  barIds,
  face,
});
const panel = (place: OwnPanel['place'], more: Partial<OwnPanel> = {}): OwnPanel => ({
  id: 'panel.a',
  sheet: { kind: 'plywood', thicknessM: 0.012 },
  place,
  cutouts: [],
  existing: false,
  carries: false,
  ...more,
});
const bar = (id: string, from: OwnBar['from'], to: OwnBar['to']): OwnBar => ({
  id: `bar.${id}`,
  sectionId: 'hss-1x1x1_8',
  materialId: 'a500b',
  turnDeg: 0,
  from,
  to,
});
const POSTS = [post('front', 'rail.right', 20), post('rear', 'rail.right', 60)];
const withPanel = (own: OwnPanel): Trailer => ({
  ...sample,
  frame: { ...sample.frame, ownBars: POSTS, ownPanels: [own] },
});
const built = (own: OwnPanel) => {
  const chassis = buildChassis(withPanel(own));
  const found = chassis.panels.find(({ id }) => id === 'panel.a');
  if (!found?.own) throw new Error(JSON.stringify(chassis.problems));
  return { chassis, panel: found, own: found.own };
};
const problemOf = (own: OwnPanel) => buildChassis(withPanel(own)).problems;

describe('a panel from bar to bar', () => {
  test('on their outer faces it covers both: 41 × 30 in outside of two 1 in posts 40 in apart', () => {
    const { panel: wall, own, chassis } = built(panel(between('outer', 'bar.front', 'bar.rear')));
    const posts = chassis.members.filter(({ group }) => group === 'own');
    const right = Math.max(...posts.flatMap(({ plan }) => plan.map(([, y]) => y)));
    expect(wall.y0M).toBeCloseTo(right, 9);
    expect(wall.y1M).toBeCloseTo(right + 0.012, 9);
    expect(wall.extent.x1M - wall.extent.x0M).toBeCloseTo(inches(41), 9);
    // From the rail's top to the posts' ends, which were told from the rail's middle line.
    expect(wall.extent.z0M).toBeCloseTo(0, 9);
    expect(wall.extent.z1M).toBeCloseTo(posts[0]?.extent.z1M ?? Number.NaN, 9);
    expect(own.plane).toBe('along');
    expect(wall.massKg).toBeCloseTo(own.areaM2 * 0.012 * 590, 9);
    expect(own.heldBy).toEqual(['bar.front', 'bar.rear']);
  });
  test('between them it ends at their faces', () => {
    const { panel: wall } = built(panel(between('middle', 'bar.front', 'bar.rear')));
    expect(wall.extent.x1M - wall.extent.x0M).toBeCloseTo(inches(39), 9);
    expect((wall.y0M + wall.y1M) / 2).toBeCloseTo(
      buildChassis(withPanel(panel(between('middle', 'bar.front', 'bar.rear')))).members.find(
        ({ id }) => id === 'rail.right',
      )?.centre.yM ?? Number.NaN,
      6,
    );
  });
  test('from rail to rail on top it is a floor, below them a tray', () => {
    expect(built(panel(between('outer', 'rail.left', 'rail.right'))).panel.extent.z0M).toBeCloseTo(0, 9);
    const tray = built(panel(between('inner', 'rail.left', 'rail.right')));
    expect(tray.panel.extent.z1M).toBeCloseTo(-tray.chassis.railHeightM, 9);
    expect(tray.own.plane).toBe('flat');
  });
  test('it follows its bars', () => {
    const near = buildChassis({
      ...sample,
      frame: {
        ...sample.frame,
        ownBars: [post('front', 'rail.right', 20), post('rear', 'rail.right', 50)],
        ownPanels: [panel(between('outer', 'bar.front', 'bar.rear'))],
      },
    }).panels.find(({ id }) => id === 'panel.a');
    expect((near?.extent.x1M ?? 0) - (near?.extent.x0M ?? 0)).toBeCloseTo(inches(31), 9);
  });
  test('its weight is carried by its bars', () => {
    const trailer = withPanel(
      panel(between('outer', 'bar.front', 'bar.rear'), { sheet: { kind: 'steel-sheet', thicknessM: 0.01 } }),
    );
    const work = (of: Trailer): number => {
      const { chassis, bare, cases } = evaluate(of);
      const outcome = analyseStrength({ trailer: of, chassis, bare, cases });
      if (outcome.kind !== 'analysed') throw new Error(outcome.kind);
      return outcome.analysis.members.find(({ memberId }) => memberId === 'bar.front')?.worst.utilisation.value ?? 0;
    };
    expect(work(trailer)).toBeGreaterThan(2 * work({ ...trailer, frame: { ...trailer.frame, ownPanels: [] } }));
  });
});

describe('a panel at a place', () => {
  const place = { kind: 'at', plane: 'across', atM: 0.5, fromM: -0.4, toM: 0.6, lowM: 0.1, highM: 0.9 } as const;
  test('lies where it is told, and its weight balances there', () => {
    const { panel: board, own } = built(panel(place));
    expect(board.extent).toEqual({ x0M: 0.494, x1M: 0.506, z0M: 0.1, z1M: 0.9 });
    expect([board.y0M, board.y1M]).toEqual([-0.4, 0.6]);
    expect(own.areaM2).toBeCloseTo(0.8, 12);
    expect(board.centre.yM).toBeCloseTo(0.1, 12);
  });
  test('an opening takes its weight off, and the balance point moves away from it', () => {
    const { panel: board, own } = built(
      panel(place, { cutouts: [{ id: 'o', alongM: 0, upM: 0, lengthM: 0.5, heightM: 0.4 }] }),
    );
    expect(own.areaM2).toBeCloseTo(0.6, 12);
    // (0.8 × 0.1 − 0.2 × (−0.15)) ÷ 0.6 and (0.8 × 0.5 − 0.2 × 0.3) ÷ 0.6
    expect(board.centre.yM).toBeCloseTo(0.11 / 0.6, 12);
    expect(board.centre.zM).toBeCloseTo(0.34 / 0.6, 12);
  });
  test('an opening that reaches past it is cut off at its edge', () => {
    const { own } = built(panel(place, { cutouts: [{ id: 'o', alongM: 0.9, upM: 0.7, lengthM: 5, heightM: 5 }] }));
    expect(own.areaM2).toBeCloseTo(0.8 - 0.01, 12);
  });
});

describe('wheel wells and holes in the deck', () => {
  const holed = (cutouts: Trailer['frame']['deck']['cutouts']): Trailer => ({
    ...sample,
    frame: { ...sample.frame, deck: { ...sample.frame.deck, kind: 'plywood', thicknessM: 0.018, cutouts } },
  });
  const deckOf = (trailer: Trailer) => {
    const deck = buildChassis(trailer).panels.find(({ kind }) => kind === 'deck');
    if (!deck) throw new Error('no deck');
    return deck;
  };
  const WELLS = [
    { id: 'l', alongM: 1, upM: 0, lengthM: 0.8, heightM: 0.25 },
    { id: 'r', alongM: 1, upM: sample.frame.bed.widthM - 0.25, lengthM: 0.8, heightM: 0.25 },
  ];
  test('two wells of 0.8 × 0.25 m take their plywood off, alike on both sides', () => {
    const [whole, wells] = [deckOf(holed([])), deckOf(holed(WELLS))];
    expect(whole.massKg - wells.massKg).toBeCloseTo(2 * 0.8 * 0.25 * 0.018 * 590, 9);
    expect(wells.centre.yM).toBeCloseTo(0, 12);
    expect(wells.extent).toEqual(whole.extent);
  });
  test('they are seen through from above', () => {
    const trailer = holed(WELLS);
    const { chassis } = evaluate(trailer);
    const lettering = { length: String, mass: String, load: String };
    const deck = planView({ trailer, chassis, shown: undefined }, { lettering, sizes: false }).shapes.find(
      ({ part, kind }) => part === 'deck' && kind === 'region',
    );
    expect(deck?.kind === 'region' ? deck.loops : []).toHaveLength(3);
  });
  test('a hole that is all of the deck leaves none', () => {
    const all = [{ id: 'a', alongM: 0, upM: 0, lengthM: 15, heightM: 5 }];
    expect(buildChassis(holed(all)).panels.some(({ kind }) => kind === 'deck')).toBe(false);
  });
});

describe('what cannot be is said', () => {
  test.each([
    ['a bar that is not there', panel(between('outer', 'bar.gone', 'bar.rear')), 'own-panel-on-nothing'],
    ['a rail and a post', panel(between('outer', 'rail.right', 'bar.rear')), 'own-panel-not-flat'],
    ['one bar twice', panel(between('outer', 'bar.rear', 'bar.rear')), 'own-panel-not-flat'],
    [
      'no width',
      panel({ kind: 'at', plane: 'flat', atM: 0, fromM: 1, toM: 1, lowM: 0, highM: 1 }),
      'own-panel-no-size',
    ],
    [
      'an opening as large as itself',
      panel(
        { kind: 'at', plane: 'flat', atM: 0, fromM: 0, toM: 1, lowM: 0, highM: 1 },
        { cutouts: [{ id: 'o', alongM: 0, upM: 0, lengthM: 1, heightM: 1 }] },
      ),
      'own-panel-no-size',
    ],
  ])('%s', (_what, own, code) => {
    expect(problemOf(own)).toEqual([expect.objectContaining({ code, panelId: 'panel.a' })]);
    expect(evaluate(withPanel(own)).findings.some((finding) => finding.subject === 'panel.a')).toBe(true);
  });
});

describe('a panel that leans', () => {
  const lean = (face: 'outer' | 'inner' | 'middle', more: Partial<OwnPanel> = {}): Trailer => ({
    ...sample,
    frame: {
      ...sample.frame,
      ownBars: [
        bar('low', { kind: 'at', xM: 0, yM: -0.5, zM: 0.3 }, { kind: 'at', xM: 0, yM: 0.5, zM: 0.3 }),
        bar('high', { kind: 'at', xM: 0.4, yM: -0.5, zM: 0.6 }, { kind: 'at', xM: 0.4, yM: 0.5, zM: 0.6 }),
        bar('post.1', { kind: 'on', barId: 'header.front', atM: 0.5 }, { kind: 'on', barId: 'bar.low', atM: 0.5 }),
        bar('post.2', { kind: 'on', barId: 'bar.low', atM: 0.2 }, { kind: 'on', barId: 'bar.high', atM: 0.2 }),
      ],
      ownPanels: [panel(between(face, 'bar.low', 'bar.high'), more)],
    },
  });
  const panelOfTrailer = (trailer: Trailer) => {
    const chassis = buildChassis(trailer);
    const found = chassis.panels.find(({ id }) => id === 'panel.a');
    if (!found?.own?.slant) throw new Error(JSON.stringify(chassis.problems));
    return { found, own: found.own, slant: found.own.slant };
  };
  test('0.4 m on and 0.3 m up it is 0.5 m wide, weighs by that, and balances between its bars', () => {
    const { found, own } = panelOfTrailer(lean('middle'));
    const size = inches(1);
    // Between the bars it ends at them: half a bar less at each edge.
    expect(panelSizes(found, own).widthM).toBeCloseTo(0.5 - size, 9);
    expect(own.areaM2).toBeCloseTo(1 * (0.5 - size), 6);
    expect(found.massKg / (own.areaM2 * 0.012)).toBeCloseTo(600, -2);
    expect(found.centre.xM).toBeCloseTo(0.2, 9);
    expect(found.centre.zM).toBeCloseTo(0.45, 9);
  });
  test('outside it lies over both bars, inside under them, as far off as bar and sheet are thick', () => {
    const [outer, inner] = (['outer', 'inner'] as const).map((face) => panelOfTrailer(lean(face)).found.centre);
    const apart = Math.hypot((outer?.xM ?? 0) - (inner?.xM ?? 0), (outer?.zM ?? 0) - (inner?.zM ?? 0));
    expect(apart).toBeCloseTo(inches(1) + 0.012, 9);
    expect(outer?.zM).toBeGreaterThan(inner?.zM ?? 0);
  });
  test('its boxes lie in the box about it and fill its height; openings in it are refused in words', () => {
    const { found, own } = panelOfTrailer(lean('outer'));
    const boxes = panelBoxes(found, own);
    expect(boxes.length).toBeGreaterThan(5);
    expect(Math.min(...boxes.map(({ z0M }) => z0M))).toBeCloseTo(found.extent.z0M, 9);
    expect(Math.max(...boxes.map(({ z1M }) => z1M))).toBeCloseTo(found.extent.z1M, 9);
    for (const one of boxes) expect(one.x0M).toBeGreaterThanOrEqual(found.extent.x0M - 1e-9);
    const cutouts = [{ id: 'o', alongM: 0.1, upM: 0.1, lengthM: 0.1, heightM: 0.1 }];
    expect(buildChassis(lean('outer', { cutouts })).problems.map(({ code }) => code)).toContain('own-panel-leans-open');
  });
});

describe('plywood larger than a sheet', () => {
  const wall = (lengthM: number, heightM: number, postsM: readonly number[], kind = 'plywood' as const): Trailer => ({
    ...sample,
    frame: {
      ...sample.frame,
      bed: { ...sample.frame.bed, lengthM: 5 },
      ownBars: postsM.map((xM, i) =>
        bar(`p${i}`, { kind: 'on', barId: 'rail.right', atM: xM }, { kind: 'off', byXM: 0, byYM: 0, byZM: heightM }),
      ),
      ownPanels: [
        panel(
          {
            kind: 'at',
            plane: 'along',
            atM: sample.frame.bed.widthM / 2 - 0.03,
            fromM: 0,
            toM: lengthM,
            lowM: 0,
            highM: heightM,
          },
          { sheet: { kind, thicknessM: 0.012 } },
        ),
      ],
    },
  });
  const open = (trailer: Trailer) => evaluate(trailer).findings.find(({ code }) => code === 'panel-joint-off-bar');
  test('one sheet needs no joint; two meet on a post, wherever it is within a sheet’s reach', () => {
    expect(open(wall(2.4, 1.2, [0.1, 2.3]))).toBeUndefined();
    expect(open(wall(4.5, 1.2, [0.1, 2.2, 4.4]))).toBeUndefined();
    // Standing, a sheet reaches 4 ft along the wall: posts every metre do.
    expect(open(wall(3, 2.4, [0.1, 1, 2, 2.9]))).toBeUndefined();
  });
  test('with no post where they could meet it is told where one is wanted', () => {
    const found = open(wall(4.5, 1.2, [0.1, 4.4]));
    if (found?.code !== 'panel-joint-off-bar') throw new Error('not told');
    expect(found.verdict).toBe('tight');
    expect(found.data.fromM).toBeLessThan(0.2);
    expect(found.data.toM).toBeLessThan(2.6);
  });
});
