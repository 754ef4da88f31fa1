import {
  type NightRow,
  type Plan,
  type StripScene,
  netStripScene,
  nightRows,
  stripScene,
} from '@aviarum/core';
import { useMemo } from 'react';
import { usePlan } from '../state/planStore';
import { useReckoning, useVerdicts } from '../state/reckoningStore';
import { useNight } from './nightState';
import { useSelection } from '../state/selection';

/** The run or net that the strip shows. */
function shownOf(plan: Plan, asked: string | null): string {
  const there = [...plan.enclosures, ...plan.nets];
  return (there.find((f) => f.id === asked) ?? there[0])?.id ?? '';
}

/** Everybody who is about over the fence that is shown; null until it was reckoned. */
export function useTonight(): {
  readonly plan: Plan;
  readonly scene: StripScene;
  readonly rows: readonly NightRow[];
  readonly night: number;
} | null {
  const plan = usePlan((s) => s.plan);
  const reckoning = useReckoning((s) => s.reckoning);
  const { run } = useSelection();
  const verdicts = useVerdicts();
  const birds = useNight((s) => s.birds);
  return useMemo(() => {
    if (!plan || !reckoning) return null;
    const shown = shownOf(plan, run);
    const index = plan.enclosures.findIndex((e) => e.id === shown);
    const scene =
      index < 0 && plan.nets.some((n) => n.id === shown)
        ? netStripScene(plan, reckoning.parts, shown)
        : stripScene(plan, reckoning.parts, [], Math.max(0, index));
    if (!scene) return null;
    return {
      plan,
      scene,
      rows: nightRows(plan, verdicts, scene, { shown, birds }),
      night: reckoning.night,
    };
  }, [plan, reckoning, verdicts, run, birds]);
}
