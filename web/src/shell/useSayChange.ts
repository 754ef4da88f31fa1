import { useEffect, useState } from 'react';
import type { sayChangeOf } from './sentences';

type Say = typeof sayChangeOf;

/** How a change says itself; null until the sentences are there, which the first page does not wait for. */
export function useSayChange(): Say | null {
  const [say, setSay] = useState<{ readonly change: Say } | null>(null);
  useEffect(() => {
    void import('./sentences').then(({ sayChangeOf: change }) => setSay({ change }));
  }, []);
  return say?.change ?? null;
}
