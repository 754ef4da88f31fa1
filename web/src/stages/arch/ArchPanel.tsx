import { useState } from 'react';
import { usePlan } from '../../state/planStore';
import { useReckoning } from '../../state/reckoningStore';
import { Decision } from '../Decision';
import { Panel } from '../Panel';
import { SchoolNote } from '../SchoolNote';
import { Stature } from '../Stature';
import { AddArch } from './AddArch';
import { useArchInHand } from './inHand';
import { OneArch } from './OneArch';

/** Runs under an arch: each as a decision, with its curve, its frame and skin, and whether it is to be trusted. */
export function ArchPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const strength = useReckoning((s) => s.reckoning?.strength);
  const [made, setMade] = useState<string | null>(null);
  const inHand = useArchInHand(plan);
  if (!plan) return null;
  return (
    <Panel
      stage="arch"
      base={base}
      lead="Panels or hoops bent between boards. Pull a foot in the picture, or type: the curve is the one that they really take."
    >
      {plan.arches.length === 0 && <p>No run stands under an arch yet.</p>}
      {plan.arches.map((arch) => (
        <OneArch
          key={arch.id}
          arch={arch}
          plan={plan}
          strength={(strength ?? []).filter((s) => s.of === arch.id)}
          alone={inHand?.id === arch.id}
          fresh={made === arch.id}
        />
      ))}
      <Decision
        name="Add an arch"
        answer={plan.arches.length === 0 ? 'none yet' : `${plan.arches.length} so far`}
        begins={plan.arches.length === 0}
      >
        <SchoolNote id="arch" />
        <AddArch plan={plan} onMade={setMade} />
      </Decision>
      <Stature stature={plan.stature} />
    </Panel>
  );
}
