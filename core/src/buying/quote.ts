import type { Goods } from '../catalogue/goods';
import type { RollMarket } from '../catalogue/market';
import type { CuttingStage } from '../cutting/pools';
import type { Docket } from './docket/types';
import type { Buying } from '../plan/schema';
import type { Chosen } from './chosen';
import type { Assigned } from './opened';
import type { PriceProof } from './proof';
import type { Settling } from './settle';
import type { Unmet } from './unmet';

/** What one way to buy comes to: at one yard, at the other, or at both. */
export interface Quote {
  readonly buying: Buying;
  readonly goods: Goods;
  readonly market: RollMarket;
  readonly settling: Settling;
  readonly assigned: Assigned;
  readonly chosen: Chosen;
  readonly cutting: CuttingStage;
  /** What each length of posts asked for is cut from, m. */
  readonly postSizes: ReadonlyMap<string, readonly number[]>;
  readonly docket: Docket;
  /** By how much the widths that are chosen could cost less with other rolls, minor units. */
  readonly gap: number;
  readonly stacks: PriceProof | null;
  readonly unmet: readonly Unmet[];
  /** How many things cannot be built as meant from what is sold: what nothing meets, what no roll gives, what the yards do not hold. */
  readonly unfit: number;
}

/** Buying at one yard, at the other, or at both: the plan's own way last. */
export function waysToBuy(buying: Buying): readonly Buying[] {
  const pinned = Object.values(buying.from);
  const alone = buying.yards.length > 1 ? buying.yards.filter((yard) => pinned.every((p) => p === yard)) : [];
  return [...alone.map((yard) => ({ ...buying, yards: [yard] })), buying];
}

/**
 * What can be built as meant, then what has a price, then what is cheap: of two that are alike the first.
 *
 * What cannot be built as meant is chosen only where nothing else is sold.
 */
export function bestQuote(quotes: readonly Quote[]): Quote {
  const [first, ...others] = quotes;
  if (!first) throw new RangeError('a plan is bought at one yard at least');
  return others.reduce((best, other) => {
    if (best.unfit !== other.unfit) return other.unfit < best.unfit ? other : best;
    if (best.docket.complete !== other.docket.complete) return best.docket.complete ? best : other;
    return other.docket.total < best.docket.total ? other : best;
  }, first);
}
