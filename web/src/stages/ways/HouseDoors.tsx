import { type Building, type HouseDoor, type Plan, counted, newId } from '@aviarum/core';
import { Choice, Pick } from '../../fields/Choice';
import { FootFound } from '../../fields/FootFound';
import { LengthField } from '../../fields/LengthField';
import { usePlan } from '../../state/planStore';
import { Decision } from '../Decision';

const KINDS: readonly { readonly value: HouseDoor['kind']; readonly label: string }[] = [
  { value: 'pop-door', label: 'pop door' },
  { value: 'egg-hatch', label: 'egg hatch' },
  { value: 'cleaning-door', label: 'cleaning door' },
];
const MAKES: readonly { readonly value: 'found' | HouseDoor['make']; readonly label: string }[] = [
  { value: 'found', label: 'here already' },
  { value: 'kit', label: 'a kit' },
  { value: 'built', label: 'built' },
];
const FLOORS: readonly {
  readonly value: NonNullable<Building['floor']>['kind'];
  readonly label: string;
}[] = [
  { value: 'solid', label: 'boards or concrete' },
  { value: 'raised', label: 'raised on legs' },
  { value: 'earth', label: 'bare earth' },
];
const UNDER: readonly { readonly value: 'open' | 'closed'; readonly label: string }[] = [
  { value: 'open', label: 'open to the birds' },
  { value: 'closed', label: 'closed' },
];
/** A raised floor is so high as a rule, m. */
const RAISED = 0.5;
const MOST = 20;

type Put = (to: Partial<Building>) => void;

/** What the birds stand on in it, and whether they come beneath it. */
function FloorFields({ building: { floor }, put }: { building: Building; put: Put }) {
  return (
    <>
      <Choice
        name="Its floor"
        value={floor?.kind ?? 'solid'}
        options={FLOORS}
        onChoose={(kind) =>
          put({ floor: { kind, above: kind === 'raised' ? RAISED : 0, open: kind === 'raised' } })
        }
      />
      {floor?.kind === 'raised' && (
        <>
          <LengthField
            name="Above the ground"
            value={floor.above}
            least={0}
            most={3}
            onCommit={(above) => put({ floor: { ...floor, above } })}
          />
          <Choice
            name="Beneath it"
            value={floor.open ? 'open' : 'closed'}
            options={UNDER}
            onChoose={(to) => put({ floor: { ...floor, open: to === 'open' } })}
          />
          <p className="small soft">Where it floods, pin its legs.</p>
        </>
      )}
    </>
  );
}

interface OneProps {
  readonly door: HouseDoor;
  readonly set: (to: Partial<HouseDoor>) => void;
  readonly remove: () => void;
}

function OneDoor({ door, set, remove }: OneProps) {
  return (
    <div className="stacked" role="group" aria-label={door.kind.replace('-', ' ')}>
      <Pick name="What it is" value={door.kind} options={KINDS} onChoose={(kind) => set({ kind })} />
      <Choice
        name="Comes as"
        value={door.found ? 'found' : door.make}
        options={MAKES}
        onChoose={(to) => set(to === 'found' ? { found: true } : { found: false, make: to })}
      />
      <div className="fields">
        <LengthField
          name="Clear width"
          value={door.width}
          least={0.15}
          most={1.5}
          onCommit={(width) => set({ width })}
        />
        <LengthField
          name="Clear height"
          value={door.height}
          least={0.1}
          most={1.5}
          onCommit={(height) => set({ height })}
        />
      </div>
      <div className="mends">
        <button type="button" className="btn" onClick={remove}>
          Remove it
        </button>
      </div>
    </div>
  );
}

function OneHouse({ building }: { building: Building }) {
  const take = usePlan((s) => s.take);
  const { id, name, doors = [], floor } = building;
  const put: Put = (to) => take({ verb: 'set-on-ground', list: 'buildings', id, to });
  const fresh = doors.filter((d) => !d.found).length;
  const answer = [
    doors.length === 0 ? 'no doors said' : `${counted(doors.length, 'door')}, ${fresh} new`,
    ...(floor ? [`floor ${FLOORS.find((f) => f.value === floor.kind)?.label ?? ''}`] : []),
  ].join(', ');
  return (
    <Decision name={`Doors and floor of ${name}`} answer={answer}>
      <FloorFields building={building} put={put} />
      <FootFound foot={building.foot ?? null} onFoot={(foot) => put({ foot: foot ?? undefined })} />
      {doors.map((door) => (
        <OneDoor
          key={door.id}
          door={door}
          set={(to) => put({ doors: doors.map((d) => (d.id === door.id ? { ...d, ...to } : d)) })}
          remove={() => put({ doors: doors.filter((d) => d.id !== door.id) })}
        />
      ))}
      {doors.length < MOST && (
        <button
          type="button"
          className="btn"
          onClick={() =>
            put({
              doors: [
                ...doors,
                {
                  id: newId('d', doors, Math.random),
                  kind: 'pop-door',
                  width: 0.3,
                  height: 0.35,
                  make: 'kit',
                  found: false,
                },
              ],
            })
          }
        >
          Add a door or hatch to the house
        </button>
      )}
    </Decision>
  );
}

/** Doors, hatches and floors of the houses on the ground. */
export const HouseDoors = ({ plan }: { plan: Plan }) =>
  plan.ground.buildings
    .filter((b) => b.stands === 'walls')
    .map((building) => <OneHouse key={building.id} building={building} />);
