import type { SoldUnit } from '../catalogue/market';
import type { Task } from '../cutting/cutting';
import type { Run } from '../buying/run';

/** So many of each unit. */
interface Rolls {
  readonly counts: readonly number[];
  readonly cost: number;
}

/** Every set of up to so many rolls that the yards hold, the cheapest first. */
function setsOf(units: readonly SoldUnit[], most: number): readonly Rolls[] {
  const sets: Rolls[] = [];
  const go = (i: number, counts: readonly number[], left: number, cost: number) => {
    const unit = units[i];
    if (!unit) {
      sets.push({ counts, cost });
      return;
    }
    for (let n = 0; n <= Math.min(left, unit.stock ?? left); n++)
      go(i + 1, [...counts, n], left - n, cost + n * (unit.cost ?? Infinity));
  };
  go(0, [], most, 0);
  return sets.sort((a, b) => a.cost - b.cost);
}

/** Every way to joint a run at its posts, as lengths of roll. */
const jointings = ({ joints, length, startAllowance, endAllowance }: Run, lap: number) => {
  const posts = joints === 'anywhere' ? [] : joints;
  return Array.from({ length: 2 ** posts.length }, (_, mask) => {
    const stops = [0, ...posts.filter((_p, i) => mask & (1 << i)), length];
    return stops
      .slice(1)
      .map(
        (to, i) =>
          to - (stops[i] ?? 0) + (i === 0 ? startAllowance : lap) + (to === length ? endAllowance : 0),
      );
  });
};

const ordersOf = <T>(list: readonly T[]): readonly (readonly T[])[] =>
  list.length <= 1
    ? [list]
    : list.flatMap((one, i) =>
        ordersOf([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest]),
      );

/** Runs that are jointed anywhere through what is left of rolls, one after the other in any order of both. */
function fills(loose: readonly Run[], free: readonly number[], lap: number): boolean {
  if (loose.length === 0) return true;
  return ordersOf(free).some((rolls) =>
    ordersOf(loose).some((runs) => {
      let at = 0;
      let left = rolls[0] ?? 0;
      for (const { length, startAllowance, endAllowance } of runs) {
        let rest = startAllowance + length + endAllowance;
        while (rest > left + 1e-9) {
          // A piece that gives no more than its lap is no use.
          if (left > lap) rest = rest - left + lap;
          at += 1;
          if (at >= rolls.length) return false;
          left = rolls[at] ?? 0;
        }
        left -= rest;
      }
      return true;
    }),
  );
}

function holds(task: Task, sizes: readonly number[]): boolean {
  const strips = task.runs.filter((r) => r.joints !== 'anywhere');
  const loose = task.runs.filter((r) => r.joints === 'anywhere');
  const sum = (lengths: readonly number[]) => lengths.reduce((a, b) => a + b, 0);
  const poured = loose.reduce((total, r) => total + r.startAllowance + r.length + r.endAllowance, 0);
  const share = (pieces: readonly number[], i: number, free: readonly number[]): boolean => {
    if (sum(free) < sum(pieces.slice(i)) + poured - 1e-9) return false;
    const piece = pieces[i];
    if (piece === undefined) return fills(loose, free, task.lap);
    return free.some(
      (left, at) =>
        left >= piece - 1e-9 &&
        free.indexOf(left) === at &&
        share(
          pieces,
          i + 1,
          free.map((f, j) => (j === at ? f - piece : f)),
        ),
    );
  };
  const choose = (run: number, pieces: readonly number[]): boolean => {
    const next = strips[run];
    if (!next)
      return share(
        [...pieces].sort((a, b) => b - a),
        0,
        sizes,
      );
    return jointings(next, task.lap).some((way) => choose(run + 1, [...pieces, ...way]));
  };
  return choose(0, []);
}

/**
 * The true lowest price of a small pool, by trying every set of rolls in order of price, every way to joint at posts and to share the pieces. Written
 * apart from the cutting: no small pieces, no slopes, nothing owned.
 *
 * @returns the units with their counts; undefined where so many rolls do not do
 */
export function lowestRolls(task: Task, most: number) {
  const need = task.runs.reduce((total, r) => total + r.startAllowance + r.length + r.endAllowance, 0);
  const found = setsOf(task.units, most).find(({ counts }) => {
    const sizes = counts.flatMap((n, i) => Array<number>(n).fill(task.units[i]?.size ?? 0));
    return sizes.reduce((a, b) => a + b, 0) >= need - 1e-9 && holds(task, sizes);
  });
  return found && task.units.map((unit, i) => ({ unit, count: found.counts[i] ?? 0 }));
}
