import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { evaluate } from '../../evaluation/index.js';
import { buildCutList } from '../../fabrication/index.js';
import type { Piece, Trailer } from '../../project/index.js';
import { analyseStrength, type AnalysisOutcome } from '../../strength/index.js';
import { inches } from '../../units/index.js';
import { newPiece, openProject, type Project, removePiece } from '../../project/index.js';
import { newProject } from '../../project/newProject.js';
import { buildChassis, type Chassis, panelBoxes, pieceAsOwn } from '../index.js';

/** 60 × 98 in, rails and headers 3 × 1 in on edge, cross-members 2 × 1 in. */
const bed = (pieces: readonly Piece[], change: Partial<Trailer['frame']> = {}): Trailer => {
  const sample = sampleTrailer();
  const steel = { materialId: 'a500b', faces: 'in' } as const;
  return {
    ...sample,
    frame: {
      ...sample.frame,
      bed: { lengthM: inches(98), widthM: inches(60), corner: 'rails-through' },
      groups: {
        ...sample.frame.groups,
        rail: { ...steel, sectionId: 'hss-3x2x3_16' },
        header: { ...steel, sectionId: 'hss-3x2x3_16' },
        cross: { ...steel, sectionId: 'hss-2x1x1_8' },
      },
      deck: { ...sample.frame.deck, kind: 'plywood', thicknessM: inches(0.75), seat: 'recessed' },
      sides: { kind: 'none' },
      pieces: [...pieces],
      ...change,
    },
  };
};
const steel = { sectionId: 'hss-1x1x1_8', materialId: 'a500b' } as const;
const mesh = { kind: 'welded-mesh', thicknessM: 0.006 } as const;
const ply = { kind: 'plywood', thicknessM: inches(0.5) } as const;

const SIDES: Piece = {
  kind: 'sides',
  id: 'piece.s',
  ...steel,
  edges: { left: true, right: true, front: true, rear: false },
  heightM: inches(24),
  postSpacingM: inches(30),
  midRails: 1,
  fill: ply,
  carries: true,
};
const GATE: Extract<Piece, { kind: 'gate' }> = {
  kind: 'gate',
  id: 'piece.g',
  ...steel,
  edge: 'rear',
  atM: 0,
  widthM: inches(54),
  heightM: inches(40),
  bars: 3,
  gapM: inches(0.25),
  fill: mesh,
  held: 'ground',
};
const RACK: Piece = {
  kind: 'rack',
  id: 'piece.r',
  ...steel,
  fromM: inches(10),
  toM: inches(88),
  hoops: 3,
  heightM: inches(40),
  overhangM: inches(3),
  longBars: true,
  braced: true,
};
const BODY: Extract<Piece, { kind: 'body' }> = {
  kind: 'body',
  id: 'piece.b',
  ...steel,
  heightM: inches(60),
  postSpacingM: inches(24),
  carries: true,
  skinCarries: false,
  overhangM: 0,
  skin: { kind: 'aluminum-sheet', thicknessM: 0.001 },
  roof: { kind: 'aluminum-sheet', thicknessM: 0.001 },
  insulation: { kind: 'foam-board', thicknessM: inches(1) },
  openings: [
    { id: 'door', edge: 'rear', alongM: inches(18), upM: 0, lengthM: inches(24), heightM: inches(54) },
    { id: 'window', edge: 'left', alongM: inches(30), upM: inches(30), lengthM: inches(20), heightM: inches(16) },
  ],
};
const UPPER: Piece = {
  kind: 'upper-frame',
  id: 'piece.u',
  ...steel,
  fromM: 0,
  toM: inches(98),
  heightM: inches(6),
  overhangM: inches(12),
  spacingM: inches(24),
  fill: { kind: 'expanded-steel', thicknessM: 0.0032 },
};
const HEADBOARD: Piece = {
  kind: 'headboard',
  id: 'piece.h',
  ...steel,
  atM: 0,
  heightM: inches(36),
  posts: 4,
  midRails: 2,
  fill: { kind: 'expanded-steel', thicknessM: 0.0032 },
};
const SHELF: Piece = {
  kind: 'shelf',
  id: 'piece.t',
  ...steel,
  fromM: inches(4),
  toM: inches(24),
  widthM: inches(36),
  fill: ply,
};
const BUMPER: Piece = {
  kind: 'bumper',
  id: 'piece.p',
  ...steel,
  behindM: inches(6),
  widthM: inches(56),
  levelM: inches(-1.5),
};
const ALL: readonly Piece[] = [SIDES, GATE, RACK, BODY, UPPER, HEADBOARD, SHELF, BUMPER];

const ofPiece = ({ members, panels }: Chassis, own: string) => ({
  bars: members.filter(({ id }) => id.startsWith(`bar.${own}.`)),
  panels: panels.filter(({ id }) => id.startsWith(`panel.${own}.`)),
});
const kg = (parts: readonly { readonly massKg: number }[]): number =>
  parts.reduce((sum, { massKg }) => sum + massKg, 0);
const analysisOf = (trailer: Trailer): AnalysisOutcome => {
  const { chassis, bare, cases } = evaluate(trailer);
  return analyseStrength({ trailer, chassis, bare, cases });
};

describe('each piece on a bed that no demo has', () => {
  test.each(ALL.map((piece) => [piece.kind, piece] as const))('%s is built whole and analysed', (_kind, piece) => {
    const trailer = bed([piece]);
    const chassis = buildChassis(trailer);
    expect(chassis.problems).toEqual([]);
    const { bars } = ofPiece(chassis, piece.id.slice(6));
    expect(bars.length).toBeGreaterThan(1);
    const outcome = analysisOf(trailer);
    expect(outcome.kind).toBe('analysed');
  });
  test.each(ALL.map((piece) => [piece.kind, piece] as const))('%s is alike left and right', (_kind, piece) => {
    const own = ofPiece(buildChassis(bed([piece])), piece.id.slice(6));
    const parts = [...own.bars, ...own.panels];
    const window = piece.kind === 'body' ? { ...piece, openings: [] } : piece;
    const even = ofPiece(buildChassis(bed([window])), piece.id.slice(6));
    const yM = [...even.bars, ...even.panels].reduce((sum, { massKg, centre }) => sum + massKg * centre.yM, 0);
    expect(parts.length).toBeGreaterThan(0);
    expect(Math.abs(yM)).toBeLessThan(1e-9 * kg(parts) + 1e-9);
  });
});

const inch = (m: number): number => m / 0.0254;

describe('weights and lengths by hand', () => {
  test('a gate of 54 × 40 in: two stiles, two rails between them, three bars between those; mesh by its area', () => {
    const { bars, panels } = ofPiece(buildChassis(bed([GATE])), 'g');
    const cut = (role: string) =>
      bars.filter(({ id }) => id.includes(`.${role}.`)).map(({ cutLengthM }) => inch(cutLengthM));
    expect(cut('stile')).toEqual([expect.closeTo(40, 6), expect.closeTo(40, 6)]);
    expect(cut('rail')).toEqual([expect.closeTo(52, 6), expect.closeTo(52, 6)]);
    expect(cut('bar')).toEqual([38, 38, 38].map((long) => expect.closeTo(long, 6)));
    // 2 × 40 + 2 × 52 + 3 × 38 = 298 in of it.
    const [first] = bars;
    if (!first) throw new Error('no bars');
    expect(kg(bars)).toBeCloseTo(inches(298) * first.bar.nominalAreaM2 * first.material.densityKgM3, 9);
    // 54 × 40 in = 1.394 m² of two layers of 3 mm wire at 50 mm: 2 × π/4 × 0.003² × 7850 ÷ 0.05 = 2.22 kg/m².
    expect(kg(panels)).toBeCloseTo(1.3935 * 2.22, 2);
  });
  test('sides on three edges: posts from the rail to the top rail, the plywood by its faces', () => {
    const chassis = buildChassis(bed([SIDES]));
    const { bars, panels } = ofPiece(chassis, 's');
    const tops = bars.filter(({ id }) => id.includes('.top.'));
    // Sides of 97 in: from the middle of the front header less half a post to that of the rear one; the front one between them.
    expect(tops.map(({ cutLengthM }) => inch(cutLengthM))).toEqual([97, 97, 57].map((long) => expect.closeTo(long, 6)));
    const posts = bars.filter(({ id }) => id.includes('.post.'));
    // 96 in in gaps of 30 at most: five posts a side; the front's 58 in in two: one between the corners.
    expect(posts).toHaveLength(11);
    for (const post of posts) expect(inch(post.cutLengthM)).toBeCloseTo(23, 6);
    expect(Math.max(...bars.map(({ extent }) => extent.z1M))).toBeCloseTo(inches(24), 9);
    // Inside the posts: two of 95.5 × 24 in and one of 56 × 24 in, half an inch of 590 kg/m³.
    const m2 = (2 * 95.5 * 24 + 56 * 24) * 0.0254 ** 2;
    expect(kg(panels)).toBeCloseTo(m2 * inches(0.5) * 590, 1);
  });
  test('a box body’s skin is what its openings leave, and no strip of it lies in one', () => {
    const chassis = buildChassis(bed([BODY]));
    const rear = chassis.panels.find(({ id }) => id === 'panel.b.skin.rear');
    const left = chassis.panels.find(({ id }) => id === 'panel.b.skin.left');
    if (!rear?.own || !left?.own) throw new Error('no skins');
    const whole = (left.extent.x1M - left.extent.x0M) * inches(60);
    expect(left.own.areaM2).toBeCloseTo(whole - inches(20) * inches(16), 9);
    const strips = panelBoxes(left, left.own);
    expect(strips.reduce((sum, box) => sum + (box.x1M - box.x0M) * (box.z1M - box.z0M), 0)).toBeCloseTo(
      left.own.areaM2,
      9,
    );
    const [window] = left.own.cutouts;
    for (const box of strips)
      expect(
        box.x0M >= (window?.box.x1M ?? 0) - 1e-9 ||
          box.x1M <= (window?.box.x0M ?? 0) + 1e-9 ||
          box.z0M >= (window?.box.z1M ?? 0) - 1e-9 ||
          box.z1M <= (window?.box.z0M ?? 0) + 1e-9,
      ).toBe(true);
    // The door reaches down to the deck and takes weight off below: what is left balances higher.
    expect(rear.centre.zM).toBeGreaterThan(inches(30));
  });
  test('what a piece weighs is in the trailer, in its place, and its bars are cut', () => {
    const bare = evaluate(bed([]));
    const withGate = evaluate(bed([GATE]));
    const own = ofPiece(withGate.chassis, 'g');
    const empty = (evaluation: typeof bare) => evaluation.cases[0];
    expect((empty(withGate)?.massKg ?? 0) - (empty(bare)?.massKg ?? 0)).toBeCloseTo(
      kg([...own.bars, ...own.panels]),
      9,
    );
    const arm = (evaluation: typeof bare): number => {
      const standing = empty(evaluation)?.standing;
      return standing ? standing.groupCentreXM - standing.aheadXM : Number.NaN;
    };
    const tongue = (evaluation: typeof bare): number => (empty(evaluation)?.standing?.tongueN ?? Number.NaN) / 9.80665;
    const behind = [...own.bars, ...own.panels].reduce(
      (sum, { massKg, centre }) => sum + massKg * (centre.xM - (empty(bare)?.standing?.groupCentreXM ?? 0)),
      0,
    );
    expect(tongue(bare) - tongue(withGate)).toBeCloseTo(behind / arm(bare), 6);
    const rows = buildCutList(withGate.chassis).rows.filter(({ memberIds }) =>
      memberIds.some((id) => id.startsWith('bar.g.')),
    );
    expect(rows.reduce((sum, { quantity }) => sum + quantity, 0)).toBe(7);
    expect(buildCutList(withGate.chassis).panels).toEqual([
      expect.objectContaining({ mark: 'W1', quantity: 1, kind: 'welded-mesh' }),
    ]);
  });
});

describe('a body wider than its bed', () => {
  const wide = { ...BODY, overhangM: inches(9), openings: [] };
  test('stands on sills that arms from the rails hold, 18 in wider in all', () => {
    const [narrow, broad] = [{ ...BODY, openings: [] }, wide].map((piece) => buildChassis(bed([piece])));
    const width = (chassis: Chassis | undefined): number => {
      const roof = chassis?.panels.find(({ id }) => id === 'panel.b.roof');
      return (roof?.y1M ?? 0) - (roof?.y0M ?? 0);
    };
    expect(broad?.problems).toEqual([]);
    expect(width(broad) - width(narrow)).toBeCloseTo(inches(18), 9);
    const arms = (broad?.members ?? []).filter(({ id }) => id.includes('.arm.'));
    // From the face of a rail 2 in wide to that of a sill of 1 in: 9 − 1 − 0.5 in.
    expect(arms).toHaveLength(10);
    for (const arm of arms) expect(arm.cutLengthM).toBeCloseTo(inches(7.5), 9);
  });
  test('is analysed, and its walls work the arms', () => {
    const outcome = analysisOf(bed([wide]));
    if (outcome.kind !== 'analysed') throw new Error(outcome.kind);
    const arm = outcome.analysis.members.find(({ memberId }) => memberId === 'bar.b.arm.left.2');
    expect(arm?.worst.utilisation.value).toBeGreaterThan(0);
  });
});

describe('what carries, and what only hangs there', () => {
  const hardest = (trailer: Trailer, id: string): number => {
    const outcome = analysisOf(trailer);
    if (outcome.kind !== 'analysed') throw new Error(outcome.kind);
    return outcome.analysis.members.find(({ memberId }) => memberId === id)?.worst.utilisation.value ?? 0;
  };
  test('sides that lift out weigh the same and leave the rails their work', () => {
    const welded = bed([SIDES]);
    const loose = bed([{ ...SIDES, carries: false }]);
    const parts = (trailer: Trailer) => ofPiece(buildChassis(trailer), 's');
    expect(kg(parts(loose).bars)).toBeCloseTo(kg(parts(welded).bars), 9);
    expect(hardest(loose, 'rail.left')).toBeGreaterThan(hardest(welded, 'rail.left'));
    const outcome = analysisOf(loose);
    if (outcome.kind !== 'analysed') throw new Error(outcome.kind);
    expect(outcome.analysis.members.some(({ memberId }) => memberId.startsWith('bar.s.'))).toBe(false);
  });
  test('a body that only stands there weighs on what it stands on: rails and headers, or its sills', () => {
    for (const [overhangM, held] of [
      [0, 'rail.left'],
      [inches(9), 'bar.b.sill.left'],
    ] as const) {
      const chassis = buildChassis(bed([{ ...BODY, carries: false, overhangM }]));
      const { bars, panels } = ofPiece(chassis, 'b');
      const walls = bars.filter(({ id }) => /\.(post|top|bow)\./.test(id));
      expect(walls.every(({ hungOn }) => (hungOn ?? []).length > 0)).toBe(true);
      expect(
        panels.every(({ own }) =>
          own?.heldBy.every((id) => chassis.members.some((member) => member.id === id && !member.hungOn)),
        ),
      ).toBe(true);
      expect(panels.find(({ id }) => id === 'panel.b.roof')?.own?.heldBy).toContain(held);
      expect(kg(bars)).toBeCloseTo(kg(ofPiece(buildChassis(bed([{ ...BODY, overhangM }])), 'b').bars), 9);
    }
  });
  test('a load on an upper frame lies on its cover and presses its bars', () => {
    const base = bed([UPPER]);
    const [item] = base.items;
    if (!item) throw new Error('no load');
    const trailer: Trailer = { ...base, items: [{ ...item, attach: { ...item.attach, on: 'rack' } }] };
    const { cases, chassis } = evaluate(trailer);
    const part = cases.flatMap(({ parts }) => parts).find(({ id }) => id === item.id);
    expect((part?.centre.zM ?? 0) - (part?.heightM ?? 0) / 2).toBeCloseTo(inches(6) + 0.0032, 9);
    expect(part?.carriedBy).toBe('rack');
    expect(chassis.problems).toEqual([]);
    expect(hardest(trailer, 'bar.u.cross.2')).toBeGreaterThan(hardest(base, 'bar.u.cross.2'));
  });
});

describe('a load on a rack', () => {
  const withLoad = (atIn: number): Trailer => {
    const base = bed([RACK]);
    const [item] = base.items;
    if (!item) throw new Error('no load');
    const own = {
      ...item,
      sizeM: { ...item.sizeM, lengthM: inches(24), widthM: inches(70) },
      attach: { ...item.attach, on: 'rack' as const, offsetM: { ...item.attach.offsetM, value: inches(atIn) } },
    };
    return { ...base, items: [own] };
  };
  const tips = (trailer: Trailer): boolean => evaluate(trailer).findings.some(({ code }) => code === 'tips-off-rack');
  test('over one bar only, its balance point beside it, it tips; over the rack’s long bars it does not', () => {
    const short: Piece = { ...RACK, longBars: false, braced: false };
    const bare = (atIn: number): Trailer => {
      const trailer = withLoad(atIn);
      return { ...trailer, frame: { ...trailer.frame, pieces: [short] } };
    };
    // Hoops at 10, 49 and 88 in: a load of 24 in about 18 in rests on the first alone.
    expect(tips(bare(18))).toBe(true);
    expect(tips(bare(10))).toBe(false);
    expect(tips(withLoad(18))).toBe(false);
  });
});

describe('what cannot be is refused in words', () => {
  const problemsOf = (piece: Piece, change: Partial<Trailer['frame']> = {}) =>
    buildChassis(bed([piece], change)).problems.map(({ code }) => code);
  test('a gate wider than the bed', () => {
    expect(problemsOf({ ...GATE, widthM: inches(61) })).toEqual(['gate-wider-than-bed']);
    const over = evaluate(bed([{ ...GATE, widthM: inches(61) }])).findings.find(({ code }) => code === 'frame-problem');
    expect(over?.verdict).toBe('over');
    expect(over?.subject).toBe('piece.g');
  });
  test('a gate with no room for its own bars, an upper frame that lies on the rails', () => {
    expect(problemsOf({ ...GATE, heightM: inches(2) })).toEqual(['piece-too-low']);
    expect(problemsOf({ ...UPPER, heightM: inches(1) })).toEqual(['piece-too-low']);
    expect(problemsOf({ ...BUMPER, behindM: inches(1) })).toEqual(['piece-too-low']);
  });
  test('a rack that ends past the bed, a shelf past the tongue', () => {
    expect(problemsOf({ ...RACK, toM: inches(120) })).toContain('piece-off-bed');
    expect(problemsOf({ ...SHELF, toM: inches(200) })).toContain('piece-off-bed');
  });
  test('a section that is not in the list', () => {
    expect(problemsOf({ ...GATE, sectionId: 'none' })).toEqual(['missing-section']);
  });
});

describe('as one would want it', () => {
  test.each(['imperial', 'metric'] as const)('every new piece stands on a new trailer as it comes, %s', (units) => {
    const project = newProject({ id: 'p', name: 'New', units, newId: () => 'item.1' });
    for (const kind of ['sides', 'gate', 'headboard', 'rack', 'body', 'upper-frame', 'shelf', 'bumper'] as const) {
      const piece = newPiece(project.design, units, kind, 'piece.n');
      const design = { ...project.design, frame: { ...project.design.frame, pieces: [piece] } };
      const chassis = buildChassis({ ...sampleTrailer(units), ...design });
      expect(chassis.problems, kind).toEqual([]);
      const reopened = openProject(JSON.parse(JSON.stringify({ ...project, design } satisfies Project)));
      if (!reopened.ok) throw new Error(kind);
      expect(reopened.value.design.frame.pieces).toEqual([piece]);
    }
  });
  test('taken off, nothing of it is left, what was changed of its bars included', () => {
    const trailer = bed([GATE], {
      overrides: { 'bar.g.stile.1': { existing: true }, 'rail.left': { existing: true } },
    });
    const without = removePiece(trailer, 'piece.g');
    expect(without.frame.pieces).toEqual([]);
    expect(Object.keys(without.frame.overrides)).toEqual(['rail.left']);
  });
  test('one bar of a piece may be of another section', () => {
    const chassis = buildChassis(bed([GATE], { overrides: { 'bar.g.rail.top': { sectionId: 'hss-2x1x1_8' } } }));
    const { bars } = ofPiece(chassis, 'g');
    expect(bars.filter(({ section }) => section.id === 'hss-2x1x1_8').map(({ id }) => id)).toEqual(['bar.g.rail.top']);
  });
});

describe('a piece taken apart', () => {
  test.each(ALL.filter(({ kind }) => kind !== 'gate').map((piece) => [piece.kind, piece] as const))(
    '%s: the same bars and panels in the same places, as one’s own',
    (_kind, piece) => {
      let count = 0;
      const whole = bed([piece], { overrides: { [`bar.${piece.id.slice(6)}.top.left`]: { existing: true } } });
      const before = buildChassis(whole);
      const apart = pieceAsOwn(whole, before, piece.id, () => `n${(count += 1)}`);
      if (!apart) throw new Error('not taken apart');
      const after = buildChassis(apart);
      expect(after.problems).toEqual([]);
      expect(apart.frame.pieces).toEqual([]);
      const own = ofPiece(before, piece.id.slice(6));
      const bars = after.members.filter(({ group }) => group === 'own');
      const sorted = (
        parts: readonly { readonly massKg: number; readonly centre: { xM: number; yM: number; zM: number } }[],
      ) =>
        parts
          .map(({ massKg, centre }) =>
            [massKg, centre.xM, centre.yM, centre.zM].map((value) => value.toFixed(6)).join(' '),
          )
          .toSorted();
      expect(sorted(bars)).toEqual(sorted(own.bars));
      expect(sorted(after.panels.filter(({ own: sheet }) => sheet))).toEqual(sorted(own.panels));
      expect(bars.filter(({ existing }) => existing).length).toBe(own.bars.filter(({ existing }) => existing).length);
    },
  );
  test('a gate hangs loose, which bars of one’s own cannot', () => {
    const trailer = bed([GATE]);
    expect(pieceAsOwn(trailer, buildChassis(trailer), 'piece.g', () => 'x')).toBeUndefined();
  });
});

describe('on any bed', () => {
  const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  test('pieces of any size are built, or say why not; nothing is without weight or place', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ALL),
        fc.record({ heightM: size(0.05, 2.5), widthM: size(0.2, 2.5), fromM: size(0, 1), toM: size(0.1, 5) }),
        fc.record({ lengthM: size(0.6, 6), widthM: size(0.5, 2.4) }),
        fc.constantFrom<Trailer['frame']['bed']['corner']>('rails-through', 'headers-through', 'mitred'),
        (piece, sizes, { lengthM, widthM }, corner) => {
          const own = {
            ...piece,
            ...Object.fromEntries(Object.entries(sizes).filter(([key]) => key in piece)),
          };
          const chassis = buildChassis(bed([own], { bed: { lengthM, widthM, corner } }));
          const { bars, panels } = ofPiece(chassis, piece.id.slice(6));
          for (const { massKg, centre } of [...bars, ...panels]) {
            expect(massKg).toBeGreaterThan(0);
            expect(Object.values(centre).every(Number.isFinite)).toBe(true);
          }
          if (chassis.problems.length === 0) expect(bars.length).toBeGreaterThan(0);
        },
      ),
    );
  });
});
