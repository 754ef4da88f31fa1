import { type Plan, type Progress, joinProofs } from '@aviarum/core';
import { proxy, wrap } from 'comlink';
import { create } from 'zustand';
import type { ImproveApi } from '../workers/improve.worker';
import { usePlan } from './planStore';
import { proofsInHand } from './proofs';
import { learn } from './reckoningStore';

interface ImprovingState {
  /** The plan that is being looked into; null when none is. */
  readonly looking: Plan | null;
  readonly progress: Progress | null;
  /** How often a plan was looked into, by its id: each time goes further. */
  readonly efforts: Readonly<Record<string, number>>;
  readonly failed: string | null;
  /** By how much the price fell, minor units, and the plan whose price it is. */
  readonly found: { readonly plan: Plan; readonly gained: number } | null;
}

export const useImproving = create<ImprovingState>()(() => ({
  looking: null,
  progress: null,
  efforts: {},
  failed: null,
  found: null,
}));

let worker: Worker | undefined;

/** Ends the search at once; what was found before stays. */
export function stopLooking(): void {
  worker?.terminate();
  worker = undefined;
  useImproving.setState({ looking: null, progress: null });
}

/** Looks further into everything that is bought, in a worker of its own; the solver is loaded the first time. What was found is taken unless something else was asked meanwhile. */
export async function keepLooking(): Promise<void> {
  stopLooking();
  const { plan } = usePlan.getState();
  if (!plan) return;
  const effort = (useImproving.getState().efforts[plan.id] ?? 0) + 1;
  useImproving.setState({ looking: plan, progress: null, failed: null, found: null });
  const mine = new Worker(new URL('../workers/improve.worker.ts', import.meta.url), { type: 'module' });
  worker = mine;
  const fail = (why: string) => useImproving.setState({ failed: why });
  mine.onerror = (event) => {
    stopLooking();
    fail(event.message || 'the solver could not be loaded');
  };
  try {
    const onProgress = proxy((progress: Progress) => useImproving.setState({ progress }));
    const { proofs, gained } = await wrap<ImproveApi>(mine).lookFurther(
      plan,
      effort,
      onProgress,
      proofsInHand(),
    );
    if (worker !== mine) return;
    learn(plan, joinProofs(proofsInHand(), proofs));
    useImproving.setState((s) => ({
      efforts: { ...s.efforts, [plan.id]: effort },
      found: gained > 0 ? { plan, gained } : null,
    }));
  } catch (error) {
    if (worker === mine) fail(error instanceof Error ? error.message : 'the search failed');
  }
  if (worker === mine) stopLooking();
}
