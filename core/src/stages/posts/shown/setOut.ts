import { type FenceLine, type FenceWalk, goesStraightOn, onSide } from '../../../ground/fenceLines';
import { type StandingRoof, roofAbove } from '../../../ground/standingRoof';
import { UNDER } from '../../../ground/roofed';
import { type Vector, cross, dot, minus, plus, times } from '../../../ground/vector';
import type { Facet } from '../../../plan/effective';
import type { PostRef } from '../../../plan/partRef';
import type { Plan, PostRole } from '../../../plan/schema';
import { topOf } from '../../outline/plan/standing';
import { TOUCH, roundUp } from '../../../units/round';

/** A clear length of fence between two posts that must stand where they stand, in line coordinates, m. */
export interface Stretch {
  readonly line: FenceLine;
  readonly from: number;
  readonly to: number;
  readonly bays: number;
  readonly chosen: Facet<'spacing'>;
}

/** Where the line posts of a stretch stand: equal bays, or full modules with the rest last. */
function linePosts({ chosen, from, to, bays }: Stretch): readonly number[] {
  const step = chosen.bays === 'module' ? chosen.spacing : (to - from) / bays;
  return Array.from({ length: bays - 1 }, (_, i) => from + step * (i + 1));
}

/** A stretch bay by bay: near and far post in line coordinates, m. */
export function bayEnds(stretch: Stretch): readonly (readonly [from: number, to: number])[] {
  const stops = [stretch.from, ...linePosts(stretch), stretch.to];
  return stops.slice(1).map((to, i) => [stops[i] ?? stretch.from, to]);
}

export interface Post {
  readonly part: PostRef;
  readonly role: PostRole;
  readonly at: Vector;
  readonly side: string;
  /** From the side's `from` corner, m. */
  readonly along: number;
  /** Its place along the fence, from 1. */
  readonly number: number;
  readonly line: FenceLine;
  /** In line coordinates, m. */
  readonly lineAlong: number;
  /** Height of a post that is here already, m; null for one that is bought. */
  readonly standing: number | null;
}

export interface SetOut {
  readonly walks: readonly FenceWalk[];
  readonly lines: readonly FenceLine[];
  readonly stretches: readonly Stretch[];
  readonly posts: readonly Post[];
  /** Lines under a roof that stands: posts set there are held at their heads. */
  readonly underRoof: ReadonlySet<FenceLine>;
}

/** One post a node: gate before corner before wall before end before line. */
const RANK: Readonly<Record<PostRole, number>> = { gate: 4, corner: 3, wall: 2, end: 1, line: 0 };

interface Node {
  /** Set anew where a fence stands. */
  readonly anew?: boolean;
  readonly line: FenceLine;
  readonly along: number;
  readonly role: PostRole;
  readonly part: PostRef;
  readonly standing: number | null;
}

/** What stands at a corner, from the kinds of the sides that meet there. */
function cornerRole(meeting: Plan['sides']): PostRole {
  if (meeting.filter((s) => s.kind === 'fence').length >= 2) return 'corner';
  return meeting.some((s) => s.kind === 'building' || s.kind === 'wall') ? 'wall' : 'end';
}

/** Line posts of a fence that stands, in equal bays; none where a gate is cut in. */
function foundPosts({
  standing,
  length,
  openings,
}: FenceLine): readonly { readonly along: number; readonly nth: number }[] {
  if (!standing) return [];
  const bays = Math.max(1, roundUp(length / standing.spacing));
  return Array.from({ length: bays - 1 }, (_, i) => ({
    along: (length * (i + 1)) / bays,
    nth: i + 1,
  })).filter(({ along }) => !openings.some((o) => along > o.from + TOUCH && along < o.to - TOUCH));
}

/** Posts of roofs that stand on a line, as high as the roof is there. */
const roofPosts = (
  line: FenceLine,
  roofs: readonly StandingRoof[],
): readonly { readonly along: number; readonly standing: number }[] =>
  roofs.flatMap(({ posts, heightAt }) =>
    posts.flatMap((p) => {
      const off = minus(p, line.start);
      const along = dot(line.direction, off);
      const on =
        Math.abs(cross(line.direction, off)) <= UNDER && along > -UNDER && along < line.length + UNDER;
      const inGate = line.openings.some((o) => along > o.from + TOUCH && along < o.to - TOUCH);
      return on && !inGate
        ? [{ along: Math.min(line.length, Math.max(0, along)), standing: heightAt(p) }]
        : [];
    }),
  );

interface NodesBy {
  readonly cornerRoles: (corner: string) => PostRole;
  readonly pins: Plan['postPins'];
  readonly roofs: readonly StandingRoof[];
}

function nodesOf(line: FenceLine, { cornerRoles, pins, roofs }: NodesBy): readonly Node[] {
  const there = line.standing ? topOf(line.standing) : null;
  const fixed = (along: number, role: PostRole, part: PostRef, standing: number | null = null): Node => ({
    line,
    along,
    role,
    part,
    standing,
  });
  const nodes: Node[] = [
    fixed(0, cornerRoles(line.startCorner), { on: 'corner-post', corner: line.startCorner }, there),
    fixed(line.length, cornerRoles(line.endCorner), { on: 'corner-post', corner: line.endCorner }, there),
    ...foundPosts(line).map(({ along, nth }) =>
      fixed(along, 'line', { on: 'post', side: line.id, nth }, there),
    ),
  ];
  const found = nodes.filter(({ part }) => part.on === 'post').length;
  roofPosts(line, roofs).forEach(({ along, standing }, i) => {
    nodes.push(fixed(along, 'line', { on: 'post', side: line.id, nth: found + i + 1 }, standing));
  });
  for (const { opening, from, to } of line.openings) {
    const stands = opening.found ? there : null;
    nodes.push(fixed(from, 'gate', { on: 'gate-post', opening: opening.id, edge: 'near' }, stands));
    nodes.push(fixed(to, 'gate', { on: 'gate-post', opening: opening.id, edge: 'far' }, stands));
  }
  for (const pin of pins) {
    const member = line.members.find((m) => m.ringSide.side.id === pin.side);
    if (!member) continue;
    const { ringSide, offset } = member;
    const along = offset + (ringSide.forward ? pin.along : ringSide.length - pin.along);
    if (line.openings.some((o) => along > o.from + TOUCH && along < o.to - TOUCH)) continue;
    const standing = pin.post.kind === 'standing' ? pin.post.above : null;
    const part = { on: 'pin', side: pin.side, pin: pin.id } as const;
    nodes.push({ line, along, role: 'line', part, standing, anew: standing === null && there !== null });
  }
  nodes.sort((a, b) => a.along - b.along || RANK[b.role] - RANK[a.role]);
  const merged: Node[] = [];
  for (const node of nodes) {
    const last = merged[merged.length - 1];
    if (!last || node.along - last.along > TOUCH) {
      merged.push(node);
      continue;
    }
    // One post a node. The corner keeps its name, so that a gate pushed into it does not rename the post.
    const higher = RANK[node.role] > RANK[last.role] ? node : last;
    const corner = [last, node].find((n) => n.part.on === 'corner-post');
    const anew = [last, node].find((n) => n.anew);
    merged[merged.length - 1] = {
      ...last,
      role: higher.role,
      part: (corner ?? (higher.role === 'line' ? (anew ?? higher) : higher)).part,
      standing: anew ? null : (last.standing ?? node.standing),
      anew: anew !== undefined,
    };
  }
  return merged;
}

/** Corners at which a fence goes straight on with the same wall: other posts or spacings begin there, but no corner. */
function straightOn(walks: readonly FenceWalk[]): ReadonlySet<string> {
  const found = new Set<string>();
  for (const { lines, cyclic } of walks) {
    lines.forEach((line, i) => {
      const next = lines[i + 1] ?? (cyclic ? lines[0] : undefined);
      if (next && next !== line && goesStraightOn(line, next)) found.add(line.endCorner);
    });
  }
  return found;
}

export interface ToSetOut {
  readonly sides: Plan['sides'];
  readonly pins: Plan['postPins'];
  readonly walks: readonly FenceWalk[];
  readonly spacings: ReadonlyMap<FenceLine, Facet<'spacing'>>;
  /** Whose posts stand already. */
  readonly roofs?: readonly StandingRoof[];
}

/**
 * Sets posts out on the level: posts that must stand at corners, gates and walls, the rest in equal bays between them.
 *
 * @param walks     fence walks of the plan
 * @param spacings  what is chosen along each of their lines
 * @returns posts in order along the fence, one a node, and the clear stretches between the fixed ones
 * @see rules: Posts. n = ⌈L / s⌉ equal bays and n − 1 line posts in each clear stretch
 */
export function setOut({ sides, pins, walks, spacings, roofs = [] }: ToSetOut): SetOut {
  const meeting = new Map<string, Plan['sides']>();
  for (const side of sides) {
    for (const corner of [side.from, side.to]) meeting.set(corner, [...(meeting.get(corner) ?? []), side]);
  }
  const straight = straightOn(walks);
  const cornerRoles = (corner: string): PostRole => {
    const linesMeeting = meeting.get(corner) ?? [];
    return linesMeeting.length === 2 && straight.has(corner) ? 'line' : cornerRole(linesMeeting);
  };
  const lines = walks.flatMap((w) => w.lines);
  const stretches: Stretch[] = [];
  const posts: Post[] = [];
  /** Where the post of a corner is among them: only a corner is met by two lines. */
  const atCorner = new Map<string, number>();

  const add = ({ part, role, line, along, standing }: Node) => {
    const known = part.on === 'corner-post' ? atCorner.get(part.corner) : undefined;
    const before = known === undefined ? undefined : posts[known];
    if (before && known !== undefined) {
      const higher = RANK[before.role] > RANK[role] ? before.role : role;
      posts[known] = { ...before, role: higher, standing: before.standing ?? standing };
      return;
    }
    if (part.on === 'corner-post') atCorner.set(part.corner, posts.length);
    const on = onSide(line, along);
    posts.push({
      part,
      role,
      at: plus(line.start, times(line.direction, along)),
      side: on.side,
      along: on.along,
      number: posts.length + 1,
      line,
      lineAlong: along,
      standing,
    });
  };

  for (const line of lines) {
    const nodes = nodesOf(line, { cornerRoles, pins, roofs });
    const chosen = spacings.get(line);
    if (!chosen) throw new RangeError(`no spacing was chosen for line ${line.id}`);
    // What stands is counted first.
    let count = nodes.filter(({ part }) => part.on === 'post').length;
    nodes.forEach((node, i) => {
      add(node);
      const next = nodes[i + 1];
      if (!next) return;
      const middle = (node.along + next.along) / 2;
      if (line.openings.some((o) => o.from < middle && middle < o.to)) return;
      const clear = next.along - node.along;
      const bays = roundUp(clear / chosen.spacing);
      const stretch = { line, from: node.along, to: next.along, bays, chosen };
      stretches.push(stretch);
      for (const along of linePosts(stretch)) {
        count += 1;
        add({ line, along, role: 'line', part: { on: 'post', side: line.id, nth: count }, standing: null });
      }
    });
  }
  const underRoof = new Set(lines.filter((line) => roofAbove(line, roofs)));
  return { walks, lines, stretches, posts, underRoof };
}
