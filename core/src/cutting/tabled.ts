import { EPSILON } from '../units/round';
import { weight } from './covers';
import type { SoldUnit } from '../catalogue/market';
import type { Lengths, Pattern } from './cutting';
import { cheapestFillings, fillingsOf, statesOf } from './fillings';
import type { Prepared } from './prepare';
import { laidOut } from './laidOut';
import type { Laid } from './quick';
import { alikeOf, countsOf } from './unjointed';
import { cheapestByWaste } from './wasting';
import type { Filled, Worth } from './worth';

/** What is left after whole fillings were peeled off is looked through if there is no more of it than this. */
const MOST_LEFT = 400;
const MOST = { states: 40_000, patterns: 4000, looked: 40_000 };

/** A filling that is peeled off so many times. */
interface Peel {
  readonly counts: Int32Array;
  readonly times: number;
}

/** Takes whole fillings off, of which most are taken, until what is left is few enough; each stays in as long as it may. */
function peeled(
  counts: Int32Array,
  fillings: readonly Filled[],
): { left: Int32Array; off: readonly Peel[] } | undefined {
  const left = counts.slice();
  const off: Peel[] = [];
  const times = fillings.map((f) => Math.floor(f.times + EPSILON));
  while (statesOf({ counts: left }) > MOST_LEFT) {
    const most = times.reduce((a, n, i) => (n > (times[a] ?? 0) ? i : a), 0);
    const filling = fillings[most];
    const there = times[most] ?? 0;
    if (!filling || there < 1) return undefined;
    // Of a piece more than there is, what there is; of very many as many at once as surely have to go.
    const whole = filling.counts.reduce(
      (n, c, k) => (c > 0 ? Math.min(n, Math.floor((left[k] ?? 0) / c)) : n),
      there,
    );
    const by = Math.max(1, Math.min(whole, there - MOST_LEFT));
    const filled = filling.counts.map((n, k) => Math.min(n, left[k] as number));
    for (let k = 0; k < left.length; k++) left[k] = (left[k] as number) - by * (filled[k] as number);
    times[most] = there - by;
    off.push({ counts: filled, times: by });
  }
  return { left, off };
}

/** The cheapest unit that so much is cut from. */
function patternOf(counts: Int32Array, { task }: Prepared, { each }: Lengths): Pattern | undefined {
  const total = counts.reduce((sum, n, k) => sum + n * (each[k] ?? 0), 0);
  const fit = task.units.filter((u) => u.size >= total - EPSILON);
  const [first, ...others] = fit;
  if (!first) return undefined;
  const unit = others.reduce((a, b) => (weight(b) < weight(a) ? b : a), first);
  return { counts: [...counts], total, unit };
}

/** What a table says of unjointed pieces. */
export interface Tabled {
  /** Cheaper than what was found before; null where nothing is. */
  readonly laid: Laid | null;
  /** Nothing costs less than this; null where only a part was looked through. */
  readonly least: number | null;
}

/** What so much worth costs at least, for one: of units that hold any; 0 where none does. */
export function rateOf({ holds }: Worth, units: readonly SoldUnit[]): number {
  const rates = units.flatMap((u) => (holds(u.size) > 0 ? [weight(u) / holds(u.size)] : []));
  return rates.length > 0 ? Math.min(...rates) : 0;
}

/** The fillings that cost least where rolls could be bought in parts, taken as often as they are taken whole, and what is left laid as cheaply as may be. */
function peeledFirst(lengths: Lengths, given: Prepared, worth: Worth): readonly Pattern[] | undefined {
  const begun = peeled(lengths.counts, worth.fillings);
  const rest = begun && cheapestFillings({ each: lengths.each, counts: begun.left }, given.task.units, MOST);
  if (!rest) return undefined;
  const peels: Pattern[] = [];
  for (const { counts, times } of begun.off) {
    const pattern = patternOf(counts, given, lengths);
    if (!pattern) return undefined;
    for (let n = 0; n < times; n++) peels.push(pattern);
  }
  return [...peels, ...rest.patterns];
}

/**
 * Unjointed pieces of few lengths: whether anything costs less than what was found, with every way looked at that could.
 *
 * @param found  what something costs already
 * @returns undefined where there is too much to look at
 */
export function tabled(given: Prepared, worth: Worth, found: number): Tabled | undefined {
  const kinds = alikeOf(given);
  const lengths = countsOf(kinds);
  const { units } = given.task;
  const first = peeledFirst(lengths, given, worth);
  const begun = first && laidOut(first, kinds, given);
  const better = begun && begun.cost < found - EPSILON ? begun : undefined;
  const below = better?.cost ?? found;
  const rate = rateOf(worth, units);
  const ways = fillingsOf(lengths, units, MOST);
  const all =
    ways && cheapestByWaste(lengths, ways, { each: worth.each, rate }, { below, most: MOST.looked });
  const laid = all && all.price < below - EPSILON ? laidOut(all.patterns, kinds, given) : undefined;
  // What the yard does not hold so may be had otherwise, at some price between: that is left to be looked for.
  const settled = all && (laid !== undefined || all.price >= below - EPSILON);
  if (!settled) return better && { laid: better, least: null };
  return { laid: laid ?? better ?? null, least: Math.min(below, all.price) };
}
