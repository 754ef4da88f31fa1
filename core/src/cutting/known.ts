import type { SoldUnit } from '../catalogue/market';
import { type CutPlan, cutRuns } from './cut';
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

/** Everything of a run that decides how it is cut. */
const signature = ({ length, startAllowance, endAllowance, joints, place, leans }: Run): string =>
  `${length} ${startAllowance} ${endAllowance} ${String(joints)} ${place} ${leans.map((l) => `${l.from} ${l.to} ${l.extra}`).join()}`;

/** The same cuts on other runs that are alike one by one. */
function onto({ plan, runs: before }: Known, runs: readonly Run[]): CutPlan {
  const twin = new Map(before.map((run, i) => [run, runs[i] ?? run]));
  const other = (run: Run) => twin.get(run) ?? run;
  return {
    ...plan,
    bins: plan.bins.map((bin) => ({
      ...bin,
      cuts: bin.cuts.map((cut) => ({ ...cut, run: other(cut.run) })),
    })),
    unplaced: plan.unplaced.map(other),
  };
}

/** As `cutRuns`, which is pure: what was cut before is not cut again. */
export function cutRunsOnce(units: readonly SoldUnit[], runs: readonly Run[], lap: number): CutPlan {
  const known = memory.get(units) ?? new Map<string, Known>();
  memory.set(units, known);
  const key = `${lap}|${runs.map(signature).join('|')}`;
  const before = known.get(key);
  if (before) return onto(before, runs);
  const plan = cutRuns(units, runs, lap);
  if (known.size >= MOST) known.clear();
  known.set(key, { plan, runs });
  return plan;
}
