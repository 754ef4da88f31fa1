import type { Extent, Relief, SpotHeight } from '@aviarum/core';
import { useEffect, useMemo, useState } from 'react';
import type { reliefOf } from './reliefOf';
import { aroundOf } from './view';

type ReliefOf = typeof reliefOf;

/** Contours, tints and arrows of measured ground; null while they are not wanted, there are none, or they are fetched. */
export function useRelief(
  heights: readonly SpotHeight[] | undefined,
  extent: Extent | null,
  wanted: boolean,
): Relief | null {
  const [drawn, setDrawn] = useState<ReliefOf | null>(null);
  const needed = wanted && heights !== undefined && heights.length > 0;
  useEffect(() => {
    if (!needed || drawn) return;
    // Where it cannot be fetched the sheet shows all the rest.
    void import('./reliefOf').then(
      (m) => setDrawn(() => m.reliefOf),
      () => undefined,
    );
  }, [needed, drawn]);
  return useMemo(
    () => (needed && drawn && extent ? drawn(heights, aroundOf(extent)) : null),
    [needed, drawn, heights, extent],
  );
}
