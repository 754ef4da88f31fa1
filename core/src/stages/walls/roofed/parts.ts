import type { Part } from '../../../reckoning';
import { onSide } from '../../../ground/fenceLines';
import type { Rake } from './rakes';

/** Mesh between bands and roof, side by side as it lies on them. */
export const rakeParts = (rakes: readonly Rake[]): readonly Part[] =>
  rakes.map(({ roofed, nth, from, to, begins, ends }): Part => {
    const { line, low, mesh } = roofed;
    const [a, b] = [onSide(line, from + 1e-6), onSide(line, to - 1e-6)];
    const forward = a.along <= b.along;
    const [near, far] = forward ? [a, b] : [b, a];
    return {
      kind: 'mesh',
      part: { on: 'rake', side: a.side, nth },
      side: a.side,
      from: near.along,
      to: far.along,
      bottom: low,
      top: low + Math.max(begins, ends),
      ends: forward ? [low + begins, low + ends] : [low + ends, low + begins],
      mesh,
      level: null,
      origin: 'new',
    };
  });
