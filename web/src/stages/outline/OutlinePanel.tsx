import { useState } from 'react';
import { asRectangle } from '@aviarum/core';
import { usePlan } from '../../state/planStore';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { HeadlineWorking } from '../HeadlineWorking';
import { Panel } from '../Panel';
import { OpenOnOutline } from './OpenOnOutline';
import { RectangleFields } from './RectangleFields';
import { Runs } from './Runs';
import { SidesTable } from './SidesTable';
import { WalkFields } from './WalkFields';

type Way = 'rectangle' | 'walked' | 'sides';
const WAYS: readonly { readonly value: Way; readonly label: string }[] = [
  { value: 'rectangle', label: 'width and depth' },
  { value: 'walked', label: 'as walked' },
  { value: 'sides', label: 'side by side' },
];

export function OutlinePanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  const reader = useReader();
  const figures = useReckoning((s) => s.reckoning?.figures);
  const [chosen, setWay] = useState<Way | null>(null);
  if (!plan) return null;
  const way = chosen ?? (asRectangle(plan) ? 'rectangle' : 'sides');
  return (
    <Panel
      stage="outline"
      base={base}
      lead="Drag corners and sides on the sheet, or type them here. Square to the house first."
    >
      <OpenOnOutline plan={plan} />
      <section aria-label="Put down by">
        <div className="choices" role="group" aria-label="Put the outline down by">
          {WAYS.map((w) => (
            <button
              key={w.value}
              type="button"
              aria-pressed={way === w.value}
              onClick={() => setWay(w.value)}
            >
              {w.label}
            </button>
          ))}
        </div>
        {way === 'rectangle' && <RectangleFields plan={plan} />}
        {way === 'walked' && <WalkFields key={plan.sides.map((s) => s.id).join(' ')} plan={plan} />}
        {way === 'sides' && <SidesTable plan={plan} />}
      </section>
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
      <Runs plan={plan} />
    </Panel>
  );
}
