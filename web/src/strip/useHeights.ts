import { useState } from 'react';

const KEY = 'strip heights';

/** Whether the strip is drawn to scale or with its heights doubled; kept on this device. */
export function useHeights(): [1 | 2, (heights: 1 | 2) => void] {
  const [heights, set] = useState<1 | 2>(() => (localStorage.getItem(KEY) === '2' ? 2 : 1));
  return [
    heights,
    (next) => {
      localStorage.setItem(KEY, String(next));
      set(next);
    },
  ];
}
