import {
  type Energy,
  type MeterAnswer,
  type Plan,
  type Pointed,
  diagnose,
  energyIn,
  printNumber,
  sayPointed,
} from '@aviarum/core';
import { Suspense, lazy } from 'react';
import { usePlan } from '../../state/planStore';
import { useReckoning } from '../../state/reckoningStore';
import { Decision } from '../Decision';
import { ByHand } from './ByHand';
import { StandInFields, standInOf } from './StandInFields';
import { useMeter } from './useMeter';

const LineChart = lazy(() => import('./LineChart'));

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
        onBegin={() => void setStandIn(standInOf(plan, length))}
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
