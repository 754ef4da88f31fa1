import type { Buying } from '../plan/schema';
import { PACK_IDS } from './packs';
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
  /** As the yard states it, minor units; null when it names no price. */
  readonly price: number | null;
  /** With tax, minor units: what is compared; null without a price. */
  readonly cost: number | null;
  /** How many the yard holds; null when that is not said. */
  readonly stock: number | null;
  /** Where; empty when no yard bought at has it. */
  readonly yard: string;
}

/** What can be had at the plan's yards: the edition with the keeper's own products and prices laid over it. */
export interface Market {
  /** The yards bought at, the preferred first. */
  readonly yards: readonly Yard[];
  yard(id: string): Yard;
  readonly currency: string;
  /** Whether a product of this kind is in the edition or among the keeper's own. */
  knows(kind: Offer['kind'], product: string): boolean;
  /** Every mesh of the edition and of the keeper's own. */
  meshIds(): readonly string[];
  mesh(id: string): MeshProduct;
  postIds(): readonly string[];
  post(id: string): PostProduct;
  kitIds(): readonly string[];
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

/** The same size for no more at another yard that holds as many as wanted: the dearer is left out. */
function dominates(other: SoldUnit, unit: SoldUnit, all: readonly SoldUnit[]): boolean {
  if (Math.abs(other.size - unit.size) > 1e-9 || other.stock !== null) return false;
  const less = (other.cost ?? Infinity) - (unit.cost ?? Infinity);
  return less < 0 || (less === 0 && all.indexOf(other) < all.indexOf(unit));
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

/** @returns the price with tax, minor units, not rounded: tax is rounded once a rate, on the docket */
export const withTax = ({ tax }: Yard, price: number): number =>
  tax.stated === 'with' ? price : price * (1 + tax.rate);

function makeMarket(catalogue: Catalogue, buying: Buying): Market {
  const all = index(catalogue.yards);
  const yards = buying.yards.map((id) => found(all, id));
  const meshes: ReadonlyMap<string, MeshProduct> = index([...catalogue.meshes, ...buying.ownProducts]);
  const posts = index(catalogue.posts);
  const kits = index(catalogue.kits);
  const timbers = index(catalogue.timbers);
  const units = new Map<string, SoldUnit[]>();
  for (const yard of yards) {
    const own = buying.ownPrices.filter((p) => p.yard === yard.id).map((p) => p.offer);
    const here = new Map<string, { of: string; unit: SoldUnit }>();
    for (const offer of [...yard.offers, ...own]) {
      const only = buying.from[`${offer.kind}:${offer.product}`];
      if (only !== undefined && only !== yard.id) continue;
      const { price, stock } = offer;
      const unit = {
        size: sizeOf(offer),
        price,
        cost: withTax(yard, price),
        stock: stock ?? null,
        yard: yard.id,
      };
      here.set(`${key(offer)} ${unit.size.toFixed(4)}`, { of: key(offer), unit });
    }
    for (const { of, unit } of here.values()) units.set(of, [...(units.get(of) ?? []), unit]);
  }
  const sorted = new Map(
    [...units].map(([of, these]) => [
      of,
      these
        .filter((u) => !these.some((o) => o !== u && dominates(o, u, these)))
        .sort((a, b) => a.size - b.size || (a.cost ?? 0) - (b.cost ?? 0)),
    ]),
  );
  const sold = (of: string): readonly SoldUnit[] => sorted.get(of) ?? [];
  const unpriced = (sizes: readonly number[]): readonly SoldUnit[] =>
    sizes.map((size) => ({ size, price: null, cost: null, stock: null, yard: '' }));
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
        rollsOf(id, w).map((u) => (u.cost === null ? Infinity : u.cost / (u.size * w))),
      );
      return [id, Math.min(...each)];
    }),
  );

  const [first] = yards;
  return {
    yards,
    yard: (id) => found(all, id),
    currency: first?.currency ?? 'XXX',
    knows: (kind, id) =>
      kind === 'pack'
        ? PACK_IDS.some((p) => p === id)
        : { roll: meshes, post: posts, timber: timbers, kit: kits }[kind].has(id),
    meshIds: () => [...meshes.keys()],
    mesh: (id) => found(meshes, id),
    postIds: () => [...posts.keys()],
    post: (id) => found(posts, id),
    kitIds: () => [...kits.keys()],
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
