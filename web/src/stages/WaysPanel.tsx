import { type Gate, type PopDoor, type RingSide, newId, surveyRings } from '@aviarum/core';
import { Choice, Pick } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { usePlan } from '../state/planStore';
import { useMarket, useReader } from '../state/reckoningStore';
import { Panel } from './Panel';

const KIT = 'gate-kit';
const POP_DOOR_KIT = 'pop-door-kit';

/** Kits of a product as choices; a width that none fits stands among them and says so. */
function useKits(product: string, width: number) {
  const market = useMarket();
  const reader = useReader();
  const kits = (market?.kits(product) ?? []).map((u) => ({
    value: String(u.size),
    label: `${reader.length(u.size)}${u.price === null ? '' : `, ${reader.money(u.price)}`}`,
  }));
  const known = kits.find((k) => Math.abs(Number(k.value) - width) < 0.001);
  const own = { value: String(width), label: `${reader.length(width)}, no kit here` };
  return { options: known ? kits : [own, ...kits], value: (known ?? own).value };
}

const sideOptions = (sides: readonly RingSide[], length: (m: number) => string) =>
  sides.map((s) => ({ value: s.side.id, label: `side ${s.number}, ${length(s.length)}` }));

/** The middle of another side. */
const middleOf = (sides: readonly RingSide[], id: string, width: number) => {
  const length = sides.find((s) => s.side.id === id)?.length ?? 0;
  return { side: id, along: Math.max(0, Math.round((length - width) * 500) / 1000) };
};

function PopDoorFields({ opening, sides }: { opening: PopDoor; sides: readonly RingSide[] }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const kits = useKits(POP_DOOR_KIT, opening.width);
  const side = sides.find((s) => s.side.id === opening.side);
  const set = (to: Partial<Omit<PopDoor, 'id' | 'kind'>>) =>
    take({ verb: 'set-opening', id: opening.id, to }, 'change the pop door');
  return (
    <section aria-label={`Pop door on side ${side?.number ?? ''}`} className="ruled">
      <h2 className="subhead">Pop door on side {side?.number}</h2>
      <div className="fields">
        <Pick
          name="Clear width, a kit"
          value={kits.value}
          options={kits.options}
          onChoose={(w) => set({ width: Number(w) })}
        />
        <LengthField
          name="Clear height"
          value={opening.height}
          least={0.15}
          most={1.5}
          onCommit={(height) => set({ height })}
        />
        <LengthField
          name="From the corner"
          value={opening.along}
          least={0}
          most={500}
          onCommit={(along) => set({ along })}
        />
        <Pick
          name="Side"
          value={opening.side}
          options={sideOptions(sides, (m) => reader.length(m))}
          onChoose={(id) => set(middleOf(sides, id, opening.width))}
        />
      </div>
      <div>
        <button
          type="button"
          className="btn"
          onClick={() => take({ verb: 'remove-opening', id: opening.id }, 'take the pop door out')}
        >
          Take this pop door out
        </button>
      </div>
    </section>
  );
}

function GateFields({ opening, sides }: { opening: Gate; sides: readonly RingSide[] }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const kits = useKits(KIT, opening.width);
  const side = sides.find((s) => s.side.id === opening.side);
  const set = (to: Partial<Omit<Gate, 'id' | 'kind'>>, words: string) =>
    take({ verb: 'set-opening', id: opening.id, to }, words);
  return (
    <section aria-label={`Gate on side ${side?.number ?? ''}`} className="ruled">
      <h2 className="subhead">Gate on side {side?.number}</h2>
      <div className="fields">
        <Pick
          name="Clear width, a kit"
          value={kits.value}
          options={kits.options}
          onChoose={(w) => set({ width: Number(w) }, 'change the gate')}
        />
        <LengthField
          name="From the corner"
          value={opening.along}
          least={0}
          most={500}
          onCommit={(along) => set({ along }, 'move the gate')}
        />
        <Pick
          name="Side"
          value={opening.side}
          options={sideOptions(sides, (m) => reader.length(m))}
          onChoose={(id) => set(middleOf(sides, id, opening.width), 'move the gate')}
        />
        <LengthField
          name="Gap round the leaf"
          kind="opening"
          value={opening.gap}
          least={0}
          most={0.2}
          onCommit={(gap) => set({ gap }, 'change the gap')}
        />
      </div>
      <div className="fields">
        <Choice
          name="Hangs on the post"
          value={opening.hinge}
          options={[
            { value: 'near', label: 'near the corner' },
            { value: 'far', label: 'away from it' },
          ]}
          onChoose={(hinge) => set({ hinge }, 'hang the gate on the other post')}
        />
        <Choice
          name="Swings"
          value={opening.swing}
          options={[
            { value: 'out', label: 'out' },
            { value: 'in', label: 'in' },
          ]}
          onChoose={(swing) => set({ swing }, `let the gate swing ${swing}`)}
        />
      </div>
      <div>
        <button
          type="button"
          className="btn"
          onClick={() => take({ verb: 'remove-opening', id: opening.id }, 'take the gate out')}
        >
          Take this gate out
        </button>
      </div>
    </section>
  );
}

export function WaysPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  const take = usePlan((s) => s.take);
  const market = useMarket();
  if (!plan || !market) return null;
  const seen = new Set<string>();
  const sides = surveyRings(plan).flatMap((r) =>
    r.sides.filter((s) => {
      if (s.side.kind !== 'fence' || seen.has(s.side.id)) return false;
      seen.add(s.side.id);
      return true;
    }),
  );
  /** The middle of the longest side that has no way in yet. */
  const placeFor = (width: number) => {
    const free = sides.filter(
      (s) => s.length > width + 0.2 && !plan.openings.some((o) => o.side === s.side.id),
    );
    const side =
      free.reduce<RingSide | undefined>((a, b) => (!a || b.length > a.length ? b : a), undefined) ?? sides[0];
    return side && middleOf(sides, side.side.id, width);
  };
  const id = (kind: string) => newId(kind, plan.openings, Math.random);
  const addGate = (width: number) => {
    const place = placeFor(width);
    if (!place) return;
    const hung = { gap: 0.013, hinge: 'near', swing: 'out', make: 'kit' } as const;
    take(
      { verb: 'add-opening', opening: { id: id('g'), kind: 'gate', width, ...place, ...hung } },
      'add a gate',
    );
  };
  /** Between two runs where they share a side, otherwise where there is room. */
  const addPopDoor = () => {
    const width = market.kits(POP_DOOR_KIT)[0]?.size ?? 0.3;
    const shared = sides.find(
      (s) => plan.enclosures.filter((e) => e.ring.some((step) => step.side === s.side.id)).length > 1,
    );
    const place = shared ? middleOf(sides, shared.side.id, width) : placeFor(width);
    if (!place) return;
    const opening = { id: id('d'), kind: 'pop-door', width, height: 0.35, ...place } as const;
    take({ verb: 'add-opening', opening }, 'add a pop door');
  };
  const widths = market.kits(KIT).map((u) => u.size);
  const barrow = widths.find((w) => w >= 0.91) ?? widths[0] ?? 0.95;
  const people = widths[0] ?? 0.8;
  return (
    <Panel
      stage="ways"
      base={base}
      lead="Slide a gate along its side on the sheet, or give its place from the corner."
    >
      {plan.openings.length === 0 && <p>No way in yet. A barrow wants 0.95 clear, a person 0.80.</p>}
      {plan.openings.map((opening) =>
        opening.kind === 'gate' ? (
          <GateFields key={opening.id} opening={opening} sides={sides} />
        ) : (
          <PopDoorFields key={opening.id} opening={opening} sides={sides} />
        ),
      )}
      <div className="mends">
        <button type="button" className="btn" onClick={() => addGate(barrow)}>
          Add a barrow gate
        </button>
        {people < barrow && (
          <button type="button" className="btn" onClick={() => addGate(people)}>
            Add a narrow gate
          </button>
        )}
        <button type="button" className="btn" onClick={addPopDoor}>
          Add a pop door
        </button>
      </div>
      <p className="small soft">
        The kit is frame, hinges, two catches, stop and sill. The leaf takes mesh from the wall’s rolls.
        Two-step catches where raccoon or people are about. A pop door hangs in the mesh, between two posts.
      </p>
    </Panel>
  );
}
