import {
  BIRD_KINDS,
  BIRDS,
  type BirdKind,
  type Flock,
  LENGTHS,
  type Plan,
  capital,
  cutText,
  newId,
  parseLength,
  proposePlan,
} from '@aviarum/core';
import { useId, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { ApiError, createPlan } from '../api/client';
import { Choice, Pick } from '../fields/Choice';
import { PageBar } from './PageBar';

const KINDS = BIRD_KINDS.map((value) => ({ value, label: capital(BIRDS[value].many) }));

/** Birds and house width: enough for a proposed run and its docket. */
export function NewPlanPage() {
  const { holding = '' } = useParams();
  const navigate = useNavigate();
  const ids = { name: useId(), count: useId(), house: useId() };
  const [name, setName] = useState('');
  const [kind, setKind] = useState<BirdKind>('hen-heavy');
  const [count, setCount] = useState('');
  const [units, setUnits] = useState<Plan['units']>('metric');
  const [house, setHouse] = useState('');
  const [wrong, setWrong] = useState<{ field: 'count' | 'house' | 'plan'; message: string } | null>(null);

  const propose = async () => {
    const birds = count.trim() === '' ? 0 : Number(count);
    if (!Number.isInteger(birds) || birds < 0 || birds > 100000)
      return setWrong({ field: 'count', message: 'A whole number, or nothing if you do not know yet.' });
    const width = parseLength(house, units);
    if (!width.ok || width.value < 0.3 || width.value > 100) {
      return setWrong({
        field: 'house',
        message:
          units === 'metric'
            ? 'The wall the run is built against, such as 2.40 or 240 cm.'
            : 'The wall the run is built against, such as 8 or 7′ 10″.',
      });
    }
    const id = newId('p', [], Math.random) + newId('', [], Math.random);
    const flock: Flock[] = birds > 0 ? [{ id: 'f1', kind, count: birds, keeping: 'confined' }] : [];
    const plan = proposePlan({
      id,
      name: name.trim() === '' ? 'New run' : name.trim(),
      units,
      flock,
      houseWidth: width.value,
    });
    try {
      await createPlan(holding, plan);
      await navigate(`/h/${holding}/p/${id}/outline`);
    } catch (error) {
      setWrong({
        field: 'plan',
        message: error instanceof ApiError ? error.title : 'The server does not answer; try again.',
      });
    }
  };
  const said = (field: 'count' | 'house' | 'plan') =>
    wrong?.field === field && (
      <span className="wrong" role="alert">
        {wrong.message}
      </span>
    );
  return (
    <>
      <PageBar />
      <div className="pagebody">
        <main className="page">
          <h1 style={{ fontSize: 34 }}>New plan</h1>
          <p className="lead soft">
            Which birds, and the wall of the house that the run stands against. Everything else starts
            sensible and can be changed.
          </p>
          <form
            className="slip"
            noValidate
            onSubmit={(event) => {
              event.preventDefault();
              setWrong(null);
              void propose();
            }}
          >
            <div className="field">
              <label className="name" htmlFor={ids.name}>
                Name
              </label>
              <input
                id={ids.name}
                className="input"
                placeholder="New run"
                value={name}
                onChange={(e) => setName(cutText(e.target.value, LENGTHS.name))}
              />
            </div>
            <div className="fields">
              <Pick name="Birds" value={kind} options={KINDS} onChoose={setKind} />
              <div className="field">
                <label className="name" htmlFor={ids.count}>
                  How many
                </label>
                <input
                  id={ids.count}
                  className="input figure"
                  inputMode="numeric"
                  value={count}
                  onChange={(e) => setCount(e.target.value)}
                />
                {said('count')}
              </div>
              <Choice
                name="Units"
                value={units}
                options={[
                  { value: 'metric', label: 'metres' },
                  { value: 'imperial', label: 'feet and inches' },
                ]}
                onChoose={setUnits}
              />
              <div className="field">
                <label className="name" htmlFor={ids.house}>
                  House width, {units === 'metric' ? 'metres' : 'feet'}
                </label>
                <input
                  id={ids.house}
                  className="input figure"
                  value={house}
                  onChange={(e) => setHouse(e.target.value)}
                />
                {said('house')}
              </div>
            </div>
            {said('plan')}
            <div>
              <button type="submit" className="btn btn-accent">
                Draw a run
              </button>
            </div>
          </form>
        </main>
      </div>
    </>
  );
}
