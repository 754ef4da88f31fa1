import { addLobby } from './lobby';
import { type Plan, type Opening } from '../../../plan/schema';
import { type KindId, type OpeningOf } from '../plan/kinds';
import { without } from '../../../plan/lists';

/** Of an opening, what belongs to its place. */
const PLACED: ReadonlySet<string> = new Set(['id', 'side', 'along', 'hinge', 'swing']);

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
  /** The others of its kind are made as this one is; each stays where it is and hangs as it hung. */
  'openings-like': (plan: Plan, { id }: { readonly id: string }): Plan => {
    const like = plan.openings.find((o) => o.id === id);
    const own = (o: Opening) => Object.entries(o).filter(([field]) => PLACED.has(field));
    return {
      ...plan,
      openings: plan.openings.map((o) =>
        like && o.kind === like.kind && o.id !== id ? { ...like, ...Object.fromEntries(own(o)) } : o,
      ),
    };
  },
  'remove-opening': (plan: Plan, { id }: { readonly id: string }): Plan => ({
    ...plan,
    openings: without(plan.openings, id),
  }),
} as const;
