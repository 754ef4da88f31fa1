import { type FenceLine, type FenceWalk, goesStraightOn, onSide } from '../ground/fenceLines';
import { type Vector, plus, times } from '../ground/vector';
import type { Plan, PostRole } from '../plan/schema';
import { TOUCH, roundUp } from '../units/round';

/** A clear length of fence between two posts that must stand where they stand, in line coordinates, m. */
export interface Stretch {
  readonly line: FenceLine;
  readonly from: number;
  readonly to: number;
  readonly bays: number;
}

/** Where the line posts of a stretch stand: equal bays, or full modules with the rest last. */
function linePosts({ line, from, to, bays }: Stretch): readonly number[] {
  const { spacing, bays: kind } = line.choices;
  const step = kind === 'module' ? spacing : (to - from) / bays;
  return Array.from({ length: bays - 1 }, (_, i) => from + step * (i + 1));
}

/** A stretch bay by bay: near and far post in line coordinates, m. */
export function bayEnds(stretch: Stretch): readonly (readonly [from: number, to: number])[] {
  const stops = [stretch.from, ...linePosts(stretch), stretch.to];
  return stops.slice(1).map((to, i) => [stops[i] ?? stretch.from, to]);
}

export interface Post {
  /** `corner:c1/post`, `opening:g1/post:near` or `side:s1/post:2`. */
  readonly part: string;
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

export interface SettingOut {
  readonly walks: readonly FenceWalk[];
  readonly lines: readonly FenceLine[];
  readonly stretches: readonly Stretch[];
  readonly posts: readonly Post[];
}

/** One post a node: gate before corner before wall before end before line. */
const RANK: Readonly<Record<PostRole, number>> = { gate: 4, corner: 3, wall: 2, end: 1, line: 0 };

interface Node {
  readonly line: FenceLine;
  readonly along: number;
  readonly role: PostRole;
  readonly part: string;
  readonly standing: number | null;
}

/** What stands at a corner, from the kinds of the sides that meet there. */
function cornerRole(meeting: Plan['sides']): PostRole {
  if (meeting.filter((s) => s.kind === 'fence').length >= 2) return 'corner';
  return meeting.some((s) => s.kind === 'building' || s.kind === 'wall') ? 'wall' : 'end';
}

function nodesOf(
  line: FenceLine,
  cornerRoles: (corner: string) => PostRole,
  pins: Plan['postPins'],
): readonly Node[] {
  const fixed = (along: number, role: PostRole, part: string): Node => ({
    line,
    along,
    role,
    part,
    standing: null,
  });
  const nodes: Node[] = [
    fixed(0, cornerRoles(line.startCorner), `corner:${line.startCorner}/post`),
    fixed(line.length, cornerRoles(line.endCorner), `corner:${line.endCorner}/post`),
  ];
  for (const { opening, from, to } of line.openings) {
    nodes.push(fixed(from, 'gate', `opening:${opening.id}/post:near`));
    nodes.push(fixed(to, 'gate', `opening:${opening.id}/post:far`));
  }
  for (const pin of pins) {
    const member = line.members.find((m) => m.ringSide.side.id === pin.side);
    if (!member) continue;
    const { ringSide, offset } = member;
    const along = offset + (ringSide.forward ? pin.along : ringSide.length - pin.along);
    if (line.openings.some((o) => along > o.from + TOUCH && along < o.to - TOUCH)) continue;
    const standing = pin.post.kind === 'standing' ? pin.post.above : null;
    nodes.push({ line, along, role: 'line', part: `side:${pin.side}/pin:${pin.id}`, standing });
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
    const corner = [last, node].find((n) => n.part.startsWith('corner:'));
    merged[merged.length - 1] = {
      ...last,
      role: higher.role,
      part: (corner ?? higher).part,
      standing: last.standing ?? node.standing,
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

/**
 * Sets posts out on the level: posts that must stand at corners, gates and walls, the rest in equal bays between them.
 *
 * @param walks  fence walks of the plan
 * @returns posts in order along the fence, one a node, and the clear stretches between the fixed ones
 * @see domain.md 5: n = ⌈L / s⌉ equal bays and n − 1 line posts in each clear stretch
 */
export function setOut(plan: Pick<Plan, 'sides' | 'postPins'>, walks: readonly FenceWalk[]): SettingOut {
  const meeting = new Map<string, Plan['sides']>();
  for (const side of plan.sides) {
    for (const corner of [side.from, side.to]) meeting.set(corner, [...(meeting.get(corner) ?? []), side]);
  }
  const straight = straightOn(walks);
  const cornerRoles = (corner: string): PostRole => {
    const these = meeting.get(corner) ?? [];
    return these.length === 2 && straight.has(corner) ? 'line' : cornerRole(these);
  };
  const lines = walks.flatMap((w) => w.lines);
  const stretches: Stretch[] = [];
  const byPart = new Map<string, Post>();

  const add = (node: Node) => {
    const before = byPart.get(node.part);
    const role = before && RANK[before.role] > RANK[node.role] ? before.role : node.role;
    if (before) {
      byPart.set(node.part, { ...before, role, standing: before.standing ?? node.standing });
      return;
    }
    const { line, along } = node;
    byPart.set(node.part, {
      part: node.part,
      role,
      at: plus(line.start, times(line.direction, along)),
      ...onSide(line, along),
      number: 0,
      line,
      lineAlong: along,
      standing: node.standing,
    });
  };

  for (const line of lines) {
    const nodes = nodesOf(line, cornerRoles, plan.postPins);
    let count = 0;
    nodes.forEach((node, i) => {
      add(node);
      const next = nodes[i + 1];
      if (!next) return;
      const middle = (node.along + next.along) / 2;
      if (line.openings.some((o) => o.from < middle && middle < o.to)) return;
      const clear = next.along - node.along;
      const bays = roundUp(clear / line.choices.spacing);
      const stretch = { line, from: node.along, to: next.along, bays };
      stretches.push(stretch);
      for (const along of linePosts(stretch)) {
        count += 1;
        add({ line, along, role: 'line', part: `side:${line.id}/post:${count}`, standing: null });
      }
    });
  }
  return {
    walks,
    lines,
    stretches,
    posts: [...byPart.values()].map((post, i) => ({ ...post, number: i + 1 })),
  };
}
