import { rollKey } from '../../catalogue/sold';
import type { SoldUnit } from '../../catalogue/market';
import { notHeld, piecesOf, priceWorking } from '../docket/buy';
import { type Bare, line } from '../docket/line';
import type { DocketLine } from '../docket/types';
import { meshWeight } from '../../catalogue/meshWeight';
import * as K from '../../keys';
import { EPSILON } from '../../units/round';
import { sum, value } from '../../working';
import type { AskOf } from '../demand';
import type { Unmet } from '../unmet';
import type { Lined, Shop, Way } from './way';

type PieceAsk = AskOf<'piece'>;

/** A size in which a product is sold whole, m. */
interface Size {
  readonly width: number;
  readonly length: number;
  readonly units: readonly SoldUnit[];
}

const areaOf = ({ width, length }: Pick<Size, 'width' | 'length'>): number => width * length;

const sizesOf = ({ goods, sold }: Shop, product: string): readonly Size[] =>
  goods.widths(product).flatMap((width) =>
    goods.rollLengths(product, width).map((length) => ({
      width,
      length,
      units: (sold.get(rollKey(product, width)) ?? []).filter((u) => Math.abs(u.size - length) < EPSILON),
    })),
  );

/** Large enough, one way round or the other. */
const covers = (of: Pick<Size, 'width' | 'length'>, { width, length }: PieceAsk): boolean => {
  const [a, b] = [Math.min(of.width, of.length), Math.max(of.width, of.length)];
  return a >= Math.min(width, length) - EPSILON && b >= Math.max(width, length) - EPSILON;
};

const priceOf = ({ units }: Size): number => Math.min(Infinity, ...units.map((u) => u.cost ?? Infinity));

/** How many of a size the yards hold. */
const heldOf = ({ units }: Size): number => units.reduce((n, u) => n + (u.stock ?? Infinity), 0);

/** How much each way a size misses of what is asked for, m². */
const missing = (size: Size, ask: PieceAsk): number => areaOf(ask) - areaOf(size);

/**
 * Each piece as the cheapest that covers it and is still held, the largest first: a larger one serves for a smaller, not the other way about. Where none
 * covers it, the nearest by area.
 */
function served(asks: readonly PieceAsk[], sizes: readonly Size[], there: Size[]) {
  const left = new Map(sizes.map((size) => [size, heldOf(size)]));
  return [...asks]
    .sort((a, b) => areaOf(b) - areaOf(a))
    .map((ask) => {
      const own = there.filter((size) => covers(size, ask)).sort((a, b) => areaOf(a) - areaOf(b))[0];
      if (own) {
        there.splice(there.indexOf(own), 1);
        return { ask, size: own, owned: true };
      }
      const fit = sizes.filter((size) => covers(size, ask));
      const held = fit.filter((size) => (left.get(size) ?? 0) > 0);
      const cheapest = [...(held.length > 0 ? held : fit)].sort(
        (a, b) => priceOf(a) - priceOf(b) || areaOf(a) - areaOf(b),
      )[0];
      const size = cheapest ?? [...sizes].sort((a, b) => missing(a, ask) - missing(b, ask))[0];
      if (size) left.set(size, (left.get(size) ?? 0) - 1);
      return { ask, size, owned: false };
    });
}

type Served = ReturnType<typeof served>[number];

function lineOf(product: string, size: Size, these: readonly Served[], { goods, yards }: Shop): DocketLine {
  const { width, length, units: sold } = size;
  const count = these.filter((s) => !s.owned).length;
  const unpriced = [{ size: length, count, price: null, yard: '' }];
  const units = count === 0 ? [] : sold.length > 0 ? piecesOf(sold, count) : unpriced;
  const bare: Bare = {
    id: `piece:${product}@${Number(width.toFixed(4))}x${Number(length.toFixed(4))}`,
    stage: these[0]?.ask.stage ?? 'walls',
    product,
    detail: { kind: 'piece', width, length },
    need: these.length,
    unit: 'piece',
    owned: these.length - count,
    buy: count,
    left: 0,
    weight: count * areaOf(size) * meshWeight(goods.mesh(product)),
    units,
    notHeld: notHeld(sold, units),
    instead: null,
  };
  const need = sum('docket.price', 'piece', {}, [
    value('docket.piece', these.length, 'piece', { width, length }),
  ]);
  return line(yards, bare, need, priceWorking(units, 'm'));
}

function buyPieces(asks: readonly PieceAsk[], shop: Shop): Lined {
  const unmet: Unmet[] = [];
  const lines = [...new Set(asks.map((a) => a.product))].flatMap((product) => {
    const there = shop.owned.flatMap((o) =>
      o.kind === 'roll' && o.product === product && o.condition !== 'poor'
        ? Array.from({ length: o.count }, (): Size => ({ width: o.width, length: o.length, units: [] }))
        : [],
    );
    const groups = new Map<string, Served[]>();
    const asksOfIt = asks.filter((a) => a.product === product);
    for (const one of served(asksOfIt, sizesOf(shop, product), there)) {
      const { ask, size } = one;
      if (!size || !covers(size, ask)) {
        const { stage, part } = ask;
        unmet.push({ stage, part, buy: 'piece', nearest: size?.length ?? null, count: 1 });
      }
      if (!size) continue;
      const key = `${size.width} ${size.length}`;
      groups.set(key, [...(groups.get(key) ?? []), one]);
    }
    return [...groups.values()].flatMap((group) => {
      const size = group.find((s) => !s.owned)?.size ?? group[0]?.size;
      return size ? [lineOf(product, size, group, shop)] : [];
    });
  });
  return { lines, unmet };
}

/** Pieces sold whole in fixed sizes, such as nets. */
export const PIECES: Way<'piece'> = { kind: 'piece', sold: K.ROLLS_SOLD, buy: buyPieces };
