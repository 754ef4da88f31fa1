import { later } from '../later';
import type { Buying } from '../plan/schema';
import { PACK_IDS } from './packs';
import type { Sold } from './sold';
import { rollKey } from './sold';
import type { Catalogue, GateKit, MeshProduct, Offer, PostProduct, TimberProduct } from './types';

/** Sizes that can be had, m: each once, rising; those commonly made where no yard bought at has any. */
interface Sizes {
  readonly widths: Readonly<Record<string, readonly number[]>>;
  readonly rolls: Readonly<Record<string, readonly number[]>>;
  readonly posts: Readonly<Record<string, readonly number[]>>;
  readonly kits: Readonly<Record<string, readonly number[]>>;
}

/** What there is at the plan's yards, whatever it costs: a price typed leaves it as it is. */
export interface Goods {
  /** What tells these goods from others: what is the same in all of it is the same goods. */
  readonly told: {
    readonly sizes: () => Sizes;
    readonly own: Buying['ownProducts'];
    readonly catalogue: Catalogue;
  };
  /** Whether a product of this kind is in the edition or among the keeper's own. */
  knows(kind: Offer['kind'], product: string): boolean;
  /** Every mesh of the edition and of the keeper's own. */
  meshIds(): readonly string[];
  mesh(id: string): MeshProduct;
  postIds(): readonly string[];
  post(id: string): PostProduct;
  kitIds(): readonly string[];
  kit(id: string): GateKit;
  timber(id: string): TimberProduct;
  /** Timbers of the edition, of one kind. */
  timbersOf(kind: TimberProduct['kind']): readonly TimberProduct[];
  /** Roll widths of a mesh, m, rising. Those it is made in when the yard has none of it. */
  widths(mesh: string): readonly number[];
  /** Lengths of its rolls in one width, m, rising. */
  rollLengths(mesh: string, width: number): readonly number[];
  postLengths(product: string): readonly number[];
  /** Clear widths of its kits, m, rising; none of a kind that the edition does not know. */
  kitWidths(product: string): readonly number[];
}

function index<T extends { readonly id: string }>(list: readonly T[]): ReadonlyMap<string, T> {
  return new Map(list.map((thing) => [thing.id, thing]));
}

export function found<T extends { readonly id: string }>(list: ReadonlyMap<string, T>, id: string): T {
  const product = list.get(id);
  if (!product) throw new RangeError(`no product ${id}: the plan schema lets none through, so this is a bug`);
  return product;
}

const rising = (sizes: readonly number[]): readonly number[] => [...new Set(sizes)].sort((a, b) => a - b);

/** Sizes sold of each product; of those that no yard has, those commonly made. */
const sizesOf = (
  sold: Sold,
  products: readonly { readonly id: string; readonly made: readonly number[] }[],
) =>
  Object.fromEntries(
    products.map(({ id, made }) => {
      const units = sold.get(id);
      return [id, units ? rising(units.map((u) => u.size)) : made];
    }),
  );

/** Widths in which each mesh can be had, m, rising. */
function widthsOf(meshes: ReadonlyMap<string, MeshProduct>, rolls: Sold): Sizes['widths'] {
  const sold = new Map<string, number[]>();
  for (const key of rolls.keys()) {
    const [mesh = '', width] = key.split(' ');
    const before = sold.get(mesh);
    if (before) before.push(Number(width));
    else sold.set(mesh, [Number(width)]);
  }
  return Object.fromEntries(
    [...meshes.values()].map(({ id, widths }) => [id, [...(sold.get(id) ?? widths)].sort((a, b) => a - b)]),
  );
}

/** What is sold, by kind: what `soldUnits` gives. */
export interface SoldByKind {
  readonly rolls: Sold;
  readonly posts: Sold;
  readonly kits: Sold;
}

export function goodsOf(
  catalogue: Catalogue,
  own: Buying['ownProducts'],
  { rolls, posts, kits }: SoldByKind,
): Goods {
  const meshes = index<MeshProduct>([...catalogue.meshes, ...own]);
  const byPost = index(catalogue.posts);
  const byKit = index(catalogue.kits);
  const byTimber = index(catalogue.timbers);
  const lengths = (list: readonly { readonly id: string; readonly lengths: readonly number[] }[]) =>
    list.map(({ id, lengths: made }) => ({ id, made }));
  // Each when it is first asked for: a plan that is reckoned once asks for a few.
  const widths = later(() => widthsOf(meshes, rolls));
  const postSizes = later(() => sizesOf(posts, lengths(catalogue.posts)));
  const kitSizes = later(() =>
    sizesOf(
      kits,
      catalogue.kits.map(({ id, widths: made }) => ({ id, made })),
    ),
  );
  const lengthsOf = (key: string) => {
    const units = rolls.get(key);
    return units && rising(units.map((u) => u.size));
  };
  const sizes = later((): Sizes => ({
    widths: widths(),
    rolls: Object.fromEntries([...rolls.keys()].map((key) => [key, lengthsOf(key) ?? []])),
    posts: postSizes(),
    kits: kitSizes(),
  }));
  return {
    told: { sizes, own, catalogue },
    knows: (kind, id) =>
      kind === 'pack'
        ? PACK_IDS.some((p) => p === id)
        : { roll: meshes, post: byPost, timber: byTimber, kit: byKit }[kind].has(id),
    meshIds: () => [...meshes.keys()],
    mesh: (id) => found(meshes, id),
    postIds: () => [...byPost.keys()],
    post: (id) => found(byPost, id),
    kitIds: () => [...byKit.keys()],
    kit: (id) => found(byKit, id),
    timber: (id) => found(byTimber, id),
    timbersOf: (kind) => catalogue.timbers.filter((t) => t.kind === kind),
    widths: (id) => widths()[found(meshes, id).id] ?? [],
    rollLengths: (id, width) => lengthsOf(rollKey(id, width)) ?? found(meshes, id).lengths,
    postLengths: (id) => postSizes()[found(byPost, id).id] ?? [],
    kitWidths: (id) => kitSizes()[id] ?? [],
  };
}
