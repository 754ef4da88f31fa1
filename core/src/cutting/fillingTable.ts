import type { Lengths, Pattern } from './cutting';
import type { SoldUnit } from '../catalogue/market';
import { EPSILON } from '../units/round';
import { weight } from './covers';

/* Named here: the inner loops of cutting ask for them millions of times. */
const { ceil, max, min } = Math;

/** With more ways the table is not made. */
export interface MostWays {
  /** How many of each kind may be left to cut: in so many ways. */
  readonly states: number;
  readonly patterns: number;
  /** Patterns looked at, over all states. */
  readonly looked: number;
}

/** Patterns side by side in flat arrays: a few hundred of them are looked through at every state. */
interface Row {
  readonly size: number;
  /** How many of each kind, pattern after pattern. */
  readonly counts: Int32Array;
  /** How far back the state lies that a pattern leaves. */
  readonly steps: Int32Array;
  readonly prices: Float64Array;
  /** Roll that a pattern takes, m. */
  readonly totals: Float64Array;
}

function flattened(patterns: readonly Pattern[], strides: readonly number[]): Row {
  const size = patterns.length;
  const kinds = strides.length;
  const row: Row = {
    size,
    counts: new Int32Array(size * kinds),
    steps: new Int32Array(size),
    prices: new Float64Array(size),
    totals: new Float64Array(size),
  };
  for (let p = 0; p < size; p++) {
    const pattern = patterns[p];
    if (!pattern) continue;
    let back = 0;
    for (let k = 0; k < kinds; k++) {
      const n = pattern.counts[k] ?? 0;
      row.counts[p * kinds + k] = n;
      back += n * (strides[k] ?? 0);
    }
    row.steps[p] = back;
    row.prices[p] = weight(pattern.unit);
    row.totals[p] = pattern.total;
  }
  return row;
}

/** Whether there are as many pieces left as the pth of patterns side by side takes. */
export function patternFits(counts: Int32Array, p: number, left: Int32Array): boolean {
  const kinds = left.length;
  for (let k = 0; k < kinds; k++) if ((counts[p * kinds + k] as number) > (left[k] as number)) return false;
  return true;
}

/** Takes its pieces out of what is left, or puts them back. */
export function takePattern(counts: Int32Array, p: number, left: Int32Array, sign: 1 | -1): void {
  const kinds = left.length;
  for (let k = 0; k < kinds; k++) left[k] = (left[k] as number) - sign * (counts[p * kinds + k] as number);
}

/** Cells of the table of prices: more do not find more for what they take. */
const MOST_CELLS = 5000;
const CELLS_A_STATE = 5;

/** What lengths cost at least, whatever is cut from them: units that reach them, to a cell. */
function leastPrices(
  units: readonly SoldUnit[],
  longest: number,
  states: number,
): (length: number) => number {
  const cells = min(MOST_CELLS, CELLS_A_STATE * states);
  const cell = longest / cells;
  const prices = new Float64Array(cells + 1);
  const sizes = Int32Array.from(units, ({ size }) => max(1, ceil(size / cell - EPSILON)));
  const costs = Float64Array.from(units, weight);
  for (let c = 1; c <= cells; c++) {
    let least = Infinity;
    for (let u = 0; u < sizes.length; u++) {
      const rest = prices[max(0, c - (sizes[u] as number))] as number;
      const price = rest + (costs[u] as number);
      if (price < least) least = price;
    }
    prices[c] = least;
  }
  // Whole cells of rolls reach every cell that is begun.
  return (length) => prices[max(0, min(cells, ceil(length / cell - 1e-4)))] as number;
}

/** A state whose patterns are being looked through. */
interface Frame {
  readonly state: number;
  readonly length: number;
  readonly first: number;
  readonly least: number;
  /** Pattern that is looked at, and whether what it leaves is being worked out. */
  at: number;
  followed: boolean;
  best: number;
  cost: number;
}

/** The longest piece left has to come from some roll, with whatever else that roll then holds. */
export class FillingTable {
  private readonly prices: Float64Array;
  private readonly taken: Int32Array;
  private readonly left: Int32Array;
  private readonly strides: readonly number[];
  private readonly rows: readonly Row[];
  private readonly least: (length: number) => number;
  private looked = 0;

  /** @param patterns  by the longest piece in them */
  constructor(
    private readonly lengths: Lengths,
    private readonly patterns: readonly (readonly Pattern[])[],
    units: readonly SoldUnit[],
    private readonly most: MostWays,
  ) {
    let states = 1;
    this.strides = Array.from(lengths.counts, (n) => {
      const before = states;
      states *= n + 1;
      return before;
    });
    this.prices = new Float64Array(states).fill(NaN);
    this.prices[0] = 0;
    this.taken = new Int32Array(states).fill(-1);
    this.left = lengths.counts.slice();
    this.rows = patterns.map((these) => flattened(these, this.strides));
    this.least = leastPrices(units, this.sumOf(lengths.each), states);
  }

  private sumOf(each: Float64Array): number {
    return this.lengths.counts.reduce((total, n, k) => total + n * (each[k] ?? 0), 0);
  }

  /** The pattern that is taken where so many are left; undefined where none can be cut. */
  takenOf(left: Int32Array): Pattern | undefined {
    const state = left.reduce((total, n, k) => total + n * (this.strides[k] ?? 0), 0);
    const first = left.findIndex((n) => n > 0);
    return this.patterns[first]?.[this.taken[state] ?? -1];
  }

  /** What cutting everything costs at least; undefined where there was too much to look at. */
  price(): number | undefined {
    const price = this.priceAt(this.prices.length - 1, this.sumOf(this.lengths.each));
    return this.looked > this.most.looked ? undefined : price;
  }

  /** The longest kind of which some are left. */
  private firstLeft(): number {
    let first = 0;
    while (this.left[first] === 0) first += 1;
    return first;
  }

  /**
   * Of patterns that come to one price the first is taken. A pattern is followed only where it could cost less than one before it, and none any more
   * where no length could: so most states are never looked at. States wait for each other on a stack of our own: there may be as many as pieces.
   *
   * @param length  of all that is left, m
   */
  private priceAt(root: number, length: number): number {
    const { prices, taken, rows, least, most, left } = this;
    const waiting: Frame[] = [];
    if (Number.isNaN(prices[root])) waiting.push(this.frameOf(root, length));
    for (let frame = waiting[waiting.length - 1]; frame; frame = waiting[waiting.length - 1]) {
      const row = rows[frame.first];
      if (!row) throw new RangeError('a piece that no pattern begins with');
      if (frame.followed) {
        const spent =
          (row.prices[frame.at] as number) +
          (prices[frame.state - (row.steps[frame.at] as number)] as number);
        takePattern(row.counts, frame.at, left, -1);
        if (spent < frame.cost - EPSILON) {
          frame.best = frame.at;
          frame.cost = spent;
        }
        frame.followed = false;
        frame.at += 1;
      }
      for (; frame.at < row.size && frame.cost > frame.least + EPSILON; frame.at++) {
        if (!patternFits(row.counts, frame.at, left)) continue;
        const rest = frame.length - (row.totals[frame.at] as number);
        if ((row.prices[frame.at] as number) + least(rest) >= frame.cost - EPSILON) continue;
        this.looked += 1;
        if (this.looked > most.looked) return Infinity;
        takePattern(row.counts, frame.at, left, 1);
        frame.followed = true;
        const next = frame.state - (row.steps[frame.at] as number);
        if (Number.isNaN(prices[next])) waiting.push(this.frameOf(next, rest));
        break;
      }
      if (frame.followed) continue;
      prices[frame.state] = frame.cost;
      taken[frame.state] = frame.best;
      waiting.pop();
    }
    return prices[root] as number;
  }

  private frameOf(state: number, length: number): Frame {
    const first = this.firstLeft();
    return {
      state,
      length,
      first,
      least: this.least(length),
      at: 0,
      best: -1,
      cost: Infinity,
      followed: false,
    };
  }
}
