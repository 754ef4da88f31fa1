import type { SoldUnit } from '../catalogue/market';
import type { Known } from './known';
import type { Layout } from './sheets';

/**
 * What was cut, laid and priced before, by its content: whoever reckons holds it and passes it on, and it only saves work. What is in it is never
 * older than what it was made from, so it may be kept over any number of plans.
 */
export interface Memo {
  /** Pools by all that decides how they are cut. */
  readonly cuts: Map<string, Known>;
  /** Small pieces by their sizes and the width of their roll. */
  readonly layouts: Map<string, Layout>;
  /** What lengths of some units cost at least; a market's units are one list for good. */
  readonly prices: WeakMap<readonly SoldUnit[], Map<number, number>>;
  /** Sets of one to three of some widths; a market's widths of a mesh are one list for good. */
  readonly sets: WeakMap<readonly number[], readonly (readonly number[])[]>;
}

export const newMemo = (): Memo => ({
  cuts: new Map(),
  layouts: new Map(),
  prices: new WeakMap(),
  sets: new WeakMap(),
});
