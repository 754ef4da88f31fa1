import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { SoldUnit } from '../catalogue/market';
import { cutRuns } from './cut';
import { cutRunsOnce } from './known';
import type { Run } from './types';

const aRunOf = (bays: readonly number[], place: number, part: string): Run => {
  let at = 0;
  const ends = bays.map((bay) => (at += bay));
  return {
    part,
    use: 'band',
    length: at,
    startAllowance: 0.1,
    endAllowance: 0.1,
    joints: ends.slice(0, -1),
    place,
    spans: [],
    leans: [],
  };
};
const someRuns = fc
  .array(
    fc.array(
      fc.integer({ min: 6, max: 24 }).map((n) => n / 10),
      { minLength: 1, maxLength: 9 },
    ),
    {
      minLength: 1,
      maxLength: 5,
    },
  )
  .map((all) => all.map((bays, i) => aRunOf(bays, i, `run:${i}`)));
const units: readonly SoldUnit[] = [
  { size: 5, price: 900 },
  { size: 15, price: 2400 },
  { size: 30, price: 4500 },
];

describe('what was cut before is not cut again', () => {
  test('and comes out as if it were', () => {
    fc.assert(
      fc.property(someRuns, (runs) => {
        const fresh = cutRuns(units, runs, 0.15);
        expect(cutRunsOnce(units, runs, 0.15)).toEqual(fresh);
        expect(cutRunsOnce(units, runs, 0.15)).toEqual(fresh);
      }),
    );
  });
  test('its pieces belong to the runs that ask now', () => {
    const runs = [aRunOf([2.4, 2.4, 2.4], 0, 'first'), aRunOf([1.8], 1, 'second')];
    cutRunsOnce(units, runs, 0.15);
    const again = runs.map((run) => ({ ...run, part: `again:${run.part}` }));
    const { bins } = cutRunsOnce(units, again, 0.15);
    const cut = bins.flatMap((b) => b.cuts.map((c) => c.run));
    expect(cut.every((run) => again.includes(run))).toBe(true);
  });
  test('what differs in anything that matters is cut anew', () => {
    const runs = [aRunOf(Array<number>(7).fill(2.4), 0, 'a')];
    const short = cutRunsOnce(units, runs, 0.15);
    const lapped = cutRunsOnce(units, runs, 1.5);
    expect(lapped).toEqual(cutRuns(units, runs, 1.5));
    const leaning = [{ ...runs[0], leans: [{ from: 0, to: 16.8, extra: 0.3 }] } as Run];
    expect(cutRunsOnce(units, leaning, 0.15)).toEqual(cutRuns(units, leaning, 0.15));
    expect(cutRunsOnce(units, runs, 0.15)).toEqual(short);
  });
  test('a run that fits no roll is told by its own name each time', () => {
    const far = (part: string) => [aRunOf([40], 0, part)];
    expect(cutRunsOnce(units, far('one'), 0.15).unplaced.map((r) => r.part)).toEqual(['one']);
    expect(cutRunsOnce(units, far('two'), 0.15).unplaced.map((r) => r.part)).toEqual(['two']);
  });
});
