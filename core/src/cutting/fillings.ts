import type { Pattern, Patterns } from './cutting';
import type { Run } from '../buying/run';
import type { SoldUnit } from '../catalogue/market';
import { EPSILON } from '../units/round';
import { weight } from './covers';
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

/** How many of each kind may be left to cut: in so many ways. */
const statesOf = (kinds: readonly Kind[]): number => kinds.reduce((n, { runs }) => n * (runs.length + 1), 1);

/** All ways to cut one roll, by the longest piece in them; undefined when there are more than `most`. */
function patternsOf(
  kinds: readonly Kind[],
  as: Order,
  units: readonly SoldUnit[],
  most: number,
): readonly (readonly Pattern[])[] | undefined {
  const byPrice = [...units].sort((a, b) => weight(a) - weight(b));
  const found: Pattern[][] = kinds.map(() => []);
  let left = most;
  const counts = kinds.map(() => 0);
  const fill = (first: number, from: number, total: number): boolean => {
    const unit = byPrice.find((u) => u.size >= total - EPSILON);
    if (!unit) return true;
    left -= 1;
    if (left < 0) return false;
    found[first]?.push({ counts: [...counts], total, unit });
    for (let k = from; k < kinds.length; k++) {
      const kind = kinds[k];
      const has = counts[k] ?? 0;
      if (!kind || has >= kind.runs.length) continue;
      counts[k] = has + 1;
      const all = fill(first, k, total + kind[as]);
      counts[k] = has;
      if (!all) return false;
    }
    return true;
  };
  for (const [k, kind] of kinds.entries()) {
    counts[k] = 1;
    const all = fill(k, k, kind[as]);
    counts[k] = 0;
    if (!all) return undefined;
  }
  return found;
}

/** Whether pieces taken for as long and for as short as they are fill rolls in the same ways: then one price is the other. */
export function sameWays(kinds: readonly Kind[], units: readonly SoldUnit[]): boolean {
  const most = MOST_WORK / statesOf(kinds);
  const [longest, shortest] = (['longest', 'shortest'] as const).map((as) =>
    patternsOf(kinds, as, units, most)?.flat(),
  );
  if (!longest || longest.length !== shortest?.length) return false;
  return longest.every(({ counts, unit }, i) => {
    const other = shortest[i];
    return other?.unit === unit && counts.every((n, k) => n === other.counts[k]);
  });
}

/** Patterns side by side in flat arrays: a few hundred of them are looked through at every state. */
interface Row {
  readonly size: number;
  readonly kinds: number;
  /** How many of each kind, pattern after pattern. */
  readonly counts: Int32Array;
  /** How far back the state lies that a pattern leaves. */
  readonly steps: Int32Array;
  readonly prices: Float64Array;
}

function flattened(patterns: readonly Pattern[], kinds: number, steps: ReadonlyMap<Pattern, number>): Row {
  const size = patterns.length;
  const counts = new Int32Array(size * kinds);
  const back = new Int32Array(size);
  const prices = new Float64Array(size);
  for (let p = 0; p < size; p++) {
    const pattern = patterns[p];
    if (!pattern) continue;
    for (let k = 0; k < kinds; k++) counts[p * kinds + k] = pattern.counts[k] ?? 0;
    back[p] = steps.get(pattern) ?? 0;
    prices[p] = weight(pattern.unit);
  }
  return { size, kinds, counts, steps: back, prices };
}

/** Takes the cheapest pattern at one state, whose price it sets. @returns which it is; −1 where none can be cut from what is left */
function bestPattern(row: Row, left: Int32Array, price: Float64Array, state: number): number {
  const { size, kinds, counts, steps, prices } = row;
  let best = -1;
  let least = Infinity;
  // None is asked beyond its end.
  for (let p = 0; p < size; p++) {
    const cost = (prices[p] as number) + (price[state - (steps[p] as number)] ?? Infinity);
    if (cost >= least - EPSILON) continue;
    let k = 0;
    const at = p * kinds;
    while (k < kinds && (counts[at + k] as number) <= (left[k] as number)) k += 1;
    if (k < kinds) continue;
    best = p;
    least = cost;
  }
  price[state] = least;
  return best;
}

/**
 * The longest piece left has to come from some roll, with whatever else that roll then holds: a dynamic program over how many of
 * each kind are left to cut, which looks at every way.
 *
 * @param as  what length the pieces of a kind are taken for
 */
function cheapest(kinds: readonly Kind[], as: Order, units: readonly SoldUnit[]): Patterns | undefined {
  const states = statesOf(kinds);
  if (states > MOST_WORK) return undefined;
  const found = patternsOf(kinds, as, units, MOST_WORK / states);
  if (!found) return undefined;
  // The fullest first: of ways at one price they leave the longest single left-over.
  const patterns = found.map((these) => [...these].sort((a, b) => b.total - a.total));
  let stride = 1;
  const strides = kinds.map(({ runs }) => {
    const before = stride;
    stride *= runs.length + 1;
    return before;
  });
  const price = new Float64Array(states).fill(Infinity);
  price[0] = 0;
  const taken: (Pattern | undefined)[] = [];
  const steps = new Map(
    patterns.flat().map((p) => [p, p.counts.reduce((n, c, k) => n + c * (strides[k] ?? 0), 0)]),
  );
  const rows = patterns.map((these) => flattened(these, kinds.length, steps));
  const left = new Int32Array(kinds.length);
  for (let state = 1; state < states; state++) {
    // One more of the first kind that is not at its most, and none of those before it.
    for (let k = 0; ; k++) {
      const n = (left[k] ?? 0) + 1;
      const wraps = n > (kinds[k]?.runs.length ?? 0);
      left[k] = wraps ? 0 : n;
      if (!wraps) break;
    }
    let first = 0;
    while (left[first] === 0) first += 1;
    const row = rows[first];
    const best = row ? bestPattern(row, left, price, state) : -1;
    if (best >= 0) taken[state] = patterns[first]?.[best];
  }
  const cutInto: Pattern[] = [];
  for (let state = states - 1; state > 0;) {
    const pattern = taken[state];
    if (!pattern) return undefined;
    cutInto.push(pattern);
    state -= steps.get(pattern) ?? state;
  }
  return { price: price[states - 1] ?? Infinity, patterns: cutInto };
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
  const found = cheapest(kinds, as, units);
  known.set(key, found ?? null);
  return found;
}
