import { useState } from 'react';

const KEY = 'aviarum single keys';

/** Whether keys that are pressed alone act; kept on this device. */
export function useSingleKeys(): readonly [boolean, (on: boolean) => void] {
  const [on, set] = useState(() => localStorage.getItem(KEY) !== 'no');
  return [
    on,
    (next) => {
      localStorage.setItem(KEY, next ? 'yes' : 'no');
      set(next);
    },
  ];
}
