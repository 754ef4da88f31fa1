import type { Buying } from '../plan/schema';
import type { Catalogue, GateKit, MeshProduct, Offer, PackId, PostProduct, Yard } from './types';

export interface SoldUnit {
  /** Length of a roll or post, m; clear width of a kit, m; pieces in a pack. */
  readonly size: number;
  /** Minor units; null when this yard names no price. */
  readonly price: number | null;
}

/** What can be had at the plan's yard: the edition with the keeper's own products and prices laid over it. */
export interface Market {
  readonly yard: Yard;
  readonly currency: string;
  /** Every mesh of the edition and of the keeper's own. */
  meshIds(): readonly string[];
  mesh(id: string): MeshProduct;
  post(id: string): PostProduct;
  kit(id: string): GateKit;
  /** Roll widths of a mesh, m, rising. Those it is made in when the yard has none of it. */
  widths(mesh: string): readonly number[];
  /** Rolls of one mesh and width, shortest first. Unpriced common lengths when the yard has none. */
  rolls(mesh: string, width: number): readonly SoldUnit[];
  posts(product: string): readonly SoldUnit[];
  kits(product: string): readonly SoldUnit[];
  packs(product: PackId): readonly SoldUnit[];
}

const key = (offer: Offer) => {
  if (offer.kind === 'roll') return `roll ${offer.product} ${offer.width.toFixed(4)}`;
  return `${offer.kind} ${offer.product}`;
};

const sizeOf = (offer: Offer) => {
  if (offer.kind === 'pack') return offer.count;
  return offer.kind === 'kit' ? offer.width : offer.length;
};

function index<T extends { readonly id: string }>(list: readonly T[]): ReadonlyMap<string, T> {
  return new Map(list.map((thing) => [thing.id, thing]));
}

function found<T extends { readonly id: string }>(list: ReadonlyMap<string, T>, id: string): T {
  const product = list.get(id);
  if (!product) throw new RangeError(`no product ${id}: the plan schema lets none through, so this is a bug`);
  return product;
}

/**
 * @param catalogue  the edition that the plan names
 * @param buying     the plan's yard, own products and own prices
 * @throws RangeError for a yard or product not in the edition: the plan schema lets none through
 */
export function marketOf(catalogue: Catalogue, buying: Buying): Market {
  const known = made.get(buying);
  if (known?.catalogue === catalogue) return known.market;
  const market = makeMarket(catalogue, buying);
  made.set(buying, { catalogue, market });
  return market;
}

/** A plan's buying is never changed in place, so its market is made once. */
const made = new WeakMap<Buying, { readonly catalogue: Catalogue; readonly market: Market }>();

function makeMarket(catalogue: Catalogue, buying: Buying): Market {
  const yard = found(index(catalogue.yards), buying.yards[0] ?? '');
  const meshes: ReadonlyMap<string, MeshProduct> = index([...catalogue.meshes, ...buying.ownProducts]);
  const posts = index(catalogue.posts);
  const kits = index(catalogue.kits);
  const units = new Map<string, Map<string, SoldUnit>>();
  const own = buying.ownPrices.filter((p) => p.yard === yard.id).map((p) => p.offer);
  for (const offer of [...yard.offers, ...own]) {
    const bySize = units.get(key(offer)) ?? new Map<string, SoldUnit>();
    bySize.set(sizeOf(offer).toFixed(4), { size: sizeOf(offer), price: offer.price });
    units.set(key(offer), bySize);
  }
  const sorted = new Map(
    [...units].map(([of, bySize]) => [of, [...bySize.values()].sort((a, b) => a.size - b.size)]),
  );
  const sold = (of: string): readonly SoldUnit[] => sorted.get(of) ?? [];
  const unpriced = (sizes: readonly number[]): readonly SoldUnit[] =>
    sizes.map((size) => ({ size, price: null }));
  const or = (these: readonly SoldUnit[], those: readonly number[]) =>
    these.length > 0 ? these : unpriced(those);

  const widthsOf = (id: string) => {
    const prefix = `roll ${id} `;
    const offered = [...units.keys()]
      .filter((k) => k.startsWith(prefix))
      .map((k) => Number(k.slice(prefix.length)));
    return (offered.length > 0 ? offered : [...found(meshes, id).widths]).sort((a, b) => a - b);
  };

  return {
    yard,
    currency: yard.currency,
    meshIds: () => [...meshes.keys()],
    mesh: (id) => found(meshes, id),
    post: (id) => found(posts, id),
    kit: (id) => found(kits, id),
    widths: widthsOf,
    rolls: (id, width) => or(sold(`roll ${id} ${width.toFixed(4)}`), found(meshes, id).lengths),
    posts: (id) => or(sold(`post ${id}`), found(posts, id).lengths),
    kits: (id) => or(sold(`kit ${id}`), found(kits, id).widths),
    packs: (id) => or(sold(`pack ${id}`), [1]),
  };
}
