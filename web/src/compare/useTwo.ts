import type { Plan } from '@aviarum/core';
import { wrap } from 'comlink';
import { useEffect, useState } from 'react';
import { plan as fetchPlan } from '../api/client';
import type { ReckonApi } from '../workers/reckon.worker';
import { startWorker } from '../workers/start';
import type { ReckoningView } from '../workers/view';

export interface Reckoned {
  readonly plan: Plan;
  readonly reckoning: ReckoningView;
}

/** Two plans with their figures, worked out side by side in a worker; null until they are. */
export function useTwo(holding: string, one: string, other: string) {
  const [two, setTwo] = useState<readonly [Reckoned, Reckoned] | null>(null);
  const [failed, setFailed] = useState<unknown>(null);
  useEffect(() => {
    let left = false;
    const worker = startWorker();
    const api = wrap<ReckonApi>(worker);
    const reckoned = async (id: string): Promise<Reckoned> => {
      const { plan } = await fetchPlan(holding, id);
      return { plan, reckoning: await api.view(plan) };
    };
    Promise.all([reckoned(one), reckoned(other)])
      .then((both) => !left && setTwo(both))
      .catch((error: unknown) => !left && setFailed(error));
    return () => {
      left = true;
      worker.terminate();
    };
  }, [holding, one, other]);
  return { two, failed };
}
