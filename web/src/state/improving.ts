import { type Progress, adoptCut, reckon } from '@aviarum/core';
import { proxy, wrap } from 'comlink';
import { create } from 'zustand';
import type { ImproveApi } from '../workers/improve.worker';
import { usePlan } from './planStore';
import { reckoningWorker, useReckoning } from './reckoningStore';

interface ImprovingState {
  /** The pool that is being looked into; null when none is. */
  readonly pool: string | null;
  readonly progress: Progress | null;
  /** How often each pool was looked into: each time goes further. */
  readonly efforts: Readonly<Record<string, number>>;
  readonly failed: string | null;
}

export const useImproving = create<ImprovingState>()(() => ({
  pool: null,
  progress: null,
  efforts: {},
  failed: null,
}));

/** What was found for a pool, shown from now on and written into files. */
async function adoptFound(id: string, found: Parameters<typeof adoptCut>[1]): Promise<void> {
  const reckoning = await reckoningWorker()?.adopt(id, found);
  if (!reckoning) return;
  const plan = usePlan.getState().plan;
  const here = plan && reckon(plan).cutting.find((pool) => pool.id === id);
  if (here) adoptCut(here, found);
  useReckoning.setState((s) => ({ reckoning, failed: null, version: s.version + 1 }));
}

let worker: Worker | undefined;

/** Ends the search at once; what was found before stays. */
export function stopLooking(): void {
  worker?.terminate();
  worker = undefined;
  useImproving.setState({ pool: null, progress: null });
}

/** Looks further into one pool, in a worker of its own; the solver is loaded the first time. */
export async function keepLooking(pool: string): Promise<void> {
  stopLooking();
  const asked = await reckoningWorker()?.pool(pool);
  if (!asked) return;
  const effort = (useImproving.getState().efforts[pool] ?? 0) + 1;
  useImproving.setState({ pool, progress: null, failed: null });
  const mine = new Worker(new URL('../workers/improve.worker.ts', import.meta.url), { type: 'module' });
  worker = mine;
  mine.onerror = (event) => {
    stopLooking();
    useImproving.setState({ failed: event.message || 'the solver could not be loaded' });
  };
  try {
    const found = await wrap<ImproveApi>(mine).improve(
      asked.task,
      asked.plan,
      effort,
      proxy((progress: Progress) => useImproving.setState({ progress })),
    );
    if (worker !== mine) return;
    await adoptFound(pool, found);
    useImproving.setState((s) => ({ efforts: { ...s.efforts, [pool]: effort } }));
  } catch (error) {
    if (worker === mine)
      useImproving.setState({ failed: error instanceof Error ? error.message : 'the search failed' });
  }
  if (worker === mine) stopLooking();
}
