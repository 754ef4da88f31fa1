import type { Plan } from '@aviarum/core';
import { usePlan } from '../../state/planStore';
import { AddCorner, OpenStop } from '../OpenStop';
import { stops } from './stops';

/** No more corners than the document takes. */
const MOST_CORNERS = 400;

/** The corner of a net, the energiser or the rods that are open on the sheet. */
export function OpenOnNet({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  return (
    <OpenStop
      plan={plan}
      stops={stops}
      belongs={({ on }) => on === 'net-point' || on === 'energiser' || on === 'rods'}
      more={(part) => {
        const net = part.on === 'net-point' ? plan.nets.find((n) => n.id === part.net) : undefined;
        if (!net?.points || part.on !== 'net-point') return null;
        // After the end of an open line comes nothing.
        if (net.form === 'line' && part.point === net.points.length - 1) return null;
        return (
          <AddCorner
            points={net.points}
            after={part.point}
            most={MOST_CORNERS}
            onAdd={(points) => take({ verb: 'set-net', id: net.id, to: { points } })}
          />
        );
      }}
    />
  );
}
