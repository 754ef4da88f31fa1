import { EPSILON } from '../units/round';
import type { Run } from './types';

/** A stretch of one run put into one roll. */
export interface Cut {
  readonly run: Run;
  readonly from: number;
  readonly to: number;
  readonly length: number;
}

export interface Bin {
  readonly size: number;
  free: number;
  readonly cuts: Cut[];
}

export interface Strategy {
  /** Which run is laid first. */
  readonly order: 'longest' | 'along';
  /** Which roll takes the first part of a run that fits nowhere whole. */
  readonly split: 'most-free' | 'least-waste' | 'least-free';
}

export const STRATEGIES: readonly Strategy[] = [
  { order: 'longest', split: 'most-free' },
  { order: 'longest', split: 'least-waste' },
  { order: 'along', split: 'least-waste' },
  { order: 'along', split: 'least-free' },
];

/** No joint leaves a scrap shorter than this, m. */
const LEAST_PIECE = 0.3;

/**
 * Length as cut: end allowances at free ends, the lap where it is joined to the piece before (domain.md 6), and what each
 * straight grade under it adds (domain.md 13).
 */
export function cutLength(run: Run, from: number, to: number, lap: number): number {
  const start = from <= EPSILON ? run.startAllowance : lap;
  const end = to >= run.length - EPSILON ? run.endAllowance : 0;
  let leaning = 0;
  for (const lean of run.leans) {
    if (Math.min(to, lean.to) - Math.max(from, lean.from) > EPSILON) leaning += lean.extra;
  }
  return to - from + start + end + leaning;
}

/** The last joint after `from` up to which a piece fits into `free` m: a piece grows with where it ends. */
function lastThatFits(run: Run, joints: readonly number[], from: number, free: number, lap: number) {
  const leaning = run.leans.length > 0;
  // On the level a joint fits up to a place that is known at once.
  const limit = from + free - cutLength(run, from, from, lap) + EPSILON;
  let low = 0;
  let high = joints.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    const to = joints[middle] ?? Infinity;
    const fits = to <= limit && (!leaning || to <= from || cutLength(run, from, to, lap) <= free + EPSILON);
    if (fits) low = middle + 1;
    else high = middle;
  }
  const joint = joints[low - 1];
  return joint !== undefined && joint > from + EPSILON ? joint : undefined;
}

/** The furthest joint that a roll with `free` m left can reach from `from`; undefined when none. */
export function furthest(run: Run, from: number, free: number, lap: number): number | undefined {
  if (cutLength(run, from, run.length, lap) <= free + EPSILON) return run.length;
  if (run.joints !== 'anywhere') return lastThatFits(run, run.joints, from, free, lap);
  const to = Math.min(from + free - cutLength(run, from, from, lap), run.length - LEAST_PIECE);
  return to - from >= LEAST_PIECE - EPSILON ? to : undefined;
}

function chooseSplit(bins: readonly Bin[], run: Run, from: number, lap: number, split: Strategy['split']) {
  let best: { bin: Bin; to: number; score: number } | undefined;
  for (const bin of bins) {
    const to = furthest(run, from, bin.free, lap);
    if (to === undefined) continue;
    const waste = bin.free - cutLength(run, from, to, lap);
    const score = split === 'most-free' ? -bin.free : split === 'least-free' ? bin.free : waste;
    if (!best || score < best.score - EPSILON) best = { bin, to, score };
  }
  return best;
}

/**
 * Lays runs into a given set of rolls: whole where they fit (tightest roll first), otherwise cut at a joint.
 *
 * @param another  called when no roll can take more; gives another roll, or undefined to fail
 * @returns the rolls with their cuts, or undefined when this way of laying does not fit
 */
export function pack(
  sizes: readonly number[],
  runs: readonly Run[],
  lap: number,
  strategy: Strategy,
  another: () => number | undefined = () => undefined,
): readonly Bin[] | undefined {
  const bins: Bin[] = sizes.map((size) => ({ size, free: size, cuts: [] }));
  const shortest = Math.min(LEAST_PIECE, ...runs.map((run) => cutLength(run, 0, run.length, lap)));
  // Rolls that can still take something; the rest are left out of every search.
  const open = [...bins];
  const place = (bin: Bin, run: Run, from: number, to: number) => {
    const length = cutLength(run, from, to, lap);
    bin.cuts.push({ run, from, to, length });
    bin.free -= length;
    if (bin.free < shortest - EPSILON) open.splice(open.indexOf(bin), 1);
  };
  // What cannot be jointed goes last: it fills the ends of rolls.
  const rigid = (run: Run) => (run.joints !== 'anywhere' && run.joints.length === 0 ? 1 : 0);
  const ordered = [...runs].sort(
    (a, b) =>
      rigid(a) - rigid(b) ||
      (strategy.order === 'longest' || rigid(a) === 1 ? b.length - a.length : 0) ||
      a.place - b.place,
  );

  for (const run of ordered) {
    let from = 0;
    while (from < run.length - EPSILON) {
      const whole = cutLength(run, from, run.length, lap);
      let tightest: Bin | undefined;
      for (const bin of open) {
        if (bin.free + EPSILON >= whole && (!tightest || bin.free < tightest.free)) tightest = bin;
      }
      if (tightest) {
        place(tightest, run, from, run.length);
        break;
      }
      const best = chooseSplit(open, run, from, lap, strategy.split);
      if (best) {
        place(best.bin, run, from, best.to);
        from = best.to;
        continue;
      }
      const size = another();
      if (size === undefined) return undefined;
      const bin: Bin = { size, free: size, cuts: [] };
      if (furthest(run, from, size, lap) === undefined) return undefined;
      bins.push(bin);
      open.push(bin);
    }
  }
  return bins;
}
