import { type RefObject, useEffect, useRef, useState } from 'react';

/** Nothing is drawn narrower than this, px. */
const LEAST_PX = 280;

/** Width of an element in whole pixels as it changes, and the reference that goes on it. */
export const useWidth = <T extends HTMLElement>(firstPx: number): readonly [RefObject<T | null>, number] => {
  const holder = useRef<T>(null);
  const [width, setWidth] = useState(firstPx);
  useEffect(() => {
    const element = holder.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(
      ([entry]) => entry && setWidth(Math.max(LEAST_PX, Math.round(entry.contentRect.width))),
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [holder, width];
};
