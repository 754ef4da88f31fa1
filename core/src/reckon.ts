import type { Memo } from './cutting/memo';
import { type Previewer, previewerWith } from './reckoning/effects';
import { type Mender, menderWith } from './reckoning/mending';
import { type VerdictMender, verdictMenderWith } from './reckoning/verdictMending';
import type { Plan } from './plan/schema';
import { type ReckonMore, type Reckoner, reckonerWith, reckoningFrom } from './reckoning/reckoner';
import type { Reckoning } from './reckoning';
import { ALL_LATER } from './stages/allLater';
import { tablesWith } from './reckoning/tables';

/** Of all stages, checked when the program starts. */
export const TABLES = /* @__PURE__ */ tablesWith(ALL_LATER);

/** @param memo  what was cut before, by its content: shared by whoever reckons */
export const reckonerOf = (memo?: Memo): Reckoner => reckonerWith(TABLES, memo);
export const makePreviewer = (): Previewer => previewerWith(TABLES);
export const makeMender = (): Mender => menderWith(TABLES);
export const makeVerdictMender = (): VerdictMender => verdictMenderWith(TABLES);

/**
 * A reckoner that keeps what did not change between two plans: for an editor or a worker.
 *
 * @returns a pure function of plan and catalogue; the memory only saves work
 */
export function makeReckoner(): (plan: Plan, more?: ReckonMore) => Reckoning {
  const reckoner = reckonerOf();
  return (plan, more) => reckoningFrom(reckoner.read(plan, more));
}

/**
 * The one door: everything that follows from a plan.
 *
 * Never throws on a plan that the schema has let through; what cannot be built comes back as findings.
 *
 * @param plan  a valid plan
 */
export function reckon(plan: Plan, more?: ReckonMore): Reckoning {
  return makeReckoner()(plan, more);
}
