import { useDrag } from '@use-gesture/react';
import { useEffect, useRef } from 'react';
import { useWorkbench } from '../workbench';
import { moveName, movePart, partPlaceM, snapTo, stepsOf } from './parts';

/** Drags parts along the ruler: previews at every frame, one undo step at the end, Esc puts it back. `bind(partId)` goes onto the part. */
export const usePartDrag = (pxPerM: number) => {
  const { projectStore, evaluation, pick, readOnly, say } = useWorkbench();
  const cancelled = useRef(false);
  const cancel = useRef<(() => void) | undefined>(undefined);
  const latest = useRef(evaluation);
  useEffect(() => {
    latest.current = evaluation;
  }, [evaluation]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== 'Escape' || !projectStore.store.getState().preview) return;
      // The drawing's own Esc, which lets go of the picked part, must not see this one.
      event.stopPropagation();
      cancelled.current = true;
      cancel.current?.();
      projectStore.preview(undefined);
    };
    window.addEventListener('keydown', onKey, { capture: true });
    return () => window.removeEventListener('keydown', onKey, { capture: true });
  }, [projectStore]);

  const bind = useDrag(
    ({ args: [partId], xy: [x], initial: [fromX], first, last, tap, shiftKey, memo, cancel: stop }) => {
      const id = partId as string;
      if (tap) {
        pick(id);
        return undefined;
      }
      const trailer = projectStore.trailerNow();
      if (first) {
        cancel.current = stop;
        pick(id);
      }
      const start = (memo as number | undefined) ?? partPlaceM(trailer, latest.current, id);
      if (start === undefined || readOnly || cancelled.current) return start;
      const { snap, fine } = stepsOf(trailer);
      const to = snapTo(start + (x - fromX) / pxPerM, shiftKey ? fine : snap, trailer);
      if (last) {
        projectStore.preview(undefined);
        if (to !== start)
          projectStore.edit(moveName(say, id, to), (current) => movePart(current, latest.current, id, to));
        return undefined;
      }
      projectStore.preview((current) => movePart(current, latest.current, id, to));
      return start;
    },
    { filterTaps: true, pointer: { touch: true } },
  );
  // After Esc the button is still down, and a stray move would begin the same drag again: only a new press lifts the cancel.
  return (partId: string): object => ({
    ...bind(partId),
    onPointerDownCapture: () => {
      cancelled.current = false;
    },
  });
};
