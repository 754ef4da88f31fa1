import {
  type Energy,
  type Plan,
  type Power,
  WHOLE_PLAN,
  asking,
  assumptionsOf,
  dayName,
  energyIn,
  joules,
  monthName,
  powerOptions,
  printNumber,
} from '@aviarum/core';
import { DayPick } from '../../fields/DayPick';
import { OptionGroups } from '../../fields/OptionGroups';
import { PlanLength } from '../../fields/PlanLength';
import { Ticks } from '../../fields/Ticks';
import { usePlan } from '../../state/planStore';
import { useMarket, useReader, useReckoning } from '../../state/reckoningStore';
import { Decision, Decisions } from '../Decision';
import { AmountField } from './AmountField';

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

/** Sun and battery month by month. */
function Months({ energy }: { energy: Energy }) {
  return (
    <table className="months">
      <caption>Each day of the month, Ah</caption>
      <thead>
        <tr>
          <th scope="col">Month</th>
          <th scope="col">Sun, h</th>
          <th scope="col">Gained</th>
          <th scope="col">Used</th>
          <th scope="col">Left over</th>
        </tr>
      </thead>
      <tbody>
        {energy.sun.map((hours, month) => {
          const gain = energy.gain[month] ?? 0;
          const over = gain - energy.use;
          return (
            <tr key={month} data-short={over < 0 ? 'yes' : 'no'}>
              <th scope="row">{monthName(month)}</th>
              <td>{printNumber(hours, 1)}</td>
              <td>{printNumber(gain, 1)}</td>
              <td>{printNumber(energy.use, 1)}</td>
              <td>{over < 0 ? `−${printNumber(-over, 1)}` : printNumber(over, 1)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** Where energiser and rods are, and which houses have mains. */
function Places({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const { power } = plan;
  const about = plan.nets[0]?.points?.[0] ?? plan.corners[0] ?? { x: 0, y: 0 };
  const put = (field: 'at' | 'rods', by: number) =>
    take({ verb: 'set-power', to: { [field]: { x: about.x - by, y: about.y - by } } });
  const row = (field: 'at' | 'rods', name: string, by: number) => {
    const at = power[field];
    return at === null ? (
      <button type="button" className="btn" onClick={() => put(field, by)}>
        Put {name} on the sheet
      </button>
    ) : (
      <button
        type="button"
        className="btn"
        onClick={() => take({ verb: 'set-power', to: { [field]: null } })}
      >
        Take {name} off the sheet
      </button>
    );
  };
  return (
    <>
      <div className="mends">
        {row('at', 'the energiser', 1)}
        {row('rods', 'the earth rods', 3)}
      </div>
      {plan.ground.buildings.length > 0 && (
        <Ticks
          name={`Have mains electricity: rods keep ${reader.about(10)} off`}
          options={plan.ground.buildings}
          ticked={power.mainsIn}
          onTick={(mainsIn) => take({ verb: 'set-power', to: { mainsIn } })}
        />
      )}
    </>
  );
}

/** Battery and panel as the keeper has them, the sun, and the day on which it all begins. */
function Measured({ power, energy }: { power: Power; energy: Energy }) {
  const take = usePlan((s) => s.take);
  const set = (to: Partial<Power>) => take({ verb: 'set-power', to });
  const onBattery = energy.supply === 'battery' || energy.supply === 'solar';
  return (
    <div className="fields">
      {onBattery && (
        <>
          <AmountField
            of="power.battery"
            name="Battery, Ah"
            value={power.battery}
            placeholder="none"
            onCommit={(battery) => set({ battery })}
            onClear={() => set({ battery: null })}
          />
          <AmountField
            of="power.solar"
            name="Solar panel, W"
            value={power.solar}
            placeholder="none"
            onCommit={(solar) => set({ solar })}
            onClear={() => set({ solar: null })}
          />
          <AmountField
            of="power.sun"
            name="Peak-sun hours a day"
            value={power.sun}
            placeholder="by the latitude"
            onCommit={(sun) => set({ sun })}
            onClear={() => set({ sun: null })}
          />
          <DayPick name="Up from" value={power.from} onChoose={(from) => set({ from })} />
        </>
      )}
      <PlanLength of="power.snow" name="Snow on it" value={power.snow} onCommit={(snow) => set({ snow })} />
    </div>
  );
}

/** An energiser that is there already, by what is written on it. */
function OwnEnergiser({ power }: { power: Power }) {
  const take = usePlan((s) => s.take);
  const { energiser } = power;
  if (energiser?.kind !== 'own')
    return (
      <div className="mends">
        <button
          type="button"
          className="btn"
          onClick={() =>
            take({
              verb: 'set-power',
              to: { energiser: { kind: 'own', output: 0.5, draw: null, supply: 'battery' } },
            })
          }
        >
          There is one already
        </button>
      </div>
    );
  const set = (to: Partial<typeof energiser>) =>
    take({ verb: 'set-power', to: { energiser: { ...energiser, ...to } } });
  return (
    <div className="fields">
      <AmountField
        of="power.energiser.output"
        name="Your energiser, J"
        value={energiser.output}
        placeholder=""
        onCommit={(output) => set({ output })}
      />
      <AmountField
        of="power.energiser.draw"
        name="It draws, A"
        value={energiser.draw}
        placeholder="not known"
        onCommit={(draw) => set({ draw })}
        onClear={() => set({ draw: null })}
      />
      <div className="mends">
        <button
          type="button"
          className="btn"
          onClick={() => set({ supply: energiser.supply === 'mains' ? 'battery' : 'mains' })}
        >
          {energiser.supply === 'mains' ? 'On the mains. Make it 12 V' : 'On 12 V. Make it mains'}
        </button>
      </div>
    </div>
  );
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
