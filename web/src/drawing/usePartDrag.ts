import { useDrag } from '@use-gesture/react';
import { useEffect, useRef } from 'react';
import { useWorkbench } from '../workbench/workbench';
import { movePart, partPlaceM, snapTo, spokenName, stepsOf } from './parts';

/** Drags parts along the ruler: previews at every frame, one undo step at the end, Esc puts it back. `bind(partId)` goes onto the part. */
export const usePartDrag = (pxPerM: number) => {
  const { projectStore, evaluation, pick, readOnly, say } = useWorkbench();
  const cancelled = useRef(false);
  const cancel = useRef<(() => void) | undefined>(undefined);
  const latest = useRef(evaluation);
  latest.current = evaluation;

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== 'Escape' || !projectStore.store.getState().preview) return;
      cancelled.current = true;
      cancel.current?.();
      projectStore.preview(undefined);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [projectStore]);

  return useDrag(
    ({ args: [partId], movement: [dx], first, last, tap, shiftKey, memo, cancel: stop }) => {
      const id = partId as string;
      if (tap) {
        pick(id);
        return undefined;
      }
      const { project } = projectStore.store.getState();
      if (first) {
        cancelled.current = false;
        cancel.current = stop;
        pick(id);
      }
      const start = (memo as number | undefined) ?? partPlaceM(project, latest.current, id);
      if (start === undefined || readOnly || cancelled.current) return start;
      const { snap, fine } = stepsOf(project);
      const to = snapTo(start + dx / pxPerM, shiftKey ? fine : snap, project);
      if (last) {
        projectStore.preview(undefined);
        if (to !== start)
          projectStore.edit(`${spokenName(say, id)} to ${say.length(to)}`, (current) =>
            movePart(current, latest.current, id, to),
          );
        return undefined;
      }
      projectStore.preview((current) => movePart(current, latest.current, id, to));
      return start;
    },
    { filterTaps: true, pointer: { touch: true } },
  );
};
