import { FAULTS, FAULT_IDS, type Plan, type StandIn, energyIn } from '@aviarum/core';
import { Ticks } from '../../fields/Ticks';

/** What a stand-in of this fence is like, as it is planned. */
export function standInOf(plan: Plan, length: number): StandIn {
  const energy = energyIn(plan, length);
  return {
    seed: 1,
    speed: 3600,
    output: energy.made?.output ?? Math.max(0.05, energy.output),
    needed: Math.max(0.01, energy.output),
    capacity: energy.supply === 'battery' || energy.supply === 'solar' ? plan.power.battery : null,
    draw: energy.draw,
    gain: energy.gain[new Date().getMonth()] ?? 0,
    faults: [],
  };
}

/** A stand-in for the line, for who has no meter: its faults switched on by hand. */
export function StandInFields({
  standIn,
  now,
  onBegin,
  onSet,
  onEnd,
}: {
  standIn: StandIn | null;
  now: string;
  onBegin: () => void;
  onSet: (setting: StandIn) => void;
  onEnd: () => void;
}) {
  if (!standIn)
    return (
      <div className="mends">
        <button type="button" className="btn" onClick={onBegin}>
          Try it with a stand-in for the line
        </button>
      </div>
    );
  return (
    <>
      <Ticks
        name={`A stand-in, no real line: an hour each second. Its clock says ${now.slice(0, 10)}, ${now.slice(11, 16)}.`}
        options={FAULT_IDS.map((id) => ({ id, name: FAULTS[id] }))}
        ticked={standIn.faults}
        onTick={(faults) => onSet({ ...standIn, faults })}
      />
      <button type="button" className="linebtn" onClick={onEnd}>
        End it, and forget what it read
      </button>
    </>
  );
}
