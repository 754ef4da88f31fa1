import type { Buying } from '../plan/schema';
import type {
  Catalogue,
  GateKit,
  MeshProduct,
  Offer,
  PackId,
  PostProduct,
  TimberProduct,
  Yard,
} from './types';

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
  /** Best price of a square metre, minor units; Infinity when the yard has none of it. */
  meshRate(mesh: string): number;
  posts(product: string): readonly SoldUnit[];
  /** Kits by clear width; none of a kind that the edition does not know. */
  kits(product: string): readonly SoldUnit[];
  packs(product: PackId): readonly SoldUnit[];
  timber(id: string): TimberProduct;
  /** Timbers of the edition, of one kind. */
  timbersOf(kind: TimberProduct['kind']): readonly TimberProduct[];
  /** Lengths of a timber, shortest first. Unpriced common lengths when the yard has none. */
  timbers(product: string): readonly SoldUnit[];
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
  const timbers = index(catalogue.timbers);
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

  const widthsBy = new Map<string, number[]>();
  for (const of of units.keys()) {
    const [kind, id = '', width] = of.split(' ');
    if (kind === 'roll') widthsBy.set(id, [...(widthsBy.get(id) ?? []), Number(width)]);
  }
  for (const mesh of meshes.values()) {
    widthsBy.set(
      mesh.id,
      [...(widthsBy.get(mesh.id) ?? mesh.widths)].sort((a, b) => a - b),
    );
  }
  const widthsOf = (id: string): readonly number[] => widthsBy.get(found(meshes, id).id) ?? [];
  const rollsOf = (id: string, width: number) =>
    or(sold(`roll ${id} ${width.toFixed(4)}`), found(meshes, id).lengths);
  const rates = new Map(
    [...meshes.keys()].map((id) => {
      const each = widthsOf(id).flatMap((w) =>
        rollsOf(id, w).map((u) => (u.price === null ? Infinity : u.price / (u.size * w))),
      );
      return [id, Math.min(...each)];
    }),
  );

  return {
    yard,
    currency: yard.currency,
    meshIds: () => [...meshes.keys()],
    mesh: (id) => found(meshes, id),
    post: (id) => found(posts, id),
    kit: (id) => found(kits, id),
    widths: widthsOf,
    rolls: rollsOf,
    meshRate: (id) => rates.get(id) ?? Infinity,
    posts: (id) => or(sold(`post ${id}`), found(posts, id).lengths),
    kits: (id) => or(sold(`kit ${id}`), kits.get(id)?.widths ?? []),
    packs: (id) => or(sold(`pack ${id}`), [1]),
    timber: (id) => found(timbers, id),
    timbersOf: (kind) => catalogue.timbers.filter((t) => t.kind === kind),
    timbers: (id) => or(sold(`timber ${id}`), found(timbers, id).lengths),
  };
}
