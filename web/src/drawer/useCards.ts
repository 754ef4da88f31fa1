import { type ListedPlan, SUMS } from '@aviarum/core';
import { useQueryClient } from '@tanstack/react-query';
import { type Remote, wrap } from 'comlink';
import { useEffect } from 'react';
import { plan, putCard } from '../api/client';
import type { ReckonApi } from '../workers/reckon.worker';

/** Whether a plan has no card, or one of other sums. */
const isOld = ({ card }: ListedPlan): boolean => card === null || card.sums !== SUMS;

/**
 * Makes the cards of plans that were seen without one, one after another in a worker of their own, and keeps them at the server.
 *
 * @param seen  the plans that are on the screen now
 */
export function useCards(holding: string, seen: readonly ListedPlan[]): void {
  const client = useQueryClient();
  const old = seen.filter(isOld).map((p) => `${p.id} ${p.saveNumber}`);
  const key = old.join('\n');
  useEffect(() => {
    if (key === '') return undefined;
    let left: 'yes' | 'no' = 'no';
    const worker = new Worker(new URL('../workers/reckon.worker.ts', import.meta.url), { type: 'module' });
    const api: Remote<ReckonApi> = wrap<ReckonApi>(worker);
    const make = async () => {
      for (const [id = ''] of key.split('\n').map((line) => line.split(' '))) {
        const stored = await plan(holding, id);
        const card = await api.card(stored.plan);
        if (left === 'yes') return;
        await putCard(holding, id, { saveNumber: stored.saveNumber, card });
        client.setQueryData<readonly ListedPlan[]>(['plans', holding], (list) =>
          list?.map((p) => (p.id === id ? { ...p, saveNumber: stored.saveNumber, card } : p)),
        );
      }
    };
    // A plan that is gone, or a server that is, is told by the list itself.
    void make().catch(() => undefined);
    return () => {
      left = 'yes';
      worker.terminate();
    };
  }, [client, holding, key]);
}
