import type { Plan } from '@aviarum/core';
import { useEffect, useState } from 'react';
import { usePlan } from '../state/planStore';
import { followPlan, useReckoning } from '../state/reckoningStore';
import { followSaving, openPlan } from '../state/saving';

/** Opens the plan of an address, reckons and saves it while the page is up. */
export function useOpenPlan(holding: string, planId: string): { plan: Plan | null; failed: unknown } {
  const [failed, setFailed] = useState<unknown>(null);
  const plan = usePlan((s) => (s.plan?.id === planId && s.holding === holding ? s.plan : null));
  useEffect(() => {
    let stops: (() => void)[] = [];
    let left = false;
    // Figures of a plan that was just made, or left a moment ago, are those of the plan in hand.
    const { of } = useReckoning.getState();
    if (of?.id !== planId || of !== usePlan.getState().plan)
      useReckoning.setState({ reckoning: null, of: null });
    openPlan(holding, planId)
      .then(({ checked }) => {
        if (left) return undefined;
        setFailed(null);
        stops = [followPlan(), followSaving()];
        return checked;
      })
      .catch((error: unknown) => {
        if (!left) setFailed(error);
      });
    return () => {
      left = true;
      stops.forEach((stop) => stop());
    };
  }, [holding, planId]);
  return { plan, failed };
}
