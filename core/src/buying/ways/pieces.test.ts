import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { goodsOf } from '../../catalogue/goods';
import { yardsIn } from '../../catalogue/market';
import { productsOf } from '../../catalogue/products';
import { type Sold, rollKey } from '../../catalogue/sold';
import { EDITIONS, LATEST_EDITION } from '../../catalogue';
import type { OwnedPiece } from '../../plan/schema';
import { sold } from '../../testing/pools';
import type { AskOf } from '../demand';
import { PIECES } from './pieces';

const edition = EDITIONS[LATEST_EDITION];
if (!edition) throw new Error('the edition is gone');
const NET = {
  id: 'my-net',
  type: 'cover-net' as const,
  opening: { up: 0.05, along: 0.05 },
  wire: 0.001,
  widths: [3, 5],
  lengths: [5, 10],
};
const products = productsOf(edition, [NET]);

/** A size with its price, and how many there are. */
type Offered = readonly [width: number, length: number, price: number, stock: number | null];

const bought = (
  asks: readonly (readonly [width: number, length: number])[],
  offers: readonly Offered[],
  owned: readonly OwnedPiece[] = [],
) => {
  const there = new Map<string, ReturnType<typeof sold>[]>();
  for (const [width, length, price, stock] of offers) {
    const key = rollKey(NET.id, width);
    there.set(key, [...(there.get(key) ?? []), sold(length, price, stock)]);
  }
  const units: Sold = there;
  const goods = goodsOf(products, { rolls: units, posts: new Map(), kits: new Map() });
  return PIECES.buy(
    asks.map(([width, length]): AskOf<'piece'> => ({
      stage: 'walls',
      part: { on: 'plan' },
      buy: 'piece',
      product: NET.id,
      width,
      length,
    })),
    { goods, sold: units, yards: yardsIn(edition), owned },
  );
};
const sizes = (of: ReturnType<typeof bought>) =>
  of.lines.map(({ id, need, buy, price }) => [id.split('@')[1], need, buy, price]);

describe('a piece of a given size', () => {
  const OFFERS: readonly Offered[] = [
    [3, 5, 1900, null],
    [3, 10, 3400, null],
    [5, 10, 5200, null],
  ];
  test('is the cheapest that covers it, whichever way round it lies', () => {
    expect(sizes(bought([[2.4, 4.8]], OFFERS))).toEqual([['3x5', 1, 1, 1900]]);
    expect(sizes(bought([[4.8, 2.4]], OFFERS))).toEqual([['3x5', 1, 1, 1900]]);
    expect(sizes(bought([[3.2, 4]], OFFERS))).toEqual([['5x10', 1, 1, 5200]]);
  });
  test('is a larger one where that costs less, or where the smaller is not held', () => {
    expect(sizes(bought([[2, 4]], [...OFFERS, [5, 5, 1500, null]]))).toEqual([['5x5', 1, 1, 1500]]);
    const few: readonly Offered[] = [
      [3, 5, 1900, 1],
      [3, 10, 3400, null],
    ];
    const two = bought(
      [
        [2, 4],
        [2, 4],
      ],
      few,
    );
    expect(sizes(two)).toEqual([
      ['3x5', 1, 1, 1900],
      ['3x10', 1, 1, 3400],
    ]);
    expect(two.lines.flatMap((l) => l.notHeld)).toEqual([]);
  });
  test('comes from the shed where one there covers it', () => {
    const there: OwnedPiece = {
      id: 'n',
      kind: 'roll',
      product: NET.id,
      width: 4,
      length: 6,
      count: 1,
      condition: 'worn',
      note: '',
    };
    expect(sizes(bought([[3.5, 5]], OFFERS, [there]))).toEqual([['4x6', 1, 0, 0]]);
    expect(sizes(bought([[3.5, 7]], OFFERS, [there]))).toEqual([['5x10', 1, 1, 5200]]);
  });
  test('that nothing covers comes back with the nearest that is sold', () => {
    const { unmet, lines } = bought([[6, 12]], OFFERS);
    expect(unmet).toEqual([{ stage: 'walls', part: { on: 'plan' }, buy: 'piece', nearest: 10, count: 1 }]);
    expect(lines.map((l) => l.id)).toEqual(['piece:my-net@5x10']);
  });
  test('without a price is bought without one', () => {
    expect(sizes(bought([[2, 4]], []))).toEqual([['3x5', 1, 1, null]]);
  });
  test('several cost as little as trying every way to cover them', () => {
    const size = fc.tuple(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 12 }));
    const offer = fc.tuple(
      fc.constantFrom(3, 5, 7),
      fc.constantFrom(5, 10, 14),
      fc.integer({ min: 500, max: 9000 }),
      fc.constantFrom<null>(null),
    );
    fc.assert(
      fc.property(
        fc.array(size, { minLength: 1, maxLength: 4 }),
        fc.array(offer, { minLength: 1, maxLength: 5 }),
        (asks, offers) => {
          const fits = ([w, l]: readonly [number, number], [ow, ol]: Offered) =>
            (ow >= w && ol >= l) || (ow >= l && ol >= w);
          fc.pre(asks.every((ask) => offers.some((o) => fits(ask, o))));
          const lowest = asks.reduce(
            (total, ask) =>
              total + Math.min(...offers.filter((o) => fits(ask, o)).map(([, , price]) => price)),
            0,
          );
          const { lines, unmet } = bought(asks, offers);
          expect(unmet).toEqual([]);
          expect(lines.reduce((total, l) => total + (l.price ?? NaN), 0)).toBe(lowest);
          expect(lines.reduce((n, l) => n + l.buy, 0)).toBe(asks.length);
        },
      ),
    );
  });
});
