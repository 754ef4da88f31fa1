import type { Energy, Power } from '@aviarum/core';
import { DayPick } from '../../fields/DayPick';
import { PlanLength } from '../../fields/PlanLength';
import { usePlan } from '../../state/planStore';
import { AmountField } from './AmountField';

/** Battery and panel as the keeper has them, the sun, and the day on which it all begins. */
export function Measured({ power, energy }: { power: Power; energy: Energy }) {
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
export function OwnEnergiser({ power }: { power: Power }) {
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
        of="power.energiser.own.output"
        name="Your energiser, J"
        value={energiser.output}
        placeholder=""
        onCommit={(output) => set({ output })}
      />
      <AmountField
        of="power.energiser.own.draw"
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
