import type { SoldUnit } from '../catalogue/market';
import { EPSILON, roundUp } from '../units/round';
import { type Cover, cheapestCover, coversByCost, weight } from './covers';
import { type Bin, STRATEGIES, cutLength, furthest, pack } from './pack';
import type { Run } from './types';

export interface CutPlan {
  readonly bins: readonly Bin[];
  readonly joints: number;
  readonly cost: number;
  readonly bound: number;
  readonly unplaced: readonly Run[];
}

/** Sets of rolls tried in order of price, fewer where there is more to lay: the same on every machine. */
const mostTried = (runs: readonly Run[]) => Math.max(2, Math.min(16, Math.floor(160 / runs.length)));
/** Beyond so many runs only the first way of laying is tried. */
const MANY_RUNS = 40;
const strategiesFor = (runs: readonly Run[]) =>
  runs.length > MANY_RUNS ? STRATEGIES.slice(0, 1) : STRATEGIES;

const jointsOf = (bins: readonly Bin[]) =>
  bins.reduce((total, bin) => total + bin.cuts.filter((c) => c.from > EPSILON).length, 0);
const longestLeft = (bins: readonly Bin[]) => Math.max(0, ...bins.map((b) => b.free));

/** Fewer joints first, then the longer single left-over. */
function better(a: readonly Bin[], b: readonly Bin[] | undefined): boolean {
  if (!b) return true;
  const joints = jointsOf(a) - jointsOf(b);
  return joints < 0 || (joints === 0 && longestLeft(a) > longestLeft(b) + EPSILON);
}

/** A run fits when each of its bays fits the longest roll; it is laid bay by bay at the worst. */
function canBeLaid(run: Run, longest: number, lap: number): boolean {
  let from = 0;
  while (from < run.length - EPSILON) {
    const to = furthest(run, from, longest, lap);
    if (to === undefined) return false;
    from = to;
  }
  return true;
}

/** The least that must be bought by length: every run with its allowances and the laps that no roll is long enough to avoid. */
function leastLength(runs: readonly Run[], longest: number, lap: number): number {
  return runs.reduce((total, run) => {
    const whole = cutLength(run, 0, run.length, lap);
    const joints = whole <= longest + EPSILON ? 0 : roundUp((whole - longest) / (longest - lap));
    return total + whole + joints * lap;
  }, 0);
}

function packBest(sizes: readonly number[], runs: readonly Run[], lap: number): readonly Bin[] | undefined {
  let best: readonly Bin[] | undefined;
  for (const strategy of strategiesFor(runs)) {
    const bins = pack(sizes, runs, lap, strategy);
    if (bins && better(bins, best)) best = bins;
  }
  return best;
}

/** The lengths worth opening for many runs: the longest, and the cheapest by the metre. */
function worthOpening(units: readonly SoldUnit[]): readonly SoldUnit[] {
  const longest = units.reduce((a, b) => (b.size > a.size ? b : a));
  const cheapest = units.reduce((a, b) => (weight(b) / b.size < weight(a) / a.size ? b : a));
  return [...new Set([longest, cheapest])];
}

/** Always lays everything: opens one more roll of the same length as needed, then changes each for the cheapest that holds it. */
function packAsNeeded(units: readonly SoldUnit[], runs: readonly Run[], lap: number) {
  let best: { bins: readonly Bin[]; cost: number } | undefined;
  for (const unit of runs.length > MANY_RUNS ? worthOpening(units) : units) {
    for (const strategy of strategiesFor(runs)) {
      const bins = pack([], runs, lap, strategy, () => unit.size);
      if (!bins) continue;
      const bought = bins.map((bin) => {
        const used = bin.size - bin.free;
        const fit = units
          .filter((u) => u.size >= used - EPSILON)
          .reduce((a, b) => (weight(b) < weight(a) ? b : a));
        return { unit: fit, bin: { size: fit.size, free: fit.size - used, cuts: bin.cuts } };
      });
      const cost = bought.reduce((total, b) => total + weight(b.unit), 0);
      const laid = bought.map((b) => b.bin);
      if (!best || cost < best.cost - EPSILON || (cost < best.cost + EPSILON && better(laid, best.bins)))
        best = { bins: laid, cost };
    }
  }
  return best;
}

const sizesOf = (cover: Cover, units: readonly SoldUnit[]) =>
  cover.counts.flatMap((count, i) => Array<number>(count).fill(units[i]?.size ?? 0)).sort((a, b) => b - a);

function costOf(bins: readonly Bin[], units: readonly SoldUnit[]): number {
  return bins.reduce((total, bin) => {
    const unit = units.find((u) => u.size === bin.size);
    return total + (unit ? weight(unit) : 0);
  }, 0);
}

interface Laid {
  readonly bins: readonly Bin[];
  readonly cost: number;
}

/** What was really cut into, and its price. */
function used(bins: readonly Bin[], units: readonly SoldUnit[]): Laid {
  const cutInto = bins.filter((b) => b.cuts.length > 0);
  return { bins: cutInto, cost: costOf(cutInto, units) };
}

/** Sets of rolls in order of price until one can be laid; of those at its price the best laid. */
function packDearer(units: readonly SoldUnit[], runs: readonly Run[], lap: number, need: number): Laid {
  let tried = 0;
  let best: Laid | undefined;
  for (const cover of coversByCost(units, need, 4000)) {
    if (tried >= mostTried(runs) || (best && cover.cost > best.cost + EPSILON)) break;
    tried += 1;
    const bins = packBest(sizesOf(cover, units), runs, lap);
    if (bins && (!best || better(bins, best.bins))) best = used(bins, units);
  }
  best ??= packAsNeeded(units, runs, lap);
  if (!best) throw new RangeError('a run that can be laid was not laid');
  return best;
}

/**
 * Cuts runs from whole rolls by a fast method, with a bound that proves how good it is.
 *
 * Sets of rolls are tried in order of price, from the cheapest whose length could do; the first that can be laid is kept.
 * The bound is the price of the cheapest set long enough for all runs with every lap that cannot be avoided, so a plan
 * laid at that price is proved the cheapest.
 *
 * @param units  roll lengths sold, m, with prices (all or none priced)
 * @param runs   what is to be cut
 * @param lap    paid by the piece further along at a joint, m
 * @returns rolls with cuts; cost and bound in the units' prices (or m of roll where unpriced)
 * @see domain.md 14: lowest price, then fewest joints, then the longest single left-over
 */
export function cutRuns(units: readonly SoldUnit[], runs: readonly Run[], lap: number): CutPlan {
  const longest = Math.max(...units.map((u) => u.size));
  const laid: Run[] = [];
  const unplaced: Run[] = [];
  for (const run of runs) (canBeLaid(run, longest, lap) ? laid : unplaced).push(run);
  if (laid.length === 0) return { bins: [], joints: 0, cost: 0, bound: 0, unplaced };

  const need = leastLength(laid, longest, lap);
  const cheapest = cheapestCover(units, need);
  const bound = cheapest.cost;
  const first = packBest(sizesOf(cheapest, units), laid, lap);
  let best = first && used(first, units);
  if (!best) best = packDearer(units, laid, lap, need);
  if (best.cost > bound + EPSILON) {
    const other = packAsNeeded(units, laid, lap);
    if (other && other.cost < best.cost - EPSILON) best = other;
  }
  return { bins: best.bins, joints: jointsOf(best.bins), cost: best.cost, bound, unplaced };
}
