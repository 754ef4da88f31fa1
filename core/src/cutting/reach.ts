import { EPSILON } from '../units/round';
import { cutLength } from './stretch';
import type { Run } from '../buying/run';

/* Named here: the inner loops of cutting ask for them millions of times. */
const { floor, max, min } = Math;

/** A piece that a run could give, from one post to a later one. */
export interface Possible {
  readonly run: Run;
  /** First bay and the bay after the last, counted over all runs. */
  readonly from: number;
  readonly to: number;
  /** Roll that it takes, m. */
  readonly length: number;
}

/** Runs as bays in one row: a piece is some bays of one run next to each other. */
export interface Bays {
  /** Length of each bay, m. */
  readonly lengths: readonly number[];
  readonly pieces: readonly Possible[];
}

/** Every piece that fits a roll of the longest length; runs that are jointed anywhere have no bays. */
export function baysOf(runs: readonly Run[], longest: number, lap: number): Bays {
  const lengths: number[] = [];
  const pieces: Possible[] = [];
  for (const run of runs) {
    if (run.joints === 'anywhere') continue;
    const first = lengths.length;
    const stops = [0, ...run.joints, run.length];
    for (let i = 0; i < stops.length - 1; i++) {
      const from = stops[i] ?? 0;
      lengths.push((stops[i + 1] ?? 0) - from);
      for (let j = i + 1; j < stops.length; j++) {
        const length = cutLength(run, from, stops[j] ?? 0, lap);
        if (length > longest + EPSILON) break;
        pieces.push({ run, from: first + i, to: first + j, length });
      }
    }
  }
  return { lengths, pieces };
}

/** Lengths are counted in steps of this; pieces are rounded down to it, so that nothing possible is ruled out, m. */
const STEP = 0.01;
/** Beyond so many bays together the table is not made: length alone then bounds what a roll can do. */
const MOST_BAYS = 150;

/**
 * How much of the runs a roll with so much free covers at most: bays are not cut across, so the end of a roll is often of no use.
 *
 * An unbounded knapsack over all pieces that any run could give: an upper bound, since a piece may be counted more than once.
 *
 * @param runs  that are jointed at posts or not at all
 * @returns m of run for m of roll
 */
export function reachTable(runs: readonly Run[], longest: number, lap: number): (free: number) => number {
  const count = runs.reduce((n, run) => n + run.joints.length + 1, 0);
  if (count > MOST_BAYS || count === 0) return (free) => max(0, free);
  const { lengths, pieces } = baysOf(runs, longest, lap);
  const before = [0];
  for (const length of lengths) before.push((before[before.length - 1] ?? 0) + length);
  // Of pieces that take the same steps only the one that covers most can be of use.
  const best = new Map<number, number>();
  for (const piece of pieces) {
    const steps = max(1, floor(piece.length / STEP + EPSILON));
    const covers = (before[piece.to] ?? 0) - (before[piece.from] ?? 0);
    best.set(steps, max(best.get(steps) ?? 0, covers));
  }
  const most = floor(longest / STEP + EPSILON);
  const table = new Float64Array(most + 1);
  // Piece by piece over all lengths: a typed array is never asked beyond its end here.
  for (const [w, covers] of best) {
    for (let s = w; s <= most; s++) {
      const reached = (table[s - w] as number) + covers;
      if (reached > (table[s] as number)) table[s] = reached;
    }
  }
  for (let s = 1; s <= most; s++) table[s] = max(table[s] as number, table[s - 1] as number);
  return (free) => table[min(most, max(0, floor(free / STEP + EPSILON)))] ?? 0;
}
