import { apply } from './plan/changes/apply';
import type { Change } from './plan/changes/types';
import type { Plan } from './plan/schema';
import type { Estimate } from './reckon';
import type { Reckoning } from './reckoning';

/** What making a change would do, beside the plan as it is. */
export interface Effect {
  /** Minor units; null where either docket has a line without a price. */
  readonly price: number | null;
  /** For the people who build. */
  readonly hours: number;
  /** The largest opening left, m more or less. */
  readonly opening: number;
}

/** A reckoning as an option is weighed by it. */
export const estimateOf = ({ docket, figures }: Reckoning): Estimate => ({
  total: docket.total,
  complete: docket.complete,
  hours: figures.elapsed ?? 0,
  openingLeft: figures.openingLeft ?? 0,
});

/**
 * The effect of one change.
 *
 * @param base      the plan as it is
 * @param estimate  kept for previews alone, so that what an option does not touch is worked out once
 */
export function effectOf(
  plan: Plan,
  base: Estimate,
  change: Change,
  estimate: (plan: Plan) => Estimate,
): Effect {
  const then = estimate(apply(plan, change));
  return {
    price: then.complete && base.complete ? then.total - base.total : null,
    hours: then.hours - base.hours,
    opening: then.openingLeft - base.openingLeft,
  };
}
