import { today } from '../fields/newEntry';
import {
  changesSince,
  type CutList,
  cutEntries,
  drawingSets,
  type DrawingSetEntry,
  drawnPieces,
  type PieceChange,
  type ProjectRecord,
  type Trailer,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import type { ProjectStore } from '../bench/projectStore';

export interface Revision {
  /** of the drawings as they are now */
  readonly number: number;
  /** the set that was handed out last */
  readonly last: DrawingSetEntry | undefined;
  /** what changed since then */
  readonly changes: readonly PieceChange[];
  /** remembers the pieces as they are now, where they are not those of the last set */
  readonly handOut: () => void;
}

/** Which revision the drawings are: the last one as long as no piece has changed, else the next. */
export const useRevision = (
  trailer: Trailer,
  cutList: CutList,
  record: ProjectRecord,
  projectStore: ProjectStore,
): Revision =>
  useMemo(() => {
    const last = drawingSets(record).at(-1);
    const pieces = drawnPieces(trailer, cutList);
    const changes = last ? changesSince(last, pieces, cutEntries(record)) : [];
    const changed = !last || changes.length > 0;
    const number = (last?.revision ?? 0) + (changed ? 1 : 0);
    return {
      number,
      last,
      changes,
      handOut: () => {
        if (!changed) return;
        const date = today();
        projectStore.note({ kind: 'drawing-set', id: `drawings.${nanoid(8)}`, date, revision: number, pieces });
      },
    };
  }, [trailer, cutList, record, projectStore]);
