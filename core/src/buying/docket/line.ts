import type { Market } from '../../catalogue/market';
import type { OwnedPiece } from '../../plan/schema';
import type { Term } from '../../working';
import type { BoughtUnits, DocketLine } from './types';

export type Yards = Pick<Market, 'yard'>;

const priceOf = (term: Term | null): number | null => (term === null ? null : Math.round(term.value));

/** Tax in or on the units' prices, minor units; null without a price. */
function taxOf(market: Yards, units: readonly BoughtUnits[]): number | null {
  let total = 0;
  for (const { count, price, yard } of units) {
    if (price === null) return null;
    const { rate, stated } = market.yard(yard).tax;
    total += count * price * (stated === 'with' ? rate / (1 + rate) : rate);
  }
  return total;
}

/** A line before its price is worked out. */
export type Bare = Omit<DocketLine, 'tax' | 'price' | 'working'> & { readonly need: number };

export function line(market: Yards, bare: Bare, need: Term, price: Term | null): DocketLine {
  const tax = price === null ? null : taxOf(market, bare.units);
  // Written out: spreading lines costs as much as working them out.
  return {
    id: bare.id,
    stage: bare.stage,
    product: bare.product,
    detail: bare.detail,
    need: bare.need,
    unit: bare.unit,
    owned: bare.owned,
    buy: bare.buy,
    left: bare.left,
    weight: bare.weight,
    units: bare.units,
    notHeld: bare.notHeld,
    instead: bare.instead,
    price: priceOf(price),
    tax,
    working: { need, price },
  };
}

/** Usable pieces of what is owned, one by one. */
export function single<K extends OwnedPiece['kind']>(owned: readonly OwnedPiece[], kind: K, product: string) {
  return owned
    .filter((p): p is Extract<OwnedPiece, { kind: K }> => p.kind === kind && p.product === product)
    .filter((p) => p.condition !== 'poor')
    .flatMap((p) => Array<typeof p>(p.count).fill(p));
}
