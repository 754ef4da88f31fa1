import { ROLE_NAMES, asking, capital, choicesIn, editionOf, POST_ROLES, postOptions } from '@aviarum/core';
import { Fragment } from 'react';
import { PlanLength } from '../../fields/PlanLength';
import { OptionGroups } from '../../fields/OptionGroups';
import { usePlan } from '../../state/planStore';
import { useMarket } from '../../state/market';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { HeadlineWorking } from '../HeadlineWorking';
import { Decision } from '../Decision';
import { Panel } from '../Panel';
import { ScopePick, useScope } from '../ScopePick';
import { SchoolNote } from '../SchoolNote';
import { OpenPost } from './OpenPost';
import { PostLengths } from './PostLengths';

const CHOSEN = {
  posts: 'the posts',
  setting: 'their setting',
  spacing: 'the spacing',
  load: 'what they carry',
  bays: 'the bays',
  shallower: 'their depth',
} as const;

export function PostsPanel({ base }: { base: string }) {
  const plan = usePlan((s) => s.plan);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const market = useMarket();
  const figures = useReckoning((s) => s.reckoning?.figures);
  const [scope, setScope] = useScope(plan);
  if (!plan || !market || !figures) return null;
  const choices = choicesIn(plan, scope);
  const present = POST_ROLES.filter((role) => (figures[`posts.${role}`] ?? 0) > 0);
  return (
    <Panel
      stage="posts"
      base={base}
      lead="Steel T for lines, timber at gates and corners, unless you say otherwise."
    >
      <OpenPost plan={plan} />
      <ScopePick plan={plan} scope={scope} onScope={setScope} of={CHOSEN} />
      <Decision name="Largest spacing" answer={reader.length(choices.spacing)}>
        <PlanLength
          of="choices.plan.spacing"
          name="Largest spacing"
          value={choices.spacing}
          onCommit={(spacing) => take({ verb: 'set-spacing', scope, spacing })}
        />
      </Decision>
      <dl className="tally">
        {present.map((role) => (
          <Fragment key={role}>
            <dt>{capital(ROLE_NAMES[role][figures[`posts.${role}`] === 1 ? 0 : 1])}</dt>
            <dd className="figure">{figures[`posts.${role}`]}</dd>
          </Fragment>
        ))}
      </dl>
      <OptionGroups
        groups={postOptions(
          asking(plan, market, reader, scope),
          editionOf(plan).posts.map((p) => p.id),
          present,
        )}
        above={{ 'post-line': <SchoolNote id="posts" />, 'setting-gate': <SchoolNote id="setting" /> }}
      />
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
