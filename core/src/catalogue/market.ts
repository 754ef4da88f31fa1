import type { Buying } from './own';
import { type Goods, goodsOf } from './goods';
import { productsOf } from './products';
import { type Sold, type SoldUnit, rollKey, soldUnits, yardsOf } from './sold';
import type { Catalogue, PackId, Yard } from './types';

export { type SoldUnit, withTax } from './sold';

/** Rolls with their prices. */
export interface RollPrices {
  /** Rolls of one mesh and width, shortest first. Unpriced common lengths when the yard has none. */
  rolls(mesh: string, width: number): readonly SoldUnit[];
  /** Best price of a square metre, minor units; Infinity when the yard has none of it. */
  meshRate(mesh: string): number;
}
/** What mesh is cut from. */
export interface RollMarket extends Goods, RollPrices {}
/** What is cut from lengths. */
export interface CutMarket extends RollMarket {
  /** Lengths of a timber, shortest first. Unpriced common lengths when the yard has none. */
  timbers(product: string): readonly SoldUnit[];
}

/** What can be had at the plan's yards: the edition with the keeper's own products and prices laid over it. */
export interface Market extends CutMarket {
  /** The yards bought at, the preferred first. */
  readonly yards: readonly Yard[];
  yard(id: string): Yard;
  readonly currency: string;
  posts(product: string): readonly SoldUnit[];
  /** Kits by clear width; none of a kind that the edition does not know. */
  kits(product: string): readonly SoldUnit[];
  packs(product: PackId): readonly SoldUnit[];
}

const unpriced = (sizes: readonly number[]): readonly SoldUnit[] =>
  sizes.map((size) => ({ size, price: null, cost: null, stock: null, yard: '' }));

function rollPrices(goods: Goods, sold: Sold): RollPrices {
  const rolls = (mesh: string, width: number) =>
    sold.get(rollKey(mesh, width)) ?? unpriced(goods.mesh(mesh).lengths);
  return {
    rolls,
    meshRate: (mesh) => {
      const each = goods
        .widths(mesh)
        .flatMap((w) => rolls(mesh, w).map((u) => (u.cost === null ? Infinity : u.cost / (u.size * w))));
      return Math.min(...each);
    },
  };
}

export const rollMarket = (goods: Goods, rolls: Sold): RollMarket => ({
  ...goods,
  ...rollPrices(goods, rolls),
});

export const cutMarket = (
  goods: Goods,
  sold: { readonly rolls: Sold; readonly timbers: Sold },
): CutMarket => ({
  ...goods,
  ...rollPrices(goods, sold.rolls),
  timbers: (id) => sold.timbers.get(id) ?? unpriced(goods.timber(id).lengths),
});

/** Everything sold, by kind. */
interface AllSold {
  readonly rolls: Sold;
  readonly timbers: Sold;
  readonly posts: Sold;
  readonly kits: Sold;
  readonly packs: Sold;
}

/** A yard by its id. @throws RangeError for one that the edition does not have */
export const yardsIn = (catalogue: Catalogue): Pick<Market, 'yard'> => ({
  yard: (id) => {
    const [yard] = yardsOf(catalogue, { yards: [id] });
    if (!yard) throw new RangeError(`no yard ${id}`);
    return yard;
  },
});

const postPrices = (goods: Goods, sold: Sold): Pick<Market, 'posts'> => ({
  posts: (id) => sold.get(id) ?? unpriced(goods.post(id).lengths),
});
const kitPrices = (goods: Goods, sold: Sold): Pick<Market, 'kits'> => ({
  kits: (id) => sold.get(id) ?? unpriced(goods.kitWidths(id)),
});
const packPrices = (sold: Sold): Pick<Market, 'packs'> => ({
  packs: (id) => sold.get(id) ?? unpriced([1]),
});

/**
 * @param catalogue  the edition that the plan names
 * @param buying     the plan's yard, own products and own prices
 * @throws RangeError for a yard or product not in the edition: the plan schema lets none through
 */
export function marketOf(catalogue: Catalogue, buying: Buying): Market {
  const sold: AllSold = {
    rolls: soldUnits(catalogue, buying, 'roll'),
    timbers: soldUnits(catalogue, buying, 'timber'),
    posts: soldUnits(catalogue, buying, 'post'),
    kits: soldUnits(catalogue, buying, 'kit'),
    packs: soldUnits(catalogue, buying, 'pack'),
  };
  const goods = goodsOf(productsOf(catalogue, buying.ownProducts), sold);
  const yards = yardsOf(catalogue, buying);
  return {
    ...cutMarket(goods, sold),
    ...postPrices(goods, sold.posts),
    ...kitPrices(goods, sold.kits),
    ...packPrices(sold.packs),
    ...yardsIn(catalogue),
    yards,
    currency: yards[0]?.currency ?? 'XXX',
  };
}
