import type { Cutting, Task } from './cutting';
import { byPlace } from '../plan/place';
import { describe, expect, test } from '@jest/globals';
import loadHighs from 'highs';
import { lowestPrice } from '../testing/bruteForce';
import { randomPool, runOf, seeded, sheetOf, sold } from '../testing/pools';
import { ownedSlot, boughtSlot } from './bins';
import { cutRuns } from './cut';
import { highsSolver } from './highs';
import { canImprove, improve } from './improve';
import { prepare } from './prepare';
import { setProgram } from './program';

const solver = highsSolver(await loadHighs());
const NOTHING = { proving: 0, joining: 0, sets: 1, units: 500_000 };

/** Pools that a method which searches nothing leaves unproved. */
function unproved(count: number): { pool: Task; cutting: Cutting }[] {
  const next = seeded(7);
  const found: { pool: Task; cutting: Cutting }[] = [];
  while (found.length < count) {
    const pool = randomPool(next, { mostBays: 18, mostRuns: 4 });
    const cutting = cutRuns(pool, NOTHING);
    if (canImprove(cutting)) found.push({ pool, cutting });
  }
  return found;
}

describe('looking further', () => {
  test('only lowers the cost or raises the bound, and comes to the same as a long search', async () => {
    for (const { pool, cutting } of unproved(6)) {
      const better = await improve(pool, cutting, { solver });
      expect(better.cost).toBeLessThanOrEqual(cutting.cost);
      expect(better.bound).toBeGreaterThanOrEqual(cutting.bound);
      const truth = cutRuns(pool);
      expect(truth.bound).toBe(truth.cost);
      expect(better.cost).toBe(truth.cost);
      expect(better.bound).toBe(truth.cost);
    }
  });
  test('gives the same answer twice', async () => {
    for (const { pool, cutting } of unproved(2))
      expect(await improve(pool, cutting, { solver })).toEqual(await improve(pool, cutting, { solver }));
  });
  test('stops when told, with what it had', async () => {
    const [first] = unproved(1);
    if (!first) throw new Error('no pool was left unproved');
    const stop = new AbortController();
    stop.abort();
    expect(await improve(first.pool, first.cutting, { solver, signal: stop.signal })).toEqual(first.cutting);
  });
  test('leaves a proved cutting as it is', async () => {
    const pool = randomPool(seeded(3), { mostBays: 6, mostRuns: 2 });
    const cutting = cutRuns(pool);
    expect(await improve(pool, cutting, { solver })).toBe(cutting);
  });
});

describe('the program that asks whether a set of rolls does', () => {
  const evenly = (n: number) => runOf(Array<number>(n).fill(2.4));
  const ask = async (pool: Task, sizes: readonly number[]) => {
    const slots = [...pool.owned.map(ownedSlot), ...sizes.map((s) => boughtSlot(sold(s, 100)))];
    const program = setProgram(slots, prepare(pool));
    const solved = await solver({ text: program.text, nodes: 200, seeks: 'any' });
    return { status: solved.status, bins: program.read(solved) };
  };
  const pool = (given: Partial<Task>): Task => ({
    units: [sold(25, 100)],
    owned: [],
    runs: [],
    lap: 0.15,
    width: 1.2,
    ...given,
  });

  test('two rolls of 10 hold 16.8 m in bays of 2.4; a roll of 9.8 and one of 7.4 do not', async () => {
    const { bins } = await ask(pool({ runs: [evenly(7)] }), [10, 10]);
    const cut = bins?.flatMap((b) => b.cuts.map((c) => c.length)) ?? [];
    expect(cut.reduce((a, b) => a + b, 0)).toBeCloseTo(16.8 + 0.2 + 0.15, 9);
    expect((await ask(pool({ runs: [evenly(7)] }), [9.8, 7.4])).status).toBe('infeasible');
  });
  test('a strip that is jointed anywhere pays a lap for each roll more', async () => {
    const strip = (length: number) =>
      runOf([length], { joints: 'anywhere', startAllowance: 0, endAllowance: 0 });
    expect((await ask(pool({ runs: [strip(49.85)] }), [25, 25])).bins).toBeDefined();
    expect((await ask(pool({ runs: [strip(49.86)] }), [25, 25])).status).toBe('infeasible');
  });
  test('small pieces count by the roll they take at least', async () => {
    const runs = [evenly(10), sheetOf(0.6, 0.6, 5)];
    expect((await ask(pool({ runs }), [24.8])).bins?.[0]?.block.spots).toHaveLength(1);
    expect((await ask(pool({ runs }), [24.4])).status).toBe('infeasible');
  });
});

describe('pieces that are not jointed', () => {
  test('are cut as cheaply as trying every way finds, and proved', async () => {
    const units = [sold(2.4, 600), sold(3, 730), sold(4.8, 1130)];
    const next = seeded(11);
    for (let i = 0; i < 12; i++) {
      const runs = Array.from({ length: 6 }, (_, place) =>
        runOf([Math.round((0.5 + 1.9 * next()) * 20) / 20], { place, startAllowance: 0, endAllowance: 0 }),
      );
      const timber: Task = { units, owned: [{ id: 'plank', size: 2 }], runs, lap: 0, width: 0.15 };
      const cutting = await improve(timber, { ...cutRuns(timber, NOTHING), bound: 0 }, { solver });
      expect(cutting.cost).toBeCloseTo(lowestPrice(timber), 6);
      expect(cutting.bound).toBe(cutting.cost);
      expect(
        cutting.bins.flatMap((b) => b.cuts.map((c) => c.run)).sort((a, b) => byPlace(a.place, b.place)),
      ).toEqual(runs);
    }
  });
});
