import type { SoldUnit } from '../catalogue/market';
import { coversByCost, weight } from '../cutting/covers';
import { EPSILON } from '../units/round';
import { type Term, product, sum, value } from '../working';
import type { BoughtUnits } from './types';

/** Units bought, from how many of each; those of which there are none left out. */
export function bought(units: readonly SoldUnit[], counts: readonly number[]): readonly BoughtUnits[] {
  return units.flatMap((unit, i) => {
    const count = counts[i] ?? 0;
    return count > 0 ? [{ size: unit.size, count, price: unit.price }] : [];
  });
}

export const sizeOf = (units: readonly BoughtUnits[]): number =>
  units.reduce((total, u) => total + u.size * u.count, 0);

/** The price of what is bought as a working; null when any of it has no price. */
export function priceWorking(units: readonly BoughtUnits[], unit: 'm' | 'piece'): Term | null {
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
 * The cheapest other set of whole units that would reach the need: what a keeper asks in the yard.
 *
 * @param counts  how many of each unit are bought
 * @returns null when nothing is priced or no other set makes sense
 */
export function insteadOf(
  units: readonly SoldUnit[],
  counts: readonly number[],
  need: number,
): { units: readonly BoughtUnits[]; more: number } | null {
  if (units.length < 2 || units.some((u) => u.price === null)) return null;
  const cost = counts.reduce(
    (total, count, i) => total + count * weight(units[i] ?? { size: 0, price: 0 }),
    0,
  );
  let looked = 0;
  for (const cover of coversByCost(units, need, 200)) {
    looked += 1;
    if (looked > 12) return null;
    const more = cover.cost - cost;
    const superset = counts.every((count, i) => (cover.counts[i] ?? 0) >= count);
    if (superset || more < -EPSILON) continue;
    return { units: bought(units, cover.counts), more };
  }
  return null;
}
