import type { Plan } from '@aviarum/core';
import { PlaceFields } from '../../fields/PlaceFields';
import { partOfStop } from '../../sheet/stopId';
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

/** What stops of covers do not look at. */
const NO_SCENE = {
  layers: { run: [], foot: [], side: [], gate: [], over: [], post: [], marks: [] },
  sides: [],
  corners: [],
  extent: { left: 0, right: 1, low: 0, high: 1 },
};
