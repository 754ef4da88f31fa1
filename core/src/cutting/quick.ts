import type { Bin, Slot } from './cutting';
import type { SoldUnit } from '../catalogue/market';
import { EPSILON } from '../units/round';
import { boughtSlot, compareLaid, costOf, isEmpty } from './bins';
import { weight } from './covers';
import { OF_ONE_RUN, STRATEGIES, pack } from './pack';
import type { Prepared } from './prepare';

/** Beyond so many runs only the first way of laying is tried. */
export const MANY_RUNS = 40;
export const countOf = ({ strips, loose, sheets }: Prepared) => strips.length + loose.length + sheets.length;
/** Of pools larger than this as well, and what could be cut from less is not tried. */
export const LARGE = 20_000;
function strategiesFor(given: Prepared) {
  if (countOf(given) > MANY_RUNS || given.size > LARGE) return STRATEGIES.slice(0, 1);
  return countOf(given) === 1 ? OF_ONE_RUN : STRATEGIES;
}

export interface Laid {
  readonly bins: readonly Bin[];
  readonly cost: number;
}

/** What was really cut into, and its price. */
export function used(bins: readonly Bin[]): Laid {
  const cutInto = bins.filter((b) => !isEmpty(b));
  return { bins: cutInto, cost: costOf(cutInto) };
}

/** By price, then as `compareLaid`. */
export const cheaper = (a: Laid, b: Laid | undefined): boolean =>
  !b || a.cost < b.cost - EPSILON || (a.cost < b.cost + EPSILON && compareLaid(a.bins, b.bins) < 0);

/** All quick ways of laying into a given set of rolls; the best of those that fit. */
export function packBest(slots: readonly Slot[], given: Prepared): Laid | undefined {
  let best: Laid | undefined;
  for (const strategy of strategiesFor(given)) {
    const bins = pack(slots, given, strategy);
    if (!bins) continue;
    const laid = used(bins);
    if (cheaper(laid, best)) best = laid;
  }
  return best;
}

/** Of so many lengths sold not each is opened in turn. */
const MANY_UNITS = 12;

/** The lengths worth opening for many runs: the longest, and the cheapest by the metre. */
function worthOpening(units: readonly SoldUnit[]): readonly SoldUnit[] {
  const longest = units.reduce((a, b) => (b.size > a.size ? b : a));
  const cheapest = units.reduce((a, b) => (weight(b) / b.size < weight(a) / a.size ? b : a));
  return [...new Set([longest, cheapest])];
}

/** Each roll changed for the cheapest that holds what was cut from it, as far as the yard's stock goes. */
function changedForCheapest(bins: readonly Bin[], units: readonly SoldUnit[]): readonly Bin[] {
  const counts = new Map<SoldUnit, number>();
  const count = (unit: SoldUnit, by: 1 | -1) => counts.set(unit, (counts.get(unit) ?? 0) + by);
  for (const { slot } of bins) if (slot.unit) count(slot.unit, 1);
  const falling = [...bins].sort((a, b) => b.slot.size - b.free - (a.slot.size - a.free));
  return falling.map((bin) => {
    const { unit } = bin.slot;
    if (!unit) return bin;
    const held = bin.slot.size - bin.free;
    const fit = units
      .filter((u) => u.size >= held - EPSILON && (u.stock === null || (counts.get(u) ?? 0) < u.stock))
      .reduce((a, b) => (weight(b) < weight(a) ? b : a), unit);
    count(unit, -1);
    count(fit, 1);
    return { ...bin, slot: boughtSlot(fit), free: fit.size - held };
  });
}

/** Always lays everything while there is stock: opens one more roll of the same length as needed, then changes each. */
export function packAsNeeded(given: Prepared, owned: readonly Slot[]): Laid | undefined {
  const { units } = given.task;
  let best: Laid | undefined;
  for (const unit of countOf(given) > MANY_RUNS || units.length > MANY_UNITS ? worthOpening(units) : units) {
    for (const strategy of strategiesFor(given)) {
      const counts = new Map<SoldUnit, number>();
      const next = (): Slot | undefined => {
        const inOrder = [unit, ...[...units].sort((a, b) => b.size - a.size)];
        const free = inOrder.find((u) => u.stock === null || (counts.get(u) ?? 0) < u.stock);
        if (free) counts.set(free, (counts.get(free) ?? 0) + 1);
        return free && boughtSlot(free);
      };
      const bins = pack(owned, given, strategy, next);
      if (!bins) continue;
      const laid = used(
        changedForCheapest(
          bins.filter((b) => !isEmpty(b)),
          units,
        ),
      );
      if (cheaper(laid, best)) best = laid;
    }
  }
  return best;
}
