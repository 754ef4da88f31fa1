import {
  type Energy,
  type Plan,
  WHOLE_PLAN,
  asking,
  assumptionsOf,
  dayName,
  energyIn,
  joules,
  powerOptions,
  printNumber,
} from '@aviarum/core';
import { OptionGroups } from '../../fields/OptionGroups';
import { useMarket } from '../../state/market';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { Decision, Decisions } from '../Decision';
import { Months } from './Months';
import { Places } from './Places';
import { Measured, OwnEnergiser } from './Supply';

/** What is decided of the power, in a few words. */
function answerOf(energy: Energy): string {
  const { output, made, supply, battery } = energy;
  if (!made) return `${joules(output)} wanted, none yet`;
  const lasts =
    supply === 'mains'
      ? 'from the mains'
      : battery === null
        ? 'no battery'
        : battery.days === null
          ? 'never flat'
          : `flat after ${printNumber(battery.days, battery.days < 20 ? 1 : 0)} days`;
  return `${joules(made.output)} of ${joules(output)} wanted, ${lasts}`;
}

/** What makes it live: how much is wanted, from what, and how long it lasts. */
export function PowerDecision({ plan }: { plan: Plan }) {
  const market = useMarket();
  const reader = useReader();
  const length = useReckoning((s) => s.reckoning?.figures['power.length']);
  if (!market || length === undefined) return null;
  const energy = energyIn(plan, length);
  const assumed = assumptionsOf(plan);
  const { output, rods, draw, drawIs, battery, supply } = energy;
  return (
    <Decision name="Power" answer={answerOf(energy)}>
      <dl className="tally">
        <dt>Output wanted, for {reader.about(length)}</dt>
        <dd className="figure">{joules(output)}</dd>
        <dt>
          Earth rods of {reader.about(1)}, {reader.about(3)} apart
        </dt>
        <dd className="figure">{rods}</dd>
        <dt>Draws{drawIs === 'reckoned' ? ', about' : ''}</dt>
        <dd className="figure">{printNumber(draw, 2)} A</dd>
        {battery && (
          <>
            <dt>Battery lasts</dt>
            <dd className="figure">
              {battery.days === null
                ? 'all year'
                : `${printNumber(battery.days, battery.days < 20 ? 1 : 0)} days`}
            </dd>
          </>
        )}
      </dl>
      <p className="small">
        {reader.about(length)} ÷ {reader.about(50)} × {joules(energy.each)} = {joules(output)}.
        {drawIs === 'reckoned' &&
          ` It draws ${printNumber(assumed.drawPerJoule, 2)} A × ${joules(output)} + ${printNumber(assumed.drawAlways, 2)} A = ${printNumber(draw, 2)} A.`}
        {battery !== null &&
          ` ${printNumber(assumed.batteryShare, 2)} × ${printNumber(plan.power.battery ?? 0, 0)} Ah may be used, ${printNumber(energy.use, 1)} Ah a day are.`}
      </p>
      {battery && battery.days === null && (
        <p className="small">Begun full on {dayName(plan.power.from)}, it is never flat.</p>
      )}
      <Measured power={plan.power} energy={energy} />
      {supply === 'solar' && <Months energy={energy} />}
      <OwnEnergiser power={plan.power} />
      <Places plan={plan} />
      <Decisions>
        <OptionGroups groups={powerOptions(asking(plan, market, reader, WHOLE_PLAN))} />
      </Decisions>
    </Decision>
  );
}
