import { useState } from 'react';
import { usePlan } from '../../state/planStore';
import { useReckoning } from '../../state/reckoningStore';
import { Decision } from '../Decision';
import { Panel } from '../Panel';
import { SchoolNote } from '../SchoolNote';
import { AddLive } from './AddLive';
import { Holds } from './Holds';
import { OneNet } from './OneNet';
import { OneWire } from './OneWire';
import { OpenOnNet } from './OpenOnNet';
import { PowerDecision } from './PowerDecision';
import { TheLineNow } from './TheLineNow';

/** Live nets and hot wires: each as a decision, what keeps them live, what the line reads, and what they hold. */
export function LivePanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const entries = useReckoning((s) => s.reckoning?.entries);
  const [made, setMade] = useState<string | null>(null);
  if (!plan) return null;
  const live = plan.nets.length > 0 || plan.hotWires.length > 0;
  return (
    <Panel
      stage="live"
      base={base}
      lead="Nets come whole: draw one out by its corners, or let it be drawn. A net is worth what it reads."
    >
      <OpenOnNet plan={plan} />
      {!live && <p>Nothing is live yet.</p>}
      {plan.nets.map((net) => (
        <OneNet
          key={net.id}
          net={net}
          plan={plan}
          alone={plan.nets.length === 1 && plan.hotWires.length === 0}
          fresh={made === net.id}
        />
      ))}
      {plan.hotWires.map((wire) => (
        <OneWire key={wire.id} wire={wire} plan={plan} fresh={made === wire.id} />
      ))}
      {live && <PowerDecision plan={plan} />}
      {live && <TheLineNow plan={plan} />}
      {live && <Holds plan={plan} entries={entries ?? []} />}
      <Decision name="Add a net or wire" answer={live ? 'another' : 'none yet'} begins={!live}>
        <SchoolNote id="live" />
        <AddLive plan={plan} onMade={setMade} />
      </Decision>
    </Panel>
  );
}
