import {
  type Flock,
  BIRD_KINDS,
  BIRDS,
  SPACE_NAMES,
  SPACE_SCHOOLS,
  capital,
  newId,
  boundsAt,
} from '@aviarum/core';
import { Trash2 } from 'lucide-react';
import { Choice, Pick } from '../../fields/Choice';
import { CountField } from '../../fields/CountField';
import { usePlan } from '../../state/planStore';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { HeadlineWorking } from '../HeadlineWorking';
import { Panel } from '../Panel';

const KINDS = BIRD_KINDS.map((value) => ({ value, label: capital(BIRDS[value].many) }));
const SPACES = SPACE_SCHOOLS.map((value) => ({ value, label: capital(SPACE_NAMES[value]) }));

/** One kind of bird: how many, and whether they are let out. */
function FlockFields({ flock }: { flock: Flock }) {
  const take = usePlan((s) => s.take);
  const { id, kind, count, keeping } = flock;
  const set = (to: Partial<Omit<Flock, 'id'>>) => take({ verb: 'set-birds', id, to });
  const name = BIRDS[kind].many;
  return (
    <section aria-label={name} style={{ borderTop: '1px solid var(--rule)', paddingTop: 10 }}>
      <div className="fields" style={{ gridTemplateColumns: '1fr 84px 40px' }}>
        <Pick name="Kind" value={kind} options={KINDS} onChoose={(to) => set({ kind: to })} />
        <CountField
          name="Number"
          value={count}
          most={boundsAt('flock.count').most}
          onCommit={(to) => set({ count: to })}
        />
        <button
          type="button"
          className="btn"
          style={{ padding: 8 }}
          aria-label={`Remove the ${name}`}
          onClick={() => take({ verb: 'remove-birds', id })}
        >
          <Trash2 size={16} aria-hidden />
        </button>
      </div>
      <Choice
        name="Keeping"
        hideName
        value={keeping}
        options={[
          { value: 'confined', label: 'always shut in' },
          { value: 'part-day', label: 'out part of the day' },
        ]}
        onChoose={(to) => set({ keeping: to })}
      />
    </section>
  );
}

export function BirdsPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const figures = useReckoning((s) => s.reckoning?.figures);
  if (!plan) return null;
  const add = () =>
    take({
      verb: 'add-birds',
      flock: { id: newId('f', plan.flock, Math.random), kind: 'hen-heavy', count: 6, keeping: 'confined' },
    });
  return (
    <Panel
      stage="birds"
      base={base}
      lead="Kind, number, and whether they are ever let out: from these come area and openings."
    >
      {plan.flock.length === 0 && <p>No birds yet. Add those you keep, and the area they want follows.</p>}
      {plan.flock.map((flock) => (
        <FlockFields key={flock.id} flock={flock} />
      ))}
      <div>
        <button type="button" className="btn" onClick={add}>
          Add birds
        </button>
      </div>
      <Choice
        name="Space: keepers differ; more space means less feather pecking"
        value={plan.space}
        options={SPACES}
        onChoose={(space) => take({ verb: 'set-space', space })}
      />
      {figures && (
        <dl className="tally">
          <HeadlineWorking
            name="Area wanted"
            figure={reader.area(figures.areaWanted ?? 0)}
            working="areaWanted"
          />
          <HeadlineWorking name="Area of the run" figure={reader.area(figures.area ?? 0)} working="area" />
          {figures.areaPerBird !== undefined && (
            <HeadlineWorking name="A bird" figure={reader.area(figures.areaPerBird)} working="areaPerBird" />
          )}
        </dl>
      )}
    </Panel>
  );
}
