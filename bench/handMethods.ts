import type { SoldUnit } from '../core/src/catalogue/market';
import { weight } from '../core/src/cutting/covers';
import type { Task } from '../core/src/cutting/cutting';
import { cutLength, furthest } from '../core/src/cutting/stretch';

/** A roll as somebody opens it in the yard. */
interface Open {
  readonly unit: SoldUnit | null;
  readonly size: number;
  free: number;
}

/** A keeper buys the length that is cheapest by the metre, and the last roll no longer than it must be. */
function cost(rolls: readonly Open[], units: readonly SoldUnit[]): number {
  return rolls.reduce((total, { unit, size, free }, i) => {
    if (!unit || free >= size - 1e-9) return total;
    if (i < rolls.length - 1) return total + weight(unit);
    const fits = units.filter((u) => u.size >= size - free - 1e-9).map(weight);
    return total + Math.min(...fits);
  }, 0);
}

const byTheMetre = (units: readonly SoldUnit[]): SoldUnit =>
  units.reduce((a, b) => (weight(b) / b.size < weight(a) / a.size ? b : a));

const opened = ({ owned }: Task): Open[] =>
  [...owned].sort((a, b) => b.size - a.size).map((o) => ({ unit: null, size: o.size, free: o.size }));

/** Unroll along the fence, splice where a roll ends, carry what is left on to the next wall. */
export function alongTheFence(task: Task): number {
  const unit = byTheMetre(task.units);
  const waiting = opened(task);
  const rolls: Open[] = [];
  const next = () => {
    const roll = waiting.shift() ?? { unit, size: unit.size, free: unit.size };
    rolls.push(roll);
    return roll;
  };
  let roll = next();
  for (const run of task.runs) {
    let from = 0;
    while (from < run.length - 1e-9) {
      const to = furthest(run, from, roll.free, task.lap);
      if (to === undefined) {
        roll = next();
        continue;
      }
      roll.free -= cutLength(run, from, to, task.lap);
      from = to;
    }
  }
  return cost(rolls, task.units);
}

/** Whole walls, longest first, each into the first roll with room; a wall longer than a roll is spliced from fresh ones. */
export function longestFirst(task: Task): number {
  const unit = byTheMetre(task.units);
  const rolls: Open[] = opened(task);
  const runs = [...task.runs].sort((a, b) => b.length - a.length);
  for (const run of runs) {
    let from = 0;
    while (from < run.length - 1e-9) {
      const whole = cutLength(run, from, run.length, task.lap);
      const fits = rolls.find((r) => r.free >= whole - 1e-9);
      if (fits) {
        fits.free -= whole;
        break;
      }
      const fresh: Open = { unit, size: unit.size, free: unit.size };
      rolls.push(fresh);
      const to = furthest(run, from, fresh.free, task.lap);
      if (to === undefined) return Infinity;
      fresh.free -= cutLength(run, from, to, task.lap);
      from = to;
    }
  }
  return cost(rolls, task.units);
}
