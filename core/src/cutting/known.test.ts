import type { Task } from './cutting';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runOf, sold } from '../testing/pools';
import { cutRuns } from './cut';
import { cutRunsOnce } from './known';
import { newMemo } from './memo';
import type { Run } from '../buying/run';

const aRunOf = (bays: readonly number[], place: number, product: string) =>
  runOf(bays, { place, part: { on: 'product', product } });
const someRuns = fc
  .array(
    fc.array(
      fc.integer({ min: 6, max: 24 }).map((n) => n / 10),
      { minLength: 1, maxLength: 9 },
    ),
    { minLength: 1, maxLength: 5 },
  )
  .map((all) => all.map((bays, i) => aRunOf(bays, i, `run:${i}`)));
const memo = newMemo();
const once = (task: Task) => cutRunsOnce(task, memo, {});
const units = [sold(5, 900), sold(15, 2400), sold(30, 4500)];
const of = (runs: readonly Run[], lap = 0.15): Task => ({ units, owned: [], runs, lap, width: 1.2 });

describe('what was cut before is not cut again', () => {
  test('and comes out as if it were', () => {
    fc.assert(
      fc.property(someRuns, (runs) => {
        const fresh = cutRuns(of(runs));
        expect(once(of(runs))).toEqual(fresh);
        expect(once(of(runs))).toEqual(fresh);
      }),
    );
  });
  test('its pieces belong to the runs that ask now', () => {
    const runs = [aRunOf([2.4, 2.4, 2.4], 0, 'first'), aRunOf([1.8], 1, 'second')];
    once(of(runs));
    const again = runs.map((run, i): Run => ({ ...run, part: { on: 'product', product: `again ${i}` } }));
    const { bins } = once(of(again));
    const cut = bins.flatMap((b) => b.cuts.map((c) => c.run));
    expect(cut.every((run) => again.includes(run))).toBe(true);
  });
  test('what differs in anything that matters is cut anew', () => {
    const runs = [aRunOf(Array<number>(7).fill(2.4), 0, 'a')];
    const short = once(of(runs));
    const lapped = once(of(runs, 1.5));
    expect(lapped).toEqual(cutRuns(of(runs, 1.5)));
    const leaning = [{ ...runs[0], leans: [{ from: 0, to: 16.8, extra: 0.3 }] } as Run];
    expect(once(of(leaning))).toEqual(cutRuns(of(leaning)));
    expect(once(of(runs))).toEqual(short);
  });
  test('a run that fits no roll is told by its own name each time', () => {
    const far = (part: string) => [aRunOf([40], 0, part)];
    expect(once(of(far('one'))).unplaced.map((r) => r.part)).toEqual([{ on: 'product', product: 'one' }]);
    expect(once(of(far('two'))).unplaced.map((r) => r.part)).toEqual([{ on: 'product', product: 'two' }]);
  });
});
