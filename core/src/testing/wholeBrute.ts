import { editionOf } from '../catalogue';
import { withTax } from '../catalogue/market';
import type { BoughtUnits, Docket } from '../buying/docket/types';
import type { Plan } from '../plan/schema';
import { boughtWith, choicesOf } from './boughtWith';
import { lowestRolls } from './lowestRolls';

type Units = readonly Pick<BoughtUnits, 'count' | 'price' | 'yard'>[];

/** What units cost with tax and a delivery from each yard that any is bought at; tax is not rounded. */
export function costOfUnits(plan: Plan, units: Units): number {
  const { yards } = editionOf(plan);
  return yards.reduce((total, yard) => {
    const here = units.filter((u) => u.yard === yard.id && u.count > 0);
    if (here.length === 0) return total;
    const goods = here.reduce((sum, u) => sum + u.count * (u.price ?? Infinity), 0);
    const delivery = plan.buying.fetched.includes(yard.id) ? 0 : (yard.delivery ?? 0);
    return total + withTax(yard, goods + delivery);
  }, 0);
}

export const unitsOf = ({ lines }: Docket): Units => lines.flatMap((l) => l.units);

/** The plan bought at the first yard, at the second, or each line wherever it costs least: pins that nothing is bought by keep it from either alone. */
function modesOf(plan: Plan): readonly Plan[] {
  const { buying } = plan;
  const [a, b] = buying.yards;
  const alone = buying.yards.map((yard) => ({ ...plan, buying: { ...buying, yards: [yard] } }));
  if (a === undefined || b === undefined) return alone;
  return [...alone, { ...plan, buying: { ...buying, from: { 'pack:padlock': a, 'pack:spring': b } } }];
}

/** How many ways there are to choose widths, at all yards. */
export const countWays = (plan: Plan): number =>
  modesOf(plan).reduce((n, mode) => n + choicesOf(mode).ways.length, 0);

/**
 * The lowest cost of a small plan by trying every yard, every choice of widths and every set of rolls; everything else as it is counted. Of a choice
 * the joints are those that were cut, or those that dearer rolls were traded for.
 *
 * @returns minor units with tax and deliveries; Infinity where no way has everything
 */
export function lowestCost(plan: Plan, mostRolls: number): number {
  let lowest = Infinity;
  for (const mode of modesOf(plan)) {
    for (const way of choicesOf(mode).ways) {
      const { docket, cutting } = boughtWith(mode, way);
      if (!docket.complete || docket.lines.some((l) => l.notHeld.length > 0)) continue;
      const rolls = cutting.map((pool) => lowestRolls(pool.task, mostRolls));
      const others = docket.lines.filter((l) => l.detail.kind !== 'roll').flatMap((l) => l.units);
      const bought = rolls.flatMap((of) =>
        (of ?? [{ unit: { price: Infinity, yard: mode.buying.yards[0] ?? '' }, count: 1 }]).map(
          ({ unit, count }) => ({ count, price: unit.price, yard: unit.yard }),
        ),
      );
      const traded = boughtWith(mode, way, 'traded').docket;
      lowest = Math.min(
        lowest,
        costOfUnits(mode, [...others, ...bought]),
        costOfUnits(mode, unitsOf(traded)),
      );
    }
  }
  return lowest;
}
