import type { sayChange } from '@aviarum/core';
import { useEffect, useState } from 'react';

/** How a change says itself; null until the sentences are there, which the first page does not wait for. */
export function useSayChange(): typeof sayChange | null {
  const [say, setSay] = useState<{ readonly change: typeof sayChange } | null>(null);
  useEffect(() => {
    void import('./sentences').then(({ sayChange: change }) => setSay({ change }));
  }, []);
  return say?.change ?? null;
}
