import type { Buying } from './own';
import { PACK_IDS } from './packs';
import type { Catalogue, GateKit, MeshProduct, Offer, PostProduct, TimberProduct } from './types';

/** What is made, wherever it is bought: what the stages of the work are planned by. */
export interface Products {
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
}

function index<T extends { readonly id: string }>(list: readonly T[]): ReadonlyMap<string, T> {
  return new Map(list.map((thing) => [thing.id, thing]));
}

function found<T extends { readonly id: string }>(list: ReadonlyMap<string, T>, id: string): T {
  const product = list.get(id);
  if (!product) throw new RangeError(`no product ${id}: the plan schema lets none through, so this is a bug`);
  return product;
}

/** The edition with the keeper's own products beside it. */
export function productsOf(catalogue: Catalogue, own: Buying['ownProducts']): Products {
  const meshes = index<MeshProduct>([...catalogue.meshes, ...own]);
  const byPost = index(catalogue.posts);
  const byKit = index(catalogue.kits);
  const byTimber = index(catalogue.timbers);
  return {
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
  };
}
