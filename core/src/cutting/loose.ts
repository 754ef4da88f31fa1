import type { Bin } from './cutting';
import { EPSILON } from '../units/round';
import type { Budget } from './stepsLeft';
import { LEAST_PIECE, cutLength } from './stretch';
import type { Run } from '../buying/run';

/** A joint that is longer than what it adds is no use; shorter scraps are not tried, m. */
const SLIVER = 1e-6;

/** Where a piece from `from` may end in a roll with so much free, longest first; what would leave a scrap ends sooner as well. */
function ends(run: Run, from: number, free: number, lap: number): readonly number[] {
  if (cutLength(run, from, run.length, lap) <= free + EPSILON) return [run.length];
  const full = from + free - cutLength(run, from, from, lap);
  const tidy = run.length - LEAST_PIECE;
  return [...new Set([Math.min(full, tidy), full])].filter(
    (to) =>
      to > from + SLIVER && to < run.length - EPSILON && cutLength(run, from, to, lap) <= free + EPSILON,
  );
}

/**
 * Lays runs that may be jointed anywhere into what is left of the rolls.
 *
 * It is enough to try pieces that end their run or use up their roll: in any other way of laying, the runs that share rolls can be
 * laid one after the other through these rolls with no more joints. Where grades lengthen what is cut on them that does not hold, and
 * a failure proves nothing.
 *
 * @param bins  added to when it is laid, otherwise left as they were
 */
export function layLoose(
  bins: readonly Bin[],
  runs: readonly Run[],
  { lap, mostJoints, budget }: { readonly lap: number; readonly mostJoints: number; readonly budget: Budget },
): 'laid' | 'impossible' | 'unknown' {
  const leaning = runs.some((run) => run.leans.length > 0);
  let unsure = leaning;
  const failed = new Set<string>();
  const go = (index: number, from: number, joints: number): boolean => {
    const run = runs[index];
    if (!run) return true;
    if (joints > mostJoints) return false;
    const rest =
      cutLength(run, from, run.length, lap) + runs.slice(index + 1).reduce((t, r) => t + r.length, 0);
    if (bins.reduce((total, b) => total + b.free, 0) < rest - EPSILON) return false;
    if (budget.nodes <= 0) {
      unsure = true;
      return false;
    }
    budget.nodes -= 1;
    const key = `${index} ${from.toFixed(6)} ${joints} ${bins
      .map((b) => b.free.toFixed(6))
      .sort()
      .join()}`;
    if (failed.has(key)) return false;
    const whole = cutLength(run, from, run.length, lap);
    const fits = (bin: Bin) => bin.free + EPSILON >= whole;
    const order = [...bins].sort(
      (a, b) => Number(fits(b)) - Number(fits(a)) || (fits(a) ? a.free - b.free : b.free - a.free),
    );
    const tried = new Set<string>();
    for (const bin of order) {
      const free = bin.free;
      if (tried.has(free.toFixed(6))) continue;
      tried.add(free.toFixed(6));
      for (const to of ends(run, from, free, lap)) {
        const length = cutLength(run, from, to, lap);
        bin.cuts.push({ run, from, to, length });
        bin.free = free - length;
        const done = to >= run.length - EPSILON;
        if (done ? go(index + 1, 0, joints) : go(index, to, joints + 1)) return true;
        bin.cuts.pop();
        bin.free = free;
      }
    }
    failed.add(key);
    return false;
  };
  if (go(0, 0, 0)) return 'laid';
  return unsure ? 'unknown' : 'impossible';
}
