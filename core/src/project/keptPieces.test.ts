import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { keptBars, keptPieces, newPiece, type OwnBar, withKeptBar, withKeptPiece } from './index.js';

const gate = { ...newPiece(sampleTrailer(), 'imperial', 'gate', 'piece.a'), name: 'Yard gate' };

describe('pieces that are kept for other trailers', () => {
  test('come back as they were kept, the newest first, one of each name', () => {
    const rack = { ...newPiece(sampleTrailer(), 'imperial', 'rack', 'piece.b'), name: 'Rack' };
    const text = withKeptPiece(withKeptPiece(withKeptPiece(null, gate), rack), { ...gate, id: 'piece.c' });
    expect(keptPieces(text)).toEqual([{ ...gate, id: 'piece.c' }, rack]);
  });
  test('what cannot be read is left out, and nothing else is lost', () => {
    expect(keptPieces(null)).toEqual([]);
    expect(keptPieces('no list')).toEqual([]);
    expect(keptPieces('{"a":1}')).toEqual([]);
    expect(keptPieces(JSON.stringify([{ kind: 'gate' }, gate, 7]))).toEqual([gate]);
  });
});

describe('bars kept for other trailers', () => {
  const bar = (name: string): OwnBar => ({
    id: 'bar.a',
    name,
    sectionId: 'hss-1x1x1_8',
    materialId: 'a500b',
    turnDeg: 0,
    from: { kind: 'on', barId: 'rail.left', atM: 0.3 },
    to: { kind: 'off', byXM: 0, byYM: 0, byZM: 0.6 },
  });
  test('the newest stands first, one of each name; what is damaged is left out and loses nothing else', () => {
    const text = withKeptBar(withKeptBar(withKeptBar(null, bar('post')), bar('brace')), bar('post'));
    expect(keptBars(text).map(({ name }) => name)).toEqual(['post', 'brace']);
    const damaged = JSON.stringify([...(JSON.parse(text) as unknown[]), { name: 'no bar' }, 7]);
    expect(keptBars(damaged).map(({ name }) => name)).toEqual(['post', 'brace']);
    expect(keptBars('{')).toEqual([]);
    expect(keptPieces(text)).toEqual([]);
  });
});
