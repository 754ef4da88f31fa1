import { stopId } from '../../sheet/stopId';
import { type Part, type Plan, type PostPin, ROLE_NAMES, capital, nextId, surveyRings } from '@aviarum/core';
import { Choice } from '../../fields/Choice';
import { LengthField } from '../../fields/LengthField';
import { PlanLength } from '../../fields/PlanLength';
import { usePlan } from '../../state/planStore';
import { useReader, useReckoning } from '../../state/reckoningStore';
import { useSelection } from '../../state/selection';
import { OpenThing } from '../ground/OpenThing';

type PostPart = Extract<Part, { kind: 'post' }>;

/** The pin that holds a post where it is, if one does. */
export function pinOf(plan: Plan, post: PostPart): PostPin | undefined {
  const { part } = post;
  const named = part.on === 'pin' ? plan.postPins.find((p) => p.id === part.pin) : undefined;
  return named ?? plan.postPins.find((p) => p.side === post.side && Math.abs(p.along - post.along) < 1e-6);
}

/** The post that is open on the sheet or the strip: its place, and whether it stands here already. */
export function OpenPost({ plan }: { plan: Plan }) {
  const parts = useReckoning((s) => s.reckoning?.parts);
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const { at, openThing } = useSelection();
  const post = parts?.find((p): p is PostPart => p.kind === 'post' && stopId(p.part) === at);
  if (!post) return null;
  const pin = pinOf(plan, post);
  const side = surveyRings(plan)
    .flatMap((r) => r.sides)
    .find((s) => s.side.id === post.side);
  const set = (to: Partial<PostPin>) => {
    const id = pin?.id ?? nextId('p', plan.postPins);
    const next: PostPin = { id, side: post.side, along: post.along, post: { kind: 'new' }, ...pin, ...to };
    take({ verb: 'set-pin', pin: next });
    if (post.role === 'line') openThing(stopId({ on: 'pin', side: post.side, pin: id }));
  };
  const standing = pin?.post.kind === 'standing' ? pin.post.above : null;
  const letGo = () => {
    if (!pin) return;
    take({ verb: 'remove-pin', id: pin.id });
    openThing(null);
  };
  return (
    <OpenThing title={`${capital(ROLE_NAMES[post.role][0])} ${post.number}`}>
      {post.role === 'line' ? (
        <LengthField
          name={`Along side ${side?.number ?? ''}, from its corner`}
          value={post.along}
          least={0.05}
          most={Math.max(0.1, (side?.length ?? 1) - 0.05)}
          onCommit={(along) => set({ along })}
        />
      ) : (
        <p className="small soft" style={{ margin: 0 }}>
          It stands where its corner or gate is; move that and it follows.
        </p>
      )}
      <Choice
        name="This post"
        hideName
        value={standing === null ? 'new' : 'standing'}
        options={[
          { value: 'new', label: 'is bought' },
          { value: 'standing', label: 'stands here already' },
        ]}
        onChoose={(kind) =>
          set({ post: kind === 'new' ? { kind } : { kind, above: Number(post.above.toFixed(2)) } })
        }
      />
      {standing !== null && (
        <PlanLength
          of="postPins.post.standing.above"
          name="Out of the ground"
          value={standing}
          onCommit={(above) => set({ post: { kind: 'standing', above } })}
        />
      )}
      <p className="small soft" style={{ margin: 0 }}>
        {reader.length(post.above)} above ground, {reader.length(post.depth)} in it.
      </p>
      {pin && (
        <div className="mends">
          <button type="button" className="btn" onClick={letGo}>
            Let it find its own place
          </button>
        </div>
      )}
    </OpenThing>
  );
}
