import type { PartRef, Plan, Vector } from '@aviarum/core';
import type { ReactNode } from 'react';
import { PlaceFields } from '../fields/PlaceFields';
import { removalOf } from '../sheet/removal';
import { NO_SCENE, type Sight, type Stop } from '../sheet/stop';
import { partOfStop } from '../sheet/stopId';
import { usePlan } from '../state/planStore';
import { useReader, useReckoning } from '../state/reckoningStore';
import { useSelection } from '../state/selection';
import { OpenThing } from './ground/OpenThing';

/** What is open on the sheet of a stage: its place as numbers, what else can be done to it, and a way to remove it. */
export function OpenStop({
  plan,
  stops,
  belongs,
  more,
}: {
  plan: Plan;
  stops: (sight: Sight) => readonly Stop[];
  /** Whether a part that is open is one of the stage. */
  belongs: (part: PartRef) => boolean;
  /** Buttons of the stage's own. */
  more: (part: PartRef) => ReactNode;
}) {
  const parts = useReckoning((s) => s.reckoning?.parts);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const { at, openThing } = useSelection();
  const part = partOfStop(at);
  if (!part || !parts || !belongs(part)) return null;
  const stop = stops({ plan, parts, reader, open: at, scene: NO_SCENE }).find((s) => s.id === at);
  const move = stop?.move;
  if (!stop || !move) return null;
  const removal = removalOf(plan, stop.id);
  return (
    <OpenThing title={stop.name}>
      {stop.axis === null ? (
        <div className="fields">
          <PlaceFields at={{ x: stop.at.x, y: stop.at.y }} onPut={(to) => take(move(to))} />
        </div>
      ) : (
        <p className="small">{stop.value}. Enter takes hold of it on the sheet, arrows slide it.</p>
      )}
      {stop.says && <p className="small figure">{stop.says(plan)}</p>}
      <div className="mends">
        {more(part)}
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

/** One corner more, half way to the next; nothing where the document takes no more. */
export function AddCorner({
  points,
  after,
  most,
  onAdd,
}: {
  points: readonly Vector[];
  after: number;
  most: number;
  onAdd: (points: Vector[]) => void;
}) {
  const [a, b] = [points[after], points[(after + 1) % points.length]];
  if (!a || !b || points.length >= most) return null;
  const half = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  return (
    <button
      type="button"
      className="btn"
      onClick={() => onAdd([...points.slice(0, after + 1), half, ...points.slice(after + 1)])}
    >
      Add a corner after it
    </button>
  );
}
