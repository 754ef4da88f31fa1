import type { Plan } from '@aviarum/core';
import { Ticks } from '../../fields/Ticks';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';

/** Where energiser and rods are, and which houses have mains. */
export function Places({ plan }: { plan: Plan }) {
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
