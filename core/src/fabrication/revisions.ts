import {
  type CutEntry,
  type ProjectRecord,
  type RecordEntry,
  standingEntries,
  type Trailer,
} from '../project/index.js';
import type { CutList } from './cutList.js';
import { CUT_WITHIN_M } from './cutPieces.js';
import { stickPiecesOf } from './stickPieces.js';

export type DrawingSetEntry = Extract<RecordEntry, { kind: 'drawing-set' }>;
type DrawnPiece = DrawingSetEntry['pieces'][number];

/** What became of a piece since the drawings were handed out. */
export interface PieceChange {
  readonly mark: string;
  readonly change: 'longer' | 'shorter' | 'other-ends' | 'other-bar' | 'new' | 'gone';
  /** how much longer or shorter, m; 0 for anything else */
  readonly byM: number;
  /** alike pieces that changed alike */
  readonly count: number;
  /** of them cut by now, by the old drawings */
  readonly cut: number;
}

/** The pieces as they are now, as a drawing set remembers them. */
export const drawnPieces = (trailer: Trailer, { rows }: CutList): DrawnPiece[] =>
  rows.flatMap((row) =>
    stickPiecesOf(trailer, [row]).map(({ id, mark, lengthM, ends }) => ({
      id,
      mark,
      lengthM,
      ends,
      bar: `${row.designation}, ${row.materialName}`,
    })),
  );

/** Drawing sets that were handed out, the last one last. */
export const drawingSets = (record: ProjectRecord): readonly DrawingSetEntry[] =>
  standingEntries(record).filter((entry) => entry.kind === 'drawing-set');

const changeOf = (
  before: DrawnPiece | undefined,
  now: DrawnPiece | undefined,
): Pick<PieceChange, 'mark' | 'change' | 'byM'> | undefined => {
  if (!before) return now && { mark: now.mark, change: 'new', byM: 0 };
  if (!now) return { mark: before.mark, change: 'gone', byM: 0 };
  if (before.bar !== now.bar) return { mark: now.mark, change: 'other-bar', byM: 0 };
  const byM = now.lengthM - before.lengthM;
  // What no saw tells apart is no change.
  if (Math.abs(byM) > CUT_WITHIN_M / 2)
    return { mark: now.mark, change: byM > 0 ? 'longer' : 'shorter', byM: Math.abs(byM) };
  return before.ends === now.ends ? undefined : { mark: now.mark, change: 'other-ends', byM: 0 };
};

/** What changed since a drawing set, piece by piece; alike ones together. */
export const changesSince = (
  { pieces }: DrawingSetEntry,
  now: readonly DrawnPiece[],
  cuts: readonly CutEntry[],
): readonly PieceChange[] => {
  const [before, after] = [pieces, now].map((own) => new Map(own.map((piece) => [piece.id, piece])));
  const cut = new Set(cuts.map(({ pieceId }) => pieceId));
  const changes = new Map<string, PieceChange>();
  for (const id of new Set([...(before?.keys() ?? []), ...(after?.keys() ?? [])])) {
    const found = changeOf(before?.get(id), after?.get(id));
    if (!found) continue;
    const key = `${found.mark} ${found.change} ${found.byM.toFixed(5)}`;
    const known = changes.get(key) ?? { ...found, count: 0, cut: 0 };
    changes.set(key, { ...known, count: known.count + 1, cut: known.cut + (cut.has(id) ? 1 : 0) });
  }
  return [...changes.values()].sort((a, b) => a.mark.localeCompare(b.mark, 'en', { numeric: true }));
};
