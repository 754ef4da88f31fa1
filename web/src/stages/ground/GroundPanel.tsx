import { type Plan, SOIL_FACTORS, SOIL_NAMES, type Soil, boundsAt, counted } from '@aviarum/core';
import { Pick } from '../../fields/Choice';
import { PlanLength } from '../../fields/PlanLength';
import { AngleField, DegreesField } from '../../fields/RatioFields';
import { usePlan } from '../../state/planStore';
import { useReckoning, useReader } from '../../state/reckoningStore';
import { useSelection } from '../../state/selection';
import { HeadlineWorking } from '../HeadlineWorking';
import { Decision } from '../Decision';
import { Panel } from '../Panel';
import { NEW_THINGS } from './things';
import { BringGround } from './BringGround';
import { HeightsTable } from './HeightsTable';
import { ThingFields } from './ThingFields';
import { ThingList } from './ThingList';

const SOILS = (Object.keys(SOIL_FACTORS) as Soil[]).map((value) => ({ value, label: SOIL_NAMES[value] }));

/** Soil, frost, and where on the earth the sheet lies and how it is turned. */
function SoilAndNorth({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const { ground } = plan;
  return (
    <section aria-label="Soil and north">
      <div className="fields">
        <Pick
          name="Soil"
          value={ground.soil}
          options={SOILS}
          onChoose={(soil) => take({ verb: 'set-soil', soil })}
        />
        <PlanLength
          of="ground.frost"
          name="Frost goes down to"
          value={ground.frost}
          onCommit={(frost) => take({ verb: 'set-ground', to: { frost } })}
        />
        <AngleField
          name="North, degrees clockwise from up"
          value={ground.north}
          onCommit={(north) => take({ verb: 'set-ground', to: { north } })}
        />
        <DegreesField
          name="Latitude"
          value={plan.place.latitude}
          most={boundsAt('place.latitude').most}
          onCommit={(latitude) => take({ verb: 'set-place', to: { latitude } })}
        />
        <DegreesField
          name="Longitude"
          value={plan.place.longitude}
          most={boundsAt('place.longitude').most}
          onCommit={(longitude) => take({ verb: 'set-place', to: { longitude } })}
        />
        <label className="field">
          <span className="name">Turn it</span>
          <input
            type="range"
            className="range"
            aria-label="Turn north"
            min={-180}
            max={180}
            step={5}
            value={Math.round((ground.north * 180) / Math.PI)}
            onChange={(event) =>
              take({ verb: 'set-ground', to: { north: (Number(event.target.value) * Math.PI) / 180 } })
            }
          />
        </label>
      </div>
    </section>
  );
}

/** What the run stands on: soil, slope, houses, trees, what is buried, where the land ends. */
export function GroundPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  const take = usePlan((s) => s.take);
  const figures = useReckoning((s) => s.reckoning?.figures);
  const reader = useReader();
  const { openThing } = useSelection();
  if (!plan) return null;
  return (
    <Panel
      stage="ground"
      base={base}
      lead="What is there already, and how the land slopes. Press a thing on the sheet to open it."
    >
      <ThingFields />
      <section aria-label="On the ground">
        <h2 className="subhead">On the ground</h2>
        <ThingList plan={plan} />
        <div className="mends">
          {NEW_THINGS.map(({ label, make }) => (
            <button
              key={label}
              type="button"
              className="btn"
              onClick={() => {
                const { change, stop } = make(plan);
                take(change);
                openThing(stop);
              }}
            >
              {label}
            </button>
          ))}
        </div>
      </section>
      {figures && (
        <dl className="tally">
          <HeadlineWorking
            name="Fence along the ground"
            figure={reader.about(figures.groundLength ?? 0)}
            working="groundLength"
          />
        </dl>
      )}
      <Decision
        name="Heights"
        answer={
          plan.ground.spotHeights.length === 0
            ? 'none measured: level'
            : `${counted(plan.ground.spotHeights.length, 'height')} measured`
        }
      >
        <HeightsTable />
      </Decision>
      <Decision
        name="Soil, frost and north"
        answer={`${SOIL_NAMES[plan.ground.soil]}, frost to ${reader.length(plan.ground.frost)}`}
      >
        <SoilAndNorth plan={plan} />
      </Decision>
      <BringGround plan={plan} />
    </Panel>
  );
}
