import {
  type Plan,
  type RingSide,
  STATE_IDS,
  type Standing,
  type StateId,
  meshName,
  meshesOnOffer,
  replacedOn,
  standingOn,
  surveyRings,
} from '@aviarum/core';
import { useState } from 'react';
import { Choice, Pick } from '../../fields/Choice';
import { FootFound } from '../../fields/FootFound';
import { LengthField } from '../../fields/LengthField';
import { useMarket } from '../../state/market';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';
import { Decision } from '../Decision';

const STATES: readonly { readonly value: StateId; readonly label: string }[] = STATE_IDS.map((value) => ({
  value,
  label: { sound: 'sound', tired: 'tired', broken: 'broken' }[value],
}));
const SAID: Readonly<Record<StateId, string>> = {
  sound: 'Its wire counts as it was made.',
  tired: 'Tired: its wire counts as a third thinner.',
  broken: 'Broken: it counts as a gap that everything walks through.',
};
const NOT_KNOWN = 'not known';
/** What nobody knows counts as so open, m. */
const NOT_KNOWN_OPENING = 0.05;
const LOW = 0.6;

/** Sides on which a fence stands already, each once. */
const standingSides = (plan: Plan): readonly RingSide[] => {
  const seen = new Set<string>();
  return surveyRings(plan)
    .flatMap((ring) => ring.sides)
    .filter(({ side }) => standingOn(side) !== null && !seen.has(side.id) && seen.add(side.id));
};

/** Meshes that it may be of, and none that anybody knows. */
function MeshFound({ plan, standing, set }: FieldsProps) {
  const market = useMarket();
  const reader = useReader();
  const [first] = standing.bands;
  if (!market) return null;
  const ids = meshesOnOffer({ plan, market }, first?.mesh ?? null);
  return (
    <Pick
      name="Its mesh"
      value={first?.mesh ?? NOT_KNOWN}
      options={[
        { value: NOT_KNOWN, label: `not known: counts as hexagonal, ${reader.opening(NOT_KNOWN_OPENING)}` },
        ...ids.map((id) => ({ value: id, label: meshName(market.mesh(id), reader) })),
      ]}
      onChoose={(value) => {
        const mesh = value === NOT_KNOWN ? null : value;
        const top = first?.top ?? standing.height ?? 1;
        set({ bands: [{ mesh, top }, ...standing.bands.slice(1)] });
      }}
    />
  );
}

interface FieldsProps {
  readonly plan: Plan;
  readonly standing: Standing;
  readonly set: (to: Partial<Standing>) => void;
}

/** What was found on one side. */
function AsFound(props: FieldsProps) {
  const { standing, set } = props;
  const { height, bands, state, spacing } = standing;
  const last = bands[bands.length - 1];
  return (
    <>
      <MeshFound {...props} />
      <Choice name="State" value={state} options={STATES} onChoose={(value) => set({ state: value })} />
      <p className="small soft">{SAID[state]}</p>
      <div className="fields">
        <LengthField
          name="Height (blank: nobody measured it)"
          value={height}
          least={0.1}
          most={6}
          onCommit={(high) =>
            set({ height: high, bands: last ? [...bands.slice(0, -1), { ...last, top: high }] : [] })
          }
          onClear={() => set({ height: null })}
        />
        <LengthField
          name="From post to post"
          value={spacing}
          least={0.3}
          most={6}
          onCommit={(apart) => set({ spacing: apart })}
        />
      </div>
    </>
  );
}

/** A finer band over its foot: bought, and tied to what stands. */
function TiedOver({ plan, standing, sides }: Omit<FieldsProps, 'set'> & { sides: readonly string[] }) {
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const reader = useReader();
  if (!market) return null;
  const { low } = standing;
  const top = low?.top ?? Math.min(LOW, standing.height ?? LOW);
  const put = (to: Standing['low']) => take({ verb: 'set-low-band', sides, low: to });
  const ids = meshesOnOffer({ plan, market }, low?.mesh ?? null);
  return (
    <div className="fields">
      <Pick
        name="Tied over its foot"
        value={low?.mesh ?? ''}
        options={[
          { value: '', label: 'nothing' },
          ...ids.map((id) => ({ value: id, label: meshName(market.mesh(id), reader) })),
        ]}
        onChoose={(mesh) => put(mesh === '' ? null : { mesh, top })}
      />
      {low && (
        <LengthField
          name="Up to"
          value={low.top}
          least={0.1}
          most={6}
          onCommit={(high) => put({ ...low, top: high })}
        />
      )}
    </div>
  );
}

/** So much higher it is made as a rule, m. */
const MORE = 0.6;

/** Carried up on timbers beside its posts. */
function MadeHigher({ plan, standing, sides }: Omit<FieldsProps, 'set'> & { sides: readonly string[] }) {
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const reader = useReader();
  if (!market) return null;
  const { higher } = standing;
  const top = higher?.top ?? Math.round(((standing.height ?? LOW) + MORE) * 100) / 100;
  const put = (to: Standing['higher']) => take({ verb: 'set-higher', sides, higher: to });
  return (
    <div className="fields">
      <Pick
        name="Carried higher, on timbers"
        value={higher?.mesh ?? ''}
        options={[
          { value: '', label: 'no' },
          ...meshesOnOffer({ plan, market }, higher?.mesh ?? null).map((id) => ({
            value: id,
            label: meshName(market.mesh(id), reader),
          })),
        ]}
        onChoose={(mesh) => put(mesh === '' ? null : { mesh, top })}
      />
      {higher && (
        <LengthField
          name="Up to"
          value={higher.top}
          least={0.3}
          most={6}
          onCommit={(high) => put({ ...higher, top: high })}
        />
      )}
    </div>
  );
}

/** What is on each side that stands already, and what is added to it. */
export function WhatStands({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const [picked, setPicked] = useState<string | null>(null);
  const sides = standingSides(plan);
  const inHand = sides.find(({ side }) => side.id === picked) ?? sides[0];
  const standing = inHand && standingOn(inHand.side);
  if (!standing) return null;
  const { id } = inHand.side;
  const others = sides.filter(
    ({ side }) => side.id !== id && JSON.stringify(standingOn(side)) !== JSON.stringify(standing),
  );
  const set = (to: Partial<Standing>) =>
    take({ verb: 'set-standing', sides: [id], standing: { ...standing, ...to } });
  const high = standing.height === null ? 'not measured' : reader.length(standing.height);
  return (
    <Decision name="What stands already" answer={`side ${inHand.number}: ${high}, ${standing.state}`} begins>
      {sides.length > 1 && (
        <div className="choices several" role="group" aria-label="Side that stands">
          {sides.map(({ side, number }) => (
            <button
              key={side.id}
              type="button"
              aria-pressed={side.id === id}
              onClick={() => setPicked(side.id)}
            >
              side {number}
            </button>
          ))}
        </div>
      )}
      <AsFound key={id} plan={plan} standing={standing} set={set} />
      <FootFound foot={standing.foot} onFoot={(foot) => set({ foot })} />
      <TiedOver plan={plan} standing={standing} sides={[id]} />
      <MadeHigher plan={plan} standing={standing} sides={[id]} />
      <div className="mends">
        {others.length > 0 && (
          <button
            type="button"
            className="btn"
            onClick={() => take({ verb: 'set-standing', sides: others.map(({ side }) => side.id), standing })}
          >
            {others.length === 1
              ? `Use this for side ${others[0]?.number ?? ''} too`
              : 'Use this for all sides that stand'}
          </button>
        )}
        <button
          type="button"
          className="btn"
          onClick={() => take({ verb: 'set-standing', sides: [id], standing: null })}
        >
          Build side {inHand.number} anew
        </button>
      </div>
    </Decision>
  );
}

/** A new line stands so far outside the old, which stays until it is closed, m. */
const OUTSIDE = 0.3;

/** Sides that are built anew where a fence stood. */
export function BuiltAnew({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const seen = new Set<string>();
  const sides = surveyRings(plan)
    .flatMap((ring) => ring.sides)
    .filter(({ side }) => replacedOn(side) !== null && !seen.has(side.id) && seen.add(side.id));
  if (sides.length === 0) return null;
  return (
    <Decision name="Built anew" answer={`side ${sides.map(({ number }) => number).join(', ')}`}>
      {sides.map(({ side, number }) => (
        <div key={side.id} className="mends">
          <button
            type="button"
            className="btn"
            onClick={() => take({ verb: 'move-side', side: side.id, by: OUTSIDE })}
          >
            Stand side {number} {reader.length(OUTSIDE)} outside the old
          </button>
          <button
            type="button"
            className="btn"
            onClick={() => take({ verb: 'set-standing', sides: [side.id], standing: replacedOn(side) })}
          >
            Let the old one stand
          </button>
        </div>
      ))}
    </Decision>
  );
}
