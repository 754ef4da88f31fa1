import type { Plan } from '@aviarum/core';
import { PlaceFields } from '../../fields/PlaceFields';
import { removalOf } from '../../sheet/removal';
import { partOfStop } from '../../sheet/stopId';
import { usePlan } from '../../state/planStore';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { useSelection } from '../../state/selection';
import { OpenThing } from '../ground/OpenThing';
import { NO_SCENE } from '../../sheet/stop';
import { stops } from './stops';

/** No more corners than the document takes. */
const MOST_CORNERS = 400;

/** The corner of a net, the energiser or the rods that are open on the sheet: its place as numbers. */
export function OpenOnNet({ plan }: { plan: Plan }) {
  const parts = useReckoning((s) => s.reckoning?.parts);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const { at, openThing } = useSelection();
  const part = partOfStop(at);
  if (!part || !parts) return null;
  const stop = stops({ plan, parts, reader, open: at, scene: NO_SCENE }).find((s) => s.id === at);
  const move = stop?.move;
  if (!stop || !move) return null;
  const removal = removalOf(plan, stop.id);
  const net = part.on === 'net-point' ? plan.nets.find((n) => n.id === part.net) : undefined;
  const points = net?.points;
  const add = () => {
    if (!net || !points || part.on !== 'net-point') return;
    const [a, b] = [points[part.point], points[(part.point + 1) % points.length]];
    if (!a || !b) return;
    const half = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
    take({
      verb: 'set-net',
      id: net.id,
      to: { points: [...points.slice(0, part.point + 1), half, ...points.slice(part.point + 1)] },
    });
  };
  const last = part.on === 'net-point' && net?.form === 'line' && part.point === (points?.length ?? 0) - 1;
  return (
    <OpenThing title={stop.name}>
      <div className="fields">
        <PlaceFields at={{ x: stop.at.x, y: stop.at.y }} onPut={(to) => take(move(to))} />
      </div>
      {stop.says && <p className="small figure">{stop.says(plan)}</p>}
      <div className="mends">
        {points && !last && points.length < MOST_CORNERS && (
          <button type="button" className="btn" onClick={add}>
            Add a corner after it
          </button>
        )}
        {removal && (
          <button
            type="button"
            className="btn"
            onClick={() => {
              take(removal.change);
              openThing(null);
            }}
          >
            Remove it
          </button>
        )}
      </div>
    </OpenThing>
  );
}
