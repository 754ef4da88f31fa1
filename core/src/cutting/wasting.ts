import type { Lengths, Pattern, Patterns } from './cutting';
import { EPSILON } from '../units/round';
import { weight } from './covers';

/** What pieces are worth beside each other, at the price of so much worth. */
export interface PricedWorths {
  /** Of one piece, by kind. */
  readonly each: Float64Array;
  /** What so much worth costs at least, for one. */
  readonly rate: number;
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

/**
 * The cheapest fillings by what they waste: a set of rolls costs what all pieces are worth, and what its fillings cost over the worth of what is in them. The longest
 * piece left comes from some roll; a way is left where it has wasted as much as the best one, or more than a way before it had at the same place.
 */
class Wasting {
  private readonly rows: readonly Row[];
  private readonly left: Int32Array;
  /** The least that was wasted on the way to a state. */
  private readonly wasted: Float64Array;
  private readonly path: Pattern[] = [];
  looked = 0;
  best: readonly Pattern[] | undefined;

  /** @param least  what a way has wasted already that is as good as any */
  constructor(
    { counts }: Lengths,
    patterns: readonly (readonly Pattern[])[],
    { each, rate }: PricedWorths,
    private least: number,
    private readonly most: number,
  ) {
    let states = 1;
    const strides = Array.from(counts, (n) => {
      const before = states;
      states *= n + 1;
      return before;
    });
    this.wasted = new Float64Array(states).fill(Infinity);
    this.left = counts.slice();
    const wasteOf = (p: Pattern) =>
      weight(p.unit) - rate * p.counts.reduce((sum, n, k) => sum + n * (each[k] ?? 0), 0);
    this.rows = patterns.map((these) => {
      const falling = these
        .map((pattern) => ({ pattern, waste: wasteOf(pattern) }))
        .filter(({ waste }) => waste < least - EPSILON)
        .sort((a, b) => a.waste - b.waste || b.pattern.total - a.pattern.total);
      return {
        patterns: falling.map((f) => f.pattern),
        counts: Int32Array.from(falling.flatMap((f) => f.pattern.counts)),
        steps: Int32Array.from(falling, (f) =>
          f.pattern.counts.reduce((sum, n, k) => sum + n * (strides[k] ?? 0), 0),
        ),
        wastes: Float64Array.from(falling, (f) => f.waste),
      };
    });
    this.from(states - 1, 0);
  }

  private from(state: number, wasted: number): void {
    if (wasted >= (this.wasted[state] as number) - EPSILON) return;
    this.wasted[state] = wasted;
    if (state === 0) {
      this.least = wasted;
      this.best = [...this.path];
      return;
    }
    const { left } = this;
    const kinds = left.length;
    let first = 0;
    while (left[first] === 0) first += 1;
    const row = this.rows[first];
    if (!row) return;
    const { counts, wastes, steps } = row;
    for (let p = 0; p < wastes.length; p++) {
      const now = wasted + (wastes[p] as number);
      if (now >= this.least - EPSILON) return;
      const at = p * kinds;
      let k = 0;
      while (k < kinds && (counts[at + k] as number) <= (left[k] as number)) k += 1;
      if (k < kinds) continue;
      this.looked += 1;
      if (this.looked > this.most) return;
      for (k = 0; k < kinds; k++) left[k] = (left[k] as number) - (counts[at + k] as number);
      this.path.push(row.patterns[p] as Pattern);
      this.from(state - (steps[p] as number), now);
      this.path.pop();
      for (k = 0; k < kinds; k++) left[k] = (left[k] as number) + (counts[at + k] as number);
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
  below: number,
  most: number,
): Patterns | undefined {
  const worth = lengths.counts.reduce((sum, n, k) => sum + n * (worths.each[k] ?? 0), 0) * worths.rate;
  const { best, looked } = new Wasting(lengths, patterns, worths, below - worth, most);
  if (looked > most) return undefined;
  if (!best) return { price: Infinity, patterns: [] };
  return { price: best.reduce((sum, p) => sum + weight(p.unit), 0), patterns: best };
}
