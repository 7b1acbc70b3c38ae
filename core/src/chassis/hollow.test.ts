import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { verify } from '../../test/verify.js';
import { SECTION_ROWS } from '../catalog/index.js';
import { buildCutList } from '../fabrication/index.js';
import type { OwnBar, Trailer } from '../project/index.js';
import { buildChassis, endWorkOf, saddleLengthM } from './index.js';

const area = 'Ends on round tubes';
const sample = sampleTrailer('metric');
const rounds = SECTION_ROWS.filter(({ shape, family }) => shape.kind === 'round-tube' && family === 'steel').toSorted(
  (a, b) =>
    (a.shape.kind === 'round-tube' ? a.shape.diameterM : 0) - (b.shape.kind === 'round-tube' ? b.shape.diameterM : 0),
);
const [thin] = rounds;
const thick = rounds.at(-1);
if (thin?.shape.kind !== 'round-tube' || thick?.shape.kind !== 'round-tube') throw new Error('no round tubes');
const [r, R] = [thin.shape.diameterM / 2, thick.shape.diameterM / 2];

/** Two round posts on the left rail, and a bar from the one to the other. */
const between = (sectionId: string, toAtM = 0.5): Trailer => {
  const post = (id: string, atM: number): OwnBar => ({
    id: `bar.${id}`,
    sectionId: thick.id,
    materialId: thick.usualMaterialId,
    turnDeg: 0,
    from: { kind: 'on', barId: 'rail.left', atM },
    to: { kind: 'off', byXM: 0, byYM: 0, byZM: 1 },
  });
  const across: OwnBar = {
    id: 'bar.x',
    sectionId,
    materialId: thick.usualMaterialId,
    turnDeg: 0,
    from: { kind: 'on', barId: 'bar.a', atM: 0.5 },
    to: { kind: 'on', barId: 'bar.b', atM: toAtM },
  };
  return { ...sample, frame: { ...sample.frame, ownBars: [post('a', 0.3), post('b', 1.3), across] } };
};
const barOf = (trailer: Trailer) => {
  const bar = buildChassis(trailer).members.find(({ id }) => id === 'bar.x');
  if (!bar) throw new Error(JSON.stringify(buildChassis(trailer).problems));
  return bar;
};

describe('a round tube on a round tube', () => {
  test('a 33.7 mm tube square on a 60.3 mm one is hollowed 5.15 mm', () => {
    verify({
      area,
      check: 'saddle of a 33.7 mm tube on a 60.3 mm one at 90°',
      ours: (saddleLengthM(0.0337 / 2, 0.0603 / 2, Math.PI / 2) ?? 0) * 1000,
      outside: '5.15',
      unit: 'mm',
      source: 'R − √(R² − r²), intersection of two cylinders, worked by hand',
    });
  });
  test('it is cut longer than from crown to crown by both hollows', () => {
    const depthM = R - Math.sqrt(R ** 2 - r ** 2);
    expect(barOf(between(thin.id)).cutLengthM).toBeCloseTo(1 - 2 * R + 2 * depthM, 6);
    const work = endWorkOf(buildChassis(between(thin.id))).filter(({ memberId }) => memberId === 'bar.x');
    expect(work.map(({ kind }) => kind)).toEqual(['saddle', 'saddle']);
    for (const { lengthM } of work) expect(lengthM).toBeCloseTo(depthM, 6);
    const row = buildCutList(buildChassis(between(thin.id))).rows.find(({ memberIds }) => memberIds.includes('bar.x'));
    expect(row?.ends.map(({ kind }) => kind)).toEqual(['square', 'square']);
  });
  test('slanted, it reaches further; wherever it stands, no piece is shorter than between the tubes’ faces', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 0.9, noNaN: true }), (toAtM) => {
        const wholeM = Math.hypot(1, toAtM - 0.5);
        const bar = barOf(between(thin.id, toAtM));
        // From each middle line the tube's face is R ÷ sin θ off along the bar, sin θ = 1 ÷ whole.
        expect(bar.cutLengthM).toBeGreaterThanOrEqual(wholeM - 2 * R * wholeM - 1e-9);
        expect(bar.cutLengthM).toBeLessThan(wholeM);
      }),
      { numRuns: 40 },
    );
  });
});

describe('a flat-sided bar on a round tube', () => {
  test('its side across the round one is hollowed by R − √(R² − w²/4)', () => {
    const square = SECTION_ROWS.find(
      ({ shape, family }) =>
        shape.kind === 'rect-tube' && family === 'steel' && shape.widthM === shape.heightM && shape.widthM < 2 * R,
    );
    if (square?.shape.kind !== 'rect-tube') throw new Error('no square tube');
    const depthM = R - Math.sqrt(R ** 2 - square.shape.widthM ** 2 / 4);
    const trailer = between(square.id);
    expect(barOf(trailer).cutLengthM).toBeCloseTo(1 - 2 * R + 2 * depthM, 6);
    const work = endWorkOf(buildChassis(trailer)).filter(({ memberId }) => memberId === 'bar.x');
    expect(work.map(({ kind, lengthM }) => [kind, lengthM])).toEqual([
      ['notch', expect.closeTo(depthM, 6)],
      ['notch', expect.closeTo(depthM, 6)],
    ]);
  });
});
