import type { Plan } from '@aviarum/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { plan as fetchPlan, plans } from '../../api/client';
import { queried } from '../../api/queried';
import { Pick } from '../../fields/Choice';
import { usePlan } from '../../state/planStore';
import { Decision } from '../Decision';

function Bring({ plan }: { plan: Plan }) {
  const holding = usePlan((s) => s.holding);
  const take = usePlan((s) => s.take);
  const list = useQuery({ queryKey: ['plans', holding], queryFn: () => plans(holding) });
  const [failed, setFailed] = useState(false);
  const others = list.data?.filter((p) => p.id !== plan.id) ?? [];
  const [chosen, setChosen] = useState('');
  const from = others.find((p) => p.id === chosen) ?? others[0];
  if (!from) return null;
  const bring = async () => {
    setFailed(false);
    try {
      const { plan: other } = await fetchPlan(holding, from.id);
      take({ verb: 'bring-ground', ground: other.ground });
    } catch {
      setFailed(true);
    }
  };
  return (
    <Decision name="Ground of another plan" answer={`measured already in ${from.name}`}>
      <Pick
        name="Measured already in another plan"
        value={from.id}
        options={others.map((p) => ({ value: p.id, label: p.name }))}
        onChoose={setChosen}
      />
      <div>
        <button type="button" className="btn" onClick={() => void bring()}>
          Bring its ground over, in place of this
        </button>
      </div>
      {failed && (
        <span className="wrong" role="alert">
          The other plan could not be read. Try again when there is a connection.
        </span>
      )}
    </Decision>
  );
}

/** The same yard measured once: houses, trees, services, boundaries and heights of another plan of the holding. */
export const BringGround = queried(Bring);
