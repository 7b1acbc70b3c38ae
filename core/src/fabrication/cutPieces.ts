import type { CutEntry, HeldStick, Trailer } from '../project/index.js';
import { inches } from '../units/index.js';
import { type CutList, endsText } from './cutList.js';
import { stickPiecesOf } from './stickPieces.js';
import type { Stick, StickPiece } from './sticks.js';

/** A piece within this of its length is right, m. Common practice: a tape and a stop reach 1/32 in. */
export const CUT_WITHIN_M = inches(1 / 32);

/** How a piece that was cut stands to what is wanted now. */
export type CutState =
  /** as it is wanted, or used as it is */
  | 'good'
  /** more is to be sawn off */
  | 'long'
  | 'short'
  /** its ends are to be sawn otherwise now */
  | 'other-ends'
  /** the bar is of another section or metal now */
  | 'other-bar'
  /** nothing wants it any more */
  | 'gone';

export interface CutPiece {
  readonly entry: CutEntry;
  readonly state: CutState;
  /** the piece that it is, as it is wanted now */
  readonly piece: StickPiece | undefined;
}

/** What is noted when a piece is cut; as long as it was to be where nothing else is said. */
export const cutEntryOf = (
  { rows }: CutList,
  stick: HeldStick,
  piece: Stick['pieces'][number],
  noted: { readonly id: string; readonly date: string; readonly lengthM?: number },
): CutEntry => {
  const row = rows.find(({ pieceIds }) => pieceIds.includes(piece.id));
  return {
    lengthM: piece.toM - piece.fromM,
    ...noted,
    kind: 'cut',
    stick,
    pieceId: piece.id,
    mark: piece.mark,
    ends: row ? endsText(row) : '',
    willDo: false,
  };
};

const stateOf = (entry: CutEntry, sameBar: boolean, piece: StickPiece | undefined): CutState => {
  if (!piece) return 'gone';
  if (!sameBar) return 'other-bar';
  if (entry.willDo) return 'good';
  if (entry.ends !== piece.ends) return 'other-ends';
  const overM = entry.lengthM - piece.lengthM;
  if (overM < -CUT_WITHIN_M) return 'short';
  return overM > CUT_WITHIN_M ? 'long' : 'good';
};

/** By what a bar that came of a cut is known among the stock. */
export const cutBarId = ({ id }: Pick<CutEntry, 'id'>): string => `cut.${id}`;

/** Whether a piece that was cut is the one that is wanted, at worst after sawing more off. */
export const serves = (state: CutState): boolean => state === 'good' || state === 'long';

/** Every cut that counts, against the pieces as they are wanted now: the design may have changed since. */
export const cutPiecesOf = (trailer: Trailer, { rows }: CutList, cuts: readonly CutEntry[]): readonly CutPiece[] => {
  const wanted = new Map(
    rows.flatMap((row) => stickPiecesOf(trailer, [row]).map((piece) => [piece.id, { piece, row }] as const)),
  );
  const served = new Set<string>();
  return cuts.map((entry): CutPiece => {
    const found = wanted.get(entry.pieceId);
    const { sectionId, materialName } = entry.stick;
    const sameBar = found?.row.sectionId === sectionId && found.row.materialName === materialName;
    const state = stateOf(entry, sameBar, found?.piece);
    // One piece is cut once; a second one that would do for it is over.
    if (serves(state) && served.has(entry.pieceId)) return { entry, state: 'gone', piece: undefined };
    if (serves(state)) served.add(entry.pieceId);
    return { entry, state, piece: found?.piece };
  });
};
