import {
  type Band,
  type Plan,
  type Scope,
  asking,
  choicesIn,
  newId,
  standingOn,
  wallOptions,
  boundsAt,
} from '@aviarum/core';
import { useState } from 'react';
import { Pick } from '../../fields/Choice';
import { LengthField } from '../../fields/LengthField';
import { PlanLength } from '../../fields/PlanLength';
import { OptionGroups } from '../../fields/OptionGroups';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useReader } from '../../state/reckoningStore';
import { Decision } from '../Decision';
import { Panel } from '../Panel';
import { SchoolNote } from '../SchoolNote';
import { ScopePick, useScope } from '../ScopePick';
import { WallSection } from './WallSection';
import { BuiltAnew, WhatStands } from './WhatStands';

const CHOSEN = {
  bands: 'bands',
  hanging: 'hanging',
  boards: 'boards',
  overhang: 'overhang',
  slope: 'how it takes a slope',
} as const;
const MOST_BANDS = 12;
const TOP = boundsAt('choices.plan.bands.top');

/** Heights of one band: where it reaches, and where it starts if not on the one below. */
function BandHeights({ band, below, scope }: { band: Band; below: Band | undefined; scope: Scope }) {
  const take = usePlan((s) => s.take);
  const set = (to: Partial<Omit<Band, 'id'>>) => take({ verb: 'set-band', scope, id: band.id, to });
  return (
    <div className="fields">
      <LengthField
        name="Reaches up to"
        value={band.top}
        least={Math.max(TOP.least, (below?.top ?? 0) + 0.05)}
        most={TOP.most}
        onCommit={(top) => set({ top })}
      />
      <PlanLength
        of="choices.plan.bands.bottom"
        name={below ? 'Start height (blank: at the lap)' : 'Start height (blank: on the ground)'}
        value={band.bottom ?? null}
        onCommit={(bottom) => set({ bottom })}
        onClear={() => set({ bottom: null })}
      />
    </div>
  );
}

/** More bands than this are picked from a list. */
const FEW = 4;

/** Which band is in hand. */
function BandPick({
  bands,
  band,
  onPick,
}: {
  bands: readonly Band[];
  band: Band;
  onPick: (id: string) => void;
}) {
  const reader = useReader();
  const options = bands.map(({ id, top }, i) => ({
    value: id,
    label: `${i === 0 ? 'ground' : reader.length(bands[i - 1]?.top ?? 0)} to ${reader.length(top)}`,
  }));
  if (bands.length > FEW) return <Pick name="Band" value={band.id} options={options} onChoose={onPick} />;
  return (
    <div className="choices" role="group" aria-label="Band">
      {options.map(({ value, label }) => (
        <button key={value} type="button" aria-pressed={value === band.id} onClick={() => onPick(value)}>
          {label}
        </button>
      ))}
    </div>
  );
}

function Bands({ plan, scope }: { plan: Plan; scope: Scope }) {
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const reader = useReader();
  const [picked, setPicked] = useState<string | null>(null);
  const choices = choicesIn(plan, scope);
  const { bands } = choices;
  const last = bands[bands.length - 1];
  const band = bands.find((b) => b.id === picked) ?? last;
  if (!market || !band || !last) return null;
  const add = () => {
    const id = newId('b', bands, Math.random);
    const top = Math.round((last.top + 0.3) * 1e4) / 1e4;
    take({ verb: 'add-band', scope, band: { id, mesh: last.mesh, top, widths: 'cheapest' } });
    setPicked(id);
  };
  return (
    <>
      <WallSection choices={choices} market={market} />
      <BandPick bands={bands} band={band} onPick={setPicked} />
      <Decision
        name="Height of this band"
        answer={`${band.bottom === null || band.bottom === undefined ? '' : `from ${reader.length(band.bottom)} `}up to ${reader.length(band.top)}`}
      >
        <BandHeights
          key={band.id}
          band={band}
          below={bands[bands.findIndex((b) => b.id === band.id) - 1]}
          scope={scope}
        />
      </Decision>
      <div className="mends">
        {bands.length < MOST_BANDS && (
          <button type="button" className="btn" onClick={add}>
            Add a band on top
          </button>
        )}
        {bands.length > 1 && (
          <button
            type="button"
            className="btn"
            onClick={() => take({ verb: 'remove-band', scope, id: band.id })}
          >
            Remove this band
          </button>
        )}
      </div>
      <OptionGroups
        groups={wallOptions(asking(plan, market, reader, scope), band)}
        open={['mesh']}
        above={{
          mesh: <SchoolNote id="hex" />,
          hanging: (
            <>
              <SchoolNote id="hanging" />
              <SchoolNote id="pull" />
            </>
          ),
        }}
      />
    </>
  );
}

export function WallsPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const [scope, setScope] = useScope(plan);
  if (!plan) return null;
  // Of a fence that stands all round no bands are chosen.
  const builds = plan.sides.length === 0 || plan.sides.some((s) => standingOn(s) === null);
  return (
    <Panel stage="walls" base={base} lead="Bands from the ground up; fine where paws reach.">
      <WhatStands plan={plan} />
      <BuiltAnew plan={plan} />
      {builds && (
        <>
          <ScopePick plan={plan} scope={scope} onScope={setScope} of={CHOSEN} />
          <Bands plan={plan} scope={scope} />
        </>
      )}
    </Panel>
  );
}
