import { byId, without } from '../../../plan/lists';
import type { Flock, Plan } from '../../../plan/schema';

/** What can be done to the birds of a plan. */
export const VERBS = {
  'add-birds': (plan: Plan, { flock }: { readonly flock: Flock }): Plan => ({
    ...plan,
    flock: [...plan.flock, flock],
  }),
  'set-birds': (
    plan: Plan,
    { id, to }: { readonly id: string; readonly to: Partial<Omit<Flock, 'id'>> },
  ): Plan => ({ ...plan, flock: byId(plan.flock, id, to) }),
  'remove-birds': (plan: Plan, { id }: { readonly id: string }): Plan => ({
    ...plan,
    flock: without(plan.flock, id),
  }),
  'set-space': (plan: Plan, { space }: { readonly space: Plan['space'] }): Plan => ({ ...plan, space }),
} as const;
