import type { CuttingPool, WorkedPool } from '../cutting/types';
import type { Reckoning } from '../reckoning';
import { proofOf } from '../walls/stackProof';

export const RECKONING_VERSION = 1;

/** A pool without what it was worked out from. */
function shown({ task: _task, plan: _plan, ...pool }: WorkedPool): CuttingPool {
  return pool;
}

/** A reckoning as the command line prints it: documented in docs/plan-format.md. */
export function reckoningFile({ enclosures, figures, findings, cutting, docket, stacks }: Reckoning) {
  return {
    format: 'aviarum-reckoning',
    version: RECKONING_VERSION,
    enclosures,
    figures,
    findings,
    cutting: cutting.map(shown),
    stacks: stacks && proofOf(stacks),
    docket,
  };
}
