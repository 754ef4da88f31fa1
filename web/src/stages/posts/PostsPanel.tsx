import { type PostRole, ROLE_NAMES, WHOLE_PLAN, capital, editionOf, postName } from '@aviarum/core';
import { Choice, Pick } from '../../fields/Choice';
import { LengthField } from '../../fields/LengthField';
import { usePlan } from '../../state/planStore';
import { useMarket, useReader, useReckoning } from '../../state/reckoningStore';
import { HeadlineWorking } from '../HeadlineWorking';
import { Panel } from '../Panel';
import { OpenPost } from './OpenPost';
import { PostLengths } from './PostLengths';

const BAYS = [
  { value: 'equal', label: 'equal' },
  { value: 'module', label: 'full panels, rest last' },
] as const;
const LOADS = [
  { value: 'fence', label: 'nothing' },
  { value: 'cover', label: 'a net or mesh cover' },
  { value: 'roof', label: 'a roof' },
] as const;
const ROLES: readonly PostRole[] = ['corner', 'end', 'wall', 'gate', 'line'];

export function PostsPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const market = useMarket();
  const figures = useReckoning((s) => s.reckoning?.figures);
  if (!plan || !market || !figures) return null;
  const choices = plan.choices.plan;
  const products = editionOf(plan).posts.map((p) => {
    const sold = market.posts(p.id).some((u) => u.price !== null);
    return { value: p.id, label: `${postName(p, reader)}${sold ? '' : ' (no price here)'}` };
  });
  const present = ROLES.filter((role) => (figures[`posts.${role}`] ?? 0) > 0);
  return (
    <Panel
      stage="posts"
      base={base}
      lead="Steel T for lines, timber at gates and corners, unless you say otherwise."
    >
      <OpenPost plan={plan} />
      <section aria-label="Spacing">
        <div className="fields">
          <LengthField
            name="Largest spacing"
            value={choices.spacing}
            least={0.3}
            most={6}
            onCommit={(spacing) =>
              take({ verb: 'set-spacing', scope: WHOLE_PLAN, spacing }, 'change the spacing')
            }
          />
          <Pick
            name="Bays"
            value={choices.bays}
            options={BAYS}
            onChoose={(bays) => take({ verb: 'set-bays', scope: WHOLE_PLAN, bays }, 'change the bays')}
          />
        </div>
        <Choice
          name="Besides the walls, the posts carry"
          value={choices.load}
          options={LOADS}
          onChoose={(load) => take({ verb: 'set-load', scope: WHOLE_PLAN, load }, 'change what posts carry')}
        />
      </section>
      {present.map((role) => (
        <section key={role}>
          <div className="fields" style={{ gridTemplateColumns: '1fr 150px' }}>
            <Pick
              name={`${figures[`posts.${role}`] ?? 0} ${ROLE_NAMES[role][figures[`posts.${role}`] === 1 ? 0 : 1]}`}
              value={choices.posts[role]}
              options={products}
              onChoose={(product) =>
                take(
                  { verb: 'set-posts', scope: WHOLE_PLAN, posts: { [role]: product } },
                  `change the ${ROLE_NAMES[role][1]}`,
                )
              }
            />
            {market.post(choices.posts[role]).standing === 'dug' ? (
              <Choice
                name={`${capital(ROLE_NAMES[role][1])} are set in`}
                hideName
                value={choices.setting[role]}
                options={[
                  { value: 'tamped', label: 'soil' },
                  { value: 'concrete', label: 'concrete' },
                ]}
                onChoose={(setting) =>
                  take(
                    { verb: 'set-setting', scope: WHOLE_PLAN, setting: { [role]: setting } },
                    `set ${ROLE_NAMES[role][1]} in ${setting === 'tamped' ? 'soil' : 'concrete'}`,
                  )
                }
              />
            ) : (
              <span className="soft">
                {market.post(choices.posts[role]).standing === 'spike' ? 'on a driven spike' : 'driven'}
              </span>
            )}
          </div>
        </section>
      ))}
      <PostLengths />
      <dl className="tally">
        <HeadlineWorking name="Posts" figure={String(figures['posts.total'] ?? 0)} working="posts" />
        <dt>Braces</dt>
        <dd className="figure">{figures['posts.braces'] ?? 0}</dd>
        {(figures['posts.standing'] ?? 0) > 0 && (
          <>
            <dt>Here already</dt>
            <dd className="figure">{figures['posts.standing']}</dd>
          </>
        )}
      </dl>
      <p className="small soft">
        String first: two end posts, a string between for line, another for the top cut. Plumb each post in
        two directions.
      </p>
    </Panel>
  );
}
