import { partOfStop, stopId } from '../../sheet/stopId';
import { type Plan, canRemoveCorner, newId, surveyRings } from '@aviarum/core';
import { Pick } from '../../fields/Choice';
import { LengthField } from '../../fields/LengthField';
import { PlaceFields } from '../../fields/PlaceFields';
import { usePlan } from '../../state/planStore';
import { useSelection } from '../../state/selection';
import { OpenThing } from '../ground/OpenThing';
import { useSideKind } from './SidesTable';

function CornerFields({ plan, id }: { plan: Plan; id: string }) {
  const take = usePlan((s) => s.take);
  const { openThing } = useSelection();
  const corner = plan.corners.find((c) => c.id === id);
  const number = surveyRings(plan)
    .flatMap((r) => r.sides)
    .find((s) => s.startCorner === id)?.startNumber;
  if (!corner || number === undefined) return null;
  const put = (to: { x: number; y: number }) => take({ verb: 'move-corner', corner: id, to });
  return (
    <OpenThing title={`Corner ${number}`}>
      <div className="fields">
        <PlaceFields at={corner} onPut={({ x, y }) => put({ x, y })} />
      </div>
      {canRemoveCorner(plan, id) && (
        <div className="mends">
          <button
            type="button"
            className="btn"
            onClick={() => {
              take({ verb: 'remove-corner', corner: id });
              openThing(null);
            }}
          >
            Remove this corner
          </button>
        </div>
      )}
    </OpenThing>
  );
}

function SideFields({ plan, id }: { plan: Plan; id: string }) {
  const take = usePlan((s) => s.take);
  const { openThing } = useSelection();
  const { optionsFor, valueOf, choose } = useSideKind(plan);
  const side = surveyRings(plan)
    .flatMap((r) => r.sides)
    .find((s) => s.side.id === id);
  if (!side) return null;
  const split = () => {
    const corner = newId('c', plan.corners, Math.random);
    const second = newId('s', plan.sides, Math.random);
    const along = Math.round((side.length / 2) * 100) / 100;
    take({ verb: 'split-side', side: id, along, corner, second });
    openThing(stopId({ on: 'corner', corner }));
  };
  return (
    <OpenThing title={`Side ${side.number}`}>
      <div className="fields">
        <LengthField
          name="Length"
          value={side.length}
          least={0.1}
          most={500}
          onCommit={(length) => take({ verb: 'set-side-length', side: id, length })}
        />
        <Pick
          name="What it is"
          value={valueOf(side)}
          options={optionsFor(side)}
          onChoose={(value) => choose(side, value)}
        />
      </div>
      <div className="mends">
        <button type="button" className="btn" onClick={split}>
          Put a corner in its middle
        </button>
      </div>
    </OpenThing>
  );
}

/** The corner or side that is open on the sheet, as numbers. */
export function OpenOnOutline({ plan }: { plan: Plan }) {
  const { at } = useSelection();
  const part = partOfStop(at);
  if (part?.on === 'corner') return <CornerFields plan={plan} id={part.corner} />;
  return part?.on === 'side' ? <SideFields plan={plan} id={part.side} /> : null;
}
