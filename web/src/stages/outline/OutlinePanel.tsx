import { Suspense, lazy, useState } from 'react';
import { asRectangle, listed } from '@aviarum/core';
import { Link } from '../../pages/Link';
import { usePlan } from '../../state/planStore';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { HeadlineWorking } from '../HeadlineWorking';
import { Decision } from '../Decision';
import { Panel } from '../Panel';
import { OpenOnOutline } from './OpenOnOutline';
import { RectangleFields } from './RectangleFields';
import { Runs } from './Runs';
import { SidesTable } from './SidesTable';
import { WalkFields } from './WalkFields';

// Surveying and reading files come when they are asked for.
const TapeFields = lazy(() => import('../../survey/TapeFields'));
const FileFields = lazy(() => import('../../files/FileFields'));

type Way = 'rectangle' | 'walked' | 'sides' | 'tape' | 'file';
const WAYS: readonly { readonly value: Way; readonly label: string }[] = [
  { value: 'rectangle', label: 'width and depth' },
  { value: 'walked', label: 'as walked' },
  { value: 'sides', label: 'side by side' },
  { value: 'tape', label: 'by tape' },
  { value: 'file', label: 'from a file' },
];

export function OutlinePanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  const reader = useReader();
  const figures = useReckoning((s) => s.reckoning?.figures);
  const [chosen, setWay] = useState<Way | null>(null);
  if (!plan) return null;
  const usual = plan.ground.tape.stakes.length > 0 ? 'tape' : asRectangle(plan) ? 'rectangle' : 'sides';
  const way = chosen ?? usual;
  return (
    <Panel
      stage="outline"
      base={base}
      lead="Drag corners and sides on the sheet, or type them here. Square to the house first."
    >
      <OpenOnOutline plan={plan} />
      <section aria-label="Put down by">
        <div className="choices several" role="group" aria-label="Put the outline down by">
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
        <Suspense fallback={<p className="soft">Opening …</p>}>
          {way === 'tape' && <TapeFields plan={plan} />}
          {way === 'file' && <FileFields plan={plan} />}
        </Suspense>
      </section>
      {figures && (
        <dl className="tally">
          <HeadlineWorking name="Area of the run" figure={reader.area(figures.area ?? 0)} working="area" />
          <HeadlineWorking
            name="Fence"
            figure={reader.about(figures.fenceLength ?? 0)}
            working="fenceLength"
          />
          <HeadlineWorking
            name="All round"
            figure={reader.about(figures.perimeter ?? 0)}
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
      <Decision
        name={plan.enclosures.length > 1 ? 'Runs' : 'The run'}
        answer={listed(plan.enclosures.map((e) => e.name))}
      >
        <Runs plan={plan} />
      </Decision>
      <div>
        <Link className="btn" to={`${base}/yard`}>
          Set it out in the yard
        </Link>
      </div>
    </Panel>
  );
}
