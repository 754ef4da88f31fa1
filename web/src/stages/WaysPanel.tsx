import { type Opening, type RingSide, newId, surveyRings } from '@aviarum/core';
import { Pick } from '../fields/Choice';
import { LengthField } from '../fields/LengthField';
import { usePlan } from '../state/planStore';
import { useMarket, useReader } from '../state/reckoningStore';
import { Panel } from './Panel';

const KIT = 'gate-kit';

function GateFields({ opening, sides }: { opening: Opening; sides: readonly RingSide[] }) {
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const reader = useReader();
  const side = sides.find((s) => s.side.id === opening.side);
  if (!market) return null;
  const set = (to: Partial<Pick<Opening, 'side' | 'along' | 'width' | 'gap'>>, words: string) =>
    take({ verb: 'set-opening', id: opening.id, to }, words);
  const kits = market.kits(KIT).map((u) => ({
    value: String(u.size),
    label: `${reader.length(u.size)}${u.price === null ? '' : `, ${reader.money(u.price)}`}`,
  }));
  const known = kits.some((k) => Math.abs(Number(k.value) - opening.width) < 0.001);
  const widths = known
    ? kits
    : [{ value: String(opening.width), label: `${reader.length(opening.width)}, no kit here` }, ...kits];
  const current = known
    ? (kits.find((k) => Math.abs(Number(k.value) - opening.width) < 0.001)?.value ?? '')
    : String(opening.width);
  return (
    <section
      aria-label={`Gate on side ${side?.number ?? ''}`}
      style={{ borderTop: '1px solid var(--rule)', paddingTop: 10 }}
    >
      <h2 className="subhead">Gate on side {side?.number}</h2>
      <div className="fields">
        <Pick
          name="Clear width, a kit"
          value={current}
          options={widths}
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
          options={sides.map((s) => ({
            value: s.side.id,
            label: `side ${s.number}, ${reader.length(s.length)}`,
          }))}
          onChoose={(id) => {
            const to = sides.find((s) => s.side.id === id);
            set(
              { side: id, along: Math.max(0, Math.round(((to?.length ?? 0) - opening.width) * 500) / 1000) },
              'move the gate',
            );
          }}
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
  const sides = surveyRings(plan).flatMap((r) => r.sides.filter((s) => s.side.kind === 'fence'));
  const add = (width: number) => {
    const free = sides.filter(
      (s) => s.length > width + 0.2 && !plan.openings.some((o) => o.side === s.side.id),
    );
    const side =
      free.reduce<RingSide | undefined>((a, b) => (!a || b.length > a.length ? b : a), undefined) ?? sides[0];
    if (!side) return;
    const along = Math.max(0, Math.round((side.length - width) * 500) / 1000);
    take(
      {
        verb: 'add-opening',
        opening: {
          id: newId('g', plan.openings, Math.random),
          kind: 'gate',
          side: side.side.id,
          along,
          width,
          gap: 0.013,
          make: 'kit',
        },
      },
      'add a gate',
    );
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
      {plan.openings.map((opening) => (
        <GateFields key={opening.id} opening={opening} sides={sides} />
      ))}
      <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
        <button type="button" className="btn" onClick={() => add(barrow)}>
          Add a barrow gate
        </button>
        {people < barrow && (
          <button type="button" className="btn" onClick={() => add(people)}>
            Add a narrow gate
          </button>
        )}
      </div>
      <p className="small soft">
        The kit is frame, hinges, two catches, stop and sill. The leaf takes mesh from the wall’s rolls.
        Two-step catches where raccoon or people are about.
      </p>
    </Panel>
  );
}
