import { PlanLength } from '../fields/PlanLength';
import { usePlan } from '../state/planStore';
import { useReader } from '../state/reckoningStore';
import { Decision } from './Decision';

/** How tall the keeper is, who stands in every section. */
export function Stature({ stature }: { stature: number }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  return (
    <Decision name="How tall you are" answer={`${reader.length(stature)}, boots on`}>
      <PlanLength
        of="stature"
        name="Boots on"
        value={stature}
        onCommit={(to) => take({ verb: 'set-stature', stature: to })}
      />
    </Decision>
  );
}
