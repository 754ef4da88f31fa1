import { EPSILON } from '../units/round';
import type { Lean, Run } from '../buying/run';

/* Named here: the inner loops of cutting ask for them millions of times. */
const EPS = EPSILON;
const { ceil, max, min } = Math;

/** Joints of what is jointed anywhere leave no scrap shorter than this where it can be helped, m. */
export const LEAST_PIECE = 0.3;

/** Whether a piece lies on a straight grade, and pays for it. */
export const leansOn = (lean: Lean, from: number, to: number): boolean =>
  min(to, lean.to) - max(from, lean.from) > EPS;

/**
 * Length as cut: end allowances at free ends, the lap where it is joined to the piece before (rules: Walls), and what each
 * straight grade under it adds (rules: Slope and survey).
 */
export function cutLength(run: Run, from: number, to: number, lap: number): number {
  const start = from <= EPS ? run.startAllowance : lap;
  const end = to >= run.length - EPS ? run.endAllowance : 0;
  let leaning = 0;
  for (const lean of run.leans) if (leansOn(lean, from, to)) leaning += lean.extra;
  return to - from + start + end + leaning;
}

/** The whole run in one piece, m. */
export const wholeLength = (run: Run, lap: number): number => cutLength(run, 0, run.length, lap);

/**
 * Joints that a run cannot do without, when no roll is longer than `longest`: every roll covers at most its length less the
 * lap that all pieces but the first pay.
 */
export function leastJoints(run: Run, longest: number, lap: number): number {
  const over = wholeLength(run, lap) - longest;
  return over <= EPS ? 0 : ceil(over / (longest - lap) - EPS);
}

/** The last joint after `from` up to which a piece fits into `free` m: a piece grows with where it ends. */
function lastThatFits(run: Run, from: number, free: number, lap: number) {
  const joints = run.joints === 'anywhere' ? [] : run.joints;
  const leaning = run.leans.length > 0;
  // On the level a joint fits up to a place that is known at once.
  const limit = from + free - cutLength(run, from, from, lap) + EPS;
  let low = 0;
  let high = joints.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    const to = joints[middle] ?? run.length;
    const fits = to <= limit && (!leaning || to <= from || cutLength(run, from, to, lap) <= free + EPS);
    if (fits) low = middle + 1;
    else high = middle;
  }
  const joint = joints[low - 1];
  return joint !== undefined && joint > from + EPS ? joint : undefined;
}

/** The furthest joint that a roll with `free` m left can reach from `from`; undefined when none. */
export function furthest(run: Run, from: number, free: number, lap: number): number | undefined {
  if (cutLength(run, from, run.length, lap) <= free + EPS) return run.length;
  if (run.joints !== 'anywhere') return lastThatFits(run, from, free, lap);
  const to = min(from + free - cutLength(run, from, from, lap), run.length - LEAST_PIECE);
  return to - from >= LEAST_PIECE - EPS ? to : undefined;
}

/** A run can be cut when each of its bays fits the longest roll: it is laid bay by bay at the worst. */
export function canBeLaid(run: Run, longest: number, lap: number): boolean {
  let from = 0;
  while (from < run.length - EPS) {
    const to = furthest(run, from, longest, lap);
    if (to === undefined) return false;
    from = to;
  }
  return true;
}

/** Joints of a run that can be laid, where every roll is as long as the longest: each piece reaches as far as it can. */
export function fewestJoints(run: Run, longest: number, lap: number): number {
  let joints = 0;
  for (let from = furthest(run, 0, longest, lap); from !== undefined && from < run.length - EPSILON;) {
    joints += 1;
    from = furthest(run, from, longest, lap);
  }
  return joints;
}
