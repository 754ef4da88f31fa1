import { aboutLength, areaText, lengthText, sayFinding } from '@aviarum/core';
import { useEffect } from 'react';
import { GroundSheet } from '../sheet/GroundSheet';
import { usePlan } from '../state/planStore';
import { followPlan, useBehind, useReader, useReckoning } from '../state/reckoningStore';

function Figure({
  name,
  figure,
  unit,
}: {
  name: string;
  figure: string | undefined;
  unit?: string | undefined;
}) {
  return (
    <div>
      <dt>{name}</dt>
      <dd className="figure">
        {figure ?? ' '}
        {figure !== undefined && unit !== undefined && unit !== '' && <span className="unit">{unit}</span>}
      </dd>
    </div>
  );
}

/** What is proposed: the sheet at once, and its figures as soon as they are worked out. */
export default function Proposed() {
  useEffect(() => followPlan(), []);
  const reckoning = useReckoning((s) => s.reckoning);
  const there = usePlan((s) => s.plan !== null);
  const behind = useBehind();
  const reader = useReader();
  const figures = reckoning?.figures;
  // What stands already is no fence to build.
  const stands = figures?.fenceLength === 0 ? (figures.standing ?? 0) : 0;
  const long = stands > 0 ? stands : (figures?.fenceLength ?? 0);
  const fence = figures && lengthText(aboutLength(long, reader.system), reader.system);
  const area = figures && areaText(figures.area ?? 0, reader.system);
  const stand = figures?.['posts.standing'] ?? 0;
  const worst = reckoning?.findings.find((f) => f.severity !== 'know');
  return (
    <>
      <div className="proposedsheet">{there && <GroundSheet stage="outline" still />}</div>
      <dl className="proposedfigures" aria-busy={behind || !reckoning} aria-label="Figures of the proposal">
        <Figure name={stands > 0 ? 'Stands' : 'Fence'} figure={fence?.figure} unit={fence?.unit} />
        <Figure name="Run" figure={area?.figure} unit={area?.unit} />
        <Figure
          name="Posts"
          figure={figures && String(figures['posts.total'] ?? 0)}
          unit={stand > 0 ? `, ${stand} stand` : undefined}
        />
        <Figure name="To buy" figure={reckoning ? reader.money(reckoning.docket.total) : undefined} />
      </dl>
      {worst && <p className="wrong">{sayFinding(worst, reader)}</p>}
    </>
  );
}
