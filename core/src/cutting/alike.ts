import type { Bin } from './plan';
import type { SoldUnit } from '../catalogue/market';
import { EPSILON } from '../units/round';
import { addSheets, boughtSlot, emptyBin } from './bins';
import { weight } from './covers';
import type { Prepared } from './prepare';
import { type Laid, used } from './quick';
import { blockOf } from './sheets';
import type { Run } from '../buying/run';

/** Pieces of as good as one length: one can stand for another. */
interface Kind {
  readonly longest: number;
  readonly shortest: number;
  readonly runs: readonly Run[];
}

/** What one roll can be cut into: so many of each kind, the cheapest roll that holds them. */
interface Pattern {
  readonly counts: readonly number[];
  readonly total: number;
  readonly unit: SoldUnit;
}

/** Ways of cutting one roll times what may be left to cut: beyond, the search is quicker. */
const MOST_WORK = 400_000;

/** Pieces are told apart to so much, m: the coarsest that proves the price is the least work. */
const GRAINS = [0.01, 0.002, 1e-6];

/** Longest first. */
function kindsOf({ strips, sheets, least, task, memo }: Prepared, grain: number): readonly Kind[] {
  const lengthOf = (run: Run) =>
    sheets.includes(run) ? blockOf([run], task.width, undefined, memo.layouts).length : least(run);
  const kinds = new Map<number, Run[]>();
  for (const run of [...strips, ...sheets]) {
    const key = Math.round(lengthOf(run) / grain);
    kinds.set(key, [...(kinds.get(key) ?? []), run]);
  }
  return [...kinds.values()]
    .map((runs) => {
      const lengths = runs.map(lengthOf);
      return { longest: Math.max(...lengths), shortest: Math.min(...lengths), runs };
    })
    .sort((a, b) => b.longest - a.longest);
}

/** All ways to cut one roll, by the longest piece in them; undefined when there are more than `most`. */
function patternsOf(
  kinds: readonly Kind[],
  as: 'longest' | 'shortest',
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
  // The fullest first: of ways at one price they leave the longest single left-over.
  for (const these of found) these.sort((a, b) => b.total - a.total);
  return found;
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

/** The cheapest rolls for all kinds: what each is cut into. */
interface Cheapest {
  readonly price: number;
  readonly patterns: readonly Pattern[];
}

/**
 * The longest piece left has to come from some roll, with whatever else that roll then holds: a dynamic program over how many of
 * each kind are left to cut, which looks at every way.
 *
 * @param as  what length the pieces of a kind are taken for
 */
function cheapest(
  kinds: readonly Kind[],
  as: 'longest' | 'shortest',
  units: readonly SoldUnit[],
): Cheapest | undefined {
  const strides: number[] = [];
  let states = 1;
  for (const { runs } of kinds) {
    strides.push(states);
    states *= runs.length + 1;
    if (states > MOST_WORK) return undefined;
  }
  const patterns = patternsOf(kinds, as, units, MOST_WORK / states);
  if (!patterns) return undefined;
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

/**
 * The lowest price of pieces that are not jointed, where few lengths differ: boards, one a bay, or mesh that steps.
 *
 * Pieces that differ by less than the tape shows are laid as the longest of them, and proved as the shortest.
 *
 * @returns undefined where pieces are jointed or lie side by side, where something is owned or the yard holds too little, or where
 * there are too many ways to prove the price
 */
export function cutAlike(given: Prepared): Laid | undefined {
  const { strips, loose, sheets, task } = given;
  const { units, owned } = task;
  // One small piece alone takes as much of its roll as a strip would.
  const plain = loose.length + owned.length === 0 && sheets.length <= 1;
  if (!plain || strips.some((r) => r.joints.length > 0)) return undefined;
  for (const grain of GRAINS) {
    const kinds = kindsOf(given, grain);
    const found = cheapest(kinds, 'longest', units);
    if (!found) continue;
    const alike = kinds.every((k) => k.longest === k.shortest);
    const least = alike ? found : cheapest(kinds, 'shortest', units);
    if (!least || found.price > least.price + EPSILON) continue;
    const held = units.every(
      (u) => found.patterns.filter((p) => p.unit === u).length <= (u.stock ?? Infinity),
    );
    return held ? laidOut(found, kinds, given) : undefined;
  }
  return undefined;
}

function laidOut({ patterns }: Cheapest, kinds: readonly Kind[], given: Prepared): Laid {
  const { least, sheets } = given;
  const waiting = kinds.map(({ runs }) => [...runs]);
  const bins = patterns.map(({ counts, unit }): Bin => {
    const bin = emptyBin(boughtSlot(unit));
    for (const run of counts.flatMap((n, k) => waiting[k]?.splice(0, n) ?? [])) {
      if (sheets.includes(run)) addSheets(bin, [run], given);
      else {
        bin.cuts.push({ run, from: 0, to: run.length, length: least(run) });
        bin.free -= least(run);
      }
    }
    return bin;
  });
  return used(bins);
}
