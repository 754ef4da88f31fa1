import { type Plan, capital } from '@aviarum/core';
import { useSelection } from '../../state/selection';

/** Everything on the ground by name; a press opens it, on the sheet as well. */
export function ThingList({ plan }: { plan: Plan }) {
  const { at, openThing } = useSelection();
  const { buildings, trees, services, boundaries } = plan.ground;
  const things = [
    ...buildings.map((b) => ({ path: `building:${b.id}`, name: b.name })),
    ...trees.map((t) => ({ path: `tree:${t.id}`, name: t.name })),
    ...services.map((s) => ({ path: `service:${s.id}/0`, name: s.name })),
    ...boundaries.map((b) => ({ path: `boundary:${b.id}/0`, name: b.name })),
  ];
  if (things.length === 0)
    return (
      <p className="soft small">Nothing yet. Put the house in first, then what the fence has to mind.</p>
    );
  return (
    <ul className="thinglist">
      {things.map(({ path, name }) => (
        <li key={path}>
          <button
            type="button"
            className="linebtn"
            aria-pressed={at?.split('/')[0] === path.split('/')[0]}
            onClick={() => openThing(path)}
          >
            {capital(name)}
          </button>
        </li>
      ))}
    </ul>
  );
}
