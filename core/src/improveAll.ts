import { type Improving, canImprove, improve } from './cutting/improve';
import { stepsFor } from './cutting/stepsLeft';
import type { WorkedPool } from './cutting/types';
import { improveWidths } from './improveWidths';
import type { Plan } from './plan/schema';
import { NO_PROOFS, type ProofBook, joinProofs, withCut, withWidths } from './proofBook';
import { reckonerOf, told } from './reckon';
import type { Reckoning } from './reckoning';

/** A pool whose price may still be bettered or proved. */
export const mayImprove = (pool: Pick<WorkedPool, 'plan' | 'cost'>): boolean =>
  pool.cost !== null && canImprove(pool.plan);

/** A reckoning with what was found out about it. */
export interface Improved {
  readonly reckoning: Reckoning;
  readonly proofs: ProofBook;
}

/**
 * A reckoning whose pools and widths were looked into as far as the steps of one effort go, all together: for the command line and what is printed.
 *
 * @param known  what was found before
 */
export async function reckonImproved(
  plan: Plan,
  how: Improving,
  known: ProofBook = NO_PROOFS,
): Promise<Improved> {
  const reckoner = reckonerOf();
  const steps = stepsFor(how.effort);
  const first = told(reckoner.read(plan, { proofs: known }));
  let proofs = known;
  for (const pool of first.cutting.filter(mayImprove))
    proofs = withCut(proofs, pool.task, await improve(pool.task, pool.plan, { ...how, steps }));
  const widths = await improveWidths(plan, { ...how, steps }, proofs);
  if (widths) proofs = withWidths(joinProofs(proofs, widths.proofs), plan, widths.others);
  const reckoning = proofs === known ? first : told(reckoner.read(plan, { proofs }));
  return { reckoning, proofs };
}
