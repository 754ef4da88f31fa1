import {
  type Boundary,
  LINE_KINDS,
  type Plan,
  type Point,
  SERVICE_NAMES,
  type Service,
  USUAL_TUNNEL,
  meshName,
  meshesOnOffer,
} from '@aviarum/core';
import { Pick } from '../../fields/Choice';
import { LengthField } from '../../fields/LengthField';
import { PlaceFields } from '../../fields/PlaceFields';
import { Measures } from '../../fields/PlanLength';
import { NameField } from '../../fields/NameField';
import { useMarket } from '../../state/market';
import { useReader } from '../../state/reckoningStore';
import { useSelection } from '../../state/selection';
import { useSetOnGround } from './useSetOnGround';

const SERVICES = (Object.keys(SERVICE_NAMES) as Service['kind'][]).map((value) => ({
  value,
  label: SERVICE_NAMES[value],
}));

const LINES = (Object.keys(LINE_KINDS) as Boundary['kind'][]).map((value) => ({
  value,
  label: LINE_KINDS[value].name,
}));

/** How wide and high a tunnel is, and what is over it. */
function TunnelFields({ plan, line }: { readonly plan: Plan; readonly line: Boundary }) {
  const put = useSetOnGround('boundaries', line.id);
  const market = useMarket();
  const reader = useReader();
  const tunnel = line.tunnel ?? USUAL_TUNNEL;
  const set = (to: Partial<NonNullable<Boundary['tunnel']>>) => put({ tunnel: { ...tunnel, ...to } });
  return (
    <>
      <LengthField
        name="Wide"
        value={tunnel.width}
        least={0.2}
        most={1}
        onCommit={(width) => set({ width })}
      />
      <LengthField
        name="High"
        value={tunnel.height}
        least={0.2}
        most={1}
        onCommit={(height) => set({ height })}
      />
      {market && (
        <Pick
          name="Mesh over it"
          value={tunnel.mesh}
          options={meshesOnOffer({ plan, market }, tunnel.mesh).map((mesh) => ({
            value: mesh,
            label: meshName(market.mesh(mesh), reader),
          }))}
          onChoose={(mesh) => set({ mesh })}
        />
      )}
    </>
  );
}

/** A line of points: a buried service or a boundary. */
export function LineFields({
  plan,
  list,
  id,
  point,
}: {
  plan: Plan;
  list: 'services' | 'boundaries';
  id: string;
  point: number;
}) {
  const set: (to: { name?: string; line?: Point[] }) => void = useSetOnGround(list, id);
  const setService = useSetOnGround('services', id);
  const setLine = useSetOnGround('boundaries', id);
  const { openThing } = useSelection();
  const service = list === 'services' ? plan.ground.services.find((s) => s.id === id) : undefined;
  const line = service ? undefined : plan.ground.boundaries.find((b) => b.id === id);
  const thing = service ?? line;
  if (!thing) return null;
  const at = thing.line[point] ?? thing.line[0];
  const add = () => {
    const last = point === thing.line.length - 1;
    const [a, b] = [thing.line[point], thing.line[last ? point - 1 : point + 1]];
    if (!a || !b) return;
    // Beyond the last point as far again as it came; otherwise half way to the next.
    const next = last ? { x: 2 * a.x - b.x, y: 2 * a.y - b.y } : { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
    set({ line: [...thing.line.slice(0, point + 1), next, ...thing.line.slice(point + 1)] });
    openThing(`${list === 'services' ? 'service' : 'boundary'}:${id}/${point + 1}`);
  };
  return (
    <>
      <NameField name="Name" value={thing.name} onCommit={(name) => set({ name })} />
      <div className="fields">
        {service && (
          <>
            <Pick
              name="What it is"
              value={service.kind}
              options={SERVICES}
              onChoose={(kind) => setService({ kind })}
            />
            <Measures of="ground.services" thing={service} names={{ depth: 'Depth' }} onSet={setService} />
          </>
        )}
        {line && (
          <Pick name="What it is" value={line.kind} options={LINES} onChoose={(kind) => setLine({ kind })} />
        )}
        {line?.kind === 'tunnel' && <TunnelFields plan={plan} line={line} />}
        {at && (
          <PlaceFields
            at={at}
            onPut={(to) => set({ line: thing.line.map((p, i) => (i === point ? to : p)) })}
          />
        )}
      </div>
      <div className="mends">
        <button type="button" className="btn" onClick={add}>
          Add a point after point {point + 1}
        </button>
      </div>
    </>
  );
}
