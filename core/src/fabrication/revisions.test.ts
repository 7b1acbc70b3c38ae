import { describe, expect, test } from 'vitest';
import { buildChassis } from '../chassis/index.js';
import { DEMO_TRAILERS } from '../demos/index.js';
import type { CutEntry, Trailer } from '../project/index.js';
import { feet, inches } from '../units/index.js';
import { pieceChangeText, speaker } from '../wording/index.js';
import { buildCutList, changesSince, type DrawingSetEntry, drawingSets, drawnPieces } from './index.js';

const apiary = DEMO_TRAILERS[0] as Trailer;
const piecesOf = (trailer: Trailer) => drawnPieces(trailer, buildCutList(buildChassis(trailer)));
const set = (trailer: Trailer): DrawingSetEntry => ({
  kind: 'drawing-set',
  id: 'set.1',
  date: '2026-11-27',
  revision: 1,
  pieces: piecesOf(trailer),
});
const withBed = (change: Partial<Trailer['frame']['bed']>): Trailer => ({
  ...apiary,
  frame: { ...apiary.frame, bed: { ...apiary.frame.bed, ...change } },
});
const cutOf = (pieceId: string) => ({ kind: 'cut', pieceId }) as unknown as CutEntry;

describe('revisions', () => {
  test.each(DEMO_TRAILERS)('$name: nothing changed, nothing told', (trailer) => {
    expect(changesSince(set(trailer), piecesOf(trailer), [])).toEqual([]);
  });
  test('a bed half an inch longer makes both rails so much longer; one of them is cut', () => {
    const longer = withBed({ lengthM: feet(10) + inches(1 / 2) });
    const rails = changesSince(set(apiary), piecesOf(longer), [cutOf('rail.left#1')]).filter(
      ({ mark }) => mark === 'R1',
    );
    expect(rails).toEqual([{ mark: 'R1', change: 'longer', byM: expect.closeTo(inches(1 / 2), 9), count: 2, cut: 1 }]);
    const [rail] = rails;
    expect(rail && pieceChangeText(rail, speaker(apiary))).toBe('2 × R1 is 1/2" longer; 1 of them already cut');
  });
  test('what no saw tells apart is no change', () => {
    expect(changesSince(set(apiary), piecesOf(withBed({ lengthM: feet(10) + inches(1 / 128) })), [])).toEqual([]);
  });
  test('bars that come and go, and bars of another size', () => {
    const bare = { ...apiary, frame: { ...apiary.frame, extras: [{ id: 'cross.x', xM: feet(3) }] } };
    const back = changesSince(set(bare), piecesOf(apiary), []);
    const forth = changesSince(set(apiary), piecesOf(bare), []);
    expect(forth.filter(({ change }) => change === 'new')).toHaveLength(
      back.filter(({ change }) => change === 'gone').length,
    );
    const { groups } = apiary.frame;
    const other = {
      ...apiary,
      frame: { ...apiary.frame, groups: { ...groups, rail: { ...groups.rail, sectionId: 'hss-4x2x1_8' } } },
    };
    expect(changesSince(set(apiary), piecesOf(other), []).map(({ change }) => change)).toContain('other-bar');
  });
  test('the sets of a record, without those that were taken back', () => {
    const first = set(apiary);
    const second = { ...first, id: 'set.2', revision: 2, corrects: 'set.1' };
    expect(drawingSets({ entries: [first, second] }).map(({ revision }) => revision)).toEqual([2]);
  });
});
