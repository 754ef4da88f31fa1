import { type Band, type Market, WHOLE_PLAN, meshName, newId, shorterSide, wireName } from '@aviarum/core';
import { useState } from 'react';
import { Choice, Pick } from '../fields/Choice';
import { EffectOptions } from '../fields/EffectOptions';
import { LengthField } from '../fields/LengthField';
import { usePlan } from '../state/planStore';
import { useMarket, useReader } from '../state/reckoningStore';
import { MeshSwatch } from '../strip/meshPattern';
import { Panel } from './Panel';
import { SlopeChoices } from './SlopeChoices';
import { WallSection } from './WallSection';

/** Roll widths as choices: the cheapest set, each single width, and the pairs. */
function widthOptions(market: Market, mesh: string, length: (m: number) => string) {
  const widths = market.widths(mesh);
  const sets = [...widths.map((w) => [w]), ...widths.flatMap((a, i) => widths.slice(i).map((b) => [b, a]))];
  return [
    { value: 'cheapest', label: 'the cheapest that reach' },
    ...sets.map((set) => ({ value: JSON.stringify(set), label: set.map(length).join(' + ') })),
  ];
}

function BandChoices({ band, lowest, market }: { band: Band; lowest: number; market: Market }) {
  const plan = usePlan((s) => s.plan);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  if (!plan) return null;
  const set = (to: Partial<Omit<Band, 'id'>>) =>
    ({ verb: 'set-band', scope: WHOLE_PLAN, id: band.id, to }) as const;
  const options = market
    .meshIds()
    .filter(
      (id) =>
        id === band.mesh || market.widths(id).some((w) => market.rolls(id, w).some((u) => u.price !== null)),
    )
    .map((id) => {
      const mesh = market.mesh(id);
      return {
        key: id,
        title: meshName(mesh, reader),
        note: `${wireName(mesh)}, opening ${reader.opening(shorterSide(mesh))}`,
        picture: <MeshSwatch mesh={mesh} />,
        chosen: id === band.mesh ? ('yes' as const) : ('no' as const),
        change: set({ mesh: id, widths: 'cheapest' }),
      };
    });
  return (
    <section>
      <div className="fields">
        <LengthField
          name="Reaches up to"
          value={band.top}
          least={Math.max(0.1, lowest + 0.05)}
          most={6}
          onCommit={(top) => take(set({ top }), 'change the height of the band')}
        />
        <Pick
          name="Roll widths"
          value={band.widths === 'cheapest' ? 'cheapest' : JSON.stringify(band.widths)}
          options={widthOptions(market, band.mesh, (m) => reader.length(m))}
          onChoose={(chosen) =>
            take(
              set({ widths: chosen === 'cheapest' ? 'cheapest' : (JSON.parse(chosen) as number[]) }),
              'choose the roll widths',
            )
          }
        />
      </div>
      <EffectOptions name="Mesh" options={options} words={(o) => `hang ${o.title}`} />
    </section>
  );
}

export function WallsPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const reader = useReader();
  const [chosen, setChosen] = useState<string | null>(null);
  if (!plan || !market) return null;
  const { bands, hanging } = plan.choices.plan;
  const last = bands[bands.length - 1];
  const band = bands.find((b) => b.id === chosen) ?? last;
  if (!band || !last) return null;
  const below = bands[bands.indexOf(band) - 1]?.top ?? 0;
  const add = () => {
    const id = newId('b', bands, Math.random);
    take(
      {
        verb: 'add-band',
        scope: WHOLE_PLAN,
        band: { id, mesh: last.mesh, top: Math.round((last.top + 0.3) * 1e4) / 1e4, widths: 'cheapest' },
      },
      'add a band',
    );
    setChosen(id);
  };
  return (
    <Panel stage="walls" base={base} lead="Bands from the ground up; fine where paws reach.">
      <WallSection bands={bands} market={market} />
      <div className="choices" role="group" aria-label="Band">
        {bands.map((b, i) => (
          <button key={b.id} type="button" aria-pressed={b.id === band.id} onClick={() => setChosen(b.id)}>
            {i === 0 ? 'ground' : reader.length(bands[i - 1]?.top ?? 0)} to {reader.length(b.top)}
          </button>
        ))}
      </div>
      <BandChoices key={band.id} band={band} lowest={below} market={market} />
      <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
        {bands.length < 6 && (
          <button type="button" className="btn" onClick={add}>
            Add a band on top
          </button>
        )}
        {bands.length > 1 && (
          <button
            type="button"
            className="btn"
            onClick={() => take({ verb: 'remove-band', scope: WHOLE_PLAN, id: band.id }, 'take the band off')}
          >
            Take this band off
          </button>
        )}
      </div>
      <Choice
        name="Hanging: keepers differ. Continuous has fewer cuts, side by side is easier to pull"
        value={hanging}
        options={[
          { value: 'continuous', label: 'round corners' },
          { value: 'side-by-side', label: 'cut at each corner' },
        ]}
        onChoose={(next) =>
          take({ verb: 'set-hanging', scope: WHOLE_PLAN, hanging: next }, 'change how the mesh hangs')
        }
      />
      <SlopeChoices plan={plan} />
    </Panel>
  );
}
