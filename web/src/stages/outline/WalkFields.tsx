import { type Change, type Leg, type Plan, closingError, newId, shareOut, surveyRings } from '@aviarum/core';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { LengthField } from '../../fields/LengthField';
import { AngleField } from '../../fields/RatioFields';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';

const MOST = 500;
/** Walks that miss by less close well enough for stakes, m. */
const CLOSES = 0.005;

/** The run as it would be walked now: turns to the left are positive, as an anticlockwise ring turns. */
function legsOf(plan: Plan): readonly Leg[] {
  const ring = surveyRings(plan)[0];
  if (!ring)
    return [
      { length: 6, turn: Math.PI / 2 },
      { length: 3.6, turn: Math.PI / 2 },
      { length: 6, turn: Math.PI / 2 },
      { length: 3.6, turn: Math.PI / 2 },
    ];
  return ring.sides.map((s, i) => {
    const next = ring.sides[(i + 1) % ring.sides.length] ?? s;
    const cross = s.direction.x * next.direction.y - s.direction.y * next.direction.x;
    const dot = s.direction.x * next.direction.x + s.direction.y * next.direction.y;
    return { length: Math.round(s.length * 1e4) / 1e4, turn: Math.atan2(cross, dot) };
  });
}

/** The outline as walked. The last stake is where the first one is: its leg ends there whatever is missing. */
function walked(plan: Plan, legs: readonly Leg[]): Change {
  const ring = surveyRings(plan)[0];
  const first = ring?.sides[0];
  const ids = (kind: string, known: readonly { readonly id: string }[]) => {
    const made: { id: string }[] = [];
    for (const _ of legs) made.push({ id: newId(kind, [...known, ...made], Math.random) });
    return made.map((m) => m.id);
  };
  return {
    verb: 'walk-outline',
    enclosure: ring?.enclosure ?? 'run',
    start: first?.start ?? { x: 0, y: 0 },
    bearing: first ? Math.atan2(first.direction.y, first.direction.x) : 0,
    legs,
    corners: ids('c', plan.corners),
    sides: ids('s', plan.sides),
  };
}

/** The legs one by one, each with its length and the turn at its end. */
function Legs({ legs, onSet }: { legs: readonly Leg[]; onSet: (legs: readonly Leg[]) => void }) {
  const set = (i: number, to: Partial<Leg>) => onSet(legs.map((l, k) => (k === i ? { ...l, ...to } : l)));
  return (
    <div className="walk">
      {legs.map((leg, i) => (
        <div className="walkrow" key={i}>
          <b className="figure">{i + 1}</b>
          <LengthField
            name={`Leg ${i + 1}, length`}
            hideName
            value={leg.length}
            least={0.05}
            most={MOST}
            onCommit={(length) => set(i, { length })}
          />
          <AngleField
            name={`Leg ${i + 1}, turn at its end`}
            hideName
            value={leg.turn}
            onCommit={(turn) => set(i, { turn })}
          />
          <button
            type="button"
            className="btn iconbtn"
            aria-label={`Remove leg ${i + 1}`}
            disabled={legs.length <= 3}
            onClick={() => onSet(legs.filter((_, k) => k !== i))}
          >
            <Trash2 size={15} aria-hidden />
          </button>
        </div>
      ))}
    </div>
  );
}

/** Side by side as walked: length, then the turn to the next; what is missing at the end is said, and shared out when asked. */
export function WalkFields({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const [legs, setLegs] = useState<readonly Leg[]>(() => legsOf(plan));
  const error = closingError(legs);
  const closes = error.distance < CLOSES;
  return (
    <>
      <p className="small soft" style={{ margin: 0 }}>
        Walk round the run: the length of each side, then how far you turn to the next; left is more than
        nothing, right is less. House walls are fence until you say otherwise.
      </p>
      <Legs legs={legs} onSet={setLegs} />
      <div
        className="finding"
        data-severity={closes ? 'know' : 'mend'}
        role="note"
        aria-label="Closing error"
      >
        <p>
          {closes
            ? 'The walk closes.'
            : `The walk ends ${reader.length(error.distance)} from where it began, 1 in ${Math.max(1, Math.round(1 / error.ratio))}. Laid out as it is, its last side takes all of that.`}
        </p>
      </div>
      <div className="mends">
        <button
          type="button"
          className="btn"
          onClick={() => setLegs([...legs, { length: 1, turn: Math.PI / 2 }])}
        >
          Add a leg
        </button>
        {!closes && (
          <button type="button" className="btn" onClick={() => setLegs(shareOut(legs))}>
            Share it out over all sides
          </button>
        )}
        <button type="button" className="btn btn-primary" onClick={() => take(walked(plan, legs))}>
          Lay the outline out as walked
        </button>
      </div>
    </>
  );
}
