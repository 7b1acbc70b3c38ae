import type { FieldPath, Piece, PieceKind } from '@kereta/core';
import { t } from '../../../fields/language/t';

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

const HEIGHT = length('heightM', t('Height above deck'));

/** Figures of each kind of piece, in the order in which one asks for them. */
export const PIECE_FIGURES: Readonly<Record<PieceKind, readonly FigureField[]>> = {
  sides: [HEIGHT, length('postSpacingM', t('Posts at most apart')), count('midRails', t('Rails below the top'))],
  gate: [
    length('widthM', t('Its width')),
    length('heightM', t('Its height')),
    length('atM', t('Its middle'), t('Of a side gate back from the front edge, else right of the middle')),
    count('bars', t('Bars inside its frame')),
    length('gapM', t('Gap above the deck')),
  ],
  headboard: [
    HEIGHT,
    length('atM', t('Back from the front edge')),
    count('posts', t('Posts')),
    count('midRails', t('Rails below the top')),
  ],
  rack: [
    HEIGHT,
    length('fromM', t('First pair, from front edge')),
    length('toM', t('Last pair, from front edge')),
    count('hoops', t('Pairs of uprights')),
    length('overhangM', t('Bars reach past uprights')),
  ],
  body: [HEIGHT, length('postSpacingM', t('Posts at most apart')), length('overhangM', t('Past the bed’s sides'))],
  'upper-frame': [
    length('heightM', t('Top above the rails')),
    length('overhangM', t('Past the bed’s sides')),
    length('fromM', t('From front edge')),
    length('toM', t('To')),
    length('spacingM', t('Bars at most apart')),
  ],
  shelf: [
    length('fromM', t('From, ahead of the bed')),
    length('toM', t('To, ahead of the bed')),
    length('widthM', t('Its width')),
  ],
  bumper: [
    length('behindM', t('Behind the bed')),
    length('widthM', t('Its width')),
    length('levelM', t('Above the rails’ top'), t('Below it is negative')),
  ],
  fender: [
    length('atM', t('Its middle, from front edge')),
    length('lengthM', t('Its length')),
    length('overhangM', t('Past the bed’s sides')),
    length('levelM', t('Top above the rails’ top')),
    length('skirtM', t('Outside hangs down')),
  ],
  step: [
    length('atM', t('Its middle'), t('Of a side step back from the front edge, else right of the middle')),
    length('widthM', t('Its width')),
    length('dropM', t('Hangs down by')),
    length('depthM', t('Reaches out')),
  ],
  receiver: [length('behindM', t('Mouth behind the rear header'))],
  spare: [
    length('atM', t('Its middle'), t('On a side back from the front edge, else right of the middle')),
    length('levelM', t('Hub above the rails’ top')),
  ],
};

export const pathOf = ({ field }: FigureField): FieldPath => `frame.pieces.${field}` as FieldPath;
export const figureOf = (piece: Piece, { field }: FigureField): number =>
  (piece as unknown as Readonly<Record<string, number>>)[field] ?? 0;
