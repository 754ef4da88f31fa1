import type { Task } from './cutting';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { reckon } from '../reckon';
import { lowestPrice } from '../testing/bruteForce';
import { runOf, sheetOf, sold } from '../testing/pools';
import { cutAlike } from './alike';
import { cutRuns } from './cut';
import { prepare } from './prepare';

const [orchard] = DEMO_PLANS as [Plan];

/** Boards: nothing added at their ends, nothing lapped. */
const board = (length: number, place: number) =>
  runOf([length], { use: 'board', startAllowance: 0, endAllowance: 0, place });
const boards = (lengths: readonly number[], units: Task['units']): Task => ({
  units,
  owned: [],
  runs: lengths.map(board),
  lap: 0,
  width: 0.15,
});

/** Two to four lengths sold, dearer the longer they are, though not always by the metre. */
const sale = fc
  .uniqueArray(fc.integer({ min: 18, max: 60 }), { minLength: 2, maxLength: 4 })
  .map((sizes) =>
    sizes.sort((a, b) => a - b).map((size, i) => sold(size / 10, size * (20 - i) + ((size * 7) % 13))),
  );

describe('pieces of few lengths that are not jointed', () => {
  test('are cut at the price that trying every way finds, and proved', () => {
    let settled = 0;
    fc.assert(
      fc.property(
        sale,
        fc.array(fc.constantFrom(0.6, 1.2, 1.6, 1.7), { minLength: 1, maxLength: 8 }),
        (units, lengths) => {
          const task = boards(lengths, units);
          const cutting = cutRuns(task);
          expect(cutting.cost).toBeCloseTo(lowestPrice(task), 6);
          expect(cutting.bound).toBe(cutting.cost);
          if (cutAlike(prepare(task))) settled += 1;
        },
      ),
      { numRuns: 150 },
    );
    expect(settled).toBeGreaterThan(100);
  });
  test('with one small piece among them, which may be turned, come to the lowest price as well', () => {
    let [settled, turned] = [0, 0];
    fc.assert(
      fc.property(
        sale,
        fc.array(fc.constantFrom(0.6, 1.2, 1.6), { minLength: 1, maxLength: 6 }),
        fc.constantFrom(0.7, 1, 1.7),
        (units, lengths, leaf) => {
          const task: Task = { ...boards(lengths, units), width: 1.2 };
          const runs = [...task.runs, sheetOf(leaf, 0.6, lengths.length)];
          const cutting = cutRuns({ ...task, runs });
          // Turned, it takes 0.6 of the roll wherever its length fits across.
          const along = board(leaf <= 1.2 ? 0.6 : leaf, lengths.length);
          expect(cutting.cost).toBeCloseTo(lowestPrice({ ...task, runs: [...task.runs, along] }), 6);
          expect(cutting.bound).toBe(cutting.cost);
          if (cutAlike(prepare({ ...task, runs }))) settled += 1;
          if (cutting.bins.some((b) => b.block.spots.some((spot) => spot.along < leaf))) turned += 1;
        },
      ),
      { numRuns: 100 },
    );
    expect(settled).toBeGreaterThan(60);
    expect(turned).toBeGreaterThan(0);
  });
  test('that differ by less than the tape shows are all laid, and none overfills its length', () => {
    fc.assert(
      fc.property(
        sale,
        fc.array(fc.tuple(fc.constantFrom(0.6, 1.2, 1.6, 1.7), fc.integer({ min: 0, max: 9 })), {
          minLength: 9,
          maxLength: 24,
        }),
        (units, pieces) => {
          const task = boards(
            pieces.map(([length, tenths]) => length + tenths / 1e4),
            units,
          );
          const laid = cutAlike(prepare(task));
          if (!laid) return;
          const runs = laid.bins.flatMap((b) => b.cuts.map((c) => c.run));
          expect(new Set(runs)).toEqual(new Set(task.runs));
          expect(runs).toHaveLength(task.runs.length);
          for (const { slot, cuts, free } of laid.bins) {
            const cut = cuts.reduce((total, c) => total + c.length, 0);
            expect(cut).toBeLessThanOrEqual(slot.size + 1e-6);
            expect(free).toBeCloseTo(slot.size - cut, 9);
          }
          expect(laid.cost).toBe(laid.bins.reduce((total, b) => total + (b.slot.unit?.cost ?? NaN), 0));
        },
      ),
      { numRuns: 60 },
    );
  });
  test('come in pairs where a pair just fills a length', () => {
    // Pairs of 1.8 from 3.6, pairs of 2.26 from 4.8; one by one from 2.4 they would cost 1,260 more.
    const lengths = [...Array<number>(8).fill(1.8), ...Array<number>(4).fill(2.26)];
    const units = [sold(2.4, 635), sold(3, 795), sold(3.6, 955), sold(4.8, 1270)];
    expect(cutRuns(boards(lengths, units))).toMatchObject({ cost: 4 * 955 + 2 * 1270, bound: 6360 });
  });
  test('boards along the demo run are proved', () => {
    const plan = apply(
      { ...orchard, covers: [] },
      {
        verb: 'set-boards',
        scope: { scope: 'plan' },
        boards: { ground: 'board-150x25' },
      },
    );
    const pool = reckon(plan).cutting.find((p) => p.kind === 'timber');
    expect(pool?.rolls.flatMap((r) => r.pieces)).toHaveLength(17);
    expect(pool).toMatchObject({ proved: true, cost: 8900 });
  });
  test('cost no more with an owned length or a length sold more, however many pieces there are', () => {
    fc.assert(
      fc.property(
        sale,
        fc.array(fc.constantFrom(0.6, 0.9, 1.2, 1.25, 1.6, 1.7), { minLength: 8, maxLength: 40 }),
        fc.integer({ min: 5, max: 90 }),
        fc.boolean(),
        (units, lengths, size, own) => {
          const task = boards(lengths, units);
          const before = cutRuns(task);
          fc.pre(before.cost === before.bound);
          const more: Task = own
            ? { ...task, owned: [{ id: 'old', size: size / 10 }] }
            : { ...task, units: [...units, sold(size / 10 + 0.03, size * 17)] };
          const after = cutRuns(more);
          expect(after.cost).toBeLessThanOrEqual(before.cost + 1e-6);
          expect(after.bound).toBeLessThanOrEqual(after.cost);
        },
      ),
      { numRuns: 150 },
    );
  });
  test('are left to the search where the yard holds too few, or something is owned', () => {
    const task = boards([1.2, 1.2, 1.2], [sold(2.4, 400, 1), sold(3.6, 1000)]);
    expect(cutAlike(prepare(task))).toBeUndefined();
    expect(cutRuns(task).cost).toBe(1000);
    const owned = [{ id: 'old', size: 2.4 }];
    expect(cutAlike(prepare({ ...task, owned }))).toBeUndefined();
    expect(cutRuns({ ...task, owned }).cost).toBe(400);
  });
});
