import type { Bin, Slot } from './cutting';
import { EPSILON } from '../units/round';
import { emptyBin } from './bins';
import { OpenBins } from './openBins';
import type { Order, Prepared } from './prepare';
import { laySmall } from './small';
import { cutLength, furthest } from './stretch';
import type { Run } from '../buying/run';

/* Named here: the inner loops of cutting ask for them millions of times. */
const EPS = EPSILON;

export interface Strategy {
  /** Which run is laid first. */
  readonly order: Order;
  /** Which roll takes the first part of a run that fits nowhere whole. */
  readonly split: 'most-free' | 'least-waste' | 'least-free';
}

/** Of one run alone the order says nothing. */
export const OF_ONE_RUN: readonly Strategy[] = [
  { order: 'longest', split: 'most-free' },
  { order: 'longest', split: 'least-waste' },
  { order: 'longest', split: 'least-free' },
];

export const STRATEGIES: readonly Strategy[] = [
  { order: 'longest', split: 'most-free' },
  { order: 'longest', split: 'least-waste' },
  { order: 'along', split: 'least-waste' },
  { order: 'along', split: 'least-free' },
];

function chooseSplit(
  open: OpenBins,
  { run, from }: { readonly run: Run; readonly from: number },
  lap: number,
  split: Strategy['split'],
) {
  if (split === 'most-free') {
    // What does not fit into the roll with most free fits nowhere.
    const bin = open.mostFree();
    const to = bin && furthest(run, from, bin.free, lap);
    return bin && to !== undefined ? { bin, to } : undefined;
  }
  let best: { bin: Bin; to: number; score: number } | undefined;
  let looked = NaN;
  for (const bin of open.all) {
    // Of rolls with as much free, such as whole ones, the first is as good as any.
    if (bin.free === looked) continue;
    looked = bin.free;
    const to = furthest(run, from, bin.free, lap);
    if (to === undefined) continue;
    const waste = bin.free - cutLength(run, from, to, lap);
    const score = split === 'least-free' ? bin.free : waste;
    if (!best || score < best.score - EPS) best = { bin, to, score };
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
  given: Prepared,
  strategy: Strategy,
  another: () => Slot | undefined = () => undefined,
): readonly Bin[] | undefined {
  const { lap } = given.task;
  const bins: Bin[] = slots.map(emptyBin);
  const { runs, shortest } = given.inOrder(strategy.order);
  const open = new OpenBins(bins);
  const place = (bin: Bin, run: Run, from: number, to: number) => {
    const length = cutLength(run, from, to, lap);
    bin.cuts.push({ run, from, to, length });
    open.take(bin, length, shortest);
  };
  const opened = (): Bin | undefined => {
    const slot = another();
    if (!slot) return undefined;
    const bin = emptyBin(slot);
    bins.push(bin);
    open.add(bin);
    return bin;
  };

  for (const run of runs) {
    let from = 0;
    while (from < run.length - EPS) {
      const whole = cutLength(run, from, run.length, lap);
      const tightest = open.tightest(whole);
      if (tightest) {
        place(tightest, run, from, run.length);
        break;
      }
      // What has no joints fits whole or not at all.
      const best =
        run.joints.length === 0 ? undefined : chooseSplit(open, { run, from }, lap, strategy.split);
      if (best) {
        place(best.bin, run, from, best.to);
        from = best.to;
        continue;
      }
      const bin = opened();
      if (!bin || furthest(run, from, bin.free, lap) === undefined) return undefined;
    }
  }
  return laySmall(bins, given, opened) ? bins : undefined;
}
