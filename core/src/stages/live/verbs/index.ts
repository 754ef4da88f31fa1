import { without } from '../../../plan/lists';
import type { Plan } from '../../../plan/schema';
import type { HotWire, LiveNet, Power } from '../plan/choice';

/** What can be done to live nets, hot wires and what makes them live. */
export const VERBS = {
  'add-net': (plan: Plan, { net }: { readonly net: LiveNet }): Plan => ({
    ...plan,
    nets: [...plan.nets, net],
  }),
  'set-net': (
    plan: Plan,
    { id, to }: { readonly id: string; readonly to: Partial<Omit<LiveNet, 'id'>> },
  ): Plan => ({
    ...plan,
    nets: plan.nets.map((n) => (n.id === id ? { ...n, ...to } : n)),
  }),
  'remove-net': (plan: Plan, { id }: { readonly id: string }): Plan => ({
    ...plan,
    nets: without(plan.nets, id),
  }),
  'add-hot-wire': (plan: Plan, { wire }: { readonly wire: HotWire }): Plan => ({
    ...plan,
    hotWires: [...plan.hotWires, wire],
  }),
  'set-hot-wire': (
    plan: Plan,
    { id, to }: { readonly id: string; readonly to: Partial<Omit<HotWire, 'id'>> },
  ): Plan => ({
    ...plan,
    hotWires: plan.hotWires.map((w) => (w.id === id ? { ...w, ...to } : w)),
  }),
  'remove-hot-wire': (plan: Plan, { id }: { readonly id: string }): Plan => ({
    ...plan,
    hotWires: without(plan.hotWires, id),
  }),
  'set-power': (plan: Plan, { to }: { readonly to: Partial<Power> }): Plan => ({
    ...plan,
    power: { ...plan.power, ...to },
  }),
} as const;
