import { choose } from '../../../plan/choose';
import type { Plan } from '../../../plan/schema';
import type { Scope } from '../../../plan/scope';
import type { Skirt } from '../plan/kinds';

/** What can be done to the skirts of a plan. */
export const VERBS = {
  'set-skirt': (plan: Plan, { scope, skirt }: { readonly scope: Scope; readonly skirt: Skirt }): Plan =>
    choose(plan, scope, () => ({ skirt })),
} as const;
