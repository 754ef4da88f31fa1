import {
  type Plan,
  type Skirt,
  WHOLE_PLAN,
  meshName,
  shorterSide,
  skirtWanted,
  wireName,
} from '@aviarum/core';
import { EffectOptions } from '../fields/EffectOptions';
import { LengthField } from '../fields/LengthField';
import { usePlan } from '../state/planStore';
import { useMarket, useReader, useReckoning } from '../state/reckoningStore';
import { MeshSwatch } from '../strip/meshPattern';
import { HeadlineWorking } from './HeadlineWorking';
import { Panel } from './Panel';

const FALLBACK = { mesh: 'fine-13', lapUp: 0.1 };

function kinds(
  plan: Plan,
  now: Skirt,
): readonly { key: string; title: string; note: string; skirt: Skirt }[] {
  const { mesh, lapUp } = now.kind === 'none' ? FALLBACK : now;
  const apron = now.kind === 'apron' ? now.width : skirtWanted(plan, 'apron');
  const depth = now.kind === 'buried' ? now.depth : skirtWanted(plan, 'buried');
  return [
    {
      key: 'apron',
      title: 'Flat apron',
      note: 'no trench, works among roots; grass grows through',
      skirt: { kind: 'apron', mesh, lapUp, width: apron },
    },
    {
      key: 'buried',
      title: 'Buried straight',
      note: 'a trench all round; where mowing comes close',
      skirt: { kind: 'buried', mesh, lapUp, depth },
    },
    { key: 'none', title: 'No skirt', note: 'nothing stops what digs', skirt: { kind: 'none' } },
  ];
}

export function SkirtPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const take = usePlan((s) => s.take);
  const market = useMarket();
  const reader = useReader();
  const figures = useReckoning((s) => s.reckoning?.figures);
  if (!plan || !market) return null;
  const { skirt } = plan.choices.plan;
  const set = (next: Skirt) => ({ verb: 'set-skirt', scope: WHOLE_PLAN, skirt: next }) as const;
  const meshes = market
    .meshIds()
    .filter((id) => market.mesh(id).type === 'fine-welded' || market.mesh(id).type === 'welded')
    .filter(
      (id) =>
        skirt.kind !== 'none' &&
        (id === skirt.mesh ||
          market.widths(id).some((w) => market.rolls(id, w).some((u) => u.price !== null))),
    );
  return (
    <Panel
      stage="skirt"
      base={base}
      lead="What meets an animal that digs at the foot of the fence, and under the gate."
    >
      <EffectOptions
        name="Skirt"
        words={(o) => o.title.toLowerCase()}
        options={kinds(plan, skirt).map((k) => ({
          ...k,
          chosen: k.key === skirt.kind ? 'yes' : 'no',
          change: set(k.skirt),
        }))}
      />
      {skirt.kind === 'apron' && (
        <LengthField
          name={`Width on the ground; ${reader.length(skirtWanted(plan, 'apron'))} stops what is about`}
          value={skirt.width}
          least={0.1}
          most={3}
          onCommit={(width) => take(set({ ...skirt, width }), 'change the apron')}
        />
      )}
      {skirt.kind === 'buried' && (
        <LengthField
          name={`Depth; ${reader.length(skirtWanted(plan, 'buried'))} stops what is about`}
          value={skirt.depth}
          least={0.1}
          most={1.5}
          onCommit={(depth) => take(set({ ...skirt, depth }), 'change the depth')}
        />
      )}
      {skirt.kind !== 'none' && (
        <EffectOptions
          name="Mesh"
          words={(o) => `skirt of ${o.title}`}
          options={meshes.map((id) => {
            const mesh = market.mesh(id);
            return {
              key: id,
              title: meshName(mesh, reader),
              note: `${wireName(mesh)}, opening ${reader.opening(shorterSide(mesh))}`,
              picture: <MeshSwatch mesh={mesh} />,
              chosen: id === skirt.mesh ? 'yes' : 'no',
              change: set({ ...skirt, mesh: id }),
            };
          })}
        />
      )}
      {figures && skirt.kind !== 'none' && (
        <dl className="tally">
          <HeadlineWorking
            name="Strip, before joints"
            figure={reader.length(figures['skirt.stripLength'] ?? 0)}
            working="skirt"
          />
        </dl>
      )}
    </Panel>
  );
}
