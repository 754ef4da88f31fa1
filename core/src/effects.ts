import { apply } from './plan/changes/apply';
import type { Change } from './plan/changes/types';
import type { Plan } from './plan/schema';
import type { Reckoning } from './reckoning';

/** What making a change would do, beside the plan as it is. */
export interface Effect {
  /** Minor units; null where either docket has a line without a price. */
  readonly price: number | null;
  readonly hours: number;
  /** The largest opening left, m more or less. */
  readonly opening: number;
  /** Findings that ask for a mend. */
  readonly matters: number;
}

const matters = (r: Reckoning) => r.findings.filter((f) => f.severity !== 'know').length;

/**
 * The effect of one change.
 *
 * @param base      the plan as it was reckoned
 * @param reckoner  kept for previews alone, so that what an option does not touch is reckoned once
 */
export function effectOf(
  plan: Plan,
  base: Reckoning,
  change: Change,
  reckoner: (plan: Plan) => Reckoning,
): Effect {
  const then = reckoner(apply(plan, change));
  const known = then.docket.complete && base.docket.complete;
  const more = (figure: string) => (then.figures[figure] ?? 0) - (base.figures[figure] ?? 0);
  return {
    price: known ? then.docket.total - base.docket.total : null,
    hours: more('elapsed'),
    opening: more('openingLeft'),
    matters: matters(then) - matters(base),
  };
}
