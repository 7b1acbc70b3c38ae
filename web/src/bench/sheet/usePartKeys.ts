import type { KeyboardEvent } from 'react';
import { useWorkbenchNow } from '../workbench';
import {
  canRemove,
  moveName,
  movePart,
  partPlaceM,
  pickableParts,
  removePart,
  snapTo,
  spokenName,
  stepsOf,
} from './parts';
import { t } from '../../fields/language/t';

/** Everything that the mouse does on the drawing, by keys: [ and ] walk, arrows and Page keys move, Enter opens, digits begin the size, Delete takes away. */
export const usePartKeys = (openFields: (partId: string) => void) => {
  const now = useWorkbenchNow();
  return (event: KeyboardEvent): void => {
    const { projectStore, evaluation, picked, pick, readOnly, say } = now();
    const trailer = projectStore.trailerNow();
    const parts = pickableParts(trailer, evaluation);
    // N and P for keyboards on which brackets take two keys.
    const forth = event.key === ']' || event.key === 'n';
    if (forth || event.key === '[' || event.key === 'p') {
      const index = picked === undefined ? -1 : parts.indexOf(picked);
      const next = forth ? index + 1 : index < 0 ? parts.length - 1 : index - 1;
      pick(parts[(next + parts.length) % parts.length]);
      event.preventDefault();
      return;
    }
    if (event.key === 'Escape') {
      pick(undefined);
      return;
    }
    if (picked === undefined) return;
    if (event.key === 'Enter') {
      openFields(picked);
      event.preventDefault();
      return;
    }
    if (readOnly) return;
    if (/^\d$/.test(event.key)) {
      // The field takes the focus before the digit is typed, so that the digit begins the new size.
      document.querySelector<HTMLElement>(`[data-part-field="${CSS.escape(picked)}"]`)?.focus();
      return;
    }
    if ((event.key === 'Delete' || event.key === 'Backspace') && canRemove(trailer, evaluation, picked)) {
      projectStore.edit(t('{say} taken off', { say: spokenName(say, picked) }), (current) =>
        removePart(current, evaluation, picked),
      );
      pick(undefined);
      event.preventDefault();
      return;
    }
    const { nudge, far, page, fine } = stepsOf(trailer);
    const arrow = event.shiftKey ? far : nudge;
    const moves: Readonly<Record<string, number>> = {
      ArrowLeft: -arrow,
      ArrowRight: arrow,
      PageUp: -page,
      PageDown: page,
    };
    const by = moves[event.key];
    const from = partPlaceM(trailer, evaluation, picked);
    if (by === undefined || from === undefined) return;
    event.preventDefault();
    const to = snapTo(from + by, fine, trailer);
    projectStore.edit(moveName(say, picked, to), (current) => movePart(current, evaluation, picked, to));
  };
};
