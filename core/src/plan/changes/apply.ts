import { VERBS } from '../../stages/verbs';
import type { Plan } from '../schema';
import type { Change } from './types';

/** The plan with a change made: pure, and never a plan that was not asked for (an unknown id changes nothing). */
export function apply(plan: Plan, change: Change): Plan {
  // TypeScript cannot see that table and change agree on the verb; the table's type has made sure of it.
  const applier = VERBS[change.verb] as (plan: Plan, change: Change) => Plan;
  return applier(plan, change);
}
