import type { Prepared } from './prepare';
import { LARGE, MANY_RUNS } from './quick';

/** How long the fast method searches: nodes, the same on every machine. */
export interface Effort {
  /** To refute sets of rolls that are cheaper than what was found. */
  readonly proving: number;
  /** To do with fewer joints what is proved the cheapest. */
  readonly joining: number;
  /** Sets of rolls looked at, and units looked through to put them together. */
  readonly sets: number;
  readonly units: number;
}

const UNITS = 500_000;
/** Beyond so many runs or rolls the search sees a small part of all ways. */
const SEARCHED_RUNS = 12;
const SEARCHED_ROLLS = 8;

/** Large pools are not searched so deep: what a node costs grows with the rolls. */
export function usualEffort(given: Prepared): Effort {
  const bays = given.strips.reduce((n, run) => n + run.joints.length + 1, 0);
  const runs = given.strips.length + given.loose.length + given.sheets.length;
  if (bays > 150 || runs > MANY_RUNS) {
    const [most, through] = given.size > LARGE ? [1, UNITS / 10] : [2, UNITS];
    const sets = Math.max(most, Math.min(16, Math.floor(160 / runs)));
    return { proving: 0, joining: 0, sets, units: through };
  }
  // Many short pieces fill many rolls in far too many ways: they are left to the solver.
  const rolls = given.need / given.longest;
  if (runs > SEARCHED_RUNS || rolls > SEARCHED_ROLLS)
    return { proving: 300, joining: 60, sets: 40, units: UNITS };
  return { proving: 6000, joining: 300, sets: 400, units: UNITS };
}
