import {
  type Change,
  type Opening,
  type OpeningMeasure,
  type Plan,
  type RingSide,
  newId,
  openingRow,
  openingSwings,
} from '@aviarum/core';
import { Pick } from '../../fields/Choice';
import { PlanLength } from '../../fields/PlanLength';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';
import { middleOf } from './places';

type To = Extract<Change, { verb: 'set-opening' }>['to'];

/** The measures that only this kind of gate or door has. */
function OwnMeasures({ opening, set }: { opening: Opening; set: (to: To) => void }) {
  const measured: Readonly<Partial<Record<OpeningMeasure['field'], number | null>>> = opening;
  return openingRow(opening).measures.map(({ field, name, kind, needed }) => (
    <PlanLength
      key={field}
      of={`openings.${opening.kind}.${field}`}
      name={name}
      kind={kind}
      value={measured[field] ?? null}
      onCommit={(length) => set({ [field]: length })}
      {...(needed === 'always' ? {} : { onClear: () => set({ [field]: null }) })}
    />
  ));
}

/** Said to hang there already with what it has now; or to be bought. It is judged by its own sill, not by that of a kit. */
function asFound(opening: Opening): To {
  if (opening.found) return { found: undefined };
  const had: object = opening;
  const { catches, lock, sill, closer } = had as NonNullable<Opening['found']>;
  const found = {
    ...(catches && { catches }),
    ...(lock && { lock }),
    ...(sill && { sill }),
    ...(closer && { closer }),
  };
  return { found, ...('make' in opening && { make: 'built' }) };
}

const LOBBY_DEPTH = 1.2;

/** The change that adds a lobby with a second gate in front of a gate. */
function lobbyAt(plan: Plan, opening: Opening): Change {
  const ids = (kind: string, things: readonly { readonly id: string }[], n: number) => {
    const made: { id: string }[] = [];
    for (let i = 0; i < n; i++) made.push({ id: newId(kind, [...things, ...made], Math.random) });
    return made.map((thing) => thing.id);
  };
  const [a = '', b = '', c = '', d = ''] = ids('c', plan.corners, 4);
  const [v = '', w = '', x = '', y = '', z = ''] = ids('s', plan.sides, 5);
  return {
    verb: 'add-lobby',
    opening: opening.id,
    depth: LOBBY_DEPTH,
    ids: {
      enclosure: newId('e', plan.enclosures, Math.random),
      opening: newId('g', plan.openings, Math.random),
      corners: [a, b, c, d],
      sides: [v, w, x, y, z],
    },
  };
}

/** Where a way in is and how large; a gate can be given a lobby. */
export function OpeningFields({ opening, sides }: { opening: Opening; sides: readonly RingSide[] }) {
  const take = usePlan((s) => s.take);
  const plan = usePlan((s) => s.plan);
  const reader = useReader();
  const name = openingRow(opening).called(opening);
  const set = (to: To) => take({ verb: 'set-opening', id: opening.id, to });
  const alike = plan?.openings.some((o) => o.kind === opening.kind && o.id !== opening.id) ?? false;
  const lobby = () => plan && take(lobbyAt(plan, opening));
  return (
    <>
      <div className="fields">
        <PlanLength
          of={`openings.${opening.kind}.width`}
          name="Clear width"
          value={opening.width}
          onCommit={(width) => set({ width })}
        />
        <PlanLength
          of={`openings.${opening.kind}.along`}
          name="From the corner"
          value={opening.along}
          onCommit={(along) => set({ along })}
        />
        <Pick
          name="Side"
          value={opening.side}
          options={sides.map((s) => ({
            value: s.side.id,
            label: `side ${s.number}, ${reader.length(s.length)}`,
          }))}
          onChoose={(id) => set(middleOf(sides, id, opening.width))}
        />
        <OwnMeasures opening={opening} set={set} />
      </div>
      {opening.found && (
        <p className="small soft">It hangs here already: only what you choose beyond it is bought.</p>
      )}
      <div className="mends">
        <button type="button" className="btn" onClick={() => set(asFound(opening))}>
          {opening.found ? 'Hang a new one instead' : 'It hangs here already'}
        </button>
        <button
          type="button"
          className="btn"
          onClick={() => take({ verb: 'remove-opening', id: opening.id })}
        >
          Remove this {name}
        </button>
        {alike && (
          <button
            type="button"
            className="btn"
            onClick={() => take({ verb: 'openings-like', id: opening.id })}
          >
            Make all like this
          </button>
        )}
        {openingSwings(opening) && (
          <button type="button" className="btn" onClick={lobby}>
            Add a lobby with a second gate
          </button>
        )}
      </div>
    </>
  );
}
