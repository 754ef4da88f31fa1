import { without } from '../../../plan/lists';
import type { Plan } from '../../../plan/schema';
import type { Cover, CoverOf, KindId } from '../plan/kinds';

/** What can be done to the covers of a plan. */
export const VERBS = {
  'add-cover': (plan: Plan, { cover }: { readonly cover: Cover }): Plan => ({
    ...plan,
    covers: [...plan.covers, cover],
  }),
  'set-cover': (
    plan: Plan,
    {
      id,
      to,
    }: {
      readonly id: string;
      readonly to: { [K in KindId]: Partial<Omit<CoverOf<K>, 'id' | 'kind'>> }[KindId];
    },
  ): Plan => ({
    ...plan,
    // A net is given a net's fields: whoever makes the change has the cover before them.
    covers: plan.covers.map((c) => (c.id === id ? { ...c, ...to } : c)),
  }),
  /** Another kind in its place. */
  'make-cover': (plan: Plan, { cover }: { readonly cover: Cover }): Plan => ({
    ...plan,
    covers: plan.covers.map((c) => (c.id === cover.id ? cover : c)),
  }),
  'remove-cover': (plan: Plan, { id }: { readonly id: string }): Plan => ({
    ...plan,
    covers: without(plan.covers, id),
  }),
  'set-section': (plan: Plan, { section }: { readonly section: Plan['section'] }): Plan => ({
    ...plan,
    section,
  }),
  'set-stature': (plan: Plan, { stature }: { readonly stature: number }): Plan => ({ ...plan, stature }),
} as const;
