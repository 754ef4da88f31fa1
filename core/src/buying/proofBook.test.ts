import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { cutRuns } from '../cutting/cut';
import type { Plan } from '../plan/schema';
import { NO_PROOFS, withCut, withWay } from './proofBook';
import { WHOLE_PLAN } from '../plan/scope';
import { apply } from '../plan/changes/apply';
import { readProofs } from '../formats/proofFile';
import { reckon } from '../reckon';
import { cutFrom, proofFrom } from '../cutting/proofs';
import { aRun } from '../testing/aRun';
import { runOf, sheetOf, sold } from '../testing/pools';
import { uniform } from '../testing/uniform';

const boarded = (width: number, depth: number): Plan =>
  apply(aRun({ width, depth }), {
    verb: 'set-boards',
    scope: WHOLE_PLAN,
    boards: { ground: 'board-150x25', top: 'rail-88x38' },
  });

const task = {
  units: [sold(5, 900), sold(15, 2400, 2)],
  owned: [{ id: 'old', size: 6 }],
  runs: [runOf([2.4, 2.4, 2.4]), runOf([1.8, 1.8], { place: 1 }), sheetOf(1, 0.8, 2), sheetOf(1, 0.3, 3)],
  lap: 0.15,
  width: 1.2,
};

describe('a proof', () => {
  test('of any plan tells just the cuts that were made', () => {
    fc.assert(
      fc.property(uniform(3, 9), uniform(3, 9), (width, depth) => {
        for (const { task: of, cutting } of reckon(boarded(width, depth)).cutting) {
          const again = cutFrom(structuredClone(proofFrom(of, cutting)), of);
          expect(again).toMatchObject({ cost: cutting.cost, joints: cutting.joints, bound: cutting.bound });
          expect(again?.bins.map((b) => b.cuts)).toEqual(cutting.bins.map((b) => b.cuts));
          expect(again?.bins.map((b) => b.block)).toEqual(cutting.bins.map((b) => b.block));
        }
      }),
      { numRuns: 12 },
    );
  });
  const good = proofFrom(task, cutRuns(task));
  const [first] = good.rolls;
  if (!first) throw new Error('nothing was cut');
  const others = good.rolls.slice(1);
  test('that holds is taken', () => expect(cutFrom(good, task)?.cost).toBe(cutRuns(task).cost));
  test.each([
    ['leaves a piece out', { ...good, rolls: [{ ...first, cuts: first.cuts.slice(1) }, ...others] }],
    ['cuts a piece twice', { ...good, rolls: [...good.rolls, { ...first, unit: 1, owned: null }] }],
    ['takes a roll that is not sold', { ...good, rolls: [{ ...first, unit: 7, owned: null }, ...others] }],
    [
      'takes more than the yard holds',
      {
        ...good,
        rolls: [
          ...good.rolls,
          ...Array.from({ length: 3 }, () => ({
            ...first,
            unit: 1,
            owned: null,
            cuts: [],
            block: { length: 0, spots: [] },
          })),
        ],
      },
    ],
    [
      'cuts more than the roll has',
      { ...good, rolls: good.rolls.map((r) => ({ ...r, unit: 0, owned: null })) },
    ],
    ['names a piece that nobody wants', { ...good, unplaced: [9] }],
  ])('that %s is none', (_, proof) => expect(cutFrom(proof, task)).toBeNull());
  test('never claims a bound above the price', () => {
    const cut = cutFrom({ ...good, bound: 1e9 }, task);
    expect(cut?.bound).toBe(cut?.cost);
  });
});

describe('the book of proofs', () => {
  const plan = boarded(4, 6);
  const [pool] = reckon(plan).cutting;
  if (!pool) throw new Error('nothing was cut');
  const book = withWay(withCut(NO_PROOFS, pool.task, pool.cutting), plan, ['far-gate'], {
    taken: { a: '1.2' },
    others: 1234,
  });
  test('is kept as plain data and read again as it was', () => {
    expect(readProofs(JSON.parse(JSON.stringify(book)))).toEqual(book);
  });
  test.each([
    ['nothing', undefined],
    ['a text', 'proofs'],
    ['another method', { ...book, method: 0 }],
    ['a wrong number', { ...book, ways: { a: { taken: {}, others: 'x' } } }],
  ])('of %s is empty', (_, kept) => expect(readProofs(kept)).toEqual(NO_PROOFS));
  test('keeps the newest, however many there are', () => {
    const many = Array.from({ length: 100 }, (_, i) => i).reduce(
      (all, i) => withWay(all, { ...plan, currency: `C${i}` }, [], { taken: {}, others: i }),
      book,
    );
    expect(Object.values(many.ways).map((w) => w.others)).toEqual(
      Array.from({ length: 40 }, (_, i) => 60 + i),
    );
  });
  test('changes no price of a plan that it says nothing of', () => {
    const other = boarded(5, 5);
    expect(reckon(other, { proofs: book }).docket.total).toBe(reckon(other).docket.total);
  });
});
