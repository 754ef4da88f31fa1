import {
  COVER_KINDS,
  type CoverKindId,
  type Plan,
  asking,
  coverIsOver,
  coverOffered,
  coverWanted,
  newId,
  WHOLE_PLAN,
  wallTop,
} from '@aviarum/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { PlanLength } from '../../fields/PlanLength';
import { usePlan } from '../../state/planStore';
import { useMarket, useReader, useReckoning } from '../../state/reckoningStore';
import { Decision } from '../Decision';
import { Panel } from '../Panel';
import { SchoolNote } from '../SchoolNote';
import { OneCover } from './OneCover';
import { OpenOnCover } from './OpenOnCover';

const KINDS = Object.keys(COVER_KINDS) as CoverKindId[];
const NAMES: Readonly<Record<CoverKindId, string>> = {
  strips: 'mesh lid',
  net: 'net',
  panels: 'panel lid',
  sheet: 'sheet roof',
  tarp: 'tarp',
  wrap: 'winter wrap',
};

/** A name that no other cover of the plan bears. */
function freeName(plan: Plan, kind: CoverKindId): string {
  const taken = new Set(plan.covers.map((c) => c.name));
  for (let n = 1; ; n++) {
    const name = n === 1 ? NAMES[kind] : `${NAMES[kind]} ${n}`;
    if (!taken.has(name)) return name;
  }
}

/** Kinds of cover that can be added, the one that what is about asks for first; the effect of each is shown where it is chosen. */
function AddCover({ plan, onMade }: { plan: Plan; onMade: (id: string) => void }) {
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const reader = useReader();
  if (!market) return null;
  const asked = asking(plan, market, reader, WHOLE_PLAN);
  const wanted = coverWanted(plan)?.kind ?? null;
  const kinds = KINDS.filter((kind) => coverOffered(asked, kind)).sort((a, b) =>
    a === wanted ? -1 : b === wanted ? 1 : 0,
  );
  const bare = plan.enclosures.find((e) => !plan.covers.some((c) => c.enclosure === e.id && coverIsOver(c)));
  const enclosure = (bare ?? plan.enclosures[0])?.id;
  if (enclosure === undefined) return <p>Lay out a run first: a cover lies over one.</p>;
  if (kinds.length === 0)
    return (
      <p>
        What covers are made of came into the price lists on 28 November.{' '}
        <Link to={`/h/${usePlan.getState().holding ?? ''}/p/${plan.id}/docket`}>Take today’s prices</Link>{' '}
        first.
      </p>
    );
  const add = (kind: CoverKindId) => {
    const id = newId('v', plan.covers, Math.random);
    const over = { id, name: freeName(plan, kind), enclosure, outline: null, height: wallTop(asked) };
    take({ verb: 'add-cover', cover: COVER_KINDS[kind].usual(over) });
    onMade(id);
  };
  return (
    <div className="addcover">
      {kinds.map((kind) => (
        <button
          key={kind}
          type="button"
          className={`btn ${kind === wanted ? 'btn-accent' : ''}`}
          onClick={() => add(kind)}
        >
          Add {kind === 'sheet' ? 'a sheet roof' : `a ${NAMES[kind]}`}
        </button>
      ))}
    </div>
  );
}

/** What lies over the run: each cover as a decision, what holds it up, and whether it is to be trusted. */
export function CoverPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const strength = useReckoning((s) => s.reckoning?.strength);
  const [made, setMade] = useState<string | null>(null);
  if (!plan) return null;
  return (
    <Panel
      stage="cover"
      base={base}
      lead="What keeps birds of prey and climbers out from above, what holds it up, and what snow and wind do to it."
    >
      <OpenOnCover plan={plan} />
      {plan.covers.length === 0 && <p>Nothing lies over the run yet.</p>}
      {plan.covers.map((cover) => (
        <OneCover
          key={cover.id}
          cover={cover}
          plan={plan}
          strength={(strength ?? []).filter((s) => s.cover === cover.id)}
          alone={plan.covers.length === 1}
          fresh={made === cover.id}
        />
      ))}
      <Decision name="Add a cover" answer={plan.covers.length === 0 ? 'none yet' : `${plan.covers.length} so far`} begins={plan.covers.length === 0}>
        <SchoolNote id="over" />
        <AddCover plan={plan} onMade={setMade} />
      </Decision>
      <Decision name="How tall you are" answer={`${reader.length(plan.stature)}, boots on`}>
        <PlanLength
          of="stature"
          name="Boots on"
          value={plan.stature}
          onCommit={(stature) => take({ verb: 'set-stature', stature })}
        />
      </Decision>
    </Panel>
  );
}
