import type { ListedPlan } from '@aviarum/core';
import { useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { deletePlan, plan as fetchPlan, restorePlan } from '../api/client';
import { troubleOf } from '../pages/Trouble';
import { keepAsNew } from '../state/keep';
import { changePlan } from './changePlan';
import type { RowActs } from './PlanRow';

/** What is done to the plans of a drawer, each seen in the list as soon as the server has it. */
export function useActs(holding: string, compare: (plan: ListedPlan) => void) {
  const client = useQueryClient();
  const [deleted, setDeleted] = useState<ListedPlan | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const made = useMemo(() => {
    const act = async (work: () => Promise<unknown>, then: ListedPlan | null = null) => {
      setTrouble(null);
      try {
        await work();
        setDeleted(then);
      } catch (error) {
        setTrouble(troubleOf(error));
      }
      await client.invalidateQueries({ queryKey: ['plans', holding] });
      await client.invalidateQueries({ queryKey: ['bin', holding] });
    };
    const acts: Omit<RowActs, 'compare'> = {
      rename: (plan, name) => void act(() => changePlan(holding, plan, { verb: 'rename', name })),
      note: (plan, note) => void act(() => changePlan(holding, plan, { verb: 'set-note', note })),
      copy: (plan) =>
        void act(async () => {
          const stored = await fetchPlan(holding, plan.id);
          await keepAsNew(holding, stored.plan, 'variant', plan.card);
        }),
      remove: (plan) => void act(() => deletePlan(holding, plan.id), plan),
    };
    return { acts, bringBack: (plan: ListedPlan) => void act(() => restorePlan(holding, plan.id)) };
  }, [client, holding]);
  return { acts: { ...made.acts, compare }, bringBack: made.bringBack, deleted, trouble };
}
