import {
  FAULTS,
  FAULT_IDS,
  type Energy,
  type MeterAnswer,
  type Plan,
  type Pointed,
  type StandIn,
  diagnose,
  energyIn,
  printNumber,
  sayPointed,
} from '@aviarum/core';
import { Suspense, lazy, useState } from 'react';
import { Ticks } from '../../fields/Ticks';
import { usePlan } from '../../state/planStore';
import { useReckoning } from '../../state/reckoningStore';
import { Decision } from '../Decision';
import { useMeter } from './useMeter';

const LineChart = lazy(() => import('./LineChart'));

/** What a stand-in of this fence is like, as it is planned. */
function standInOf(plan: Plan, length: number, before: StandIn | null): StandIn {
  const energy = energyIn(plan, length);
  return {
    seed: before?.seed ?? 1,
    speed: before?.speed ?? 3600,
    output: energy.made?.output ?? Math.max(0.05, energy.output),
    needed: Math.max(0.01, energy.output),
    capacity: energy.supply === 'battery' || energy.supply === 'solar' ? plan.power.battery : null,
    draw: energy.draw,
    gain: energy.gain[new Date().getMonth()] ?? 0,
    faults: before?.faults ?? [],
  };
}

/** Voltage as it is typed. */
function VoltField({ name, value, onSet }: { name: string; value: string; onSet: (text: string) => void }) {
  return (
    <label className="field">
      <span className="name">{name}</span>
      <input
        className="input figure"
        inputMode="decimal"
        autoComplete="off"
        value={value}
        onChange={(event) => onSet(event.target.value)}
      />
    </label>
  );
}

const number = (text: string): number | null =>
  /^\d+([.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : null;

/** A reading taken by hand, where no meter sends any. */
function ByHand({ onSend }: { onSend: ReturnType<typeof useMeter>['typeIn'] }) {
  const [near, setNear] = useState('');
  const [far, setFar] = useState('');
  const [battery, setBattery] = useState('');
  const [said, setSaid] = useState<string | null>(null);
  const send = async () => {
    const kv = number(near);
    const others = [far, battery].map((text) => (text.trim() === '' ? null : number(text)));
    const wrong = kv === null || [far, battery].some((text, i) => text.trim() !== '' && others[i] === null);
    if (wrong) return setSaid('Type the voltage as a number of kV, such as 5.2.');
    setSaid(null);
    const [farKv, volts] = [others[0] ?? null, others[1] ?? null];
    const at = new Date().toISOString();
    if (await onSend({ at, near: kv, far: farKv, battery: volts, draw: null })) {
      setNear('');
      setFar('');
      setBattery('');
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <div className="fields">
        <VoltField name="Near end, kV" value={near} onSet={setNear} />
        <VoltField name="Far end, kV" value={far} onSet={setFar} />
        <VoltField name="Battery, V" value={battery} onSet={setBattery} />
      </div>
      {said !== null && (
        <p className="wrong" role="alert">
          {said}
        </p>
      )}
      <div className="mends">
        <button type="submit" className="btn">
          Write it down
        </button>
      </div>
    </form>
  );
}

/** What readings point to, the worst first. */
function Pointing({ pointed }: { pointed: readonly Pointed[] }) {
  return (
    <ul className="pointed">
      {pointed.map((p) => (
        <li key={p.code} data-weight={p.weight}>
          {sayPointed(p)}
        </li>
      ))}
    </ul>
  );
}

/** A stand-in for the line, for who has no meter: its faults switched on by hand. */
function StandInFields({
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

/** The last reading in large figures. */
function Last({ shown, energy }: { shown: MeterAnswer; energy: Energy }) {
  const last = shown.readings[shown.readings.length - 1];
  if (!last) return null;
  return (
    <dl className="linenow">
      <div>
        <dt>near end</dt>
        <dd className="figure">
          {printNumber(last.near, 1)} <small>kV</small>
        </dd>
      </div>
      {last.far !== null && (
        <div>
          <dt>far end</dt>
          <dd className="figure">
            {printNumber(last.far, 1)} <small>kV</small>
          </dd>
        </div>
      )}
      {last.battery !== null && (
        <div>
          <dt>battery</dt>
          <dd className="figure">
            {printNumber(last.battery, 1)} <small>V</small>
          </dd>
        </div>
      )}
      <div>
        <dt>draws</dt>
        <dd className="figure">
          {printNumber(last.draw ?? energy.draw, 2)} <small>A</small>
        </dd>
      </div>
      {energy.battery?.days != null && (
        <div>
          <dt>planned to last</dt>
          <dd className="figure">
            {printNumber(energy.battery.days, 0)} <small>days</small>
          </dd>
        </div>
      )}
    </dl>
  );
}

/** Opened, it looks at the meter. */
function Opened({ plan }: { plan: Plan }) {
  const holding = usePlan((s) => s.holding);
  const length = useReckoning((s) => s.reckoning?.figures['power.length']) ?? 0;
  const { shown, trouble, typeIn, setStandIn, removeStandIn, forget } = useMeter(holding, plan.id);
  if (!shown) return <p className="small">{trouble ?? 'Looking at the line …'}</p>;
  const pointed = diagnose(shown.readings, Date.parse(shown.now));
  return (
    <>
      <Last shown={shown} energy={energyIn(plan, length)} />
      <Pointing pointed={pointed} />
      {trouble !== null && (
        <p className="wrong" role="alert">
          {trouble}
        </p>
      )}
      {shown.readings.length > 1 && (
        <Suspense fallback={<div className="archchart" />}>
          <LineChart readings={shown.readings} />
        </Suspense>
      )}
      <ByHand onSend={typeIn} />
      <StandInFields
        standIn={shown.standIn}
        now={shown.now}
        onBegin={() => void setStandIn(standInOf(plan, length, null))}
        onSet={(setting) => void setStandIn(setting)}
        onEnd={() => void removeStandIn()}
      />
      {shown.readings.length > 0 && !shown.standIn && (
        <button type="button" className="linebtn" onClick={() => void forget()}>
          Forget all readings of this line
        </button>
      )}
    </>
  );
}

/** The line as it reads now, the last days, and what that points to. */
export function TheLineNow({ plan }: { plan: Plan }) {
  return (
    <Decision name="The line now" answer="read it daily">
      <Opened plan={plan} />
    </Decision>
  );
}
