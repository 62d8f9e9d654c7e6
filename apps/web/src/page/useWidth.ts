import { type RefObject, useLayoutEffect, useState } from 'react';

/** The width of an element in CSS pixels, kept up to date. */
export function useWidth(ref: RefObject<HTMLElement | null>, initial = 1216): number {
  const [width, setWidth] = useState(initial);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element || typeof ResizeObserver === 'undefined') return;
    const observer = new ResizeObserver(([entry]) => entry && setWidth(Math.floor(entry.contentRect.width)));
    observer.observe(element);
    return () => observer.disconnect();
  }, [ref]);
  return width;
}
