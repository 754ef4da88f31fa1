import type { Plan } from '../plan/schema';

/** By plan: what every other choice of widths costs at least, minor units. */
const known = new Map<string, number>();
/** Plans remembered. */
const MOST = 40;

/** Everything of a plan that a price may follow from. */
const planKey = ({ name: _, settled: _settled, stakedOut: _staked, ...priced }: Plan): string =>
  JSON.stringify(priced);

/** Keeps what looking further found out about the widths that were not chosen, so that reckoning uses it from now on. */
export function learnWidths(plan: Plan, others: number): void {
  if (known.size >= MOST) known.clear();
  known.set(planKey(plan), others);
}

export const knownWidths = (plan: Plan): number | undefined =>
  known.size > 0 ? known.get(planKey(plan)) : undefined;
