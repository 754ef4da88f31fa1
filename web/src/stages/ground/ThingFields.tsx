import {
  type Building,
  type Plan,
  type Point,
  SERVICE_NAMES,
  type Service,
  type SpotHeight,
  type Tree,
} from '@aviarum/core';
import type { ReactNode } from 'react';
import { Pick } from '../../fields/Choice';
import { LengthField } from '../../fields/LengthField';
import { NameField } from '../../fields/NameField';
import { removalOf } from '../../sheet/removal';
import { usePlan } from '../../state/planStore';
import { useSelection } from '../../state/selection';

const FAR = 10000;
const SERVICES = (Object.keys(SERVICE_NAMES) as Service['kind'][]).map((value) => ({
  value,
  label: SERVICE_NAMES[value],
}));

function PlaceFields({ at, onPut }: { at: Point; onPut: (at: Point) => void }) {
  return (
    <>
      <LengthField name="Across" value={at.x} least={-FAR} most={FAR} onCommit={(x) => onPut({ ...at, x })} />
      <LengthField name="Up" value={at.y} least={-FAR} most={FAR} onCommit={(y) => onPut({ ...at, y })} />
    </>
  );
}

function BuildingFields({ building, point }: { building: Building; point: number | null }) {
  const take = usePlan((s) => s.take);
  const set = (to: Partial<Building>) =>
    take({ verb: 'set-on-ground', list: 'buildings', id: building.id, to }, `change ${building.name}`);
  const corner = point === null ? undefined : building.outline[point];
  const put = (at: Point) => set({ outline: building.outline.map((p, i) => (i === point ? at : p)) });
  const xs = building.outline.map((p) => p.x);
  const ys = building.outline.map((p) => p.y);
  const first = { x: Math.min(...xs), y: Math.min(...ys) };
  const shift = (at: Point) =>
    set({
      outline: building.outline.map((p) => ({ x: p.x + at.x - first.x, y: p.y + at.y - first.y })),
    });
  const stretch = (axis: 'x' | 'y', length: number) => {
    const now = axis === 'x' ? Math.max(...xs) - first.x : Math.max(...ys) - first.y;
    const grown = (p: Point) => first[axis] + ((p[axis] - first[axis]) * length) / now;
    if (now > 0) set({ outline: building.outline.map((p) => ({ ...p, [axis]: grown(p) })) });
  };
  const addCorner = () => {
    const i = point ?? 0;
    const [a, b] = [building.outline[i], building.outline[(i + 1) % building.outline.length]];
    if (!a || !b) return;
    const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
    set({ outline: [...building.outline.slice(0, i + 1), middle, ...building.outline.slice(i + 1)] });
  };
  return (
    <>
      <NameField name="Name" value={building.name} onCommit={(name) => set({ name })} />
      <div className="fields">
        {corner ? (
          <PlaceFields at={corner} onPut={put} />
        ) : (
          <>
            <PlaceFields at={first} onPut={shift} />
            <LengthField
              name="Wide"
              value={Math.max(...xs) - first.x}
              least={0.1}
              most={500}
              onCommit={(w) => stretch('x', w)}
            />
            <LengthField
              name="Deep"
              value={Math.max(...ys) - first.y}
              least={0.1}
              most={500}
              onCommit={(d) => stretch('y', d)}
            />
          </>
        )}
        <LengthField
          name="Eaves"
          value={building.eaves}
          least={0}
          most={20}
          onCommit={(eaves) => set({ eaves })}
        />
        <LengthField
          name="Ridge"
          value={building.height}
          least={0}
          most={30}
          onCommit={(height) => set({ height })}
        />
      </div>
      <div className="mends">
        <button type="button" className="btn" onClick={addCorner}>
          {corner ? `Add a corner after corner ${(point ?? 0) + 1}` : 'Add a corner'}
        </button>
      </div>
    </>
  );
}

function TreeFields({ tree }: { tree: Tree }) {
  const take = usePlan((s) => s.take);
  const set = (to: Partial<Tree>) =>
    take({ verb: 'set-on-ground', list: 'trees', id: tree.id, to }, `change the ${tree.name}`);
  return (
    <>
      <NameField name="Name" value={tree.name} onCommit={(name) => set({ name })} />
      <div className="fields">
        <PlaceFields at={tree.at} onPut={(at) => set({ at })} />
        <LengthField
          name="Trunk, across"
          value={tree.trunk}
          least={0}
          most={5}
          onCommit={(trunk) => set({ trunk })}
        />
        <LengthField
          name="Roots, out to"
          value={tree.roots}
          least={0}
          most={30}
          onCommit={(roots) => set({ roots })}
        />
        <LengthField
          name="Crown, out to"
          value={tree.crown}
          least={0}
          most={50}
          onCommit={(crown) => set({ crown })}
        />
      </div>
    </>
  );
}

/** A line of points: a buried service or a boundary. */
function LineFields({
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
  const take = usePlan((s) => s.take);
  const { openThing } = useSelection();
  const service = list === 'services' ? plan.ground.services.find((s) => s.id === id) : undefined;
  const thing = service ?? plan.ground.boundaries.find((b) => b.id === id);
  if (!thing) return null;
  const words = `change the ${thing.name}`;
  const set = (to: { name?: string; line?: Point[] }) => take({ verb: 'set-on-ground', list, id, to }, words);
  const setService = (to: Partial<Service>) =>
    take({ verb: 'set-on-ground', list: 'services', id, to }, words);
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
            <LengthField
              name="Depth"
              value={service.depth}
              least={0}
              most={10}
              onCommit={(depth) => setService({ depth })}
            />
          </>
        )}
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

function SpotFields({ spot }: { spot: SpotHeight }) {
  const take = usePlan((s) => s.take);
  const set = (to: Partial<SpotHeight>) =>
    take({ verb: 'set-on-ground', list: 'spotHeights', id: spot.id, to }, 'change a height');
  return (
    <div className="fields">
      <PlaceFields at={spot.at} onPut={(at) => set({ at })} />
      <LengthField
        name="Height"
        value={spot.height}
        least={-500}
        most={5000}
        onCommit={(height) => set({ height })}
      />
    </div>
  );
}

/** The thing that is open, as numbers. */
export function ThingFields() {
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  const take = usePlan((s) => s.take);
  const { at, openThing } = useSelection();
  if (!plan || at === null) return null;
  const [kind = '', rest = ''] = at.split(':');
  const [id = '', part] = rest.split('/');
  const point = part === undefined ? null : Number(part);
  const { buildings, trees, services, boundaries, spotHeights } = plan.ground;
  const fields = {
    building: () => {
      const building = buildings.find((b) => b.id === id);
      return building && { title: building.name, body: <BuildingFields building={building} point={point} /> };
    },
    tree: () => {
      const tree = trees.find((t) => t.id === id);
      return tree && { title: tree.name, body: <TreeFields tree={tree} /> };
    },
    service: () => {
      const service = services.find((s) => s.id === id);
      return (
        service && {
          title: service.name,
          body: <LineFields plan={plan} list="services" id={id} point={point ?? 0} />,
        }
      );
    },
    boundary: () => {
      const line = boundaries.find((b) => b.id === id);
      return (
        line && {
          title: line.name,
          body: <LineFields plan={plan} list="boundaries" id={id} point={point ?? 0} />,
        }
      );
    },
    spot: () => {
      const i = spotHeights.findIndex((s) => s.id === id);
      const spot = spotHeights[i];
      return spot && { title: `Height ${i + 1}`, body: <SpotFields spot={spot} /> };
    },
  }[kind];
  const shown = fields?.();
  if (!shown) return null;
  const whole = removalOf(plan, `${kind}:${id}`);
  const onePoint = part === undefined ? null : removalOf(plan, at);
  return (
    <OpenThing title={shown.title}>
      {shown.body}
      <div className="mends">
        {onePoint && (
          <button
            type="button"
            className="btn"
            onClick={() => {
              take(onePoint.change, onePoint.words);
              openThing(`${kind}:${id}`);
            }}
          >
            Take this {kind === 'building' ? 'corner' : 'point'} out
          </button>
        )}
        {whole && (
          <button
            type="button"
            className="btn"
            onClick={() => {
              take(whole.change, `take ${shown.title} out`);
              openThing(null);
            }}
          >
            Take it out
          </button>
        )}
      </div>
    </OpenThing>
  );
}

/** A slip for what is open on the sheet, with a way to close it. */
export function OpenThing({ title, children }: { title: string; children: ReactNode }) {
  const { openThing } = useSelection();
  return (
    <section className="openthing" aria-label={`Open: ${title}`}>
      <header>
        <h2 className="subhead">{title}</h2>
        <button type="button" className="linebtn" onClick={() => openThing(null)}>
          close
        </button>
      </header>
      {children}
    </section>
  );
}
