import { editionOf } from '@aviarum/core';
import { Rolls } from '../docket/Rolls';
import { EffectOptions } from '../fields/EffectOptions';
import { GroundSheet } from '../sheet/GroundSheet';
import { usePlan } from '../state/planStore';
import { HoursTable } from './HoursTable';
import { Panel } from './Panel';

export function DocketPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  if (!plan) return null;
  const yards = editionOf(plan).yards;
  return (
    <Panel
      stage="docket"
      base={base}
      lead="Rolls and the pieces cut from them. Point at a piece to see where it hangs."
    >
      <div style={{ height: 190, border: '1px solid var(--rule)', position: 'relative', flex: 'none' }}>
        <GroundSheet stage="docket" still />
      </div>
      <Rolls />
      <HoursTable />
      <EffectOptions
        name="Yard"
        words={(o) => `buy at ${o.title}`}
        options={yards.map((y) => ({
          key: y.id,
          title: y.name,
          note: y.system === 'imperial' ? 'sells in feet' : 'sells in metres',
          chosen: plan.buying.yards[0] === y.id ? 'yes' : 'no',
          change: { verb: 'set-yard', yard: y.id },
        }))}
      />
    </Panel>
  );
}
