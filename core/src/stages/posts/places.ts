import { SERVICE_REACH } from '../../ground/reach';
import { type Finding, finding } from '../../findings/types';
import { onSide } from '../../ground/fenceLines';
import { toPolyline } from '../../ground/polyline';
import { type Vector, distance, plus, times } from '../../ground/vector';
import type { Change } from '../../plan/changes/types';
import { nextId } from '../../plan/ids';
import type { Plan, Service, Tree } from '../../plan/schema';
import { EPSILON, TOUCH, tidy } from '../../units/round';
import type { Post, SetOut, Stretch } from './shown/setOut';
import type { StandingPost } from './shown/stage';

/** Whether a post may stand among roots. */
type Roots = 'any' | 'none';
/** A hole so close to a trunk cannot be dug, m. */
const TRUNK_REACH = 0.3;
/** How finely a better place is looked for, m. */
const STEP = 0.05;

const nearTo = (p: Vector, service: Service) => toPolyline(p, service.line);
const inRoots = (p: Vector, tree: Tree) => distance(p, tree.at) < tree.roots - EPSILON;

/** Where a post may be dug without meeting a service or, if it can be helped, roots. */
function freeAt(plan: Pick<Plan, 'ground'>, p: Vector, roots: Roots): boolean {
  const { services, trees } = plan.ground;
  return (
    services.every((s) => nearTo(p, s) >= SERVICE_REACH - EPSILON) &&
    trees.every((t) => (roots === 'none' ? !inRoots(p, t) : distance(p, t.at) >= t.trunk / 2 + TRUNK_REACH))
  );
}

/** Places from `least` to `most`, the nearest to `wish` first. */
function* nearestFirst(wish: number, least: number, most: number): Generator<number> {
  for (let away = 0; away <= Math.max(wish - least, most - wish) + EPSILON; away += STEP) {
    if (wish + away <= most + EPSILON) yield Math.min(most, wish + away);
    if (away > 0 && wish - away >= least - EPSILON) yield Math.max(least, wish - away);
  }
}

/** The stretch that a line post stands in, and where in it the post may go without another post being needed. */
function roomFor(setOut: SetOut, post: Post): { stretch: Stretch; least: number; most: number } | undefined {
  const within = setOut.stretches.filter((s) => s.line === post.line);
  const inside = within.find((s) => post.lineAlong > s.from + TOUCH && post.lineAlong < s.to - TOUCH);
  if (inside) {
    const { spacing } = inside.chosen;
    const k = Math.round(((post.lineAlong - inside.from) * inside.bays) / (inside.to - inside.from));
    return {
      stretch: inside,
      least: Math.max(inside.from + 0.3, inside.to - (inside.bays - k) * spacing),
      most: Math.min(inside.to - 0.3, inside.from + k * spacing),
    };
  }
  // A pinned post stands between two stretches.
  const before = within.find((s) => Math.abs(s.to - post.lineAlong) < TOUCH);
  const after = within.find((s) => Math.abs(s.from - post.lineAlong) < TOUCH);
  if (!before || !after) return undefined;
  const { spacing } = before.chosen;
  return {
    stretch: before,
    least: Math.max(before.from + 0.3, after.to - after.bays * spacing),
    most: Math.min(after.to - 0.3, before.from + before.bays * spacing),
  };
}

const pointOn = (post: Post, along: number): Vector =>
  plus(post.line.start, times(post.line.direction, along));

function movePost(plan: Plan, setOut: SetOut, post: Post, roots: Roots): Change[] {
  const room = roomFor(setOut, post);
  if (!room) return [];
  for (const along of nearestFirst(post.lineAlong, room.least, room.most)) {
    if (!freeAt(plan, pointOn(post, along), roots)) continue;
    const on = onSide(post.line, along);
    const id = post.part.on === 'pin' ? post.part.pin : nextId('p', plan.postPins);
    return [{ verb: 'set-pin', pin: { id, side: on.side, along: tidy(on.along), post: { kind: 'new' } } }];
  }
  return furtherOff(plan, post, room.stretch, roots);
}

/** So many places further off are tried, each so far from the one before, m: another post is needed for them. */
const MOST_PLACES = 4;
const FURTHER = 0.3;

/** A post on each side of what is in the way, no further apart than posts stand; or one further off, with another where that leaves too wide a bay. */
function furtherOff(plan: Plan, post: Post, stretch: Stretch, roots: Roots): Change[] {
  const pinAt = (along: number, id: string) => {
    const on = onSide(post.line, along);
    return { id, side: on.side, along: tidy(on.along), post: { kind: 'new' } } as const;
  };
  const own = post.part.on === 'pin' ? post.part.pin : nextId('p', plan.postPins);
  const free = [...nearestFirst(post.lineAlong, stretch.from + 0.3, stretch.to - 0.3)].filter((along) =>
    freeAt(plan, pointOn(post, along), roots),
  );
  const before = free.find((along) => along < post.lineAlong);
  const after = free.find((along) => along > post.lineAlong);
  const both =
    before !== undefined && after !== undefined && after - before <= stretch.chosen.spacing + EPSILON
      ? [
          {
            verb: 'set-pin' as const,
            pin: pinAt(before, own),
            beside: pinAt(after, nextId('p', [...plan.postPins, { id: own }])),
          },
        ]
      : [];
  const apart = free.filter((along, i) =>
    free.slice(0, i).every((other) => Math.abs(other - along) >= FURTHER),
  );
  return [
    ...both,
    ...apart.slice(0, MOST_PLACES).map((along) => ({ verb: 'set-pin' as const, pin: pinAt(along, own) })),
  ];
}

/** The gate slid along its side until both its posts can be dug. */
function moveGate(plan: Plan, post: Post, roots: Roots): Change[] {
  const id = post.part.on === 'gate-post' ? post.part.opening : undefined;
  const on = post.line.openings.find((o) => o.opening.id === id);
  const member = post.line.members.find((m) => m.ringSide.side.id === on?.opening.side);
  if (!on || !member) return [];
  const { opening } = on;
  const { ringSide, offset } = member;
  const others = plan.openings.filter((o) => o.side === opening.side && o.id !== opening.id);
  for (const along of nearestFirst(opening.along, 0, ringSide.length - opening.width)) {
    if (others.some((o) => o.along < along + opening.width && along < o.along + o.width)) continue;
    const near = offset + (ringSide.forward ? along : ringSide.length - along - opening.width);
    if ([near, near + opening.width].every((a) => freeAt(plan, pointOn(post, a), roots)))
      return [{ verb: 'set-opening', id: opening.id, to: { along: tidy(along) } }];
  }
  return [];
}

/** Posts that would be dug on a service, in a trunk or among roots, each with the place where it could stand. */
export function placeFindings(
  { services, trees }: Pick<Plan['ground'], 'services' | 'trees'>,
  setOut: SetOut,
  posts: readonly StandingPost[],
): readonly Finding[] {
  if (services.length === 0 && trees.length === 0) return [];
  const found: Finding[] = [];
  for (const post of posts) {
    if (post.standing !== null) continue;
    const mends = (roots: Roots) => (plan: Plan) =>
      post.role === 'line' ? movePost(plan, setOut, post, roots) : moveGate(plan, post, roots);
    const { number, role } = post;
    for (const service of services) {
      const away = nearTo(post.at, service);
      if (away >= SERVICE_REACH - EPSILON) continue;
      const params = { number, role, name: service.name, distance: away };
      found.push(
        finding(
          'post.on-service',
          { severity: 'mend', stage: 'posts', part: post.part },
          params,
          mends('any'),
        ),
      );
    }
    for (const tree of trees) {
      if (!inRoots(post.at, tree)) continue;
      const away = distance(post.at, tree.at);
      const params = { number, role, name: tree.name, distance: away };
      const severity = away < tree.trunk / 2 + TRUNK_REACH ? 'mend' : 'know';
      found.push(
        finding('post.in-roots', { severity, stage: 'posts', part: post.part }, params, mends('none')),
      );
    }
  }
  return found;
}
