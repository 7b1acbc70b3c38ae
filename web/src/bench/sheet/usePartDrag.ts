import type { PointedAt } from '@kereta/core';
import { useDrag } from '@use-gesture/react';
import { useEffect, useRef } from 'react';
import { useWorkbenchNow } from '../workbench';
import { moveName, movePart, partPlaceM, snapTo, stepsOf } from './parts';

/** The part under a pointer, by the mark that its shapes bear. */
const grabbed = (target: EventTarget | null): string | undefined =>
  target instanceof Element ? (target.closest<SVGElement>('[data-grab]')?.dataset['grab'] ?? undefined) : undefined;

/** Shows the latest of many wishes, once a frame: a pointer may move several times before anything is drawn. */
const onceAFrame = () => {
  let frame = 0;
  let latest: (() => void) | undefined;
  return {
    ask: (show: () => void): void => {
      latest = show;
      if (frame !== 0) return;
      frame = requestAnimationFrame(() => {
        frame = 0;
        latest?.();
        latest = undefined;
      });
    },
    drop: (): void => {
      cancelAnimationFrame(frame);
      frame = 0;
      latest = undefined;
    },
  };
};

/**
 * Drags parts along the ruler: previews at every frame, one undo step at the end, Esc puts it back. What it gives goes onto the drawing as a
 * whole; a part is told by its `data-grab`.
 */
export const usePartDrag = (pxPerM: number, placeOf: (x: number, y: number) => PointedAt | undefined): object => {
  const now = useWorkbenchNow();
  const cancelled = useRef(false);
  const cancel = useRef<(() => void) | undefined>(undefined);
  const frames = useRef(onceAFrame());

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const { projectStore } = now();
      if (event.key !== 'Escape' || !projectStore.store.getState().preview) return;
      // The drawing's own Esc, which lets go of the picked part, must not see this one.
      event.stopPropagation();
      cancelled.current = true;
      cancel.current?.();
      frames.current.drop();
      projectStore.preview(undefined);
    };
    window.addEventListener('keydown', onKey, { capture: true });
    return () => window.removeEventListener('keydown', onKey, { capture: true });
  }, [now]);

  const bind = useDrag(
    ({ event, xy: [x, y], initial: [fromX], first, last, tap, shiftKey, memo, cancel: stop }) => {
      const { projectStore, pick, readOnly, say, evaluation } = now();
      const held = (memo as { id: string | undefined; startM: number | undefined } | undefined) ?? {
        id: grabbed(event.target),
        startM: undefined,
      };
      const { id } = held;
      if (id === undefined) return held;
      if (tap) {
        pick(id, placeOf(x, y));
        return undefined;
      }
      const trailer = projectStore.trailerNow();
      if (first) {
        cancel.current = stop;
        pick(id);
      }
      const startM = held.startM ?? partPlaceM(trailer, evaluation, id);
      if (startM === undefined || readOnly || cancelled.current) return { id, startM };
      const { snap, fine } = stepsOf(trailer);
      const to = snapTo(startM + (x - fromX) / pxPerM, shiftKey ? fine : snap, trailer);
      if (last) {
        frames.current.drop();
        projectStore.preview(undefined);
        if (to !== startM)
          projectStore.edit(moveName(say, id, to), (current) => movePart(current, now().evaluation, id, to));
        return undefined;
      }
      frames.current.ask(() => projectStore.preview((current) => movePart(current, now().evaluation, id, to)));
      return { id, startM };
    },
    // The drawing's own keys move parts.
    { filterTaps: true, pointer: { touch: true, keys: false } },
  );
  return {
    ...bind(),
    // After Esc the button is still down, and a stray move would begin the same drag again: only a new press lifts the cancel.
    onPointerDownCapture: () => {
      cancelled.current = false;
    },
  };
};
