import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../test/projects.js';
import { keptPieces, newPiece, withKeptPiece } from './index.js';

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
