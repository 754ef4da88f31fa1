import { EPSILON } from '../units/round';
import { type Bin, type Slot, addSheets, emptyBin } from './bins';
import type { Prepared } from './prepare';
import { LEAST_PIECE, cutLength, furthest } from './stretch';
import type { Run } from './types';

/* Named here: the inner loops of cutting ask for them millions of times. */
const { min } = Math;

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
 * Lays all there is into rolls: runs whole where they fit (tightest roll first), otherwise cut at a joint; what cannot be
 * jointed after them, and small pieces last, where they lengthen a block the least.
 *
 * @param slots    rolls to begin with
 * @param another  called when no roll can take more; gives another, or undefined to fail
 * @returns the rolls with their cuts, or undefined when this way of laying does not fit
 */
export function pack(
  slots: readonly Slot[],
  { task, strips, loose, sheets }: Prepared,
  strategy: Strategy,
  another: () => Slot | undefined = () => undefined,
): readonly Bin[] | undefined {
  const { lap, width } = task;
  const bins: Bin[] = slots.map(emptyBin);
  const rigid = (run: Run) => (run.joints !== 'anywhere' && run.joints.length === 0 ? 1 : 0);
  const runs = [...strips, ...loose].sort(
    (a, b) =>
      rigid(a) - rigid(b) ||
      (strategy.order === 'longest' || rigid(a) === 1 ? b.length - a.length : 0) ||
      a.place - b.place,
  );
  const shortest = min(LEAST_PIECE, ...runs.map((run) => cutLength(run, 0, run.length, lap)));
  // Rolls that can still take something; the rest are left out of every search.
  const open = [...bins];
  const place = (bin: Bin, run: Run, from: number, to: number) => {
    const length = cutLength(run, from, to, lap);
    bin.cuts.push({ run, from, to, length });
    bin.free -= length;
    if (bin.free < shortest - EPSILON) open.splice(open.indexOf(bin), 1);
  };
  const opened = (): Bin | undefined => {
    const slot = another();
    if (!slot) return undefined;
    const bin = emptyBin(slot);
    bins.push(bin);
    open.push(bin);
    return bin;
  };

  for (const run of runs) {
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
      const bin = opened();
      if (!bin || furthest(run, from, bin.free, lap) === undefined) return undefined;
    }
  }
  for (const sheet of sheets) {
    if (laySheet(bins, sheet, width)) continue;
    const bin = opened();
    if (!bin || !addSheets(bin, [sheet], width)) return undefined;
  }
  return bins;
}

/** Into the roll whose block grows least; of those the one with least free. */
function laySheet(bins: readonly Bin[], sheet: Run, width: number): boolean {
  let best: { bin: Bin; before: Pick<Bin, 'block' | 'free'>; more: number; left: number } | undefined;
  for (const bin of bins) {
    const before = { block: bin.block, free: bin.free };
    if (!addSheets(bin, [sheet], width)) continue;
    const more = before.free - bin.free;
    Object.assign(bin, before);
    const better =
      !best || more < best.more - EPSILON || (more < best.more + EPSILON && before.free < best.left);
    if (better) best = { bin, before, more, left: before.free };
  }
  return best !== undefined && addSheets(best.bin, [sheet], width);
}
