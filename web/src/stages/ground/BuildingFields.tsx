import { type Building, type Point } from '@aviarum/core';
import { LengthField } from '../../fields/LengthField';
import { PlaceFields } from '../../fields/PlaceFields';
import { Measures } from '../../fields/PlanLength';
import { NameField } from '../../fields/NameField';
import { RoofFields } from './RoofFields';
import { useSetOnGround } from './useSetOnGround';

const HEIGHTS = { eaves: 'Eaves', height: 'Ridge' } as const;

/** A building as a whole, or one of its corners. */
export function BuildingFields({ building, point }: { building: Building; point: number | null }) {
  const set = useSetOnGround('buildings', building.id);
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
    const extentNow = axis === 'x' ? Math.max(...xs) - first.x : Math.max(...ys) - first.y;
    const grown = (p: Point) => first[axis] + ((p[axis] - first[axis]) * length) / extentNow;
    if (extentNow > 0) set({ outline: building.outline.map((p) => ({ ...p, [axis]: grown(p) })) });
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
        <Measures of="ground.buildings" thing={building} names={HEIGHTS} onSet={set} />
      </div>
      {point === null && <RoofFields building={building} />}
      <div className="mends">
        <button type="button" className="btn" onClick={addCorner}>
          {corner ? `Add a corner after corner ${(point ?? 0) + 1}` : 'Add a corner'}
        </button>
      </div>
    </>
  );
}
