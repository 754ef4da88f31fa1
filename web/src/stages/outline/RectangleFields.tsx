import { type Box, type Plan, asRectangle, houseOf } from '@aviarum/core';
import { useState } from 'react';
import { LengthField } from '../../fields/LengthField';
import { usePlan } from '../../state/planStore';

const MOST = 500;

/** A run as wide as its house stays centred on it; a wider one grows at its far end. */
function widened(run: Box, house: Box | null, width: number): Box {
  if (!house) return { ...run, high: run.low + width };
  const middle = (house.low + house.high) / 2;
  const centred = Math.abs((run.low + run.high) / 2 - middle) < 1e-3;
  return centred
    ? { ...run, low: middle - width / 2, high: middle + width / 2 }
    : { ...run, high: run.low + width };
}

/** Width and depth of a rectangle beside its house, each a number. */
export function RectangleFields({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const rectangle = asRectangle(plan);
  if (!rectangle) return <NewRectangle plan={plan} />;
  const { run, house } = rectangle;
  const lay = (next: Box, nextHouse: Box | null) => take({ verb: 'lay-out', run: next, house: nextHouse });
  return (
    <div className="fields">
      <LengthField
        name="Width, along the house"
        value={run.high - run.low}
        least={0.5}
        most={MOST}
        onCommit={(w) => lay(widened(run, house, w), house)}
      />
      <LengthField
        name="Depth, away from it"
        value={run.right - run.left}
        least={0.5}
        most={MOST}
        onCommit={(d) => lay({ ...run, right: run.left + d }, house)}
      />
      {house && (
        <>
          <LengthField
            name="House, width of its wall"
            value={house.high - house.low}
            least={0.3}
            most={MOST}
            onCommit={(w) => lay(run, { ...house, high: house.low + w })}
          />
          <LengthField
            name="House, from corner 1"
            value={Math.max(0, house.low - run.low)}
            least={0}
            most={MOST}
            onCommit={(from) => {
              const low = run.low + from;
              lay(run, { ...house, low, high: low + house.high - house.low });
            }}
          />
        </>
      )}
    </div>
  );
}

/** A rectangle in place of an outline that is none; what was there can be undone. */
function NewRectangle({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const [width, setWidth] = useState(3.6);
  const [depth, setDepth] = useState(6);
  const first = houseOf(plan)?.outline;
  const xs = first?.map((p) => p.x) ?? [];
  const ys = first?.map((p) => p.y) ?? [];
  const house: Box | null = first
    ? { left: Math.min(...xs), right: Math.max(...xs), low: Math.min(...ys), high: Math.max(...ys) }
    : null;
  const lay = () => {
    const middle = house ? (house.low + house.high) / 2 : width / 2;
    const left = house?.right ?? 0;
    const run = { left, right: left + depth, low: middle - width / 2, high: middle + width / 2 };
    take({ verb: 'lay-out', run, house });
  };
  return (
    <>
      <p className="small soft" style={{ margin: 0 }}>
        This outline is no rectangle beside a house. A new one takes its place; undo brings this one back.
      </p>
      <div className="fields">
        <LengthField
          name="Width, along the house"
          value={width}
          least={0.5}
          most={MOST}
          onCommit={setWidth}
        />
        <LengthField name="Depth, away from it" value={depth} least={0.5} most={MOST} onCommit={setDepth} />
      </div>
      <div>
        <button type="button" className="btn" onClick={lay}>
          Lay a rectangle out anew
        </button>
      </div>
    </>
  );
}
