import { type RefObject, useEffect, useState } from 'react';
import type { Size } from './view';

/** The size of an element as it is laid out, px. */
export function useSize(ref: RefObject<Element | null>): Size {
  const [size, setSize] = useState<Size>({ width: 900, height: 460 });
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, [ref]);
  return size;
}
