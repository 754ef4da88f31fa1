import type { Lengths, Pattern, Patterns } from './cutting';
import type { Run } from '../buying/run';
import type { SoldUnit } from '../catalogue/market';
import { EPSILON } from '../units/round';
import { weight } from './covers';
import { FillingTable, type MostWays } from './fillingTable';
import type { Memo } from './memo';

/** Which pieces are tried first. */
type Order = 'longest' | 'shortest';

/** Pieces of as good as one length: one can stand for another. */
export interface Kind {
  readonly longest: number;
  readonly shortest: number;
  readonly runs: readonly Run[];
}

/** Ways of cutting one roll times what may be left to cut: beyond, the search is quicker. */
const MOST_WORK = 400_000;

export const lengthsOf = (kinds: readonly Kind[], as: Order): Lengths => ({
  each: Float64Array.from(kinds, (kind) => kind[as]),
  counts: Int32Array.from(kinds, ({ runs }) => runs.length),
});

/** How many of each kind may be left to cut: in so many ways. */
export const statesOf = ({ counts }: Pick<Lengths, 'counts'>): number => {
  let states = 1;
  for (const n of counts) states *= n + 1;
  return states;
};

/** All ways to cut one roll, by the longest piece in them; undefined when there are more than `most`. */
function patternsOf(
  { each, counts: most }: Lengths,
  units: readonly SoldUnit[],
  mostPatterns: number,
): readonly (readonly Pattern[])[] | undefined {
  const byPrice = [...units].sort((a, b) => weight(a) - weight(b));
  const kinds = each.length;
  const found: Pattern[][] = Array.from({ length: kinds }, () => []);
  let left = mostPatterns;
  const counts = new Array<number>(kinds).fill(0);
  const fill = (first: number, from: number, total: number): boolean => {
    const unit = byPrice.find((u) => u.size >= total - EPSILON);
    if (!unit) return true;
    left -= 1;
    if (left < 0) return false;
    found[first]?.push({ counts: [...counts], total, unit });
    for (let k = from; k < kinds; k++) {
      const has = counts[k] as number;
      if (has >= (most[k] as number)) continue;
      counts[k] = has + 1;
      const all = fill(first, k, total + (each[k] as number));
      counts[k] = has;
      if (!all) return false;
    }
    return true;
  };
  for (let k = 0; k < kinds; k++) {
    if (most[k] === 0) continue;
    counts[k] = 1;
    const all = fill(k, k, each[k] as number);
    counts[k] = 0;
    if (!all) return undefined;
  }
  return found;
}

/** Whether pieces taken for as long and for as short as they are fill rolls in the same ways: then one price is the other. */
export function sameWays(kinds: readonly Kind[], units: readonly SoldUnit[]): boolean {
  const [longest, shortest] = (['longest', 'shortest'] as const).map((as) => {
    const lengths = lengthsOf(kinds, as);
    return patternsOf(lengths, units, MOST_WORK / statesOf(lengths))?.flat();
  });
  if (!longest || longest.length !== shortest?.length) return false;
  return longest.every(({ counts, unit }, i) => {
    const other = shortest[i];
    return other?.unit === unit && counts.every((n, k) => n === other.counts[k]);
  });
}

/** All ways to fill a roll, where there are not too many of what is left to cut. */
export function fillingsOf(
  lengths: Lengths,
  units: readonly SoldUnit[],
  most: MostWays,
): readonly (readonly Pattern[])[] | undefined {
  return statesOf(lengths) > most.states ? undefined : patternsOf(lengths, units, most.patterns);
}

/**
 * A dynamic program over how many of each kind are left to cut, which leaves out no way that could be cheaper.
 *
 * @returns undefined where there are too many ways
 */
export function cheapestFillings(
  lengths: Lengths,
  units: readonly SoldUnit[],
  most: MostWays,
): Patterns | undefined {
  const found = fillingsOf(lengths, units, most);
  if (!found) return undefined;
  // The fullest first: of ways at one price they leave the longest single left-over.
  const patterns = found.map((these) => [...these].sort((a, b) => b.total - a.total));
  const table = new FillingTable(lengths, patterns, units, most);
  const price = table.price();
  if (price === undefined) return undefined;
  const cutInto: Pattern[] = [];
  const left = lengths.counts.slice();
  while (left.some((n) => n > 0)) {
    const pattern = table.takenOf(left);
    if (!pattern) return undefined;
    cutInto.push(pattern);
    pattern.counts.forEach((n, k) => (left[k] = (left[k] as number) - n));
  }
  return { price, patterns: cutInto };
}

/** Lists of lengths remembered for each list of units. */
const MOST_KNOWN = 500;

/** The same, worked out once for as many pieces of the same lengths. */
export function cheapestOnce(
  kinds: readonly Kind[],
  as: Order,
  units: readonly SoldUnit[],
  { patterns }: Memo,
): Patterns | undefined {
  let known = patterns.get(units);
  if (!known || known.size >= MOST_KNOWN) {
    known = new Map();
    patterns.set(units, known);
  }
  const key = kinds.map((kind) => `${kind.runs.length} ${kind[as]}`).join();
  const before = known.get(key);
  if (before !== undefined) return before ?? undefined;
  const lengths = lengthsOf(kinds, as);
  const states = statesOf(lengths);
  const found = cheapestFillings(lengths, units, {
    states: MOST_WORK,
    patterns: MOST_WORK / states,
    looked: Infinity,
  });
  known.set(key, found ?? null);
  return found;
}
