import type { Cutting, Known, Task } from './cutting';
import type { SoldUnit } from '../catalogue/market';
import { cutRuns } from './cut';
import { type Memo, newMemo } from './memo';
import { type CutProof, cutFrom } from './proofs';
import type { Run } from '../buying/run';

/** Everything of a run that decides how it is cut. */
function signature({ length, startAllowance, endAllowance, joints, place, leans, across }: Run): string {
  const base = `${length} ${startAllowance} ${endAllowance} ${String(joints)} ${place.join()} ${across ?? '-'}`;
  return leans.length === 0 ? base : `${base} ${leans.map((l) => `${l.from} ${l.to} ${l.extra}`).join()}`;
}

const unitOf = ({ size, price, cost, stock, yard }: SoldUnit): string =>
  `${size} ${price ?? '-'} ${cost ?? '-'} ${stock ?? '-'} ${yard}`;

/** What decides how a pool is cut, as a text: tasks of one text are cut alike. */
export function taskKey({ units, runs, owned, lap, width }: Task, { signatures }: Memo = newMemo()): string {
  const all = runs.map((run) => {
    const known = signatures.get(run) ?? signature(run);
    signatures.set(run, known);
    return known;
  });
  const there = owned.map((o) => `${o.id} ${o.size}`);
  return `${lap}|${width}|${units.map(unitOf).join()}|${there.join()}|${all.join('|')}`;
}

/** The same cuts on other runs that are alike one by one. */
function onto({ cutting, runs: before }: Known, runs: readonly Run[]): Cutting {
  if (before.every((run, i) => run === runs[i])) return cutting;
  const twin = new Map(before.map((run, i) => [run, runs[i] ?? run]));
  const other = (run: Run) => twin.get(run) ?? run;
  return {
    ...cutting,
    bins: cutting.bins.map(({ slot, free, cuts, block }) => ({
      slot,
      free,
      cuts: cuts.map(({ run, from, to, length }) => ({ run: other(run), from, to, length })),
      block: {
        length: block.length,
        spots: block.spots.map(({ run, x, y, along, across }) => ({ run: other(run), x, y, along, across })),
      },
    })),
    unplaced: cutting.unplaced.map(other),
  };
}

/**
 * As `cutRuns`, which is pure: what was cut before is not cut again, and what looking further found is used where it holds for this task.
 *
 * @param proofs  of pools, by `taskKey`
 */
export function cutRunsOnce(task: Task, memo: Memo, proofs: Readonly<Record<string, CutProof>>): Cutting {
  const key = memo.keys.get(task) ?? taskKey(task, memo);
  memo.keys.set(task, key);
  const proof = proofs[key];
  const proved = proof && cutFrom(proof, task);
  if (proved) return proved;
  const before = memo.cuts.get(key);
  if (before) return onto(before, task.runs);
  const cutting = cutRuns(task, undefined, memo);
  memo.cuts.set(key, { cutting, runs: task.runs });
  return cutting;
}
