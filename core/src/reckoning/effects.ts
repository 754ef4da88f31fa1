import * as K from '../keys';
import { apply } from '../plan/changes/apply';
import type { Change } from '../plan/changes/types';
import type { Plan } from '../plan/schema';
import { type ReckonMore, reckonerWith } from './reckoner';
import type { Estimate } from './index';
import type { Tables } from './tables';

/** What making a change would do, beside the plan as it is. */
export interface Effect {
  /** Minor units; null where either docket has a line without a price. */
  readonly price: number | null;
  /** For the people who build. */
  readonly hours: number;
  /** The largest opening left, m more or less. */
  readonly opening: number;
}

/** What one estimate says beside another. */
export const effectBetween = (before: Estimate, after: Estimate): Effect => ({
  price: after.complete && before.complete ? after.total - before.total : null,
  hours: after.hours - before.hours,
  opening: after.openingLeft - before.openingLeft,
});

/** What a change would do to a plan. */
export type Previewer = (plan: Plan, change: Change, more?: ReckonMore) => Effect;

/**
 * Previews of changes: each is worked out in a fork of the plan in hand, so that what it leaves alone is not worked out again, whichever was previewed
 * before. No finding, part or working is made for them.
 *
 * @returns a pure function, whose memory only saves work
 */
export function previewerWith(tables: Tables): Previewer {
  const inHand = reckonerWith(tables);
  const aside = inHand.fork();
  return (plan, change, more) => {
    const base = inHand.read(plan, more)(K.ESTIMATE);
    return effectBetween(base, aside.read(apply(plan, change), more)(K.ESTIMATE));
  };
}
