import type { Buying } from './own';
import type { Catalogue, Offer, Yard } from './types';

export interface SoldUnit {
  /** Length of a roll or post, m; clear width of a kit, m; pieces in a pack. */
  readonly size: number;
  /** As the yard states it, minor units; null when it names no price. */
  readonly price: number | null;
  /** With tax, minor units: what is compared; null without a price. */
  readonly cost: number | null;
  /** How many the yard holds; null when that is not said. */
  readonly stock: number | null;
  /** Where; empty when no yard bought at has it. */
  readonly yard: string;
}

/** Units sold by product, of rolls by mesh and width; smallest first. */
export type Sold = ReadonlyMap<string, readonly SoldUnit[]>;

/** Widths are told apart by a tenth of a millimetre. */
export const rollKey = (mesh: string, width: number): string => `${mesh} ${Math.round(width * 1e4) / 1e4}`;

const keyOf = (offer: Offer): string =>
  offer.kind === 'roll' ? rollKey(offer.product, offer.width) : offer.product;

const sizeOf = (offer: Offer): number => {
  if (offer.kind === 'pack') return offer.count;
  return offer.kind === 'kit' ? offer.width : offer.length;
};

/** @returns the price with tax, minor units, not rounded: tax is rounded once a rate, on the docket */
export const withTax = ({ tax }: Yard, price: number): number =>
  tax.stated === 'with' ? price : price * (1 + tax.rate);

/** The same size for no more at another yard that holds as many as wanted: the dearer is left out. */
function dominates(other: SoldUnit, unit: SoldUnit, all: readonly SoldUnit[]): boolean {
  if (Math.abs(other.size - unit.size) > 1e-9 || other.stock !== null) return false;
  const less = (other.cost ?? Infinity) - (unit.cost ?? Infinity);
  return less < 0 || (less === 0 && all.indexOf(other) < all.indexOf(unit));
}

/** The yards bought at, the preferred first. @throws RangeError for one that the edition does not have */
export function yardsOf(catalogue: Catalogue, { yards }: Pick<Buying, 'yards'>): readonly Yard[] {
  return yards.map((id) => {
    const yard = catalogue.yards.find((y) => y.id === id);
    if (!yard) throw new RangeError(`no yard ${id}: the plan schema lets none through, so this is a bug`);
    return yard;
  });
}

/** One yard's units of one kind; of two offers of one size the later counts, which is the keeper's own. */
function atYard(yard: Yard, kind: Offer['kind'], buying: Pick<Buying, 'from' | 'ownPrices'>) {
  const here = new Map<string, SoldUnit[]>();
  const elsewhere = new Set(
    Object.entries(buying.from).flatMap(([product, only]) => (only === yard.id ? [] : [product])),
  );
  const take = (offer: Offer) => {
    if (offer.kind !== kind) return;
    if (elsewhere.size > 0 && elsewhere.has(`${kind}:${offer.product}`)) return;
    const { price, stock } = offer;
    const size = sizeOf(offer);
    const unit = { size, price, cost: withTax(yard, price), stock: stock ?? null, yard: yard.id };
    const key = keyOf(offer);
    const before = here.get(key);
    const same = before?.findIndex((u) => Math.round(u.size * 1e4) === Math.round(size * 1e4)) ?? -1;
    if (!before) here.set(key, [unit]);
    else if (same < 0) before.push(unit);
    else before[same] = unit;
  };
  yard.offers.forEach(take);
  for (const own of buying.ownPrices) if (own.yard === yard.id) take(own.offer);
  return here;
}

const bySize = (a: SoldUnit, b: SoldUnit): number => a.size - b.size || (a.cost ?? 0) - (b.cost ?? 0);

const isRising = (units: readonly SoldUnit[]): boolean => {
  for (let i = 1; i < units.length; i++) {
    const [a, b] = [units[i - 1], units[i]];
    if (a && b && bySize(a, b) > 0) return false;
  }
  return true;
};

/** Everything of one kind that can be had at the plan's yards, the keeper's own prices laid over the edition's. */
export function soldUnits(
  catalogue: Catalogue,
  buying: Pick<Buying, 'yards' | 'from' | 'ownPrices'>,
  kind: Offer['kind'],
): Sold {
  const all = new Map<string, SoldUnit[]>();
  for (const yard of yardsOf(catalogue, buying)) {
    for (const [key, units] of atYard(yard, kind, buying)) {
      const before = all.get(key);
      if (before) before.push(...units);
      else all.set(key, units);
    }
  }
  for (const [key, units] of all) {
    const worth =
      buying.yards.length > 1
        ? units.filter((u) => !units.some((o) => o !== u && dominates(o, u, units)))
        : units;
    all.set(key, isRising(worth) ? worth : [...worth].sort(bySize));
  }
  return all;
}
