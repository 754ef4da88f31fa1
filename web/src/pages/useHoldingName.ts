import { useEffect, useState } from 'react';
import { holdings } from '../api/client';

/** What a holding is called; null until it is known, or where it cannot be. */
export function useHoldingName(holding: string): string | null {
  const [named, setNamed] = useState<{ readonly id: string; readonly name: string } | null>(null);
  useEffect(() => {
    let left = false;
    holdings().then(
      (all) => {
        const found = all.find((h) => h.id === holding);
        if (!left && found) setNamed({ id: holding, name: found.name });
      },
      // The plan itself says what is wrong with the server.
      () => undefined,
    );
    return () => {
      left = true;
    };
  }, [holding]);
  return named?.id === holding ? named.name : null;
}
