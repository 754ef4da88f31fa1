import { type Plan, type Progress, joinProofs } from '@aviarum/core';
import { type Remote, proxy, wrap } from 'comlink';
import { create } from 'zustand';
import type { ReckonApi } from '../workers/reckon.worker';
import { startWorker } from '../workers/start';
import { usePlan } from './planStore';
import { proofsInHand } from './proofs';
import { learn } from './reckoningStore';

interface ImprovingState {
  /** The plan that is being looked into; null when none is. */
  readonly looking: Plan | null;
  readonly progress: Progress | null;
  /** It was told to stop, and ends with the way that it is at. */
  readonly stopping: boolean;
  /** How often a plan was looked into, by its id: each time goes further. */
  readonly efforts: Readonly<Record<string, number>>;
  readonly failed: string | null;
  /** By how much the price fell, minor units, and the plan whose price it is. */
  readonly found: { readonly plan: Plan; readonly gained: number } | null;
}

export const useImproving = create<ImprovingState>()(() => ({
  looking: null,
  progress: null,
  stopping: false,
  efforts: {},
  failed: null,
  found: null,
}));

interface Searcher {
  readonly worker: Worker;
  readonly api: Remote<ReckonApi>;
}

let searcher: Searcher | undefined;

function end(): void {
  searcher?.worker.terminate();
  searcher = undefined;
  useImproving.setState({ looking: null, progress: null, stopping: false });
}

/** Ends the search after the way that it is at: what it found by then is taken. */
export function stopLooking(): void {
  if (!searcher) return;
  useImproving.setState({ stopping: true });
  void searcher.api.stop();
}

/** Looks further into everything that is bought, in a worker of its own; the solver is loaded the first time. What was found is taken unless something else was asked meanwhile. */
export async function keepLooking(): Promise<void> {
  end();
  const { plan } = usePlan.getState();
  if (!plan) return;
  const effort = (useImproving.getState().efforts[plan.id] ?? 0) + 1;
  useImproving.setState({ looking: plan, progress: null, failed: null, found: null });
  const worker = startWorker();
  const mine: Searcher = { worker, api: wrap<ReckonApi>(worker) };
  searcher = mine;
  const fail = (why: string) => useImproving.setState({ failed: why });
  worker.onerror = (event) => {
    end();
    fail(event.message || 'the solver could not be loaded');
  };
  try {
    const onProgress = proxy((progress: Progress) => useImproving.setState({ progress }));
    const { proofs, gained } = await mine.api.lookFurther(plan, effort, onProgress, proofsInHand());
    if (searcher !== mine) return;
    learn(plan, joinProofs(proofsInHand(), proofs));
    useImproving.setState((s) => ({
      // What was stopped may be gone through again.
      efforts: s.stopping ? s.efforts : { ...s.efforts, [plan.id]: effort },
      found: gained > 0 ? { plan, gained } : null,
    }));
  } catch (error) {
    if (searcher === mine) fail(error instanceof Error ? error.message : 'the search failed');
  }
  if (searcher === mine) end();
}
