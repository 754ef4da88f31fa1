import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sold } from '../testing/pools';
import { CoverSearch, cheapestCover } from './covers';

const THREE = [sold(5, 18), sold(15, 45), sold(30, 84)];
const byLength = (units: readonly { size: number }[], need: number) => [
  { need, yields: units.map((u) => u.size) },
];

describe('sets of rolls', () => {
  test('come in order of price and reach the need', () => {
    const search = new CoverSearch(THREE, byLength(THREE, 31));
    const costs = Array.from({ length: 40 }, () => search.next()?.cost ?? NaN);
    expect(costs).toEqual([...costs].sort((a, b) => a - b));
    expect(costs[0]).toBe(102);
    expect(cheapestCover(THREE, 31)).toEqual({ counts: [1, 0, 1], cost: 102, floor: 102 });
  });
  test('reach every demand', () => {
    const search = new CoverSearch(THREE, [...byLength(THREE, 31), { need: 3, yields: [1, 1, 1] }]);
    expect(search.next()).toEqual({ counts: [1, 2, 0], cost: 108 });
  });
  test('have no more of a length than the yard holds', () => {
    const few = [sold(5, 18), sold(15, 45, 1), sold(30, 84, 0)];
    const search = new CoverSearch(few, byLength(few, 31));
    expect(search.next()).toEqual({ counts: [4, 1, 0], cost: 117 });
    expect(cheapestCover(few, 31)).toEqual({ counts: [4, 1, 0], cost: 117, floor: 117 });
  });
  test('when all that is held does not reach, one is told what would', () => {
    const few = [sold(15, 45, 1), sold(30, 84, 0)];
    expect(new CoverSearch(few, byLength(few, 31)).next()).toBeUndefined();
    expect(cheapestCover(few, 31).cost).toBe(129);
  });
  test('the cheapest agrees with trying every count', () => {
    const sizes = fc.uniqueArray(fc.integer({ min: 2, max: 30 }), { minLength: 1, maxLength: 3 });
    fc.assert(
      fc.property(
        sizes,
        fc.array(fc.integer({ min: 1, max: 99 }), { minLength: 3, maxLength: 3 }),
        fc.integer({ min: 1, max: 60 }),
        (lengths, prices, need) => {
          const units = lengths.map((size, i) => sold(size, prices[i] ?? 1));
          let best = Infinity;
          const tryAll = (i: number, size: number, cost: number) => {
            if (size >= need) best = Math.min(best, cost);
            const unit = units[i];
            if (!unit || size >= need) return;
            for (let n = 0; size + (n - 1) * unit.size < need; n++)
              tryAll(i + 1, size + n * unit.size, cost + n * (unit.price ?? 0));
          };
          tryAll(0, 0, 0);
          expect(cheapestCover(units, need).cost).toBe(best);
          expect(new CoverSearch(units, byLength(units, need)).next()?.cost).toBe(best);
        },
      ),
    );
  });
});
