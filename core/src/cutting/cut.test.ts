import type { Cutting, Task } from './cutting';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lowestPrice } from '../testing/bruteForce';
import { randomPool, runOf, seeded, sheetOf, sold } from '../testing/pools';
import { cutRuns } from './cut';
import { cutLength } from './stretch';

const evenly = (n: number, bay: number) => runOf(Array<number>(n).fill(bay));
const task = (given: Partial<Task>): Task => ({
  units: [],
  owned: [],
  runs: [],
  lap: 0.15,
  width: 1.2,
  ...given,
});
const lengths = (cutting: Cutting) =>
  cutting.bins.flatMap((b) => b.cuts.map((c) => Number(c.length.toFixed(3)))).sort((a, b) => a - b);

describe('a straight side of 48.0 in bays of 2.4', () => {
  test('from rolls of 25: two rolls, one joint at post 10, the piece further along pays the lap', () => {
    const cutting = cutRuns(task({ units: [sold(25, 100)], runs: [evenly(20, 2.4)] }));
    expect(cutting.bins).toHaveLength(2);
    expect(cutting.joints).toBe(1);
    expect(lengths(cutting)).toEqual([24.1, 24.25]);
    expect(cutting.bins.flatMap((b) => b.cuts.map((c) => c.to)).sort((a, b) => a - b)[0]).toBeCloseTo(24, 9);
    expect(cutting.cost).toBe(cutting.bound);
  });
  test('from rolls of 15: four rolls, which is the bound', () => {
    const cutting = cutRuns(task({ units: [sold(15, 100)], runs: [evenly(20, 2.4)] }));
    expect(cutting).toMatchObject({ cost: 400, bound: 400 });
  });
});

describe('small pieces', () => {
  const leaves = [sheetOf(1, 1.8, 1), sheetOf(1, 1.8, 2)];
  const vents = [3, 4, 5].map((place) => sheetOf(0.4, 0.5, place, 'extra'));
  test('two leaves of 1.0 × 1.8 and three vents of 0.5 × 0.4 cost no roll more when the off-cut holds them', () => {
    const band = evenly(8, 2.4);
    const bare = task({ units: [sold(25, 100)], runs: [band], width: 1.8 });
    const cutting = cutRuns({ ...bare, runs: [band, ...leaves, ...vents] });
    expect(cutting.cost).toBe(cutRuns(bare).cost);
    expect(cutting.bins).toHaveLength(1);
    // 19.4 of band, two leaves across the roll, three vents side by side in 0.4.
    expect(25 - (cutting.bins[0]?.free ?? 0)).toBeCloseTo(19.4 + 2 + 0.4, 9);
  });
  test('lie the other way where the roll is narrower', () => {
    const cutting = cutRuns(task({ units: [sold(25, 100)], runs: [...leaves, ...vents], width: 1.2 }));
    const [bin] = cutting.bins;
    // Leaves along the roll, 1.8 each and 1.0 of 1.2 wide; vents three abreast, 0.4 each.
    expect(bin?.block.length).toBeCloseTo(2 * 1.8 + 0.5, 9);
    for (const spot of bin?.block.spots ?? []) expect(spot.y + spot.across).toBeLessThanOrEqual(1.2 + 1e-9);
  });
  test('do not fit when the off-cut is a little short, and then cost a roll', () => {
    const runs = [evenly(8, 2.4), ...leaves, ...vents];
    const units = [sold(21.7, 100)];
    expect(cutRuns(task({ units, runs, width: 1.8 }))).toMatchObject({ cost: 200, bound: 200 });
    expect(cutRuns(task({ units: [sold(21.81, 100)], runs, width: 1.8 })).cost).toBe(100);
  });
});

describe('an owned roll of 9.3', () => {
  const owned = [{ id: 'old', size: 9.3 }];
  const uses = (cutting: Cutting) => cutting.bins.some((b) => b.slot.owned?.id === 'old');
  test('is let be where it lowers no price and would cost a joint more', () => {
    const cutting = cutRuns(task({ units: [sold(25, 100)], runs: [evenly(20, 2.4)], owned }));
    expect(cutting.cost).toBe(200);
    expect(cutting.joints).toBe(1);
    expect(uses(cutting)).toBe(false);
  });
  test('is used where it lowers the price', () => {
    const cutting = cutRuns(task({ units: [sold(15, 100), sold(25, 150)], runs: [evenly(8, 2.4)], owned }));
    expect(cutting.cost).toBe(100);
    expect(cutting.bound).toBe(100);
    expect(uses(cutting)).toBe(true);
  });
  test('is preferred where prices tie', () => {
    const runs = [evenly(5, 2.4), runOf([2.4, 2.4], { place: 2 })];
    const cutting = cutRuns(task({ units: [sold(25, 100)], runs, owned }));
    expect(cutting.cost).toBe(100);
    expect(uses(cutting)).toBe(true);
  });
});

/** What must hold of any way to cut any pool. */
function holds({ units, owned, runs, lap }: Task, cutting: Cutting) {
  for (const { slot, cuts, block } of cutting.bins) {
    const cut = cuts.reduce((total, c) => total + c.length, block.length);
    expect(cut).toBeLessThanOrEqual(slot.size + 1e-6);
    if (slot.unit) expect(units).toContain(slot.unit);
    else expect(owned).toContain(slot.owned);
  }
  const taken = cutting.bins.flatMap((b) => (b.slot.owned ? [b.slot.owned.id] : []));
  expect(new Set(taken).size).toBe(taken.length);
  for (const run of runs) {
    const cuts = cutting.bins
      .flatMap((b) => b.cuts)
      .filter((c) => c.run === run)
      .sort((a, b) => a.from - b.from);
    expect(cuts[0]?.from).toBe(0);
    expect(cuts[cuts.length - 1]?.to).toBe(run.length);
    cuts.slice(1).forEach((c, i) => {
      expect(c.from).toBe(cuts[i]?.to);
      if (run.joints !== 'anywhere') expect(run.joints).toContain(c.from);
    });
    for (const c of cuts) expect(c.length).toBeCloseTo(cutLength(run, c.from, c.to, lap), 9);
    const all = cuts.reduce((total, c) => total + c.length, 0);
    expect(all).toBeCloseTo(run.length + run.startAllowance + run.endAllowance + (cuts.length - 1) * lap, 6);
  }
  expect(cutting.cost).toBe(cutting.bins.reduce((total, b) => total + (b.slot.unit?.cost ?? 0), 0));
  expect(cutting.bound).toBeLessThanOrEqual(cutting.cost);
}

const seeds = fc.integer({ min: 1, max: 2 ** 30 });
const poolFrom = (seed: number, mostBays: number) => randomPool(seeded(seed), { mostBays, mostRuns: 6 });

describe('any pool', () => {
  test('of up to 8 bays is cut at the price that trying every way finds, and proved', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const pool = poolFrom(seed, 8);
        const cutting = cutRuns(pool);
        expect(cutting.cost).toBeCloseTo(lowestPrice(pool), 6);
        expect(cutting.bound).toBe(cutting.cost);
      }),
      { numRuns: 150, seed: 20261125 },
    );
  });
  test('loses nothing, cuts nothing across a bay, pays every lap, overfills no roll, and its price is the sum', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const pool = poolFrom(seed, 40);
        holds(pool, cutRuns(pool));
      }),
      { numRuns: 60 },
    );
  });
  test('costs no more with an owned piece or a roll length more', () => {
    fc.assert(
      fc.property(seeds, fc.integer({ min: 20, max: 200 }), fc.boolean(), (seed, size, own) => {
        const pool = poolFrom(seed, 16);
        const before = cutRuns(pool);
        fc.pre(before.cost === before.bound);
        const piece = { id: 'more', size: size / 10 };
        const more: Task = own
          ? { ...pool, owned: [...pool.owned, piece] }
          : { ...pool, units: [...pool.units, sold(size / 10 + 0.03, size * 45)] };
        const after = cutRuns(more);
        holds(more, after);
        expect(after.cost).toBeLessThanOrEqual(before.cost);
      }),
      { numRuns: 100 },
    );
  });
  test('of strips that may be jointed anywhere takes the rolls that its length and laps ask for', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 5, max: 300 }), { minLength: 1, maxLength: 4 }), (tenths) => {
        const runs = tenths.map((t, place) =>
          runOf([t / 10], { joints: 'anywhere', use: 'skirt', startAllowance: 0, endAllowance: 0, place }),
        );
        const units = [sold(15, 100)];
        const pool = task({ units, runs });
        const cutting = cutRuns(pool);
        holds(pool, cutting);
        const rolls = cutting.bins.length;
        const need = tenths.reduce((a, b) => a + b, 0) / 10;
        // Laid one after the other, each roll but the first begins with a lap at most.
        expect(rolls).toBeLessThanOrEqual(Math.ceil((need - 0.15) / (15 - 0.15) - 1e-9));
        expect(rolls).toBeGreaterThanOrEqual(Math.ceil(need / 15 - 1e-9));
      }),
      { numRuns: 60 },
    );
  });
});

test('a bay longer than the longest roll is not laid, and is said', () => {
  const long = runOf([6, 2]);
  const cutting = cutRuns(task({ units: [sold(5, 100)], runs: [long, runOf([2, 2])] }));
  expect(cutting.unplaced).toEqual([long]);
  expect(cutting.bins).toHaveLength(1);
});

describe('a yard that holds few', () => {
  const runs = [evenly(8, 2.4)];
  test('sells no more than it has: the next length is bought', () => {
    const cutting = cutRuns(task({ units: [sold(15, 100), sold(25, 120, 0)], runs }));
    expect(cutting).toMatchObject({ cost: 200, overStock: false });
  });
  test('and where all of it does not do, it is said', () => {
    const cutting = cutRuns(task({ units: [sold(15, 100, 1)], runs }));
    expect(cutting).toMatchObject({ cost: 200, overStock: true });
  });
});
