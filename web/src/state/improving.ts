import type { Plan, Progress, WidthsFound } from '@aviarum/core';
import { type Remote, proxy, wrap } from 'comlink';
import { create } from 'zustand';
import type { ImproveApi } from '../workers/improve.worker';
import { usePlan } from './planStore';
import { proofsInHand } from './proofs';
import { learn, reckoningWorker } from './reckoningStore';

/** What is looked into: a pool by its id, or the choice of roll widths. */
export const WIDTHS = 'widths';

interface ImprovingState {
  /** What is being looked into; null when nothing is. */
  readonly looking: string | null;
  readonly progress: Progress | null;
  /** How often each was looked into: each time goes further. */
  readonly efforts: Readonly<Record<string, number>>;
  readonly failed: { readonly of: string; readonly why: string } | null;
  /** Other widths that cost less, and the plan for which they do. */
  readonly better: { readonly plan: Plan; readonly found: NonNullable<WidthsFound['better']> } | null;
}

export const useImproving = create<ImprovingState>()(() => ({
  looking: null,
  progress: null,
  efforts: {},
  failed: null,
  better: null,
}));

let worker: Worker | undefined;

/** Ends the search at once; what was found before stays. */
export function stopLooking(): void {
  worker?.terminate();
  worker = undefined;
  useImproving.setState({ looking: null, progress: null });
}

type Look = (
  api: Remote<ImproveApi>,
  effort: number,
  onProgress: (progress: Progress) => void,
) => Promise<(() => Promise<void>) | undefined>;

/** Looks further in a worker of its own; the solver is loaded the first time. What was found is taken unless something else was asked meanwhile. */
async function lookInto(id: string, look: Look): Promise<void> {
  stopLooking();
  const effort = (useImproving.getState().efforts[id] ?? 0) + 1;
  useImproving.setState({ looking: id, progress: null, failed: null });
  const mine = new Worker(new URL('../workers/improve.worker.ts', import.meta.url), { type: 'module' });
  worker = mine;
  const fail = (why: string) => useImproving.setState({ failed: { of: id, why } });
  mine.onerror = (event) => {
    stopLooking();
    fail(event.message || 'the solver could not be loaded');
  };
  try {
    const onProgress = proxy((progress: Progress) => useImproving.setState({ progress }));
    const adopt = await look(wrap<ImproveApi>(mine), effort, onProgress);
    if (worker !== mine) return;
    await adopt?.();
    useImproving.setState((s) => ({ efforts: { ...s.efforts, [id]: effort } }));
  } catch (error) {
    if (worker === mine) fail(error instanceof Error ? error.message : 'the search failed');
  }
  if (worker === mine) stopLooking();
}

/** Looks further into one pool. */
export const keepLooking = (pool: string): Promise<void> =>
  lookInto(pool, async (api, effort, onProgress) => {
    const asked = await reckoningWorker()?.pool(pool);
    if (!asked) return undefined;
    const { plan } = usePlan.getState();
    const found = await api.improve(asked.task, asked.plan, effort, onProgress);
    return async () => {
      const proofs = await reckoningWorker()?.learnCut(pool, found);
      if (plan && proofs) learn(plan, proofs);
    };
  });

/** Looks further into the choice of roll widths. */
export const keepLookingWidths = (): Promise<void> =>
  lookInto(WIDTHS, async (api, effort, onProgress) => {
    const { plan } = usePlan.getState();
    const found = plan && (await api.improveWidths(plan, effort, onProgress, proofsInHand()));
    if (!plan || !found) return undefined;
    return async () => {
      useImproving.setState({ better: found.better && { plan, found: found.better } });
      const proofs = await reckoningWorker()?.learnWidths(plan, found.others, found.proofs);
      if (proofs) learn(plan, proofs);
    };
  });
