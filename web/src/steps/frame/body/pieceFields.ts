import type { FieldPath, Piece, PieceKind } from '@kereta/core';

/** Under this pieces are remembered for other trailers. */
export const KEPT_KEY = 'kereta.pieces';

/** A figure of a ready-made piece. */
export interface FigureField {
  readonly field: string;
  readonly label: string;
  readonly kind: 'length' | 'number';
  readonly hint?: string;
}

const length = (field: string, label: string, hint?: string): FigureField => ({
  field,
  label,
  kind: 'length',
  ...(hint === undefined ? {} : { hint }),
});
const count = (field: string, label: string): FigureField => ({ field, label, kind: 'number' });

const HEIGHT = length('heightM', 'Height above deck');

/** Figures of each kind of piece, in the order in which one asks for them. */
export const PIECE_FIGURES: Readonly<Record<PieceKind, readonly FigureField[]>> = {
  sides: [HEIGHT, length('postSpacingM', 'Posts at most apart'), count('midRails', 'Rails below the top')],
  gate: [
    length('widthM', 'Its width'),
    length('heightM', 'Its height'),
    length('atM', 'Its middle', 'Of a side gate back from the front edge, else right of the middle'),
    count('bars', 'Bars inside its frame'),
    length('gapM', 'Gap above the deck'),
  ],
  headboard: [
    HEIGHT,
    length('atM', 'Back from the front edge'),
    count('posts', 'Posts'),
    count('midRails', 'Rails below the top'),
  ],
  rack: [
    HEIGHT,
    length('fromM', 'First pair, from front edge'),
    length('toM', 'Last pair, from front edge'),
    count('hoops', 'Pairs of uprights'),
    length('overhangM', 'Bars reach past uprights'),
  ],
  body: [HEIGHT, length('postSpacingM', 'Posts at most apart'), length('overhangM', 'Past the bed’s sides')],
  'upper-frame': [
    length('heightM', 'Top above the rails'),
    length('overhangM', 'Past the bed’s sides'),
    length('fromM', 'From front edge'),
    length('toM', 'To'),
    length('spacingM', 'Bars at most apart'),
  ],
  shelf: [
    length('fromM', 'From, ahead of the bed'),
    length('toM', 'To, ahead of the bed'),
    length('widthM', 'Its width'),
  ],
  bumper: [
    length('behindM', 'Behind the bed'),
    length('widthM', 'Its width'),
    length('levelM', 'Above the rails’ top', 'Below it is negative'),
  ],
  fender: [
    length('atM', 'Its middle, from front edge'),
    length('lengthM', 'Its length'),
    length('overhangM', 'Past the bed’s sides'),
    length('levelM', 'Top above the rails’ top'),
    length('skirtM', 'Outside hangs down'),
  ],
  step: [
    length('atM', 'Its middle', 'Of a side step back from the front edge, else right of the middle'),
    length('widthM', 'Its width'),
    length('dropM', 'Hangs down by'),
    length('depthM', 'Reaches out'),
  ],
  receiver: [length('behindM', 'Mouth behind the rear header')],
  spare: [
    length('atM', 'Its middle', 'On a side back from the front edge, else right of the middle'),
    length('levelM', 'Hub above the rails’ top'),
  ],
};

export const pathOf = ({ field }: FigureField): FieldPath => `frame.pieces.${field}` as FieldPath;
export const figureOf = (piece: Piece, { field }: FigureField): number =>
  (piece as unknown as Readonly<Record<string, number>>)[field] ?? 0;
