import {
  COVER_KINDS,
  type CoverKindId,
  type Plan,
  WHOLE_PLAN,
  asking,
  coverOffered,
  coverWanted,
  newCover,
  sayChange,
} from '@aviarum/core';
import { useState } from 'react';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { Decision } from '../Decision';
import { NotSoldYet, Offers } from '../Offers';
import { Panel } from '../Panel';
import { SchoolNote } from '../SchoolNote';
import { Stature } from '../Stature';
import { OneCover } from './OneCover';
import { OpenOnCover } from './OpenOnCover';

const KINDS = Object.keys(COVER_KINDS) as CoverKindId[];
/** Kinds of cover that can be added, the one that what is about asks for first, each with what it would do to price and hours. */
function AddCover({ plan, onMade }: { plan: Plan; onMade: (id: string) => void }) {
  const market = useMarket();
  const reader = useReader();
  const wanted = coverWanted(plan)?.kind ?? null;
  const asked = market && asking(plan, market, reader, WHOLE_PLAN);
  const changes = KINDS.filter((kind) => asked && coverOffered(asked, kind))
    .sort((a, b) => (a === wanted ? -1 : b === wanted ? 1 : 0))
    .flatMap((kind) => {
      const change = newCover(plan, kind);
      return change ? [change] : [];
    });
  if (!market) return null;
  if (plan.enclosures.length === 0) return <p>Lay out a run first: a cover lies over one.</p>;
  if (changes.length === 0) return <NotSoldYet plan={plan} what="What covers are made of" />;
  return (
    <Offers
      offers={changes.map((change) => ({
        said: sayChange(change, reader, market),
        change,
        id: change.cover.id,
        wanted: change.cover.kind === wanted,
      }))}
      onMade={onMade}
    />
  );
}

/** What lies over the run: each cover as a decision, what holds it up, and whether it is to be trusted. */
export function CoverPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
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
          strength={(strength ?? []).filter((s) => s.of === cover.id)}
          alone={plan.covers.length === 1}
          fresh={made === cover.id}
        />
      ))}
      <Decision
        name="Add a cover"
        answer={plan.covers.length === 0 ? 'none yet' : `${plan.covers.length} so far`}
        begins={plan.covers.length === 0}
      >
        <SchoolNote id="over" />
        <AddCover plan={plan} onMade={setMade} />
      </Decision>
      <Stature stature={plan.stature} />
    </Panel>
  );
}
