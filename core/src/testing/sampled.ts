import fc from 'fast-check';
import type { Plan } from '../plan/schema';
import type { Reckoning } from '../reckoning';
import { reckon } from '../reckon';

const SEED = Number(process.env.SEED ?? Math.floor(Math.random() * 2 ** 31));

interface Sample<B> {
  readonly plan: Plan;
  readonly reckoning: Reckoning;
  readonly beside: B;
}

/**
 * Runs as they come out of an arbitrary, each reckoned once for all that is asked of it. Of the first that fails the plan is told, and
 * the seed with which all come again: `SEED=… npm test`.
 *
 * @param beside  what else a question may want to vary
 */
export function sampled<B = null>(
  runs: fc.Arbitrary<Plan>,
  numRuns: number,
  beside: fc.Arbitrary<B> = fc.constant(null as B),
) {
  let made: readonly Sample<B>[] | undefined;
  return (ask: (reckoning: Reckoning, plan: Plan, beside: B) => void, most = numRuns): void => {
    made ??= fc
      .sample(fc.tuple(runs, beside), { numRuns, seed: SEED })
      .map(([plan, also]) => ({ plan, reckoning: reckon(plan), beside: also }));
    made.slice(0, most).forEach(({ plan, reckoning, beside: also }, i) => {
      try {
        ask(reckoning, plan, also);
      } catch (cause) {
        const why = cause instanceof Error ? cause.message : String(cause);
        throw new Error(`run ${i} of SEED=${SEED}: ${why}\n${JSON.stringify(plan)}`, { cause });
      }
    });
  };
}
