import type { Lengths, Pattern, Patterns } from './cutting';
import { EPSILON } from '../units/round';
import { weight } from './covers';
import { patternFits, takePattern } from './fillingTable';

/** What pieces are worth beside each other, at the price of so much worth. */
export interface PricedWorths {
  /** Of one piece, by kind. */
  readonly each: Float64Array;
  /** What so much worth costs at least, for one. */
  readonly rate: number;
}

/** A pattern that wastes little enough, with how many of each kind it takes, kinds in the order in which they are settled. */
interface Useful {
  readonly pattern: Pattern;
  readonly waste: number;
  readonly counts: readonly number[];
}

/** Patterns side by side, those that waste least first. */
interface Row {
  readonly patterns: readonly Pattern[];
  readonly counts: Int32Array;
  /** How far back the state lies that a pattern leaves. */
  readonly steps: Int32Array;
  /** What a pattern costs over what its pieces are worth, minor units: 0 and more. */
  readonly wastes: Float64Array;
}

const rowOf = (these: readonly Useful[], strides: readonly number[]): Row => ({
  patterns: these.map((u) => u.pattern),
  counts: Int32Array.from(these.flatMap((u) => u.counts)),
  steps: Int32Array.from(these, (u) => u.counts.reduce((sum, n, k) => sum + n * (strides[k] ?? 0), 0)),
  wastes: Float64Array.from(these, (u) => u.waste),
});

/** A state on the way whose patterns are being looked through. */
interface Step {
  readonly state: number;
  readonly wasted: number;
  readonly first: number;
  at: number;
  followed: boolean;
}

/** When a search ends. */
export interface Until {
  /** Minor units. */
  readonly below: number;
  /** Patterns that are looked at. */
  readonly most: number;
}

/**
 * The cheapest fillings by what they waste: a set of rolls costs what all pieces are worth, and what its fillings cost over the worth of what is in them. Some
 * piece that is left comes from some roll; a way is left where it has wasted as much as the best one, or more than a way before it had at the same place.
 */
class Wasting {
  private readonly rows: readonly Row[];
  private readonly left: Int32Array;
  /** The least that was wasted on the way to a state. */
  private readonly wasted: Float64Array;
  private least: number;
  private readonly most: number;
  looked = 0;
  best: readonly Pattern[] | undefined;

  /** @param until  what a way has wasted already that is as good as any; and how many patterns are looked at */
  constructor(
    { counts }: Lengths,
    patterns: readonly (readonly Pattern[])[],
    { each, rate }: PricedWorths,
    { below, most }: Until,
  ) {
    this.least = below;
    this.most = most;
    // Kinds of which there are few first: what they are cut with is settled before the many that only repeat.
    const order = Array.from(counts.keys()).sort((a, b) => (counts[a] ?? 0) - (counts[b] ?? 0) || a - b);
    this.left = Int32Array.from(order, (k) => counts[k] ?? 0);
    let states = 1;
    const strides = Array.from(this.left, (n) => {
      const before = states;
      states *= n + 1;
      return before;
    });
    this.wasted = new Float64Array(states).fill(Infinity);
    const useful = patterns.flat().flatMap((pattern): Useful[] => {
      const worth = pattern.counts.reduce((sum, n, k) => sum + n * (each[k] ?? 0), 0);
      const waste = weight(pattern.unit) - rate * worth;
      return waste < below - EPSILON
        ? [{ pattern, waste, counts: order.map((k) => pattern.counts[k] ?? 0) }]
        : [];
    });
    useful.sort((a, b) => a.waste - b.waste || b.pattern.total - a.pattern.total);
    this.rows = order.map((_, first) =>
      rowOf(
        useful.filter((u) => u.counts.findIndex((n) => n > 0) === first),
        strides,
      ),
    );
    this.search(states - 1);
  }

  /** Steps wait for each other on a stack of our own: there may be as many as pieces. */
  private search(root: number): void {
    const { rows, left } = this;
    const stack: Step[] = [];
    const enter = (state: number, wasted: number): boolean => {
      if (wasted >= (this.wasted[state] as number) - EPSILON) return false;
      this.wasted[state] = wasted;
      if (state === 0) {
        this.least = wasted;
        this.best = stack.map((s) => rows[s.first]?.patterns[s.at] as Pattern);
        return false;
      }
      let first = 0;
      while (left[first] === 0) first += 1;
      stack.push({ state, wasted, first, at: 0, followed: false });
      return true;
    };
    enter(root, 0);
    for (let step = stack[stack.length - 1]; step; step = stack[stack.length - 1]) {
      const row = rows[step.first];
      if (row && step.followed) {
        takePattern(row.counts, step.at, left, -1);
        step.followed = false;
        step.at += 1;
      }
      const wastedNow = step.wasted + (row?.wastes[step.at] ?? Infinity);
      if (!row || wastedNow >= this.least - EPSILON) {
        stack.pop();
        continue;
      }
      if (!patternFits(row.counts, step.at, left)) {
        step.at += 1;
        continue;
      }
      this.looked += 1;
      if (this.looked > this.most) return;
      takePattern(row.counts, step.at, left, 1);
      step.followed = true;
      enter(step.state - (row.steps[step.at] as number), wastedNow);
    }
  }
}

/**
 * Whether anything costs less than what was found.
 *
 * @param patterns  every way to fill a roll, by the longest piece in it
 * @param below  minor units
 * @param most  patterns that are looked at
 * @returns undefined where there was too much to look at; a price of `Infinity` where nothing costs less
 */
export function cheapestByWaste(
  lengths: Lengths,
  patterns: readonly (readonly Pattern[])[],
  worths: PricedWorths,
  { below, most }: Until,
): Patterns | undefined {
  const worth = lengths.counts.reduce((sum, n, k) => sum + n * (worths.each[k] ?? 0), 0) * worths.rate;
  const { best, looked } = new Wasting(lengths, patterns, worths, { below: below - worth, most });
  if (looked > most) return undefined;
  if (!best) return { price: Infinity, patterns: [] };
  return { price: best.reduce((sum, p) => sum + weight(p.unit), 0), patterns: best };
}
