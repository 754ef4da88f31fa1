import {
  type Catalogue,
  type Market,
  type Offer,
  type Reader,
  type StoredPrice,
  capital,
  kitName,
  meshName,
  packName,
  postName,
  timberName,
  wireName,
} from '@aviarum/core';
import { goodsKey, offerSize } from '@aviarum/core/prices';

export type Kind = Offer['kind'];
export const KINDS: readonly { readonly value: Kind; readonly label: string }[] = [
  { value: 'roll', label: 'mesh' },
  { value: 'post', label: 'posts' },
  { value: 'timber', label: 'timber' },
  { value: 'kit', label: 'gates, doors' },
  { value: 'pack', label: 'fasteners' },
];

/** What one yard asks for one size. */
export interface Priced {
  readonly key: string;
  readonly yard: string;
  readonly size: string;
  /** As it stands now: the keeper's own, or the list's. */
  readonly offer: Offer;
  /** What the list that came says; null where only the keeper has it. */
  readonly listed: Offer | null;
  readonly own: StoredPrice | null;
  readonly asOf: string;
}

/** A product with what the yards ask for it, yard by yard in their order. */
export interface PriceRow {
  readonly product: string;
  readonly name: string;
  readonly yards: readonly { readonly yard: string; readonly priced: readonly Priced[] }[];
}

/** One size as it is sold. */
function sizeOf(offer: Offer, reader: Reader): string {
  switch (offer.kind) {
    case 'roll':
      return `${reader.length(offer.width)} × ${reader.length(offer.length)}`;
    case 'pack':
      return offer.count === 1 ? 'each' : `pack of ${offer.count}`;
    case 'kit':
      return reader.length(offer.width);
    default:
      return reader.length(offer.length);
  }
}

function nameOf({ kind, product }: Offer, market: Market, reader: Reader): string {
  if (!market.knows(kind, product)) return product;
  switch (kind) {
    case 'roll':
      return `${meshName(market.mesh(product), reader)}, ${wireName(market.mesh(product), reader)}`;
    case 'post':
      return postName(market.post(product), reader);
    case 'timber':
      return timberName(market.timber(product), reader);
    case 'kit':
      return kitName(product);
    case 'pack':
      return packName(product, reader);
  }
}

const bySize = (a: Offer, b: Offer): number => {
  const of = (offer: Offer) => {
    const { width = 0, length = 0, count = 0 } = offerSize(offer);
    return width * 1000 + length + count;
  };
  return of(a) - of(b);
};

/** Every price of one kind, product by product, the yards beside each other. */
export function priceRows(
  kind: Kind,
  catalogue: Catalogue,
  own: readonly StoredPrice[],
  { market, reader }: { readonly market: Market; readonly reader: Reader },
): readonly PriceRow[] {
  const mine = new Map(own.map((p) => [goodsKey(p.yard, p.offer), p]));
  const found = new Map<string, Priced>();
  for (const yard of catalogue.yards)
    for (const offer of yard.offers.filter((o) => o.kind === kind)) {
      const key = goodsKey(yard.id, offer);
      const price = mine.get(key) ?? null;
      const size = sizeOf(offer, reader);
      const asOf = price?.asOf ?? catalogue.pricesAsOf;
      found.set(key, {
        key,
        yard: yard.id,
        size,
        offer: price?.offer ?? offer,
        listed: offer,
        own: price,
        asOf,
      });
    }
  for (const [key, price] of mine) {
    if (price.offer.kind !== kind || found.has(key)) continue;
    const { offer, yard, asOf } = price;
    found.set(key, {
      key,
      yard,
      size: sizeOf(offer, reader),
      offer,
      listed: null,
      own: price,
      asOf: asOf ?? '',
    });
  }
  const products = [...new Set([...found.values()].map((p) => p.offer.product))];
  return products.flatMap((product): PriceRow[] => {
    const all = [...found.values()].filter((p) => p.offer.product === product);
    const [first] = all;
    if (!first) return [];
    const yards = catalogue.yards.map((y) => ({
      yard: y.id,
      priced: all.filter((p) => p.yard === y.id).sort((a, b) => bySize(a.offer, b.offer)),
    }));
    return [{ product, name: capital(nameOf(first.offer, market, reader)), yards }];
  });
}
