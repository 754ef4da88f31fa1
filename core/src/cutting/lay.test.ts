import type { Task } from './cutting';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { randomPool, runOf, seeded, sheetOf, sold } from '../testing/pools';
import { boughtSlot, emptyBin, ownedSlot } from './bins';
import { cutRuns } from './cut';
import { layExactly } from './lay';
import { polish } from './polish';
import { prepare } from './prepare';
import { blockOf } from './sheets';
import { wholeLength } from './stretch';
import type { Run } from '../buying/run';

const task = (given: Partial<Task>): Task => ({
  units: [sold(30, 100)],
  owned: [],
  runs: [],
  lap: 0.15,
  width: 1.2,
  ...given,
});
const slotsOf = (sizes: readonly number[]) => sizes.map((size) => boughtSlot(sold(size, 100)));
const ask = (given: Task, sizes: readonly number[]) =>
  layExactly(slotsOf(sizes), prepare(given), { nodes: 200000 });

/** Every way to share whole strips and small pieces among rolls: small cases only. */
function canHold(
  sizes: readonly number[],
  strips: readonly Run[],
  sheets: readonly Run[],
  width: number,
): boolean {
  const shared = sizes.map(() => ({ used: 0, small: [] as Run[] }));
  const small = (i: number): boolean => {
    const sheet = sheets[i];
    if (!sheet) return true;
    return sizes.some((size, b) => {
      const roll = shared[b];
      if (!roll) return false;
      roll.small.push(sheet);
      const fits = roll.used + blockOf(roll.small, width).length <= size + 1e-9;
      const done = fits && small(i + 1);
      roll.small.pop();
      return done;
    });
  };
  const strip = (i: number): boolean => {
    const run = strips[i];
    if (!run) return small(0);
    return sizes.some((size, b) => {
      const roll = shared[b];
      if (!roll || roll.used + wholeLength(run, 0) > size + 1e-9) return false;
      roll.used += wholeLength(run, 0);
      const done = strip(i + 1);
      roll.used -= wholeLength(run, 0);
      return done;
    });
  };
  return strip(0);
}

describe('laying into a given set of rolls', () => {
  const tenths = (min: number, max: number) => fc.integer({ min, max }).map((n) => n / 10);
  test('with small pieces agrees with trying every way to share them', () => {
    let held = 0;
    let refused = 0;
    fc.assert(
      fc.property(
        fc.array(tenths(8, 30), { minLength: 1, maxLength: 3 }),
        fc.array(tenths(5, 20), { minLength: 1, maxLength: 3 }),
        fc.array(fc.tuple(tenths(3, 11), tenths(3, 11)), { minLength: 1, maxLength: 4 }),
        (sizes, lengths, pairs) => {
          const strips = lengths.map((l, place) => runOf([l], { place, startAllowance: 0, endAllowance: 0 }));
          const sheets = pairs.map(([a, b], i) => sheetOf(a, b, 10 + i, 'extra'));
          const given = task({ runs: [...strips, ...sheets] });
          const truth = canHold(sizes, strips, sheets, 1.2);
          expect(ask(given, sizes).outcome).toBe(truth ? 'laid' : 'impossible');
          if (truth) held += 1;
          else refused += 1;
        },
      ),
      { numRuns: 300, seed: 4711 },
    );
    expect(Math.min(held, refused)).toBeGreaterThan(20);
  });
  test('strips that are jointed anywhere take as many rolls as the best way to group them', () => {
    const roll = 5;
    const lap = 0.15;
    /** Groups share rolls one after the other, with a lap for each roll but the first. */
    const rollsFor = (length: number) => Math.ceil((length - lap) / (roll - lap) - 1e-9);
    const fewest = (left: readonly number[]): number => {
      const [first, ...others] = left;
      if (first === undefined) return 0;
      let best = Infinity;
      for (let mask = 0; mask < 2 ** others.length; mask++) {
        const group = others.filter((_, i) => mask & (1 << i));
        const rest = others.filter((_, i) => !(mask & (1 << i)));
        best = Math.min(best, rollsFor([first, ...group].reduce((a, b) => a + b, 0)) + fewest(rest));
      }
      return best;
    };
    fc.assert(
      fc.property(fc.array(tenths(3, 80), { minLength: 1, maxLength: 4 }), (lengths) => {
        const runs = lengths.map((l, place) =>
          runOf([l], { joints: 'anywhere', use: 'skirt', startAllowance: 0, endAllowance: 0, place }),
        );
        const cutting = cutRuns(task({ units: [sold(roll, 100)], runs }));
        expect(cutting.cost).toBe(100 * fewest(lengths));
        expect(cutting.bound).toBe(cutting.cost);
      }),
      { numRuns: 120 },
    );
  });
  test('with fewer joints allowed than it takes is impossible, with as many is laid', () => {
    const given = task({ runs: [runOf(Array<number>(20).fill(2.4))] });
    const laid = (most: number) =>
      layExactly(slotsOf([25, 25]), prepare(given), { nodes: 50000 }, most).outcome;
    expect([laid(0), laid(1)]).toEqual(['impossible', 'laid']);
  });
  test('gives up when its nodes are used up, and says that it does not know', () => {
    const given = task({ runs: Array.from({ length: 9 }, (_, place) => runOf([1.1, 1.3, 0.9], { place })) });
    const outcome = (nodes: number) => layExactly(slotsOf([11, 11, 11]), prepare(given), { nodes }).outcome;
    expect([outcome(3), outcome(1000)]).toEqual(['unknown', 'laid']);
  });
});

describe('pieces moved between rolls afterwards', () => {
  test('empty a roll that is paid for', () => {
    const runs = [3, 4, 2].map((l, place) => runOf([l], { place, startAllowance: 0, endAllowance: 0 }));
    const [three, four, two] = slotsOf([10, 10, 10]).map(emptyBin);
    if (!three || !four || !two) throw new Error('three rolls were asked for');
    [three, four, two].forEach((bin, i) => {
      const run = runs[i];
      if (!run) return;
      bin.cuts.push({ run, from: 0, to: run.length, length: run.length });
      bin.free -= run.length;
    });
    const better = polish([three, four, two], task({ units: [sold(10, 100)], runs }));
    expect(better.flatMap((b) => b.cuts.map((c) => c.run.place[1])).sort()).toEqual([0, 1, 2]);
    expect(better.length).toBeLessThan(3);
  });
  test('go into an owned length where that costs no joint', () => {
    const runs = [runOf([3], { startAllowance: 0, endAllowance: 0 }), runOf([4], { place: 1 })];
    const own = { id: 'own', size: 3.1 };
    const bin = emptyBin(boughtSlot(sold(10, 100)));
    for (const run of runs) {
      const length = wholeLength(run, 0.15);
      bin.cuts.push({ run, from: 0, to: run.length, length });
      bin.free -= length;
    }
    const better = polish([bin], task({ units: [sold(10, 100)], runs, owned: [own] }));
    expect(better.find((b) => b.slot.owned)?.cuts.map((c) => c.run)).toEqual([runs[0]]);
  });
});

describe('what a yard holds and a keeper owns', () => {
  test('is never used more often than it is there', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 2 ** 30 }),
        fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 4, maxLength: 4 }),
        (seed, stocks) => {
          const pool = randomPool(seeded(seed), { mostBays: 20, mostRuns: 5 });
          const units = pool.units.map((u, i) => ({ ...u, stock: stocks[i] ?? null }));
          const cutting = cutRuns({ ...pool, units });
          if (cutting.overStock) return;
          for (const unit of units) {
            const bought = cutting.bins.filter((b) => b.slot.unit?.size === unit.size).length;
            expect(bought).toBeLessThanOrEqual(unit.stock ?? Infinity);
          }
          expect(cutting.cost).toBeGreaterThanOrEqual(cutRuns(pool).bound);
        },
      ),
      { numRuns: 120 },
    );
  });
  test('a bay that only an owned length holds is cut from it once, and told where there are two', () => {
    const own = { id: 'long', size: 8 };
    const bays = (n: number) => Array.from({ length: n }, (_, place) => runOf([7], { place }));
    const sells = { units: [sold(5, 100)], owned: [own] };
    expect(cutRuns(task({ ...sells, runs: bays(1) }))).toMatchObject({ cost: 0, unplaced: [] });
    expect(cutRuns(task({ ...sells, runs: bays(2) })).unplaced).toHaveLength(2);
    expect(ownedSlot(own).size).toBe(8);
  });
});
