import { type ListedPlan, SUMS } from '@aviarum/core';
import { useQueryClient } from '@tanstack/react-query';
import { type Remote, wrap } from 'comlink';
import { useEffect, useRef } from 'react';
import { plan, putCard } from '../api/client';
import type { ReckonApi } from '../workers/reckon.worker';
import { startWorker } from '../workers/start';

/** Plans that are scrolled past are not looked at, ms. */
const PAUSE = 250;

/** Whether a plan has no card, or one of other sums. */
const isOld = ({ card }: ListedPlan): boolean => card === null || card.sums !== SUMS;

/**
 * Makes the cards of plans that were seen without one, one after another in a worker of their own, and keeps them at the server.
 *
 * @param seen  the plans that are on the screen now
 */
export function useCards(holding: string, seen: readonly ListedPlan[]): void {
  const client = useQueryClient();
  const latest = useRef(seen);
  useEffect(() => {
    latest.current = seen;
  });
  // A card that came leaves the others at it: they begin anew only where other plans are in sight.
  const ids = seen.map((p) => p.id).join('\n');
  const some = seen.some(isOld);
  useEffect(() => {
    if (!some) return undefined;
    const old = latest.current.filter(isOld);
    let left = false;
    let worker: Worker | undefined;
    const make = async () => {
      worker = startWorker();
      const api: Remote<ReckonApi> = wrap<ReckonApi>(worker);
      for (const { id } of old) {
        const stored = await plan(holding, id);
        const card = await api.card(stored.plan);
        if (left) return;
        await putCard(holding, id, { saveNumber: stored.saveNumber, card });
        client.setQueryData<readonly ListedPlan[]>(['plans', holding], (list) =>
          list?.map((p) => (p.id === id ? { ...p, saveNumber: stored.saveNumber, card } : p)),
        );
      }
    };
    // A plan that is gone, or a server that is, is told by the list itself.
    const timer = setTimeout(() => void make().catch(() => undefined), PAUSE);
    return () => {
      left = true;
      clearTimeout(timer);
      worker?.terminate();
    };
  }, [client, holding, ids, some]);
}
