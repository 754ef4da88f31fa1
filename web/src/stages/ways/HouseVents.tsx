import { type Building, type Plan, type Vent, counted, meshName, meshesOnOffer, newId } from '@aviarum/core';
import { Choice, Pick } from '../../fields/Choice';
import { CountField } from '../../fields/CountField';
import { LengthField } from '../../fields/LengthField';
import { NameField } from '../../fields/NameField';
import { useMarket } from '../../state/market';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';
import { Decision } from '../Decision';

const FOUND: readonly { readonly value: Vent['found']; readonly label: string }[] = [
  { value: 'open', label: 'open' },
  { value: 'fly-screen', label: 'fly screen: counts as open' },
];
/** Mesh reaches so far beyond the opening, m. */
const BEYOND = 0.05;
const MOST = 60;
const MOST_ALIKE = 50;

interface OneProps {
  readonly plan: Plan;
  readonly vent: Vent;
  readonly set: (to: Partial<Vent>) => void;
  readonly remove: () => void;
}

function OneVent({ plan, vent, set, remove }: OneProps) {
  const market = useMarket();
  const reader = useReader();
  if (!market) return null;
  return (
    <div className="stacked" role="group" aria-label={vent.name}>
      <NameField name="What it is" value={vent.name} onCommit={(name) => set({ name })} />
      <div className="fields">
        <LengthField
          name="Clear width"
          value={vent.width}
          least={0.02}
          most={3}
          onCommit={(width) => set({ width })}
        />
        <LengthField
          name="Clear height"
          value={vent.height}
          least={0.02}
          most={3}
          onCommit={(height) => set({ height })}
        />
        <CountField
          name="How many alike"
          value={vent.count}
          least={1}
          most={MOST_ALIKE}
          onCommit={(count) => set({ count })}
        />
      </div>
      <Choice name="In it now" value={vent.found} options={FOUND} onChoose={(found) => set({ found })} />
      <Pick
        name="Put over it"
        value={vent.mesh ?? ''}
        options={[
          { value: '', label: 'nothing' },
          ...meshesOnOffer({ plan, market }, vent.mesh).map((id) => ({
            value: id,
            label: meshName(market.mesh(id), reader),
          })),
        ]}
        onChoose={(mesh) => set({ mesh: mesh === '' ? null : mesh })}
      />
      <div className="mends">
        <button type="button" className="btn" onClick={remove}>
          Remove it
        </button>
      </div>
    </div>
  );
}

function OneHouse({ plan, building }: { plan: Plan; building: Building }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const { id, name, vents = [] } = building;
  const put = (all: readonly Vent[]) =>
    take({ verb: 'set-on-ground', list: 'buildings', id, to: { vents: [...all] } });
  const open = vents.filter((v) => v.mesh === null).length;
  const answer =
    vents.length === 0
      ? 'none said'
      : open === 0
        ? 'all covered'
        : `${counted(open, 'kind', 'kinds')} with nothing over it`;
  return (
    <Decision name={`Vents and windows of ${name}`} answer={answer}>
      <p className="small soft">
        Mesh reaches {reader.length(BEYOND)} beyond the opening all round, under battens. Never seal a house:
        vents above the birds’ heads let the damp out.
      </p>
      {vents.map((vent) => (
        <OneVent
          key={vent.id}
          plan={plan}
          vent={vent}
          set={(to) => put(vents.map((v) => (v.id === vent.id ? { ...v, ...to } : v)))}
          remove={() => put(vents.filter((v) => v.id !== vent.id))}
        />
      ))}
      {vents.length < MOST && (
        <button
          type="button"
          className="btn"
          onClick={() =>
            put([
              ...vents,
              {
                id: newId('v', vents, Math.random),
                name: vents.length === 0 ? 'vents' : 'window',
                width: 0.3,
                height: 0.2,
                count: 1,
                found: 'open',
                mesh: null,
              },
            ])
          }
        >
          Add a vent or window
        </button>
      )}
    </Decision>
  );
}

/** Vents, windows and gaps of the houses on the ground. */
export const HouseVents = ({ plan }: { plan: Plan }) =>
  plan.ground.buildings
    .filter((b) => b.stands === 'walls')
    .map((building) => <OneHouse key={building.id} plan={plan} building={building} />);
