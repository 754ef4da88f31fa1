import { type Plan, type Choices } from '../schema';
import { type Scope } from '../scope';
import { type AssumptionId } from '../assumptions';
import { type StageId } from '../../stages/facts';

/** What can be done to a plan as a document: its name, units, place, what is assumed, chosen by scope and ticked off. */
export const VERBS = {
  rename: (plan: Plan, { name }: { readonly name: string }): Plan => ({ ...plan, name }),
  'set-note': (plan: Plan, { note }: { readonly note: string }): Plan => ({ ...plan, note }),
  'set-units': (plan: Plan, { units }: { readonly units: Plan['units'] }): Plan => ({ ...plan, units }),
  /** Takes back what one run or side chose otherwise. */
  'choose-as-plan': (
    plan: Plan,
    {
      scope,
      choices: taken,
    }: { readonly scope: Exclude<Scope, { scope: 'plan' }>; readonly choices: readonly (keyof Choices)[] },
  ): Plan => {
    const { [scope.of]: own, ...others } = plan.choices[scope.scope];
    const rest = Object.fromEntries(
      Object.entries(own ?? {}).filter(([choice]) => !taken.some((t) => t === choice)),
    );
    const left = Object.keys(rest).length > 0 ? { ...others, [scope.of]: rest } : others;
    return { ...plan, choices: { ...plan.choices, [scope.scope]: left } };
  },
  'set-assumption': (
    plan: Plan,
    { id, value }: { readonly id: AssumptionId; readonly value: number | null },
  ): Plan => {
    const { [id]: _, ...others } = plan.assumptions;
    return { ...plan, assumptions: value === null ? others : { ...others, [id]: value } };
  },
  settle: (
    plan: Plan,
    { stage, settled }: { readonly stage: StageId; readonly settled: 'yes' | 'no' },
  ): Plan => {
    const { [stage]: _, ...others } = plan.settled;
    return { ...plan, settled: settled === 'yes' ? { ...others, [stage]: true } : others };
  },
  replace: (_: Plan, { plan }: { readonly plan: Plan }): Plan => plan,
  'set-place': (plan: Plan, { to }: { readonly to: Partial<Plan['place']> }): Plan => ({
    ...plan,
    place: { ...plan.place, ...to },
  }),
  'tick-off': (
    plan: Plan,
    { stake, done }: { readonly stake: string; readonly done: 'yes' | 'no' },
  ): Plan => {
    const others = plan.stakedOut.filter((s) => s !== stake);
    return { ...plan, stakedOut: done === 'yes' ? [...others, stake] : others };
  },
  'set-crew': (plan: Plan, { crew }: { readonly crew: Plan['crew'] }): Plan => ({ ...plan, crew }),
} as const;
