import type { Plan } from '@aviarum/core';
import { PlaceFields } from '../../fields/PlaceFields';
import { partOfStop } from '../../sheet/stopId';
import { NO_SCENE } from '../../sheet/stop';
import { removalOf } from '../../sheet/removal';
import { usePlan } from '../../state/planStore';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { useSelection } from '../../state/selection';
import { OpenThing } from '../ground/OpenThing';
import { stops } from './stops';

/** The corner, prop, beam or end of the section that is open on the sheet: its place as numbers. */
export function OpenOnCover({ plan }: { plan: Plan }) {
  const parts = useReckoning((s) => s.reckoning?.parts);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const { at, openThing } = useSelection();
  const part = partOfStop(at);
  if (!part || !parts || !(part.on === 'section' || 'cover' in part)) return null;
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
      <div className="mends">
        {part.on === 'section' && plan.section !== null && (
          <button type="button" className="btn" onClick={() => take({ verb: 'set-section', section: null })}>
            Back across the middle
          </button>
        )}
        {part.on === 'cover-point' && <AddCorner plan={plan} cover={part.cover} after={part.point} />}
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

/** One corner more, half way to the next. */
function AddCorner({ plan, cover: id, after }: { plan: Plan; cover: string; after: number }) {
  const take = usePlan((s) => s.take);
  const cover = plan.covers.find((c) => c.id === id);
  const outline = cover && 'outline' in cover ? cover.outline : null;
  const [a, b] = [outline?.[after], outline?.[(after + 1) % (outline.length || 1)]];
  if (!outline || !a || !b || outline.length >= MOST_CORNERS) return null;
  const half = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  const to = { outline: [...outline.slice(0, after + 1), half, ...outline.slice(after + 1)] };
  return (
    <button type="button" className="btn" onClick={() => take({ verb: 'set-cover', id, to })}>
      Add a corner after it
    </button>
  );
}

/** As many as an outline may have. */
const MOST_CORNERS = 60;
