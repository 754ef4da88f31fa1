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
import { type ComponentProps, useId, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { ApiError, createPlan } from '../api/client';
import { Choice, Pick } from '../fields/Choice';
import { PageBar } from './PageBar';

const KINDS = BIRD_KINDS.map((value) => ({ value, label: capital(BIRDS[value].many) }));

type Field = 'count' | 'house' | 'plan';
interface Wrong {
  readonly field: Field;
  readonly message: string;
}
interface Asked {
  readonly name: string;
  readonly kind: BirdKind;
  readonly count: string;
  readonly units: Plan['units'];
  readonly house: string;
}
const NOTHING: Asked = { name: '', kind: 'hen-heavy', count: '', units: 'metric', house: '' };
const UNITS = [
  { value: 'metric', label: 'metres' },
  { value: 'imperial', label: 'feet and inches' },
] as const;

/** The plan that the fields ask for, or which of them is wrong. */
function proposed({ name, kind, count, units, house }: Asked): Plan | Wrong {
  const birds = count.trim() === '' ? 0 : Number(count);
  if (!Number.isInteger(birds) || birds < 0 || birds > 100000)
    return { field: 'count', message: 'A whole number, or nothing if you do not know yet.' };
  const width = parseLength(house, units);
  if (!width.ok || width.value < 0.3 || width.value > 100) {
    const message =
      units === 'metric'
        ? 'The wall the run is built against, such as 2.40 or 240 cm.'
        : 'The wall the run is built against, such as 8 or 7′ 10″.';
    return { field: 'house', message };
  }
  const flock: Flock[] = birds > 0 ? [{ id: 'f1', kind, count: birds, keeping: 'confined' }] : [];
  return proposePlan({
    id: newId('p', [], Math.random) + newId('', [], Math.random),
    name: name.trim() === '' ? 'New run' : name.trim(),
    units,
    flock,
    houseWidth: width.value,
  });
}

/** A line to type in, with what is wrong about it. */
function Typed({
  name,
  wrong,
  ...input
}: { name: string; wrong?: string | undefined } & Omit<ComponentProps<'input'>, 'id'>) {
  const id = useId();
  return (
    <div className="field">
      <label className="name" htmlFor={id}>
        {name}
      </label>
      <input id={id} className="input" {...input} />
      <Said wrong={wrong} />
    </div>
  );
}

const Said = ({ wrong }: { wrong: string | undefined }) =>
  wrong !== undefined && (
    <span className="wrong" role="alert">
      {wrong}
    </span>
  );

function AskedFields({
  asked,
  wrong,
  onSet,
}: {
  asked: Asked;
  wrong: Wrong | null;
  onSet: (to: Partial<Asked>) => void;
}) {
  const said = (field: Field) => (wrong?.field === field ? wrong.message : undefined);
  return (
    <>
      <Typed
        name="Name"
        placeholder="New run"
        value={asked.name}
        onChange={(e) => onSet({ name: cutText(e.target.value, LENGTHS.name) })}
      />
      <div className="fields">
        <Pick name="Birds" value={asked.kind} options={KINDS} onChoose={(kind) => onSet({ kind })} />
        <Typed
          name="How many"
          className="input figure"
          inputMode="numeric"
          value={asked.count}
          wrong={said('count')}
          onChange={(e) => onSet({ count: e.target.value })}
        />
        <Choice name="Units" value={asked.units} options={UNITS} onChoose={(units) => onSet({ units })} />
        <Typed
          name={asked.units === 'metric' ? 'House width, metres' : 'House width, feet'}
          className="input figure"
          value={asked.house}
          wrong={said('house')}
          onChange={(e) => onSet({ house: e.target.value })}
        />
      </div>
      <Said wrong={said('plan')} />
    </>
  );
}

/** Birds and house width: enough for a proposed run and its docket. */
export function NewPlanPage() {
  const { holding = '' } = useParams();
  const navigate = useNavigate();
  const [asked, setAsked] = useState(NOTHING);
  const [wrong, setWrong] = useState<Wrong | null>(null);

  const propose = async () => {
    const plan = proposed(asked);
    if ('field' in plan) return setWrong(plan);
    setWrong(null);
    try {
      await createPlan(holding, plan);
      await navigate(`/h/${holding}/p/${plan.id}/outline`);
    } catch (error) {
      const message = error instanceof ApiError ? error.title : 'The server does not answer; try again.';
      setWrong({ field: 'plan', message });
    }
  };
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
              void propose();
            }}
          >
            <AskedFields asked={asked} wrong={wrong} onSet={(to) => setAsked({ ...asked, ...to })} />
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
