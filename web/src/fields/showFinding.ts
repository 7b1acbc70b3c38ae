import { type RefObject, useEffect, useRef } from 'react';

/** Tells the lists of checks to open one of them, wherever it stands: also one that is drawn only after its step was gone to. */
const SHOW = 'kereta:show-finding';
let wanted: string | undefined;

export const showFinding = (id: string): void => {
  wanted = id;
  window.dispatchEvent(new Event(SHOW));
};

/** For a check: opens it, and takes the focus there, once it is asked for by its id. */
export const useShown = (id: string, open: () => void): RefObject<HTMLButtonElement | null> => {
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    const look = (): void => {
      if (wanted !== id) return;
      wanted = undefined;
      open();
      button.current?.scrollIntoView({ block: 'center' });
      button.current?.focus();
    };
    look();
    window.addEventListener(SHOW, look);
    return () => window.removeEventListener(SHOW, look);
  });
  return button;
};
