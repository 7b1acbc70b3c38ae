import { type RefObject, useEffect, useRef, useState } from 'react';

/** Whether an element can be seen where its list is scrolled to, `atFirst` until that is known; everything can where the browser cannot tell. */
export const useInView = <T extends Element>(atFirst = true): readonly [RefObject<T | null>, boolean] => {
  const ref = useRef<T>(null);
  const [seen, setSeen] = useState(atFirst || typeof IntersectionObserver === 'undefined');
  useEffect(() => {
    const element = ref.current;
    if (!element || typeof IntersectionObserver === 'undefined') return undefined;
    const observer = new IntersectionObserver(([entry]) => entry && setSeen(entry.isIntersecting));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, seen];
};
