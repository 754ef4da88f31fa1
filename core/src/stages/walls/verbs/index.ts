import { type Plan, type Choices, type Band } from '../../../plan/schema';
import { type Scope } from '../../../plan/scope';
import { choose } from '../../../plan/choose';
import { byId, without } from '../../../plan/lists';

/** What can be done to the walls of a plan. */
export const VERBS = {
  'set-slope': (
    plan: Plan,
    { scope, slope }: { readonly scope: Scope; readonly slope: Partial<Choices['slope']> },
  ): Plan => choose(plan, scope, (now) => ({ slope: { ...now.slope, ...slope } })),
  'set-band': (
    plan: Plan,
    { scope, id, to }: { readonly scope: Scope; readonly id: string; readonly to: Partial<Omit<Band, 'id'>> },
  ): Plan => choose(plan, scope, (now) => ({ bands: byId(now.bands, id, to) })),
  'add-band': (plan: Plan, { scope, band }: { readonly scope: Scope; readonly band: Band }): Plan =>
    choose(plan, scope, (now) => ({ bands: [...now.bands, band].sort((a, b) => a.top - b.top) })),
  'remove-band': (plan: Plan, { scope, id }: { readonly scope: Scope; readonly id: string }): Plan =>
    choose(plan, scope, (now) => ({ bands: now.bands.length > 1 ? without(now.bands, id) : now.bands })),
  'set-hanging': (
    plan: Plan,
    { scope, hanging }: { readonly scope: Scope; readonly hanging: Choices['hanging'] },
  ): Plan => choose(plan, scope, () => ({ hanging })),
  'set-boards': (
    plan: Plan,
    { scope, boards }: { readonly scope: Scope; readonly boards: Partial<Choices['boards']> },
  ): Plan => choose(plan, scope, (now) => ({ boards: { ...now.boards, ...boards } })),
  'set-overhang': (
    plan: Plan,
    { scope, overhang }: { readonly scope: Scope; readonly overhang: number },
  ): Plan => choose(plan, scope, () => ({ overhang })),
} as const;
