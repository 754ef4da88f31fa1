import { addLobby } from './lobby';
import { type Plan, type Opening, type Gate, type PopDoor, type Hatch } from '../../plan/schema';
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
      readonly to:
        | Partial<Omit<Gate, 'id' | 'kind'>>
        | Partial<Omit<PopDoor, 'id' | 'kind'>>
        | Partial<Omit<Hatch, 'id' | 'kind'>>;
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
