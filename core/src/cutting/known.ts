import type { SoldUnit } from '../catalogue/market';
import { type CutPlan, cutRuns } from './cut';
import type { Task } from './prepare';
import type { Run } from './types';

interface Known {
  readonly plan: CutPlan;
  /** The runs that it was cut from, in the order in which they came. */
  readonly runs: readonly Run[];
}

/** A market's units are one list for good. */
const memory = new WeakMap<readonly SoldUnit[], Map<string, Known>>();
/** Pools remembered for each list of units: more than any panel has options. */
const MOST = 120;
/** Pools that were looked into further: kept while those of previews come and go. */
const learned = new WeakMap<readonly SoldUnit[], Map<string, Known>>();

/** Everything of a run that decides how it is cut. */
const signature = ({ length, startAllowance, endAllowance, joints, place, leans, across }: Run): string =>
  `${length} ${startAllowance} ${endAllowance} ${String(joints)} ${place.join(',')} ${String(across)} ${leans.map((l) => `${l.from} ${l.to} ${l.extra}`).join()}`;

/** What decides how a pool is cut, beside its units. */
const taskKey = ({ runs, owned, lap, width }: Task): string =>
  `${lap}|${width}|${owned.map((o) => `${o.id} ${o.size}`).join()}|${runs.map(signature).join('|')}`;

/** The same cuts on other runs that are alike one by one. */
function onto({ plan, runs: before }: Known, runs: readonly Run[]): CutPlan {
  const twin = new Map(before.map((run, i) => [run, runs[i] ?? run]));
  const other = (run: Run) => twin.get(run) ?? run;
  return {
    ...plan,
    bins: plan.bins.map((bin) => ({
      ...bin,
      cuts: bin.cuts.map((cut) => ({ ...cut, run: other(cut.run) })),
      block: { ...bin.block, spots: bin.block.spots.map((spot) => ({ ...spot, run: other(spot.run) })) },
    })),
    unplaced: plan.unplaced.map(other),
  };
}

/** Keeps what an improvement found for a pool, so that reckoning uses it from now on. */
export function learnCut(task: Task, plan: CutPlan): void {
  const found = learned.get(task.units) ?? new Map<string, Known>();
  learned.set(task.units, found);
  found.set(taskKey(task), { plan, runs: task.runs });
}

/** As `cutRuns`, which is pure: what was cut before is not cut again, and what was looked into further is used. */
export function cutRunsOnce(task: Task): CutPlan {
  const known = memory.get(task.units) ?? new Map<string, Known>();
  memory.set(task.units, known);
  const key = taskKey(task);
  const before = learned.get(task.units)?.get(key) ?? known.get(key);
  if (before) return onto(before, task.runs);
  const plan = cutRuns(task);
  if (known.size >= MOST) known.clear();
  known.set(key, { plan, runs: task.runs });
  return plan;
}
