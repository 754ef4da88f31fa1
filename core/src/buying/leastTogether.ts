import type { Cutting, Task } from '../cutting/cutting';
import { costOf, jointsOf } from '../cutting/bins';
import { layExactly } from '../cutting/lay';
import { polish } from '../cutting/polish';
import { type Prepared, prepare } from '../cutting/prepare';
import { used } from '../cutting/quick';
import type { Wanted } from '../cutting/wanted';
import { EPSILON } from '../units/round';
import type { Ask } from './demand';
import type { Run } from './run';
import { NODES, type Trade, leftAsItIs, tradesOf } from './trades';
import { type Weighed, type WeighedBy, jointPieces, packPrices } from './weigh';

/** Ways to put trades of all pools together that are looked at. */
const MOST_WAYS = 4000;
/** Of a pool: beyond, no search comes to an end. */
const MOST_BAYS = 150;

/** A way to choose as it was weighed. */
interface AsWeighed extends Pick<Weighed, 'cost' | 'least' | 'saving'> {
  readonly asks: readonly Ask[];
  readonly wanted: readonly Wanted[];
}

/** The least that was found for all pools together. */
interface Together {
  readonly cost: number;
  /** One for each pool. */
  readonly trades: readonly Trade[];
}

function cheapestTrades({ asks, wanted, saving }: AsWeighed, by: WeighedBy): Together | undefined {
  const { packs, meshes, memo, cut } = by;
  const each = wanted.map((pool) => {
    const cutting = cut(pool);
    const counted = meshes.has(pool.product);
    // Metres are no money: what has no price is left as it is.
    if (pool.units.some(({ price }) => price === null)) return [leftAsItIs(pool, packs)];
    return tradesOf(pool, cutting, cutting.cost + saving, { packs, memo }).map((trade): Trade => ({
      ...trade,
      cost: counted ? trade.cost : Math.max(0, trade.cost - cutting.cost),
    }));
  });
  if (each.reduce((n, trades) => n * trades.length, 1) > MOST_WAYS) return undefined;
  const priceOf = packPrices(asks, by);
  let best: Together | undefined;
  const look = (i: number, cost: number, pieces: readonly number[], taken: readonly Trade[]): void => {
    const trades = each[i];
    if (!trades) {
      const all = cost + priceOf(pieces);
      if (!best || all < best.cost - EPSILON) best = { cost: all, trades: taken };
      return;
    }
    for (const trade of trades) {
      const more = pieces.map((n, k) => n + (trade.pieces[k] ?? 0));
      look(i + 1, cost + trade.cost, more, [...taken, trade]);
    }
  };
  const none = packs.map(() => 0);
  look(0, 0, none, []);
  return best;
}

/** Whether something may be saved by fewer joints: of large pools nobody looks. */
const mayTrade = ({ wanted, least, saving }: AsWeighed): boolean =>
  saving > EPSILON && least > 0 && least < Infinity && wanted.every(({ runs }) => baysOf(runs) <= MOST_BAYS);

const baysOf = (runs: readonly Run[]): number => runs.reduce((n, { joints }) => n + joints.length + 1, 0);

/**
 * What mesh and the packs that follow from it cost at least together, minor units: rolls that cost more may do with fewer joints, and joints take packs.
 *
 * @returns nothing less than the way's own `least`, which takes the cheapest rolls and the longest at once
 */
export function leastTogether(way: AsWeighed, by: WeighedBy): number {
  const together = mayTrade(way) ? cheapestTrades(way, by) : undefined;
  return Math.max(way.least, together?.cost ?? 0);
}

/** Pools cut from dearer rolls with fewer joints, where that costs less with all packs. */
export interface Traded {
  /** Minor units. */
  readonly cost: number;
  /** No other rolls of these widths cost less, with all packs. */
  readonly least: number;
  /** Pools that are not cut from the cheapest rolls; null where all are. */
  readonly cuttings: ReadonlyMap<Task, Cutting> | null;
}

/** Takes rolls that cost more for fewer joints, where the packs that these would take cost more than that. */
export function tradedFor(way: AsWeighed, by: WeighedBy): Traded {
  const { cost } = way;
  const together = mayTrade(way) ? cheapestTrades(way, by) : undefined;
  const least = Math.max(way.least, together?.cost ?? 0);
  const asItIs: Traded = { cost, least, cuttings: null };
  if (!together || together.cost >= cost - EPSILON) return asItIs;
  const { packs, meshes, memo, cut } = by;
  const cuttings = new Map<Task, Cutting>();
  const pieces = packs.map(() => 0);
  let rolls = 0;
  for (const [i, pool] of way.wanted.entries()) {
    const before = cut(pool);
    const trade = together.trades[i]?.by;
    const cutting = (trade && laidWith(trade, before, prepare(pool, 'any', memo))) ?? before;
    if (cutting !== before) cuttings.set(pool, cutting);
    rolls += meshes.has(pool.product) ? cutting.cost : cutting.cost - before.cost;
    packs.forEach((pack, k) => (pieces[k] = (pieces[k] ?? 0) + jointPieces(cutting, pack)));
  }
  const paid = rolls + packPrices(way.asks, by)(pieces);
  return paid < cost - EPSILON ? { cost: paid, least, cuttings } : asItIs;
}

/** Laid into these rolls with just as many joints; undefined where it is as it was, or was not found. */
function laidWith(
  { slots, joints }: NonNullable<Trade['by']>,
  before: Cutting,
  given: Prepared,
): Cutting | undefined {
  // What may still be bettered by itself is looked into first.
  if (joints >= before.joints || before.cost > before.bound + EPSILON) return undefined;
  const laid = layExactly(slots, given, { nodes: NODES }, joints);
  if (laid.outcome !== 'laid') return undefined;
  const bins = polish(used(laid.bins).bins, given.task);
  return { ...before, bins, joints: jointsOf(bins), cost: costOf(bins), traded: true };
}
