import { type Change, type Plan, type ProofBook, apply, layOver } from '@aviarum/core';

/** What a worker is told of the plan in hand: all of it where it knows none, and what changed since. */
export interface Feed {
  readonly plan: Plan | null;
  readonly changes: readonly Change[];
  /** What looking further found, where there is anything new. */
  readonly proofs: ProofBook | null;
}

/** What waits and what came after it, as one. */
export function joinFeeds(waiting: Feed | null, after: Feed): Feed {
  if (!waiting) return after;
  const proofs = after.proofs ?? waiting.proofs;
  if (after.plan) return { ...after, proofs };
  return { plan: waiting.plan, changes: [...waiting.changes, ...after.changes], proofs };
}

/**
 * The plan that a worker has after it was told. A whole one is laid over the one before: what says the same need not be worked out again.
 *
 * @throws Error where it was told changes of a plan that it never had
 */
export function planAfter(before: Plan | null, { plan, changes }: Feed): Plan {
  const whole = plan ? layOver(before, plan) : before;
  if (!whole) throw new Error('no plan was opened in the worker');
  return changes.reduce(apply, whole);
}
