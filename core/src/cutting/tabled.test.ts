import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lowestPrice } from '../testing/bruteForce';
import { runOf, sold } from '../testing/pools';
import type { Task } from './cutting';
import { weight } from './covers';
import { cutRuns } from './cut';
import { cheapestFillings } from './fillings';
import { prepare } from './prepare';
import { tabled } from './tabled';
import { alikeOf, countsOf } from './unjointed';
import { worthOf } from './worth';

const bar = (length: number, place: number) =>
  runOf([length], { use: 'board', startAllowance: 0, endAllowance: 0, place });
const bars = (lengths: readonly number[], units: Task['units']): Task => ({
  units,
  owned: [],
  runs: lengths.map(bar),
  lap: 0,
  width: 0.05,
});

const sale = fc
  .uniqueArray(fc.integer({ min: 18, max: 60 }), { minLength: 2, maxLength: 4 })
  .map((sizes) =>
    sizes.sort((a, b) => a - b).map((size, i) => sold(size / 10, size * (20 - i) + ((size * 7) % 13))),
  );
const lengthUpTo = (most: number) => fc.integer({ min: 45, max: most * 100 }).map((cm) => cm / 100);
const shortest = (units: Task['units']) => Math.min(...units.map((u) => u.size));

/** Every piece into every roll that is open, or into one more of each that is still held. */
function lowestHeld(lengths: readonly number[], units: Task['units']): number {
  const open: number[] = [];
  const taken = units.map(() => 0);
  const go = (i: number): number => {
    const length = lengths[i];
    if (length === undefined) return 0;
    let least = Infinity;
    open.forEach((free, at) => {
      if (free < length - 1e-9) return;
      open[at] = free - length;
      least = Math.min(least, go(i + 1));
      open[at] = free;
    });
    units.forEach((unit, u) => {
      const used = taken[u] ?? 0;
      if (unit.size < length - 1e-9 || used >= (unit.stock ?? Infinity)) return;
      taken[u] = used + 1;
      open.push(unit.size - length);
      least = Math.min(least, weight(unit) + go(i + 1));
      open.pop();
      taken[u] = used;
    });
    return least;
  };
  return go(0);
}

/** Every way to fill a roll at every state: no bound but lengths. */
const lookedThrough = (task: Task) =>
  cheapestFillings(countsOf(alikeOf(prepare(task))), task.units, {
    states: 1e7,
    patterns: 1e6,
    looked: Infinity,
  })?.price;

describe('what unjointed pieces are worth', () => {
  test('never comes to more than the lowest price, and each roll holds no more than what it is sold for', () => {
    fc.assert(
      fc.property(sale, fc.array(lengthUpTo(1.8), { minLength: 1, maxLength: 7 }), (units, lengths) => {
        const task = bars(lengths, units);
        const given = prepare(task);
        const worth = worthOf(countsOf(alikeOf(given)), units);
        if (!worth) throw new Error('so few pieces have a worth');
        const rate = Math.min(...units.map((u) => weight(u) / worth.holds(u.size)));
        expect(worth.need * rate).toBeLessThanOrEqual(lowestPrice(task) + 1e-6);
        for (const u of units) expect(worth.holds(u.size) * rate).toBeLessThanOrEqual(weight(u) + 1e-6);
        // The best worths waste nothing: some unit is worth what it costs.
        expect(rate).toBeCloseTo(1, 6);
      }),
      { numRuns: 200 },
    );
  });
});

describe('a table of unjointed pieces', () => {
  test('comes to what trying every way comes to, however bad the start was', () => {
    fc.assert(
      fc.property(sale, fc.array(lengthUpTo(1.8), { minLength: 1, maxLength: 7 }), (units, lengths) => {
        const task = bars(lengths, units);
        const given = prepare(task);
        const worth = given.worth();
        const lowest = lowestPrice(task);
        const found = worth && tabled(given, worth, 1e9);
        expect(found?.least).toBeCloseTo(lowest, 6);
        expect(found?.laid?.cost).toBeCloseTo(lowest, 6);
        // Beside what costs as little already nothing cheaper is found.
        const beside = worth && tabled(given, worth, lowest);
        expect([beside?.laid, beside?.least]).toEqual([null, expect.closeTo(lowest, 6)]);
      }),
      { numRuns: 200 },
    );
  });
  test('of many pieces of a few lengths proves what a table without worths proves', () => {
    let proved = 0;
    fc.assert(
      fc.property(
        sale,
        fc.uniqueArray(lengthUpTo(1.8), { minLength: 3, maxLength: 5 }),
        fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 12, maxLength: 20 }),
        (units, lengths, which) => {
          const task = bars(
            which.map((i) => lengths[i % lengths.length] ?? shortest(units)),
            units,
          );
          const { cost, bound, bins, unplaced } = cutRuns(task);
          expect(unplaced).toEqual([]);
          expect(bins.flatMap((b) => b.cuts).length).toBe(which.length);
          for (const { slot, cuts, free } of bins)
            expect(cuts.reduce((t, c) => t + c.length, free)).toBeCloseTo(slot.size, 9);
          if (cost > bound + 1e-6) return;
          proved += 1;
          expect(cost).toBeCloseTo(lookedThrough(task) ?? NaN, 6);
        },
      ),
      { numRuns: 60 },
    );
    expect(proved).toBeGreaterThan(50);
  });
  test('looks on where the cheapest rolls of all are not held, and free rolls prove nothing', () => {
    fc.assert(
      fc.property(
        sale,
        fc.array(fc.integer({ min: 0, max: 2 }), { minLength: 4, maxLength: 4 }),
        fc.array(lengthUpTo(1.8), { minLength: 2, maxLength: 5 }),
        fc.constantFrom(1, 0),
        (units, stocks, lengths, times) => {
          // Of the longest there is always enough; the shortest may be given away.
          const held = units.map((u, i) => ({
            ...u,
            ...(i === 0 && { price: (u.price ?? 0) * times, cost: (u.cost ?? 0) * times }),
            stock: i === units.length - 1 ? null : (stocks[i] ?? 0),
          }));
          const { cost, bound, bins, overStock } = cutRuns(bars(lengths, held));
          const lowest = lowestHeld(lengths, held);
          expect(overStock).toBe(false);
          expect(Number.isFinite(bound)).toBe(true);
          expect(bound).toBeLessThanOrEqual(lowest + 1e-6);
          expect(cost).toBeGreaterThanOrEqual(lowest - 1e-6);
          for (const u of held)
            expect(bins.filter((b) => b.slot.unit === u).length).toBeLessThanOrEqual(u.stock ?? Infinity);
        },
      ),
      { numRuns: 150 },
    );
  });
  test('keeps to what the yard holds', () => {
    const units = [{ ...sold(2.4, 500), stock: 1 }, sold(3, 640)];
    const { cost, bins } = cutRuns(bars([2.3, 2.2, 2.1], units));
    expect(bins.map((b) => b.slot.size).sort()).toEqual([2.4, 3, 3]);
    expect(cost).toBe(1780);
  });
});
