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
const MOST_BAYS = 600;
/** Of more bays than these only where they are alike, so that there are few pieces to look at, over all lengths. */
const MANY_BAYS = 150;
const MOST_WORK = 300_000;
/** Pieces over all lengths, looked at again for what is left to lay. */
const MOST_LEFT_WORK = 2_000_000;

/** What a piece of so many steps covers at most, m, and how many steps pieces take; no pieces are made of it. */
function bestPieces(runs: readonly Run[], longest: number, lap: number) {
  const best = new Float64Array(floor(longest / STEP + EPSILON) + 2);
  let kinds = 0;
  for (const run of runs) {
    if (run.joints === 'anywhere') continue;
    const { joints } = run;
    const bays = joints.length + 1;
    for (let i = 0; i < bays; i++) {
      const from = i === 0 ? 0 : (joints[i - 1] ?? 0);
      for (let j = i; j < bays; j++) {
        const to = joints[j] ?? run.length;
        const length = cutLength(run, from, to, lap);
        if (length > longest + EPSILON) break;
        // Of pieces that take the same steps only the one that covers most can be of use.
        const steps = max(1, floor(length / STEP + EPSILON));
        const known = best[steps] as number;
        if (known === 0) kinds += 1;
        if (to - from > known) best[steps] = to - from;
      }
    }
  }
  return { best, kinds };
}

/**
 * How much of the runs a roll with so much free covers at most: bays are not cut across, so the end of a roll is often of no use.
 *
 * An unbounded knapsack over all pieces that any run could give: an upper bound, since a piece may be counted more than once.
 *
 * @param runs  that are jointed at posts or not at all
 * @param filled  something else is cut from what bays leave: of many bays length alone then says as much
 * @returns m of run for m of roll
 */
export function reachTable(
  runs: readonly Run[],
  longest: number,
  lap: number,
  filled = false,
): (free: number) => number {
  const count = runs.reduce((n, run) => n + run.joints.length + 1, 0);
  if (count > MOST_BAYS || count === 0 || (filled && count > MANY_BAYS)) return (free) => max(0, free);
  const most = floor(longest / STEP + EPSILON);
  const { best, kinds } = bestPieces(runs, longest, lap);
  if (count > MANY_BAYS && kinds * most > MOST_WORK) return (free) => max(0, free);
  const table = new Float64Array(most + 1);
  // Piece by piece over all lengths, the shortest first: a typed array is never asked beyond its end here.
  for (let w = 1; w <= most; w++) {
    const covers = best[w] as number;
    // What shorter pieces cover as well is no use; what so much roll covers never falls with its length.
    if (covers <= (table[w] as number)) continue;
    for (let s = w; s <= most; s++) {
      const reached = (table[s - w] as number) + covers;
      if (reached > (table[s] as number)) table[s] = reached;
    }
  }
  return (free) => table[min(most, max(0, floor(free / STEP + EPSILON)))] ?? 0;
}

/**
 * The same for what is left to lay: what the runs from one on cover of a roll with so much free at most. Runs that are not jointed are counted once.
 *
 * @param before  of all runs, where there are too many pieces to look at again
 */
export function reachFrom(
  runs: readonly Run[],
  longest: number,
  lap: number,
  before: (free: number) => number,
): (index: number, free: number) => number {
  const most = floor(longest / STEP + EPSILON);
  let pieces = 0;
  for (const { joints } of runs) pieces += ((joints.length + 1) * (joints.length + 2)) / 2;
  if (pieces * most > MOST_LEFT_WORK) return (_, free) => before(free);
  const tables: Float64Array[] = [];
  tables[runs.length] = new Float64Array(most + 1);
  for (let i = runs.length - 1; i >= 0; i--) {
    const run = runs[i];
    const table = Float64Array.from(tables[i + 1] ?? []);
    tables[i] = table;
    if (!run || run.joints === 'anywhere') continue;
    const stops = [0, ...run.joints, run.length];
    const once = stops.length === 2;
    for (let a = 0; a < stops.length - 1; a++)
      for (let b = a + 1; b < stops.length; b++) {
        const [from, to] = [stops[a] ?? 0, stops[b] ?? 0];
        const length = cutLength(run, from, to, lap);
        if (length > longest + EPSILON) break;
        const steps = max(1, floor(length / STEP + EPSILON));
        if (once) addOnce(table, steps, to - from);
        else addAny(table, steps, to - from);
      }
  }
  return (index, free) => tables[index]?.[min(most, max(0, floor(free / STEP + EPSILON)))] ?? 0;
}

function addOnce(table: Float64Array, steps: number, covers: number): void {
  for (let s = table.length - 1; s >= steps; s--) {
    const reached = (table[s - steps] as number) + covers;
    if (reached > (table[s] as number)) table[s] = reached;
  }
}

function addAny(table: Float64Array, steps: number, covers: number): void {
  for (let s = steps; s < table.length; s++) {
    const reached = (table[s - steps] as number) + covers;
    if (reached > (table[s] as number)) table[s] = reached;
  }
}
