import { sectionScene } from '@aviarum/core';
import { useMemo } from 'react';
import { shownPlan, usePlan } from '../state/planStore';
import { useReckoning } from '../state/reckoningStore';
import { SectionPicture } from './SectionPicture';

/** The run from the side, along the line that the keeper pulled across the sheet, to scale. */
export function SectionSheet() {
  const plan = usePlan(shownPlan);
  const parts = useReckoning((s) => s.reckoning?.parts);
  const scene = useMemo(() => (plan ? sectionScene(plan, parts ?? []) : null), [plan, parts]);
  return plan && scene ? <SectionPicture scene={scene} name={plan.name} /> : null;
}
