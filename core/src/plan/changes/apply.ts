import { VERBS } from '../../stages/verbs';
import { put, without } from '../lists';
import type { Plan } from '../schema';
import { buyFrom, setFetching, setYards } from '../../stages/docket/yards';
import type { Change, ChangeOf, Verb } from './types';

type Appliers = { readonly [V in Verb]: (plan: Plan, change: ChangeOf<V>) => Plan };

const APPLY: Appliers = {
  ...VERBS,
  'set-yards': setYards,
  'buy-from': buyFrom,
  'set-fetching': setFetching,
  'take-prices': (plan, { prices }) => ({ ...plan, buying: { ...plan.buying, ...prices } }),
  'set-owned': (plan, { piece }) => ({ ...plan, owned: put(plan.owned, piece) }),
  'remove-owned': (plan, { id }) => ({ ...plan, owned: without(plan.owned, id) }),
  'set-extra': (plan, { extra }) => ({ ...plan, extras: put(plan.extras, extra) }),
  'remove-extra': (plan, { id }) => ({ ...plan, extras: without(plan.extras, id) }),
};

/** The plan with a change made: pure, and never a plan that was not asked for (an unknown id changes nothing). */
export function apply(plan: Plan, change: Change): Plan {
  // TypeScript cannot see that table and change agree on the verb; the table's type has made sure of it.
  const applier = APPLY[change.verb] as (plan: Plan, change: Change) => Plan;
  return applier(plan, change);
}
