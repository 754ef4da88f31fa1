import { type ExtraPiece, type Plan, meshName, newId, LENGTHS, boundsAt } from '@aviarum/core';
import { Pick } from '../../fields/Choice';
import { CountField } from '../../fields/CountField';
import { PlanLength } from '../../fields/PlanLength';
import { NameField } from '../../fields/NameField';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useReader } from '../../state/reckoningStore';

/** Pieces of mesh wanted beside the fence, such as for vents: cut from off-cuts where they are big enough. */
export function ExtraFields({ plan }: { plan: Plan }) {
  const market = useMarket();
  const reader = useReader();
  const take = usePlan((s) => s.take);
  if (!market) return null;
  const put = (extra: ExtraPiece) => take({ verb: 'set-extra', extra });
  const finest = plan.choices.plan.bands[0]?.mesh ?? market.meshIds()[0] ?? '';
  return (
    <section style={{ gap: 10 }}>
      <p className="soft small">
        Vents of the house, patches: they are cut from off-cuts where they are big enough.
      </p>
      {plan.extras.map((extra) => (
        <fieldset key={extra.id} className="extra">
          <legend className="sr-only">{extra.name}</legend>
          <NameField
            name="What for"
            value={extra.name}
            most={LENGTHS.piece}
            onCommit={(name) => put({ ...extra, name })}
          />
          <Pick
            name="Mesh"
            value={extra.mesh}
            options={market.meshIds().map((id) => ({ value: id, label: meshName(market.mesh(id), reader) }))}
            onChoose={(mesh) => put({ ...extra, mesh })}
          />
          <div className="fields">
            <PlanLength
              of="extras.width"
              name="Width"
              value={extra.width}
              onCommit={(width) => put({ ...extra, width })}
            />
            <PlanLength
              of="extras.width"
              name="Height"
              value={extra.height}
              onCommit={(height) => put({ ...extra, height })}
            />
            <CountField
              name="How many"
              value={extra.count}
              most={boundsAt('extras.count').most}
              onCommit={(count) => count > 0 && put({ ...extra, count })}
            />
          </div>
          <button
            type="button"
            className="btn btn-ghost"
            onClick={() => take({ verb: 'remove-extra', id: extra.id })}
          >
            Remove
          </button>
        </fieldset>
      ))}
      <button
        type="button"
        className="btn"
        onClick={() =>
          put({
            id: newId('x', plan.extras, Math.random),
            name: 'Vent',
            mesh: finest,
            width: 0.5,
            height: 0.4,
            count: 1,
          })
        }
      >
        Add a vent or patch
      </button>
    </section>
  );
}
