import { type Plan } from '../../plan/schema';
import { type ThreatId, type Presence } from './kinds';

/** What can be done to the threats of a plan. */
export const VERBS = {
  'set-threat': (
    plan: Plan,
    { threat, presence }: { readonly threat: ThreatId; readonly presence: Presence },
  ): Plan => ({
    ...plan,
    threats: { ...plan.threats, [threat]: presence },
  }),
} as const;
