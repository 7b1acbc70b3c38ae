import { z } from 'zod';
import { pieceSchema } from './bodySchema.js';
import type { Piece } from './schema.js';

/** More than these are not kept: the oldest goes first. */
const MOST = 40;

/** Pieces that were kept for other trailers, as they were written down; what cannot be read of them is left out. */
export const keptPieces = (text: string | null): readonly Piece[] => {
  if (text === null) return [];
  try {
    const all: unknown = JSON.parse(text);
    return z
      .array(z.unknown())
      .parse(all)
      .flatMap((one) => {
        const read = pieceSchema.safeParse(one);
        return read.success ? [read.data] : [];
      });
  } catch {
    return [];
  }
};

/** What is written down when a piece is kept: the newest first, one of each name and kind. */
export const withKeptPiece = (text: string | null, piece: Piece): string => {
  const others = keptPieces(text).filter(({ name, kind }) => name !== piece.name || kind !== piece.kind);
  return JSON.stringify([piece, ...others].slice(0, MOST));
};
