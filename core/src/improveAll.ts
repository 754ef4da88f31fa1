import type { CutPlan } from './cutting/cut';
import { type Improving, canImprove, improve } from './cutting/improve';
import { learnCut } from './cutting/known';
import type { WorkedPool } from './cutting/types';
import { stepsFor } from './cutting/steps';
import { improveWidths } from './improveWidths';
import type { Plan } from './plan/schema';
import { reckon } from './reckon';
import type { Reckoning } from './reckoning';
import { learnWidths } from './walls/knownWidths';

/** A pool whose price may still be bettered or proved. */
export const mayImprove = (pool: Pick<WorkedPool, 'plan' | 'cost'>): boolean =>
  pool.cost !== null && canImprove(pool.plan);

/**
 * A cut plan that was found elsewhere, such as in a worker, for the pool of this plan that it was asked for.
 *
 * @param found  whose runs are those of the pool one by one, in the same order
 */
export function adoptCut(
  pool: WorkedPool,
  found: { readonly plan: CutPlan; readonly runs: WorkedPool['task']['runs'] },
): void {
  learnCut({ ...pool.task, runs: found.runs }, found.plan);
}

/** A reckoning whose pools and widths were looked into as far as the steps of one effort go, all together: for the command line and what is printed. */
export async function reckonImproved(plan: Plan, how: Improving): Promise<Reckoning> {
  const first = reckon(plan);
  const steps = stepsFor(how.effort);
  const open = first.cutting.filter(mayImprove);
  for (const pool of open) learnCut(pool.task, await improve(pool.task, pool.plan, { ...how, steps }));
  const widths = await improveWidths(plan, { ...how, steps });
  if (widths) learnWidths(plan, widths.others);
  return open.length > 0 || widths ? reckon(plan) : first;
}
