import type { FenceLine, FenceWalk } from '../ground/fenceLines';
import type { Ring } from '../ground/survey';
import {
  type Vector,
  cross,
  distance,
  dot,
  doubleArea,
  minus,
  plus,
  times,
  toSegment,
} from '../ground/vector';
import type { Building } from '../plan/schema';

/** A straight length that a skirt lies along: a line of fence, or a wall of the house that it is carried round. */
export interface SkirtEdge {
  /** Path of what it lies along: `side:s1` or `building:house`. */
  readonly path: string;
  readonly of: { readonly line: FenceLine } | { readonly wall: string; readonly number: number };
  readonly start: Vector;
  readonly end: Vector;
  readonly direction: Vector;
  readonly outward: Vector;
  /** Along the ground, m. */
  readonly length: number;
  /** At its end towards the next edge, radians, positive where convex; 0 where none follows. */
  readonly turn: number;
}

export interface SkirtChain {
  readonly edges: readonly SkirtEdge[];
  /** The last edge ends where the first begins. */
  readonly cyclic: boolean;
}

/** A wall and a fence that meet within this are the same place, m. */
const MEETS = 0.05;

/** Which hand the outside is on: 1 where it is to the right of the way walked. */
const handOf = (direction: Vector, outward: Vector) =>
  Math.sign(direction.y * outward.x - direction.x * outward.y);

export const turnFrom = (a: Pick<SkirtEdge, 'direction' | 'outward'>, next: Vector): number =>
  handOf(a.direction, a.outward) * Math.atan2(cross(a.direction, next), dot(a.direction, next));

const lineEdge = (line: FenceLine, length: number): SkirtEdge => ({
  path: `side:${line.id}`,
  of: { line },
  start: line.start,
  end: line.end,
  direction: line.direction,
  outward: line.outward,
  length,
  turn: line.turn,
});

/** Where a run's own wall lies on the way round the house, the skirt ends. */
function coveredFrom(a: Vector, b: Vector, rings: readonly Ring[], building: string): number | undefined {
  const length = distance(a, b);
  const way = times(minus(b, a), 1 / length);
  let first: number | undefined;
  for (const { side, start, end } of rings.flatMap((r) => r.sides)) {
    if (side.kind !== 'building' || side.building !== building) continue;
    if (Math.abs(cross(way, minus(start, a))) > MEETS || Math.abs(cross(way, minus(end, a))) > MEETS)
      continue;
    const [from, to] = [dot(minus(start, a), way), dot(minus(end, a), way)];
    const near = Math.max(0, Math.min(from, to));
    if (Math.min(length, Math.max(from, to)) - near > MEETS && (first === undefined || near < first))
      first = near;
  }
  return first;
}

/**
 * Walls of the house from the end of a walk round to its start: what a house apron is carried along.
 *
 * @returns edges in order, and whether they come round to where the walk begins
 */
function houseEdges(
  walk: FenceWalk,
  rings: readonly Ring[],
  buildings: readonly Building[],
): { readonly edges: readonly SkirtEdge[]; readonly closes: boolean } {
  const none = { edges: [], closes: false };
  const first = walk.lines[0];
  const last = walk.lines[walk.lines.length - 1];
  if (walk.cyclic || !first || !last) return none;
  const onto = rings[walk.ring]?.sides.find((s) => s.startCorner === last.endCorner)?.side;
  const building = onto?.kind === 'building' ? buildings.find((b) => b.id === onto.building) : undefined;
  if (!building) return none;
  const hand = handOf(last.direction, last.outward);
  const round = doubleArea(building.outline) * hand > 0 ? building.outline : [...building.outline].reverse();
  const n = round.length;
  // The wall on which the fence ends; of two that meet there, the one that goes on from it.
  const begins = round.findIndex((p, i) => {
    const q = round[(i + 1) % n] ?? p;
    return toSegment(last.end, p, q) < MEETS && distance(last.end, q) > MEETS;
  });
  if (begins < 0) return none;
  const edges: SkirtEdge[] = [];
  let from: Vector = last.end;
  for (let k = 0; k <= n; k++) {
    const i = (begins + k) % n;
    const corner = round[(i + 1) % n];
    if (!corner || distance(from, corner) < MEETS) continue;
    const covered = coveredFrom(from, corner, rings, building.id);
    const direction = times(minus(corner, from), 1 / distance(from, corner));
    const end = covered === undefined ? corner : plus(from, times(direction, covered));
    const length = distance(from, end);
    if (length > MEETS) {
      const outward = { x: direction.y * hand, y: -direction.x * hand };
      const of = { wall: building.name, number: edges.length + 1 };
      edges.push({
        path: `building:${building.id}`,
        of,
        start: from,
        end,
        direction,
        outward,
        length,
        turn: 0,
      });
    }
    if (covered !== undefined) return { edges, closes: distance(end, first.start) < MEETS };
    from = end;
  }
  return none;
}

/**
 * The edges of a walk, and those of the house where the skirt is carried round it, with their turns.
 *
 * @param along  length of a fence line along the ground, m
 */
export function skirtChain(
  walk: FenceWalk,
  along: (line: FenceLine) => number,
  round: 'fence' | 'house',
  rings: readonly Ring[],
  buildings: readonly Building[],
): SkirtChain {
  const fence = walk.lines.map((line) => lineEdge(line, along(line)));
  const house = round === 'house' ? houseEdges(walk, rings, buildings) : { edges: [], closes: false };
  if (house.edges.length === 0) return { edges: fence, cyclic: walk.cyclic };
  const all = [...fence, ...house.edges];
  const edges = all.map((edge, i) => {
    const next = all[i + 1] ?? (house.closes ? all[0] : undefined);
    return { ...edge, turn: next ? turnFrom(edge, next.direction) : 0 };
  });
  return { edges, cyclic: house.closes };
}
