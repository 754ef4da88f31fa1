import { useState } from 'react';

const KEY = 'aviarum single keys';

/** Whether keys that are pressed alone act; kept on this device. */
export function useSingleKeys(): readonly ['yes' | 'no', (on: 'yes' | 'no') => void] {
  const [on, set] = useState<'yes' | 'no'>(() => (localStorage.getItem(KEY) === 'no' ? 'no' : 'yes'));
  return [
    on,
    (next) => {
      localStorage.setItem(KEY, next);
      set(next);
    },
  ];
}
