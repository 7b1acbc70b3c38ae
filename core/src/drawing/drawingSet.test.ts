import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { VARIED_FRAMES } from '../../test/variedFrames.js';
import { verify } from '../../test/verify.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import { evaluate } from '../evaluation/index.js';
import { cross, dot, length, subtract, type Vector3 } from '../frame-analysis/index.js';
import type { Trailer } from '../project/index.js';
import { inches } from '../units/index.js';
import { PIECE_KIND_NAMES, speaker, WELD_PLACES } from '../wording/index.js';
import { type Face, farthestFirst } from './bsp.js';
import { type DrawingSheet, drawingSet, type DrawnWeld } from './index.js';
import { boundsOf, type DrawnShape, type Point } from './shapes.js';
import { seenAt, spaceView } from './spaceView.js';
import { weldRows } from './weldSheet.js';
import { weldSymbol, weldSymbolText } from './weldSymbols.js';
import { within } from './windowed.js';

const setOf = (trailer: Trailer, welds: readonly DrawnWeld[] = []): readonly DrawingSheet[] => {
  const { chassis, cases, cutList } = evaluate(trailer);
  return drawingSet(
    { trailer, chassis, shown: cases[0] },
    {
      lettering: speaker(trailer),
      gearSizes: true,
      paper: 'a3',
      units: trailer.settings.units,
      perPaperM: 1000,
      job: trailer.name,
      date: 'Mar 3, 2026',
      marks: new Map(cutList.rows.flatMap(({ mark, memberIds }) => memberIds.map((id) => [id, mark] as const))),
      plates: cutList.plates,
      pieceNames: PIECE_KIND_NAMES,
      welds,
      weldPlaces: WELD_PLACES,
      standard: 'aws',
    },
  );
};

const WELDS: readonly DrawnWeld[] = [
  { at: [0, 0.5, 0], kind: 'butt', legM: 0.005, lengthM: 0.25 },
  { at: [0, -0.5, 0], kind: 'butt', legM: 0.005, lengthM: 0.25 },
  { at: [1, 0.5, 0], kind: 'hanger', legM: 0.005, lengthM: 0.18 },
  { at: [1, 0.6, 0], kind: 'splice', legM: 0.005, lengthM: 0.25 },
];

/** A box's faces, turned outwards. */
const boxFaces = (at: Vector3, size: number, of: string): Face<string>[] => {
  const corner = (i: number): Vector3 => [
    at[0] + size * (i & 1),
    at[1] + size * ((i >> 1) & 1),
    at[2] + size * ((i >> 2) & 1),
  ];
  return [
    [0, 2, 3, 1],
    [4, 5, 7, 6],
    [0, 1, 5, 4],
    [2, 6, 7, 3],
    [0, 4, 6, 2],
    [1, 3, 7, 5],
  ].map((corners) => ({ corners: corners.map(corner), drawn: [true, true, true, true], of }));
};
const areaOf = (corners: readonly Vector3[]): number => {
  const [a, ...rest] = corners as [Vector3, ...Vector3[]];
  return rest
    .slice(1)
    .reduce((sum, c, i) => sum + length(cross(subtract(rest[i] as Vector3, a), subtract(c, a))) / 2, 0);
};
const VIEWER: Vector3 = [-1, -1, 1].map((x) => x / Math.sqrt(3)) as unknown as Vector3;

describe('faces in space', () => {
  test('of a box the three that look at the viewer are painted', () => {
    expect(farthestFirst(boxFaces([0, 0, 0], 1, 'a'), VIEWER)).toHaveLength(3);
  });
  test('of boxes apart from each other the farther is painted first, whichever is told first', () => {
    const number = fc.double({ min: -5, max: 5, noNaN: true });
    fc.assert(
      fc.property(number, number, number, fc.boolean(), (x, y, z, turned) => {
        const far: Vector3 = [x, y, z];
        // Nearer by more than its own depth along the line of sight, and over the middle of the other one.
        const near = far.map((at, i) => at + 3 * (VIEWER[i] as number)) as unknown as Vector3;
        const told = [boxFaces(far, 1, 'far'), boxFaces(near, 1, 'near')];
        const painted = farthestFirst((turned ? told.toReversed() : told).flat(), VIEWER).map(({ of }) => of);
        expect(painted.lastIndexOf('far')).toBeLessThan(painted.indexOf('near'));
      }),
    );
  });
  test('what reaches through each other is cut, and no area is lost or doubled', () => {
    const number = fc.double({ min: -0.9, max: 0.9, noNaN: true });
    fc.assert(
      fc.property(number, number, number, (x, y, z) => {
        const both = [...boxFaces([0, 0, 0], 1, 'a'), ...boxFaces([x, y, z], 1, 'b')];
        const painted = farthestFirst(both, VIEWER);
        const seen = both.filter(({ corners }) => {
          const [a, b, c] = corners as readonly [Vector3, Vector3, Vector3];
          return dot(cross(subtract(b, a), subtract(c, a)), VIEWER) > 0;
        });
        const sum = (faces: readonly Face<string>[]): number =>
          faces.reduce((all, { corners }) => all + areaOf(corners), 0);
        expect(sum(painted)).toBeCloseTo(sum(seen), 6);
      }),
    );
  });
  test('three directions are drawn equally long, 0.816 of what they are', () => {
    for (const axis of [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as const)
      verify({
        area: '3-D view',
        check: 'length of one along an axis',
        ours: Math.hypot(...seenAt(axis)),
        outside: '0.816',
        unit: '',
        source: 'isometric projection, √(2/3), ISO 5456-3 (recalled)',
        tolerance: 0.001,
      });
  });
  test('every bar that can be seen is in the view of every frame, and nothing is no number', () => {
    for (const trailer of [...DEMO_TRAILERS, ...Object.values(VARIED_FRAMES)]) {
      const { chassis } = evaluate(trailer);
      const { shapes } = spaceView({ trailer, chassis, shown: undefined });
      const parts = new Set(shapes.map(({ part }) => part));
      for (const { id } of chassis.members) expect(parts.has(id), `${trailer.name} ${id}`).toBe(true);
      const bounds = boundsOf(shapes);
      expect(Object.values(bounds ?? {}).every(Number.isFinite)).toBe(true);
    }
  });
});

describe('a window on a view', () => {
  const window = { x0: 0, x1: 2, y0: 0, y1: 1 };
  const shape = (points: readonly Point[]): DrawnShape => ({
    kind: 'polygon',
    layer: 'frame',
    fill: 'steel',
    line: 'edge',
    points,
  });
  test('what lies within stays as it is, what lies without is gone', () => {
    const [inside, outside] = [
      shape([
        [0.1, 0.1],
        [0.5, 0.1],
        [0.5, 0.5],
      ]),
      shape([
        [3, 3],
        [4, 3],
        [4, 4],
      ]),
    ];
    expect(within([inside, outside], window)).toEqual([inside]);
  });
  test('a bar that runs through is cut off, and no line is drawn where it is', () => {
    const cut = within(
      [
        shape([
          [-1, 0.4],
          [3, 0.4],
          [3, 0.6],
          [-1, 0.6],
        ]),
      ],
      window,
    );
    const lines = cut.flatMap((one) => (one.kind === 'line' ? [one.points] : []));
    expect(lines).toHaveLength(2);
    for (const [from, to] of lines as (readonly [Point, Point])[]) {
      expect(from[1]).toBe(to[1]);
      expect(Math.abs(from[0] - to[0])).toBeCloseTo(2, 12);
    }
    expect(cut.filter(({ kind, fill }) => kind === 'region' && fill === 'steel')).toHaveLength(1);
  });
  test('of any outline nothing is left outside', () => {
    const place = fc.double({ min: -3, max: 4, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(place, place), { minLength: 3, maxLength: 8 }), (points) => {
        const bounds = boundsOf(within([shape(points)], window));
        if (!bounds) return;
        expect(bounds.x0).toBeGreaterThanOrEqual(window.x0 - 1e-9);
        expect(bounds.x1).toBeLessThanOrEqual(window.x1 + 1e-9);
        expect(bounds.y0).toBeGreaterThanOrEqual(window.y0 - 1e-9);
        expect(bounds.y1).toBeLessThanOrEqual(window.y1 + 1e-9);
      }),
    );
  });
});

describe('weld symbols', () => {
  const triangle = (standard: 'aws' | 'iso') =>
    weldSymbol({ kind: 'fillet', allRound: true }, standard, 1).at(-1) as Extract<DrawnShape, { kind: 'line' }>;
  test('AWS A2.4: the arrow side under the line, upright leg at the left, size before it, length behind it (recalled)', () => {
    const [a, b, c] = triangle('aws').points as readonly [Point, Point, Point];
    expect(b[1]).toBeLessThan(a[1]);
    expect([b[0], a[0] < c[0]]).toEqual([a[0], true]);
    const { size, length: long } = weldSymbolText('aws', 1);
    expect([size[0] < a[0], long[0] > c[0]]).toEqual([true, true]);
  });
  test('ISO 2553, system A: the arrow side on the line, the other side’s line dashed under it (recalled)', () => {
    const [a, b] = triangle('iso').points as readonly [Point, Point];
    expect(b[1]).toBeGreaterThan(a[1]);
    const dashed = weldSymbol({ kind: 'fillet', allRound: false }, 'iso', 1).filter(({ line }) => line === 'hidden');
    expect(dashed).toHaveLength(1);
    expect(weldSymbol({ kind: 'fillet', allRound: false }, 'aws', 1).some(({ line }) => line === 'hidden')).toBe(false);
  });
  test('a circle says all round', () => {
    const circles = (allRound: boolean) =>
      weldSymbol({ kind: 'fillet', allRound }, 'aws', 1).filter(({ kind }) => kind === 'circle').length;
    expect([circles(true), circles(false)]).toEqual([1, 0]);
  });
  test('alike welds have one mark, and every weld has one', () => {
    const rows = weldRows(WELDS);
    expect(rows.map(({ mark, welds }) => [mark, welds.length])).toEqual([
      ['V1', 2],
      ['V2', 1],
      ['V3', 1],
    ]);
  });
});

describe('a drawing set', () => {
  test('holds a sheet for what there is, and none for what there is not', () => {
    expect(setOf(DEMO_TRAILERS[0] as Trailer).map(({ name }) => name)).toEqual([
      'trailer',
      'frame',
      '3-D view',
      'joints',
    ]);
    expect(setOf(DEMO_TRAILERS[0] as Trailer, WELDS).at(-1)?.name).toBe('welds');
    const gated = setOf(VARIED_FRAMES['sides and a gate'] as Trailer);
    expect(gated.map(({ name }) => name)).toContain('parts');
    const parts = gated.find(({ name }) => name === 'parts');
    // Sides go about the bed: each is drawn flat on; the gate is one wall.
    expect(parts?.views.map(({ title }) => title.split(',').slice(0, 2).join(','))).toEqual([
      'Sides, left side',
      'Sides, right side',
      'Sides, front wall',
      'Gate, from behind',
    ]);
  });
  test('joints tell bolts from the front edge, the tongue’s angle and how its bars are sawn', () => {
    const trailer = DEMO_TRAILERS[0] as Trailer;
    const joints = setOf(trailer).find(({ name }) => name === 'joints');
    const [tongue, hangers] = joints?.views ?? [];
    expect(tongue?.view.labels.map(({ text }) => text)).toContain('25° to the centre line');
    expect(hangers?.title).toContain(`axle ${speaker(trailer).length(trailer.runningGear.positionM)}`);
  });
  test('plates are drawn with their holes: two pins 4 in apart in a cheek, twice their diameter from its edge', () => {
    const base = VARIED_FRAMES['one tube that slopes and folds'] as Trailer;
    const { tongue } = base.frame;
    if (tongue.kind === 'a-frame') throw new Error('no joint');
    const joint = {
      ...tongue.joint,
      pins: 2 as const,
      pinSpacingM: inches(4),
      pinDiameterM: inches(3 / 4),
      plates: { heightM: inches(4), thicknessM: inches(1 / 4) },
    };
    const trailer: Trailer = { ...base, frame: { ...base.frame, tongue: { ...tongue, joint } } };
    const plates = setOf(trailer).find(({ name }) => name === 'plates');
    const cheek = plates?.views.find(({ view }) => view.shapes.some(({ kind }) => kind === 'circle'));
    const holes = (cheek?.view.shapes ?? []).flatMap((one) => (one.kind === 'circle' ? [one] : []));
    expect(holes.map(({ centre }) => centre[0] / inches(1))).toEqual([expect.closeTo(1.5, 9), expect.closeTo(5.5, 9)]);
    expect(holes.map(({ radiusM }) => (2 * radiusM) / inches(1))).toEqual([
      expect.closeTo(13 / 16, 9),
      expect.closeTo(13 / 16, 9),
    ]);
  });
  test('lettering of details stays on the paper', () => {
    for (const trailer of [...DEMO_TRAILERS, ...Object.values(VARIED_FRAMES)])
      for (const { views, width, height, name } of setOf(trailer, WELDS))
        for (const { laid, id } of views)
          for (const { box, text } of [...laid.labels, ...laid.dimensions.map((one) => one.text)]) {
            const where = `${trailer.name} ${name} ${id} ${text}`;
            expect(box.x0, where).toBeGreaterThan(0);
            expect(box.x1, where).toBeLessThan(width);
            expect(box.y0, where).toBeGreaterThan(0);
            expect(box.y1, where).toBeLessThan(height);
          }
  });
});
