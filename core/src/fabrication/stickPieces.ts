import { findSection, type Trailer } from '../project/index.js';
import { type CutList, type CutRow, endsText } from './cutList.js';
import type { StickPiece } from './sticks.js';

/** Closed and flat shapes can be turned over, so that any slant of theirs lies against another. */
const TURNED_OVER: ReadonlySet<string> = new Set(['rect-tube', 'round-tube', 'flat-bar']);

/** A piece of a row as it is laid on a stick: with what is left on it for its place and for grinding. */
const piecesOfRow = (trailer: Trailer, row: CutRow): readonly StickPiece[] => {
  const [first, second] = row.ends;
  const angles = row.ends.map((end) => (end.kind === 'mitre' ? end.offSquareRad : 0));
  const angleRad = Math.max(...angles);
  const bevelled = row.ends.some((end) => end.kind === 'mitre' && (end.bevelRad ?? 0) > 1e-6);
  const both = row.shape === 'parallel' || row.shape === 'same-side';
  const slantM = (row.cutLengthM - row.faceLengthM) / (row.shape === 'same-side' ? 2 : 1);
  const { allowM } = trailer.cutting;
  const nests =
    both &&
    first.kind === 'mitre' &&
    second.kind === 'mitre' &&
    Math.abs(first.offSquareRad - second.offSquareRad) < 1e-6 &&
    !bevelled &&
    row.cutLaterM === 0 &&
    slantM > 0 &&
    slantM < row.faceLengthM &&
    TURNED_OVER.has(findSection(trailer, row.sectionId)?.shape.kind ?? '');
  return row.pieceIds.map((id) => ({
    id,
    mark: row.mark,
    lengthM: row.cutLengthM + row.cutLaterM + allowM,
    shape: row.shape,
    slantM,
    angleRad,
    ends: endsText(row),
    nests: nests ? { name: `${row.shape} ${angleRad.toFixed(5)}` } : undefined,
  }));
};

/** Every piece of these rows. */
export const stickPiecesOf = (trailer: Trailer, rows: CutList['rows']): readonly StickPiece[] =>
  rows.flatMap((row) => piecesOfRow(trailer, row));
