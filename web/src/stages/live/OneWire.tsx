import {
  type Change,
  type HotWire,
  type Plan,
  WHOLE_PLAN,
  asking,
  counted,
  surveyRings,
  wireOptions,
} from '@aviarum/core';
import { NameField } from '../../fields/NameField';
import { OptionGroups } from '../../fields/OptionGroups';
import { PlanLength } from '../../fields/PlanLength';
import { Ticks } from '../../fields/Ticks';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { Decision, Decisions } from '../Decision';

const set = (wire: HotWire, to: Partial<Omit<HotWire, 'id'>>): Change => ({
  verb: 'set-hot-wire',
  id: wire.id,
  to,
});

/** Sides that it runs along, to be ticked. */
function Sides({ wire, plan }: { wire: HotWire; plan: Plan }) {
  const take = usePlan((s) => s.take);
  const seen = new Set<string>();
  const sides = surveyRings(plan).flatMap((ring) =>
    ring.sides.flatMap((s) => {
      if (s.side.kind !== 'fence' || seen.has(s.side.id)) return [];
      seen.add(s.side.id);
      return [{ id: s.side.id, name: String(s.number) }];
    }),
  );
  return (
    <Ticks
      name="Along sides"
      options={sides}
      ticked={wire.sides}
      // A wire along nothing is taken away below.
      least={1}
      onTick={(to) => take(set(wire, { sides: to }))}
    />
  );
}

/** Heights of its strands, each a field. */
function Strands({ wire }: { wire: HotWire }) {
  const take = usePlan((s) => s.take);
  const { heights } = wire;
  return (
    <>
      <div className="fields">
        {heights.map((height, i) => (
          <PlanLength
            key={i}
            of="hotWires.heights"
            name={`Strand ${i + 1}, over the ground`}
            value={height}
            onCommit={(to) => take(set(wire, { heights: heights.map((h, k) => (k === i ? to : h)) }))}
            {...(heights.length > 1 && {
              onClear: () => take(set(wire, { heights: heights.filter((_, k) => k !== i) })),
            })}
          />
        ))}
        <PlanLength
          of="hotWires.offset"
          name="Off the fence"
          value={wire.offset}
          onCommit={(offset) => take(set(wire, { offset }))}
        />
      </div>
      <div className="mends">
        <button
          type="button"
          className="btn"
          disabled={heights.length >= 6}
          onClick={() => take(set(wire, { heights: [...heights, 0.6] }))}
        >
          Add a strand
        </button>
      </div>
    </>
  );
}

/** A hot wire on a fence: along which sides, how high, and how it passes gates. */
export function OneWire({ wire, plan, fresh }: { wire: HotWire; plan: Plan; fresh: boolean }) {
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const reader = useReader();
  const figures = useReckoning((s) => s.reckoning?.figures);
  if (!market) return null;
  const length = figures?.[`hotWire.${wire.id}.length`] ?? 0;
  const insulators = figures?.[`hotWire.${wire.id}.insulators`] ?? 0;
  const lead = figures?.[`hotWire.${wire.id}.lead`] ?? 0;
  const joints = figures?.[`hotWire.${wire.id}.joints`] ?? 0;
  const strands = wire.heights.map((h) => reader.length(h)).join(' and ');
  return (
    <Decision name={wire.name} answer={`${reader.about(length)} at ${strands}`} fresh={fresh}>
      <Sides wire={wire} plan={plan} />
      <Strands wire={wire} />
      <p className="small">
        {insulators} insulators, one a post and strand.
        {lead > 0 && ` ${reader.about(lead)} of cable under gates.`}
        {joints > 0 && ` ${counted(joints, 'joint')}, at corners and where a cable meets a strand.`}
      </p>
      <Decisions>
        <OptionGroups groups={wireOptions(asking(plan, market, reader, WHOLE_PLAN), wire)} />
      </Decisions>
      <div className="fields">
        <NameField name="Called" value={wire.name} onCommit={(name) => take(set(wire, { name }))} />
      </div>
      <div className="mends">
        <button type="button" className="btn" onClick={() => take({ verb: 'remove-hot-wire', id: wire.id })}>
          Take it away
        </button>
      </div>
    </Decision>
  );
}
