import { type RefObject, useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import type { Size } from './view';

/**
 * The size of an element as it is laid out, px. What is drawn by it is drawn in the frame in which it gets that size: nobody sees,
 * or reaches for, what is about to move.
 */
export function useSize(ref: RefObject<Element | null>): Size {
  const [size, setSize] = useState<Size>({ width: 900, height: 460 });
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      const { width, height } = entry.contentRect;
      flushSync(() =>
        setSize((before) =>
          before.width === width && before.height === height ? before : { width, height },
        ),
      );
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, [ref]);
  return size;
}
