import { describe, expect, test } from '@jest/globals';
import { INCH } from '../units';
import { buyingAt, ownRoll } from '../testing/buying';
import { EDITIONS, LATEST_EDITION, marketOf } from './index';

const latest = EDITIONS[LATEST_EDITION];
if (!latest) throw new Error('the edition is gone');
const BOTH = buyingAt(['far-gate', 'longacre'], LATEST_EDITION);
const far = marketOf(latest, buyingAt('far-gate', LATEST_EDITION));
const longacre = marketOf(latest, buyingAt('longacre', LATEST_EDITION));
const both = marketOf(latest, BOTH);

describe('two yards', () => {
  test('have the widths and lengths of either, each from where it is', () => {
    expect(both.widths('fine-13')).toEqual(
      [...far.widths('fine-13'), ...longacre.widths('fine-13')].sort((a, b) => a - b),
    );
    expect(new Set(both.rolls('fine-13', 0.9).map((u) => u.yard))).toEqual(new Set(['far-gate']));
    expect(new Set(both.rolls('fine-13', 36 * INCH).map((u) => u.yard))).toEqual(new Set(['longacre']));
  });
  test('are compared with tax: prices stated without it cost a fifth more', () => {
    for (const unit of longacre.packs('staple')) expect(unit.cost).toBeCloseTo((unit.price ?? NaN) * 1.2, 9);
    for (const unit of far.packs('staple')) expect(unit.cost).toBe(unit.price);
  });
  test('the same pack at both is bought where it costs less', () => {
    const cost = (m: typeof far, size: number) =>
      m.packs('staple').find((u) => u.size === size)?.cost ?? Infinity;
    const thousand = both.packs('staple').filter((u) => u.size === 1000);
    expect(thousand).toHaveLength(1);
    expect(thousand[0]?.cost).toBe(Math.min(cost(far, 1000), cost(longacre, 1000)));
  });
  test('a dearer one stays where the cheaper yard holds few', () => {
    const few = {
      ...BOTH,
      ownPrices: [
        {
          ...ownRoll('fine-13', { width: 0.9, length: 15 }, 100),
          offer: { ...ownRoll('fine-13', { width: 0.9, length: 15 }, 100).offer, stock: 1 },
        },
        ownRoll('fine-13', { width: 0.9, length: 15 }, 9000, 'longacre'),
      ],
    };
    const fifteen = marketOf(latest, few)
      .rolls('fine-13', 0.9)
      .filter((u) => u.size === 15);
    expect(fifteen.map((u) => [u.yard, u.stock])).toEqual([
      ['far-gate', 1],
      ['longacre', null],
    ]);
  });
  test('goods kept to one yard come from there alone', () => {
    const kept = marketOf(latest, { ...BOTH, from: { 'roll:fine-13': 'longacre' } });
    expect(kept.widths('fine-13')).toEqual(longacre.widths('fine-13'));
    expect(kept.widths('welded-50')).toEqual(both.widths('welded-50'));
  });
});

describe('the edition with stock, tax and delivery', () => {
  test('knows both for each yard, and holds few of some rolls', () => {
    for (const yard of latest.yards) {
      expect(yard.tax.rate).toBeGreaterThan(0);
      expect(yard.delivery).toBeGreaterThan(0);
      const stocks = yard.offers.flatMap((o) => (typeof o.stock === 'number' ? [o.stock] : []));
      expect(stocks.length).toBeGreaterThan(5);
      expect(stocks.every((n) => n >= 1)).toBe(true);
    }
  });
  test('says which products it knows', () => {
    expect(both.knows('roll', 'fine-13')).toBe(true);
    expect(both.knows('post', 'fine-13')).toBe(false);
    expect(both.knows('pack', 'staple')).toBe(true);
    expect(both.knows('kit', 'golden-gate')).toBe(false);
  });
});
