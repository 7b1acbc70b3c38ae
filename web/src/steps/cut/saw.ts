import { today } from '../../fields/newEntry';
import {
  CUT_WITHIN_M,
  type CutEntry,
  cutEntryOf,
  type CutList,
  heldStickOf,
  holdAll,
  holdStick,
  type Moved,
  movePiece,
  releaseStick,
  type Stick,
  type StickSection,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import type { ProjectStore } from '../../bench/projectStore';
import { t } from '../../fields/language/t';

const newId = (): string => nanoid(8);

export interface Saw {
  /** notes a piece as cut, as long as it was to be or as it came out; the plan stays as it is from the first cut on */
  readonly cut: (stick: Stick, piece: Stick['pieces'][number], lengthM?: number) => void;
  /** a cut was noted by mistake */
  readonly takeBack: (entry: CutEntry) => void;
  /** a piece is used as it is */
  readonly willDo: (entry: CutEntry) => void;
  readonly keepAll: () => void;
  readonly keep: (stick: Stick) => void;
  /** lets a stick, or all, be planned again */
  readonly release: (stick?: Stick) => void;
  readonly move: (pieceId: string, from: Stick, to: Stick) => Moved;
}

/** What is done to a plan of sticks: where pieces stay is design and can be undone, what is cut is recorded. */
export const sawOf = (projectStore: ProjectStore, cutList: CutList, sections: readonly StickSection[]): Saw => ({
  cut: (stick, piece, lengthM) => {
    // The plan on the screen may be older than what is held: a stick keeps its number.
    const heldNow = () => projectStore.trailerNow().cutting.held.find(({ number }) => number === stick.number);
    if (!heldNow()) projectStore.edit(t('plan kept for cutting'), (trailer) => holdAll(trailer, sections, newId));
    const begun = heldNow();
    const entry = cutEntryOf(cutList, begun ?? heldStickOf(stick, stick.id), piece, {
      id: `cut.${newId()}`,
      date: today(),
      ...(lengthM === undefined ? {} : { lengthM }),
    });
    projectStore.note(entry);
    // What came out wrong changes what is left: the rest is planned again from there.
    if (lengthM !== undefined && lengthM < piece.toM - piece.fromM - CUT_WITHIN_M)
      projectStore.edit(t('rest planned again after a wrong cut'), (trailer) => releaseStick(trailer, undefined));
  },
  takeBack: (entry) =>
    projectStore.note({ ...entry, id: `cut.${newId()}`, date: today(), corrects: entry.id, lengthM: null }),
  willDo: (entry) =>
    projectStore.note({ ...entry, id: `cut.${newId()}`, date: today(), corrects: entry.id, willDo: true }),
  keepAll: () => projectStore.edit(t('plan of sticks kept'), (trailer) => holdAll(trailer, sections, newId)),
  keep: (stick) =>
    projectStore.edit(t('stick {number} kept as it is', { number: stick.number }), (trailer) =>
      holdStick(trailer, stick, newId),
    ),
  release: (stick) =>
    projectStore.edit(
      stick ? t('stick {number} planned again', { number: stick.number }) : t('sticks planned again'),
      (trailer) => releaseStick(trailer, stick?.id),
    ),
  move: (pieceId, from, to) => {
    const moved = movePiece(projectStore.trailerNow(), cutList, pieceId, { from, to }, newId);
    if (moved.ok) projectStore.edit(t('a piece put on stick {number}', { number: to.number }), () => moved.value);
    return moved;
  },
});
