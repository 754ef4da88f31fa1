import { once } from '../units/once';
import type { Sold } from './sold';
import { rollKey } from './sold';
import type { Products } from './products';

/** Sizes that can be had, m: each once, rising; those commonly made where no yard bought at has any. */
interface Sizes {
  readonly widths: Readonly<Record<string, readonly number[]>>;
  readonly rolls: Readonly<Record<string, readonly number[]>>;
  readonly posts: Readonly<Record<string, readonly number[]>>;
  readonly kits: Readonly<Record<string, readonly number[]>>;
}

/** What there is at the plan's yards, whatever it costs: a price typed leaves it as it is. */
export interface Goods extends Products {
  /** What tells these goods from others: what is the same in all of it is the same goods. */
  readonly told: { readonly sizes: () => Sizes; readonly products: Products };
  /** Roll widths of a mesh, m, rising. Those it is made in when the yard has none of it. */
  widths(mesh: string): readonly number[];
  /** Lengths of its rolls in one width, m, rising. */
  rollLengths(mesh: string, width: number): readonly number[];
  postLengths(product: string): readonly number[];
  /** Clear widths of its kits, m, rising; none of a kind that the edition does not know. */
  kitWidths(product: string): readonly number[];
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
function widthsOf(products: Products, rolls: Sold): Sizes['widths'] {
  const sold = new Map<string, number[]>();
  for (const key of rolls.keys()) {
    const [mesh = '', width] = key.split(' ');
    const before = sold.get(mesh);
    if (before) before.push(Number(width));
    else sold.set(mesh, [Number(width)]);
  }
  return Object.fromEntries(
    products
      .meshIds()
      .map((id) => [id, [...(sold.get(id) ?? products.mesh(id).widths)].sort((a, b) => a - b)]),
  );
}

/** What is sold, by kind: what `soldUnits` gives. */
export interface SoldByKind {
  readonly rolls: Sold;
  readonly posts: Sold;
  readonly kits: Sold;
}

export function goodsOf(products: Products, { rolls, posts, kits }: SoldByKind): Goods {
  // Each when it is first asked for: a plan that is reckoned once asks for a few.
  const widths = once(() => widthsOf(products, rolls));
  const postSizes = once(() =>
    sizesOf(
      posts,
      products.postIds().map((id) => ({ id, made: products.post(id).lengths })),
    ),
  );
  const kitSizes = once(() =>
    sizesOf(
      kits,
      products.kitIds().map((id) => ({ id, made: products.kit(id).widths })),
    ),
  );
  const lengthsOf = (key: string) => {
    const units = rolls.get(key);
    return units && rising(units.map((u) => u.size));
  };
  const sizes = once((): Sizes => ({
    widths: widths(),
    rolls: Object.fromEntries([...rolls.keys()].map((key) => [key, lengthsOf(key) ?? []])),
    posts: postSizes(),
    kits: kitSizes(),
  }));
  return {
    ...products,
    told: { sizes, products },
    widths: (id) => widths()[products.mesh(id).id] ?? [],
    rollLengths: (id, width) => lengthsOf(rollKey(id, width)) ?? products.mesh(id).lengths,
    postLengths: (id) => postSizes()[products.post(id).id] ?? [],
    kitWidths: (id) => kitSizes()[id] ?? [],
  };
}
