import { z } from 'zod';
import { pieceSchema } from './bodySchema.js';
import { ownBarSchema } from './frameSchema.js';
import type { OwnBar, Piece } from './schema.js';

/** More than these are not kept: the oldest goes first. */
const MOST = 40;

/** What was kept for other trailers, as it was written down; what cannot be read of it is left out. */
const keptOf = <T>(text: string | null, schema: z.ZodType<T>): readonly T[] => {
  if (text === null) return [];
  try {
    const all: unknown = JSON.parse(text);
    return z
      .array(z.unknown())
      .parse(all)
      .flatMap((one) => {
        const read = schema.safeParse(one);
        return read.success ? [read.data] : [];
      });
  } catch {
    return [];
  }
};

export const keptPieces = (text: string | null): readonly Piece[] => keptOf(text, pieceSchema);
export const keptBars = (text: string | null): readonly OwnBar[] => keptOf(text, ownBarSchema);

/** What is written down when a piece is kept: the newest first, one of each name and kind. */
export const withKeptPiece = (text: string | null, piece: Piece): string => {
  const others = keptPieces(text).filter(({ name, kind }) => name !== piece.name || kind !== piece.kind);
  return JSON.stringify([piece, ...others].slice(0, MOST));
};

/** The same of a bar: the newest first, one of each name. */
export const withKeptBar = (text: string | null, bar: OwnBar): string => {
  const others = keptBars(text).filter(({ name }) => name !== bar.name);
  return JSON.stringify([bar, ...others].slice(0, MOST));
};
