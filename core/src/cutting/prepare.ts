import type { Block, Slot, Task } from './cutting';
import { byPlace } from '../plan/place';
import { once } from '../units/once';
import { EPSILON } from '../units/round';
import { type Memo, newMemo } from './memo';
import { reachTable } from './reach';
import { type Lying, MANY_SHEETS, isSheet, leastRoll, rowsOf } from './sheets';
import { LEAST_PIECE, canBeLaid, leastJoints, wholeLength } from './stretch';
import { alikeOf, countsOf } from './unjointed';
import { type Worth, worthOf } from './worth';
import type { Run } from '../buying/run';

/** A task with its runs sorted by how they may be cut, and what they need at least. */
export interface Prepared {
  readonly task: Task;
  readonly memo: Memo;
  /** Roll that one run takes at least, m. */
  readonly least: (run: Run) => number;
  readonly longest: number;
  /** Jointed at posts or not at all, longest first. */
  readonly strips: readonly Run[];
  /** Small pieces that may lie either way, largest first. */
  readonly sheets: readonly Run[];
  /** The same in rows, where there are too many to be laid one by one; null otherwise. */
  readonly rows: readonly Block[] | null;
  /** Jointed anywhere, longest first. */
  readonly loose: readonly Run[];
  readonly unplaced: readonly Run[];
  /** What one way of laying looks at: bays and pieces times rolls. */
  readonly size: number;
  /** Roll that all of it takes at least, m: every allowance, and the laps that no roll is long enough to avoid. */
  readonly need: number;
  /**
   * What rolls reach together of which each gives a lap less than it has, m: there are as many pieces as rolls at least, and of each run all but one
   * pay a lap. Null where pieces butt, or where small ones may lie in a roll by themselves.
   */
  readonly joined: number | null;
  /** Length of all strips, m. */
  readonly covered: number;
  /** Strips and loose runs as they are laid, those that cannot be jointed last, with what the shortest takes, m. */
  readonly inOrder: (order: Order) => Ordered;
  /** What a roll with so much free covers of the strips at most, m. */
  readonly reach: (free: number) => number;
  /** Of pieces none of which is jointed or lies beside another: what each is worth; undefined otherwise, or where that is not known. */
  readonly worth: () => Worth | undefined;
}

/** Which run is laid first. */
export type Order = 'longest' | 'along';
interface Ordered {
  readonly runs: readonly Run[];
  readonly shortest: number;
}

const rigid = ({ joints }: Run) => (joints !== 'anywhere' && joints.length === 0 ? 1 : 0);

function ordered(all: readonly Run[], order: Order, lap: number): Ordered {
  const runs = [...all].sort(
    (a, b) =>
      rigid(a) - rigid(b) ||
      (order === 'longest' || rigid(a) === 1 ? b.length - a.length : 0) ||
      byPlace(a.place, b.place),
  );
  return { runs, shortest: runs.reduce((least, run) => Math.min(least, wholeLength(run, lap)), LEAST_PIECE) };
}

const byLength = (a: Run, b: Run) => b.length - a.length || byPlace(a.place, b.place);

/** Roll that a run takes at least, m. */
const leastOf = (run: Run, longest: number, { lap, width }: Task, lying: Lying): number =>
  isSheet(run, width, lying)
    ? leastRoll(run, width)
    : wholeLength(run, lap) + leastJoints(run, longest, lap) * lap;

/** A small piece fits a roll one way or the other. */
function canLie(run: Run, longest: number, width: number): boolean {
  const sizes = [wholeLength(run, 0), run.across ?? width];
  return Math.min(...sizes) <= width + EPSILON && Math.max(...sizes) <= Math.max(longest, width) + EPSILON;
}

/** Most pools are settled without it: the table is made when it is first asked for. */
function onceAsked(make: () => (free: number) => number): (free: number) => number {
  let table: ((free: number) => number) | undefined;
  return (free) => (table ??= make())(free);
}

/** @param lying  how small pieces may be laid */
export function prepare(task: Task, lying: Lying = 'any', memo: Memo = newMemo()): Prepared {
  const { units, owned, lap, width } = task;
  const longest = [...units, ...owned].reduce((most, { size }) => Math.max(most, size), 0);
  const laid: Run[] = [];
  const unplaced: Run[] = [];
  for (const run of task.runs) {
    const fits = isSheet(run, width, lying) ? canLie(run, longest, width) : canBeLaid(run, longest, lap);
    (fits ? laid : unplaced).push(run);
  }
  const sheets = laid
    .filter((run) => isSheet(run, width, lying))
    .sort((a, b) => leastRoll(b, width) - leastRoll(a, width) || byPlace(a.place, b.place));
  const small = new Set(sheets);
  const strips = laid.filter((r) => r.joints !== 'anywhere' && !small.has(r)).sort(byLength);
  const least = (run: Run) => leastOf(run, longest, task, lying);
  const need = laid.reduce((total, run) => total + least(run), 0);
  const bays = strips.reduce(
    (n, run) => n + (run.joints === 'anywhere' ? 0 : run.joints.length),
    laid.length,
  );
  const loose = laid.filter((r) => r.joints === 'anywhere').sort(byLength);
  const longestFirst = once(() => ordered([...strips, ...loose], 'longest', lap));
  const alongFence = once(() => ordered([...strips, ...loose], 'along', lap));
  return {
    task,
    memo,
    least,
    longest,
    strips,
    sheets,
    rows: sheets.length > MANY_SHEETS ? rowsOf(sheets, width) : null,
    loose,
    unplaced,
    size: bays * Math.max(1, need / longest),
    need,
    joined:
      lap > 0 && sheets.length === 0
        ? laid.reduce((total, run) => total + wholeLength(run, lap) - lap, 0)
        : null,
    covered: strips.reduce((total, run) => total + run.length, 0),
    inOrder: (order) => (order === 'longest' ? longestFirst() : alongFence()),
    reach: onceAsked(() => reachTable(strips, longest, lap, loose.length > 0)),
    worth: once(() => {
      const jointed = loose.length + sheets.length > 0 || strips.some((run) => run.joints.length > 0);
      return jointed || strips.length === 0
        ? undefined
        : worthOf(countsOf(alikeOf({ strips, least })), units);
    }),
  };
}

/** Whether so many rolls could do by length, and by what of the strips fits into each. */
export function couldHold({ need, covered, reach }: Prepared, slots: readonly Slot[]): boolean {
  const total = slots.reduce((sum, { size }) => sum + size, 0);
  const reached = slots.reduce((sum, { size }) => sum + reach(size), 0);
  return total >= need - EPSILON && reached >= covered - EPSILON;
}
