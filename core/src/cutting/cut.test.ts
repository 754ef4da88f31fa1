import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { SoldUnit } from '../catalogue/market';
import { cheapestCover, coversByCost } from './covers';
import { cutRuns } from './cut';
import { cutLength } from './pack';
import type { Run } from './types';

const roll = (size: number, price: number): SoldUnit => ({ size, price });
let made = 0;
const run = (bays: readonly number[], allowance = 0.1): Run => {
  const ends: number[] = [];
  let at = 0;
  for (const bay of bays) ends.push((at += bay));
  made += 1;
  return {
    part: `run:${made}`,
    use: 'band',
    length: at,
    startAllowance: allowance,
    endAllowance: allowance,
    joints: ends.slice(0, -1),
    place: made,
    spans: [],
    leans: [],
  };
};
const evenly = (n: number, bay: number) => run(Array<number>(n).fill(bay));

describe('covers', () => {
  test('come in order of price and reach the need', () => {
    const costs = [...coversByCost([roll(5, 18), roll(15, 45), roll(30, 84)], 31, 60)].map((c) => c.cost);
    expect(costs).toEqual([...costs].sort((a, b) => a - b));
    expect(cheapestCover([roll(5, 18), roll(15, 45), roll(30, 84)], 31)).toEqual({
      counts: [1, 0, 1],
      cost: 102,
    });
  });
  test('the cheapest agrees with trying every count', () => {
    const sizes = fc.uniqueArray(fc.integer({ min: 2, max: 30 }), { minLength: 1, maxLength: 3 });
    fc.assert(
      fc.property(
        sizes,
        fc.array(fc.integer({ min: 1, max: 99 }), { minLength: 3, maxLength: 3 }),
        fc.integer({ min: 1, max: 60 }),
        (lengths, prices, need) => {
          const units = lengths.map((size, i) => roll(size, prices[i] ?? 1));
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
        },
      ),
    );
  });
});

describe('a straight side of 48.0 in bays of 2.4', () => {
  test('from rolls of 25: two rolls, one joint, the piece further along pays the lap', () => {
    const plan = cutRuns([roll(25, 100)], [evenly(20, 2.4)], 0.15);
    expect(plan.bins).toHaveLength(2);
    expect(plan.joints).toBe(1);
    expect(plan.bins.flatMap((b) => b.cuts.map((c) => Number(c.length.toFixed(3)))).sort()).toEqual([
      24.1, 24.25,
    ]);
    expect(plan.cost).toBe(plan.bound);
  });
  test('from rolls of 15: four rolls, which is the bound', () => {
    const plan = cutRuns([roll(15, 100)], [evenly(20, 2.4)], 0.15);
    expect(plan.cost).toBe(400);
    expect(plan.bound).toBe(400);
  });
});

/** The true lowest price by trying every way to joint and every way to lay: small pools only. */
function bruteForce(units: readonly SoldUnit[], runs: readonly Run[], lap: number): number {
  const waysToJoint = (r: Run): number[][] => {
    const joints = r.joints === 'anywhere' ? [] : r.joints;
    return Array.from({ length: 2 ** joints.length }, (_, mask) => {
      const stops = [0, ...joints.filter((_j, i) => mask & (1 << i)), r.length];
      return stops.slice(1).map((to, i) => cutLength(r, stops[i] ?? 0, to, lap));
    });
  };
  let best = Infinity;
  const lay = (pieces: readonly number[], i: number, bins: number[]) => {
    const piece = pieces[i];
    if (piece === undefined) {
      const cost = bins.reduce((total, used) => {
        const fit = units.filter((u) => u.size >= used - 1e-9).map((u) => u.price ?? 0);
        return total + (fit.length > 0 ? Math.min(...fit) : Infinity);
      }, 0);
      best = Math.min(best, cost);
      return;
    }
    const longest = Math.max(...units.map((u) => u.size));
    for (let b = 0; b <= bins.length; b++) {
      const used = (bins[b] ?? 0) + piece;
      if (used > longest + 1e-9) continue;
      lay(pieces, i + 1, b < bins.length ? bins.map((u, j) => (j === b ? used : u)) : [...bins, used]);
    }
  };
  const choose = (i: number, pieces: readonly number[]) => {
    const r = runs[i];
    if (!r) {
      lay(pieces, 0, []);
      return;
    }
    for (const way of waysToJoint(r)) choose(i + 1, [...pieces, ...way]);
  };
  choose(0, []);
  return best;
}

const someRuns = fc.array(
  fc.array(
    fc.integer({ min: 8, max: 28 }).map((n) => n / 10),
    { minLength: 1, maxLength: 4 },
  ),
  { minLength: 1, maxLength: 2 },
);
const someRolls = fc.constantFrom(
  [roll(5, 180), roll(15, 450)],
  [roll(5, 180), roll(10, 290), roll(15, 450)],
  [roll(7.62, 210), roll(15.24, 390)],
  [roll(6, 100)],
);

describe('the fast method', () => {
  test('stands between its bound and the truth on every small pool', () => {
    let best = 0;
    let all = 0;
    fc.assert(
      fc.property(someRuns, someRolls, (bays, units) => {
        const runs = bays.map((b) => run(b));
        const plan = cutRuns(units, runs, 0.15);
        const truth = bruteForce(units, runs, 0.15);
        expect(plan.bound).toBeLessThanOrEqual(truth + 1e-6);
        expect(plan.cost).toBeGreaterThanOrEqual(truth - 1e-6);
        all += 1;
        if (plan.cost <= truth + 1e-6) best += 1;
      }),
      { numRuns: 150, seed: 20260303 },
    );
    expect(best / all).toBeGreaterThan(0.95);
  });

  test('loses nothing, cuts nothing across a bay, pays every lap, and overfills no roll', () => {
    const more = fc.array(
      fc.array(
        fc.integer({ min: 5, max: 30 }).map((n) => n / 10),
        { minLength: 1, maxLength: 40 },
      ),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(more, someRolls, (bays, units) => {
        const runs = bays.map((b) => run(b));
        const plan = cutRuns(units, runs, 0.15);
        for (const bin of plan.bins) {
          expect(bin.cuts.reduce((total, c) => total + c.length, 0)).toBeLessThanOrEqual(bin.size + 1e-6);
          expect(units.some((u) => u.size === bin.size)).toBe(true);
        }
        for (const r of runs) {
          const cuts = plan.bins
            .flatMap((b) => b.cuts)
            .filter((c) => c.run === r)
            .sort((a, b) => a.from - b.from);
          expect(cuts[0]?.from).toBe(0);
          expect(cuts[cuts.length - 1]?.to).toBe(r.length);
          cuts.slice(1).forEach((c, i) => {
            expect(c.from).toBe(cuts[i]?.to);
            expect(r.joints).toContain(c.from);
          });
          const cut = cuts.reduce((total, c) => total + c.length, 0);
          expect(cut).toBeCloseTo(r.length + 0.2 + (cuts.length - 1) * 0.15, 6);
        }
        const price = plan.bins.reduce(
          (total, b) => total + (units.find((u) => u.size === b.size)?.price ?? NaN),
          0,
        );
        expect(plan.cost).toBe(price);
        expect(plan.bound).toBeLessThanOrEqual(plan.cost);
      }),
      { numRuns: 60 },
    );
  });

  test('a bay longer than the longest roll is not laid, and is said', () => {
    const long = run([6, 2]);
    const plan = cutRuns([roll(5, 100)], [long, run([2, 2])], 0.15);
    expect(plan.unplaced).toEqual([long]);
    expect(plan.bins).toHaveLength(1);
  });

  test('a skirt may be jointed anywhere', () => {
    const strip: Run = { ...run([20], 0), joints: 'anywhere', use: 'skirt' };
    const plan = cutRuns([roll(15, 100)], [strip], 0.15);
    expect(plan.bins.flatMap((b) => b.cuts).reduce((total, c) => total + c.length, 0)).toBeCloseTo(20.15, 9);
    expect(plan.cost).toBe(200);
  });
});
