import { addLobby } from './lobby';
import { type Plan, type Opening } from '../../plan/schema';
import { type KindId, type OpeningOf } from './kinds';
import { without } from '../../plan/lists';

/** What can be done to the ways in of a plan. */
export const VERBS = {
  'add-lobby': addLobby,
  'add-opening': (plan: Plan, { opening }: { readonly opening: Opening }): Plan => ({
    ...plan,
    openings: [...plan.openings, opening],
  }),
  'set-opening': (
    plan: Plan,
    {
      id,
      to,
    }: {
      readonly id: string;
      readonly to: { [K in KindId]: Partial<Omit<OpeningOf<K>, 'id' | 'kind'>> }[KindId];
    },
  ): Plan => ({
    ...plan,
    // A gate is given a gate's fields: whoever makes the change has the opening before them.
    openings: plan.openings.map((o) => (o.id === id ? ({ ...o, ...to } as Opening) : o)),
  }),
  'remove-opening': (plan: Plan, { id }: { readonly id: string }): Plan => ({
    ...plan,
    openings: without(plan.openings, id),
  }),
} as const;
