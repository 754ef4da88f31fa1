import { EDITIONS } from '../catalogue';
import type { Buying, OwnPrice } from '../plan/schema';

/** Buying everything at one yard or two, by an edition's own prices. */
export const buyingAt = (yards: string | readonly string[], edition = '2026-03'): Buying => ({
  edition,
  pricesAsOf: EDITIONS[edition]?.pricesAsOf ?? '2026-01-01',
  yards: typeof yards === 'string' ? [yards] : [...yards],
  from: {},
  fetched: [],
  terms: {},
  ownProducts: [],
  ownPrices: [],
});

/** An own price for a roll, at Far Gate. */
export const ownRoll = (
  product: string,
  { width, length }: { readonly width: number; readonly length: number },
  price: number,
  yard = 'far-gate',
): OwnPrice => ({
  yard,
  asOf: null,
  offer: { kind: 'roll', product, width, length, price, stock: null },
});
