import type { SoldUnit } from '../../catalogue/market';
import { cheapestCover, weight } from '../../cutting/covers';
import { EPSILON } from '../../units/round';
import { type Term, product, sum, value } from '../../working';
import type { BoughtUnits, DocketLine } from './types';

/** Units bought, from how many of each; those of which there are none left out. */
export function bought(units: readonly SoldUnit[], counts: readonly number[]): readonly BoughtUnits[] {
  return units.flatMap((unit, i) => {
    const count = counts[i] ?? 0;
    return count > 0 ? [{ size: unit.size, count, price: unit.price, yard: unit.yard }] : [];
  });
}

export const sizeOf = (units: readonly BoughtUnits[]): number =>
  units.reduce((total, u) => total + u.size * u.count, 0);

/**
 * So many pieces of one size, each from where it costs least as far as that yard holds them; what none holds from where it costs least.
 *
 * @param units  sold in this size
 */
export function piecesOf(units: readonly SoldUnit[], count: number): readonly BoughtUnits[] {
  const byPrice = [...units].sort((a, b) => (a.cost ?? Infinity) - (b.cost ?? Infinity));
  let left = count;
  const fromEach = byPrice.map((unit) => {
    const here = Math.min(left, unit.stock ?? left);
    left -= here;
    return { unit, count: here };
  });
  const [first] = fromEach;
  if (first) first.count += left;
  return fromEach
    .filter((t) => t.count > 0)
    .map(({ unit, count: n }) => ({ size: unit.size, count: n, price: unit.price, yard: unit.yard }));
}

/** Units bought beyond what the yards hold, with how many there are. */
export function notHeld(
  sold: readonly SoldUnit[],
  units: readonly BoughtUnits[],
): readonly { readonly size: number; readonly count: number; readonly held: number }[] {
  return units.flatMap(({ size, count, yard }) => {
    const stock = sold.find((u) => u.yard === yard && Math.abs(u.size - size) < EPSILON)?.stock ?? null;
    return stock !== null && count > stock ? [{ size, count, held: stock }] : [];
  });
}

/** The price of what is bought as a working; null when any of it has no price. */
export function priceWorking(units: readonly BoughtUnits[], unit: DocketLine['unit']): Term | null {
  const terms: Term[] = [];
  for (const { size, count, price } of units) {
    if (price === null) return null;
    terms.push(
      product('docket.units', 'money', { size, unit }, [
        value('docket.unit-count', count, 'piece', {}),
        value('docket.unit-price', price, 'money', {}),
      ]),
    );
  }
  return sum('docket.price', 'money', {}, terms);
}

/**
 * What a keeper asks in the yard: the cheapest set that does without one of the sizes bought.
 *
 * @param counts  how many of each unit are bought
 * @returns null when nothing is priced, or only one size is sold
 */
export function insteadOf(
  units: readonly SoldUnit[],
  counts: readonly number[],
  need: number,
): { units: readonly BoughtUnits[]; more: number } | null {
  if (units.length < 2 || units.some((u) => u.price === null)) return null;
  const cost = units.reduce((total, unit, i) => total + (counts[i] ?? 0) * weight(unit), 0);
  let best: { units: readonly BoughtUnits[]; more: number } | null = null;
  counts.forEach((count, without) => {
    if (count === 0) return;
    const others = units.filter((_, i) => i !== without);
    const cover = cheapestCover(others, need);
    const more = cover.cost - cost;
    // A set that is cheaper by length alone could not be cut as the pieces need.
    if (more > -EPSILON && (!best || more < best.more)) best = { units: bought(others, cover.counts), more };
  });
  return best;
}
