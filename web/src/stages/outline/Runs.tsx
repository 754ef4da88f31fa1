import { type Plan, newId, surveyRings } from '@aviarum/core';
import { useState } from 'react';
import { Pick } from '../../fields/Choice';
import { LengthField } from '../../fields/LengthField';
import { NameField } from '../../fields/NameField';
import { usePlan } from '../../state/planStore';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { useSelection } from '../../state/selection';

/** The runs of the plan: named, divided by a fence from corner to corner, or added beside a side that the two then share. */
export function Runs({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const { showRun } = useSelection();
  const figures = useReckoning((s) => s.reckoning?.enclosures);
  const rings = surveyRings(plan);
  return (
    <section>
      {plan.enclosures.map((e) => {
        const own = figures?.find((f) => f.id === e.id)?.figures;
        return (
          <div key={e.id} className="runrow">
            <NameField
              name={
                own ? `${reader.area(own.area ?? 0)}, ${reader.about(own.fenceLength ?? 0)} of fence` : 'Name'
              }
              value={e.name}
              onCommit={(name) => take({ verb: 'rename-enclosure', enclosure: e.id, name })}
            />
            {plan.enclosures.length > 1 && (
              <button
                type="button"
                className="btn"
                aria-label={`Remove ${e.name}`}
                onClick={() => take({ verb: 'remove-enclosure', enclosure: e.id })}
              >
                Remove
              </button>
            )}
          </div>
        );
      })}
      <Divide plan={plan} rings={rings} onMade={showRun} />
      <AddBeside plan={plan} rings={rings} onMade={showRun} />
      <Join plan={plan} rings={rings} />
    </section>
  );
}

interface Making {
  readonly plan: Plan;
  readonly rings: ReturnType<typeof surveyRings>;
  readonly onMade: (enclosure: string) => void;
}

function Divide({ plan, rings, onMade }: Making) {
  const take = usePlan((s) => s.take);
  const corners = rings.flatMap((r) => r.sides.map((s) => ({ id: s.startCorner, number: s.startNumber })));
  const unique = [...new Map(corners.map((c) => [c.id, c])).values()].sort((a, b) => a.number - b.number);
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const first = unique.find((c) => c.id === from) ?? unique[0];
  /** Corners of the same run that are not beside it: only to those can a fence be drawn across. */
  const across = (corner: string) =>
    rings.flatMap((ring) => {
      const i = ring.sides.findIndex((s) => s.startCorner === corner);
      const n = ring.sides.length;
      if (i < 0) return [];
      return ring.sides.flatMap((s, k) =>
        [0, 1, n - 1].includes((k - i + n) % n)
          ? []
          : [{ id: s.startCorner, number: s.startNumber, ring: ring.enclosure }],
      );
    });
  const ends = first ? across(first.id) : [];
  const last = ends.find((c) => c.id === to) ?? ends[0];
  if (!first || unique.length < 4) return null;
  const divide = () => {
    if (!last) return;
    const id = newId('e', plan.enclosures, Math.random);
    const name = `Run ${plan.enclosures.length + 1}`;
    const side = newId('s', plan.sides, Math.random);
    take({ verb: 'divide', enclosure: last.ring, from: first.id, to: last.id, side, second: { id, name } });
    onMade(id);
  };
  const option = (c: { id: string; number: number }) => ({ value: c.id, label: `corner ${c.number}` });
  return (
    <div className="makerow">
      <Pick name="Divide by a fence from" value={first.id} options={unique.map(option)} onChoose={setFrom} />
      <Pick name="to" value={last?.id ?? ''} options={ends.map(option)} onChoose={setTo} />
      <button type="button" className="btn" disabled={!last} onClick={divide}>
        Divide
      </button>
    </div>
  );
}

function AddBeside({ plan, rings, onMade }: Making) {
  const take = usePlan((s) => s.take);
  const counts = new Map<string, number>();
  for (const s of rings.flatMap((r) => r.sides)) counts.set(s.side.id, (counts.get(s.side.id) ?? 0) + 1);
  const free = rings
    .flatMap((r) => r.sides)
    .filter((s) => counts.get(s.side.id) === 1 && s.side.kind === 'fence');
  const [chosen, setChosen] = useState('');
  const [depth, setDepth] = useState(3);
  const side = free.find((s) => s.side.id === chosen) ?? free[0];
  if (!side) return null;
  const add = () => {
    const id = newId('e', plan.enclosures, Math.random);
    const c1 = newId('c', plan.corners, Math.random);
    const c2 = newId('c', [...plan.corners, { id: c1 }], Math.random);
    const s1 = newId('s', plan.sides, Math.random);
    const s2 = newId('s', [...plan.sides, { id: s1 }], Math.random);
    const s3 = newId('s', [...plan.sides, { id: s1 }, { id: s2 }], Math.random);
    take({
      verb: 'add-beside',
      side: side.side.id,
      depth,
      enclosure: { id, name: `Run ${plan.enclosures.length + 1}` },
      corners: [c1, c2],
      sides: [s1, s2, s3],
    });
    onMade(id);
  };
  return (
    <div className="makerow">
      <Pick
        name="Add a run beside"
        value={side.side.id}
        options={free.map((s) => ({ value: s.side.id, label: `side ${s.number}` }))}
        onChoose={setChosen}
      />
      <LengthField name="how deep" value={depth} least={0.3} most={500} onCommit={setDepth} />
      <button type="button" className="btn" onClick={add}>
        Add it
      </button>
    </div>
  );
}

/** Fences between two runs that can come down, so that the runs are one. */
function Join({ rings }: Omit<Making, 'onMade'>) {
  const take = usePlan((s) => s.take);
  const met = new Map<string, { readonly number: number; readonly runs: number }>();
  for (const { side, number } of rings.flatMap((r) => r.sides))
    met.set(side.id, { number: met.get(side.id)?.number ?? number, runs: (met.get(side.id)?.runs ?? 0) + 1 });
  const between = [...met].filter(([, { runs }]) => runs > 1);
  if (between.length === 0) return null;
  return (
    <div className="mends">
      {between.map(([side, { number }]) => (
        <button
          key={side}
          type="button"
          className="btn"
          onClick={() => take({ verb: 'join-enclosures', side })}
        >
          Take side {number} down: make the two runs one
        </button>
      ))}
    </div>
  );
}
