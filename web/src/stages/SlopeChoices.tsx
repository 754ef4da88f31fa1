import { type Choices, type Plan, WHOLE_PLAN, terrainOf } from '@aviarum/core';
import { EffectOptions } from '../fields/EffectOptions';

const HANGS: readonly {
  readonly key: Choices['slope']['hang'];
  readonly title: string;
  readonly note: string;
}[] = [
  { key: 'by-mesh', title: 'As the mesh allows', note: 'follows where it can, steps where it would buckle' },
  { key: 'follow', title: 'Along the slope', note: 'welded mesh takes 5 %, hexagonal 12, chain link 25' },
  { key: 'step', title: 'Stepped bay by bay', note: 'each bay level, cut on its own' },
];
const FEET: readonly {
  readonly key: Choices['slope']['foot'];
  readonly title: string;
  readonly note: string;
}[] = [
  { key: 'mesh', title: 'Mesh to the ground', note: 'the lowest band is higher by the drop' },
  { key: 'gap', title: 'A gap, closed otherwise', note: 'with boards or stones; counts as open until then' },
];

/** How the walls take the slope; nothing to choose on the level. */
export function SlopeChoices({ plan }: { plan: Plan }) {
  if (terrainOf(plan.ground.spotHeights).level) return null;
  const { slope } = plan.choices.plan;
  const set = (to: Partial<Choices['slope']>) =>
    ({ verb: 'set-slope', scope: WHOLE_PLAN, slope: to }) as const;
  return (
    <section aria-label="Slope">
      <EffectOptions
        name="On the slope, mesh hangs"
        words={(o) => `on the slope: ${o.title.toLowerCase()}`}
        options={HANGS.map((h) => ({
          ...h,
          chosen: h.key === slope.hang ? 'yes' : 'no',
          change: set({ hang: h.key }),
        }))}
      />
      {slope.hang !== 'follow' && (
        <EffectOptions
          name="At the low post of a step"
          words={(o) => `at a step: ${o.title.toLowerCase()}`}
          options={FEET.map((f) => ({
            ...f,
            chosen: f.key === slope.foot ? 'yes' : 'no',
            change: set({ foot: f.key }),
          }))}
        />
      )}
    </section>
  );
}
