import { describe, expect, test } from 'vitest';
import { sampleTrailer } from '../../../test/projects.js';
import { changePiece, newPiece, type Trailer } from '../../project/index.js';
import { lastOf } from '../../steps.js';
import { analyseStrength, pieceSteps } from '../index.js';
import { inputOf, sharesOf } from './design.js';

const sample = sampleTrailer();
const racked = (sectionId: string): Trailer => ({
  ...sample,
  frame: {
    ...sample.frame,
    pieces: [
      Object.assign(newPiece(sample, 'imperial', 'rack', 'piece.r'), { sectionId, materialId: 'a500b' }),
      newPiece(sample, 'imperial', 'sides', 'piece.s'),
    ],
  },
});
const shareOf = (trailer: Trailer): number => {
  const outcome = analyseStrength(inputOf(trailer));
  if (outcome.kind !== 'analysed') throw new Error('not analysed');
  return sharesOf(outcome.analysis).find(({ memberId }) => memberId.startsWith('bar.r.'))?.share ?? Number.NaN;
};

describe('sizing of pieces', () => {
  test('a rack that is far too heavy gets the lightest tube that passes; what is not analysed is left out', () => {
    const trailer = racked('hss-4x2x3_16');
    const sized = lastOf(pieceSteps(trailer));
    expect(sized.map(({ pieceId }) => pieceId)).toEqual(['piece.r']);
    const [rack] = sized;
    if (!rack?.better) throw new Error('nothing lighter');
    expect(rack.better.massKg).toBeLessThan(rack.present.massKg);
    expect(rack.better.share).toBeLessThanOrEqual(1);
    // Looked at whole, the trailer with it says the same.
    const { sectionId, materialId } = rack.better;
    expect(shareOf(changePiece(trailer, 'piece.r', { sectionId, materialId }))).toBeCloseTo(rack.better.share, 9);
  });
  test('asked again of what it gave, it has nothing lighter', () => {
    const trailer = racked('hss-4x2x3_16');
    const [first] = lastOf(pieceSteps(trailer));
    if (!first?.better) throw new Error('nothing lighter');
    const { sectionId, materialId } = first.better;
    const [again] = lastOf(pieceSteps(changePiece(trailer, 'piece.r', { sectionId, materialId })));
    expect(again?.better).toBeUndefined();
  });
});
