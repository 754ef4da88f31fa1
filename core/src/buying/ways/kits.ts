import { notHeld, piecesOf, priceWorking } from '../docket/buy';
import { type Bare, line, single } from '../docket/line';
import type { DocketLine } from '../docket/types';
import { kitWeight } from '../docket/weights';
import * as K from '../../keys';
import { EPSILON } from '../../units/round';
import { sum, value } from '../../working';
import type { AskOf } from '../demand';
import type { Lined, Shop, Way } from './way';

/** Kits and openings agree within this, m: 3 ft and 0.914 are the same gate. */
const SAME_WIDTH = 0.001;
/** What lies in the shed was measured there, m. */
const SAME_IN_SHED = 0.005;

type KitAsk = AskOf<'kit'>;

const soldWidth = (widths: readonly number[], wanted: number): number | undefined =>
  widths.find((w) => Math.abs(w - wanted) <= SAME_WIDTH);

const nearestOf = (widths: readonly number[], wanted: number): number | null =>
  widths.reduce<number | null>(
    (best, w) => (best === null || Math.abs(w - wanted) < Math.abs(best - wanted) ? w : best),
    null,
  );

function lineOf(
  these: readonly KitAsk[],
  { product, width }: { readonly product: string; readonly width: number },
  code: KitAsk['line'],
  shop: Shop,
): DocketLine {
  const { goods, sold, yards, owned } = shop;
  const need = these.length;
  const there = single(owned, 'kit', product).filter((p) => Math.abs(p.width - width) < SAME_IN_SHED).length;
  const count = Math.max(0, need - there);
  const offered = sold.get(product) ?? [];
  const fitting = offered.filter((u) => Math.abs(u.size - width) < EPSILON);
  const unpriced = [{ size: width, count, price: null, yard: '' }];
  const units = count === 0 ? [] : fitting.length > 0 ? piecesOf(fitting, count) : unpriced;
  const bare: Bare = {
    id: `kit:${product}@${Number(width.toFixed(4))}`,
    stage: these[0]?.stage ?? 'ways',
    product,
    detail: { kind: 'kit', width },
    need,
    unit: 'piece',
    owned: need - count,
    buy: count,
    left: 0,
    weight: count * kitWeight(goods.kit(product).id, width),
    units,
    notHeld: notHeld(offered, units),
    instead: null,
  };
  const working = sum('docket.price', 'piece', {}, [value(code, need, 'piece', { width })]);
  return line(yards, bare, working, priceWorking(units, 'm'));
}

function buyKits(asks: readonly KitAsk[], shop: Shop): Lined {
  const products = [...new Set(asks.map((a) => a.product))];
  const lines = products.flatMap((product) => {
    const asksOfIt = asks.filter((a) => a.product === product);
    const widthOf = ({ width }: KitAsk) => soldWidth(shop.goods.kitWidths(product), width) ?? width;
    const widths = [...new Set(asksOfIt.map(widthOf))].sort((a, b) => a - b);
    const code = asksOfIt[0]?.line ?? 'docket.kit';
    return widths.map((width) =>
      lineOf(
        asksOfIt.filter((a) => widthOf(a) === width),
        { product, width },
        code,
        shop,
      ),
    );
  });
  const unmet = asks.flatMap(({ stage, part, product, width }) => {
    const widths = shop.goods.kitWidths(product);
    return soldWidth(widths, width) === undefined
      ? [{ stage, part, buy: 'kit' as const, nearest: nearestOf(widths, width), count: 1 }]
      : [];
  });
  return { lines, unmet };
}

/** Gates, pop doors and hatches as kits of one clear width. */
export const KITS: Way<'kit'> = { kind: 'kit', sold: K.KITS_SOLD, buy: buyKits };
