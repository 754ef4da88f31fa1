import {
  type Box,
  type Plan,
  SOIL_FACTORS,
  SOIL_NAMES,
  type Soil,
  asRectangle,
  lengthText,
  surveyRings,
} from '@aviarum/core';
import { Pick } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { usePlan } from '../state/planStore';
import { useReader, useReckoning } from '../state/reckoningStore';
import { HeadlineWorking } from './HeadlineWorking';
import { Panel } from './Panel';

const MOST = 500;
const SOILS = (Object.keys(SOIL_FACTORS) as Soil[]).map((value) => ({ value, label: SOIL_NAMES[value] }));
const KINDS = [
  { value: 'fence', label: 'fence' },
  { value: 'wall', label: 'existing wall' },
  { value: 'open', label: 'open' },
] as const;

/** Width and depth of a rectangle beside its house, each a number. */
function RectangleFields({ run, house }: { run: Box; house: Box | null }) {
  const take = usePlan((s) => s.take);
  const lay = (next: Box, nextHouse: Box | null, words: string) =>
    take({ verb: 'lay-out', run: next, house: nextHouse }, words);
  const width = run.high - run.low;
  return (
    <section>
      <div className="fields">
        <LengthField
          name="Width, along the house"
          value={width}
          least={0.5}
          most={MOST}
          onCommit={(w) => lay(widened(run, house, w), house, 'change the width')}
        />
        <LengthField
          name="Depth, away from it"
          value={run.right - run.left}
          least={0.5}
          most={MOST}
          onCommit={(d) => lay({ ...run, right: run.left + d }, house, 'change the depth')}
        />
        {house && (
          <>
            <LengthField
              name="House, width of its wall"
              value={house.high - house.low}
              least={0.3}
              most={MOST}
              onCommit={(w) => lay(run, { ...house, high: house.low + w }, 'change the house')}
            />
            <LengthField
              name="House, from corner 1"
              value={Math.max(0, house.low - run.low)}
              least={0}
              most={MOST}
              onCommit={(from) =>
                lay(
                  run,
                  { ...house, low: run.low + from, high: run.low + from + house.high - house.low },
                  'move the house',
                )
              }
            />
          </>
        )}
      </div>
    </section>
  );
}

/** A run as wide as its house stays centred on it; a wider one grows at its far end. */
function widened(run: Box, house: Box | null, width: number): Box {
  if (!house) return { ...run, high: run.low + width };
  const middle = (house.low + house.high) / 2;
  const centred = Math.abs((run.low + run.high) / 2 - middle) < 1e-3;
  return centred
    ? { ...run, low: middle - width / 2, high: middle + width / 2 }
    : { ...run, high: run.low + width };
}

function SideRows({ plan, lengths }: { plan: Plan; lengths: 'typed' | 'shown' }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  return (
    <section aria-label="Sides">
      {surveyRings(plan).flatMap((ring) =>
        ring.sides.map((s) => {
          const straight = Math.abs(Math.sin(s.turn)) < 1e-3;
          const { figure, unit } = lengthText(s.length, reader.system);
          return (
            <div className="fields" style={{ gridTemplateColumns: '1fr 132px' }} key={s.side.id}>
              {lengths === 'typed' && !straight && s.side.kind !== 'building' ? (
                <LengthField
                  name={`Side ${s.number}`}
                  value={s.length}
                  least={0.1}
                  most={MOST}
                  onCommit={(length) =>
                    take({ verb: 'set-side-length', side: s.side.id, length }, `change side ${s.number}`)
                  }
                />
              ) : (
                <div style={{ alignSelf: 'center' }}>
                  Side {s.number}{' '}
                  <span className="figure">
                    {figure}
                    <span className="unit">{unit}</span>
                  </span>
                </div>
              )}
              {s.side.kind === 'building' ? (
                <span className="soft" style={{ alignSelf: 'center' }}>
                  house wall
                </span>
              ) : (
                <Pick
                  name={`Side ${s.number} is`}
                  hideName
                  value={s.side.kind}
                  options={KINDS}
                  onChoose={(kind) =>
                    take({ verb: 'set-side-kind', side: s.side.id, kind }, `change side ${s.number}`)
                  }
                />
              )}
            </div>
          );
        }),
      )}
    </section>
  );
}

export function OutlinePanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const figures = useReckoning((s) => s.reckoning?.figures);
  if (!plan) return null;
  const rectangle = asRectangle(plan);
  return (
    <Panel
      stage="outline"
      base={base}
      lead="Pull a side on the sheet, or type its length. Square to the house first."
    >
      {rectangle && <RectangleFields {...rectangle} />}
      <SideRows plan={plan} lengths={rectangle ? 'shown' : 'typed'} />
      <Pick
        name="Soil"
        value={plan.ground.soil}
        options={SOILS}
        onChoose={(soil) => take({ verb: 'set-soil', soil }, 'change the soil')}
      />
      {figures && (
        <dl className="tally">
          <HeadlineWorking name="Area of the run" figure={reader.area(figures.area ?? 0)} working="area" />
          <HeadlineWorking
            name="Fence"
            figure={reader.length(figures.fenceLength ?? 0)}
            working="fenceLength"
          />
          <HeadlineWorking
            name="All round"
            figure={reader.length(figures.perimeter ?? 0)}
            working="perimeter"
          />
          <HeadlineWorking
            name="Work, one person"
            figure={`${(figures.hours ?? 0).toFixed(1)} h`}
            working="hours"
          />
          <dt className="soft">with a second person, about</dt>
          <dd className="figure">{(figures.hoursWithHelp ?? 0).toFixed(1)} h</dd>
        </dl>
      )}
    </Panel>
  );
}
