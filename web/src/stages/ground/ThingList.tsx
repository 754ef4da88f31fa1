import { sameThing, stopId } from '../../sheet/stopId';
import { type Plan, capital } from '@aviarum/core';
import { useSelection } from '../../state/selection';

/** Everything on the ground by name; a press opens it, on the sheet as well. */
export function ThingList({ plan }: { plan: Plan }) {
  const { at, openThing } = useSelection();
  const { buildings, trees, services, boundaries, obstacles } = plan.ground;
  const things = [
    ...buildings.map((b) => ({ stop: stopId({ on: 'building', building: b.id }), name: b.name })),
    ...trees.map((t) => ({ stop: stopId({ on: 'tree', tree: t.id }), name: t.name })),
    ...obstacles.map((o) => ({ stop: stopId({ on: 'obstacle', obstacle: o.id }), name: o.name })),
    ...services.map((s) => ({
      stop: stopId({ on: 'service-point', service: s.id, point: 0 }),
      name: s.name,
    })),
    ...boundaries.map((b) => ({
      stop: stopId({ on: 'boundary-point', boundary: b.id, point: 0 }),
      name: b.name,
    })),
  ];
  if (things.length === 0)
    return (
      <p className="soft small">Nothing yet. Put the house in first, then what the fence has to mind.</p>
    );
  return (
    <ul className="thinglist">
      {things.map(({ stop, name }) => (
        <li key={stop}>
          <button
            type="button"
            className="linebtn"
            aria-pressed={sameThing(at, stop)}
            onClick={() => openThing(stop)}
          >
            {capital(name)}
          </button>
        </li>
      ))}
    </ul>
  );
}
