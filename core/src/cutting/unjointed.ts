import type { Lengths } from './cutting';
import type { Run } from '../buying/run';

/** Pieces of one length, to the micrometre. */
export interface Alike {
  readonly length: number;
  readonly runs: readonly Run[];
}

/** Unjointed pieces by their lengths, longest first. */
export function alikeOf(given: {
  readonly strips: readonly Run[];
  readonly least: (run: Run) => number;
}): readonly Alike[] {
  const { strips, least } = given;
  const kinds = new Map<number, { length: number; runs: Run[] }>();
  for (const run of strips) {
    const length = least(run);
    const key = Math.round(length * 1e6);
    const known = kinds.get(key);
    if (known) {
      known.runs.push(run);
      // Laid as the longest of them, none is too long for its roll.
      known.length = Math.max(known.length, length);
    } else kinds.set(key, { length, runs: [run] });
  }
  return [...kinds.values()].sort((a, b) => b.length - a.length);
}

export const countsOf = (kinds: readonly Alike[]): Lengths => ({
  each: Float64Array.from(kinds, (k) => k.length),
  counts: Int32Array.from(kinds, (k) => k.runs.length),
});
