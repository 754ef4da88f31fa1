import type { SkirtShape } from './plan/kinds/kind';
import type { SpanWay } from '../../buying/run';
import type { FenceLine } from '../../ground/fenceLines';
import type { Ring } from '../../ground/survey';
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
} from '../../ground/vector';
import type { Building } from '../../plan/schema';
import { type LineEnd, type Neighbour, neighbours, sideAt } from './around';

/** A straight length that a skirt lies along: a line of fence, or a wall of the house that it is carried round. */
export interface SkirtEdge {
  readonly of:
    | { readonly on: 'line'; readonly line: FenceLine; readonly way: SpanWay }
    | {
        readonly on: 'house';
        /** The house by its name, and which of its walls. */
        readonly wall: string;
        readonly building: string;
        readonly number: number;
      };
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

function lineEdge(line: FenceLine, way: SpanWay, length: number, turn: number): SkirtEdge {
  const along = way === 'along';
  return {
    of: { on: 'line', line, way },
    start: along ? line.start : line.end,
    end: along ? line.end : line.start,
    direction: along ? line.direction : times(line.direction, -1),
    outward: line.outward,
    length,
    turn,
  };
}

/** How an edge lies at one of its ends: a line of sides a hair out of line has the direction of the side that is there. */
function lieAt(edge: SkirtEdge, end: 'start' | 'end'): Pick<SkirtEdge, 'direction' | 'outward'> {
  if (edge.of.on === 'house') return edge;
  const { line, way } = edge.of;
  const { direction, outward } = sideAt({
    line,
    at: (end === 'start') === (way === 'along') ? 'start' : 'end',
  });
  return { direction: way === 'along' ? direction : times(direction, -1), outward };
}

/** The corner at which a fence edge ends. */
function endCornerOf({ of }: SkirtEdge): string | undefined {
  if (of.on === 'house') return undefined;
  return of.way === 'along' ? of.line.endCorner : of.line.startCorner;
}

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
 * Walls of the house from the end of a chain round to its start: what a house apron is carried along.
 *
 * @returns edges in order, and whether they come round to where the chain begins
 */
function houseEdges(
  { edges: fence, cyclic }: SkirtChain,
  rings: readonly Ring[],
  buildings: readonly Building[],
): { readonly edges: readonly SkirtEdge[]; readonly closes: boolean } {
  const none = { edges: [], closes: false };
  const first = fence[0];
  const last = fence[fence.length - 1];
  if (cyclic || !first || !last) return none;
  const corner = endCornerOf(last);
  const onto = rings
    .flatMap((ring) => ring.sides)
    .find((s) => s.side.kind === 'building' && (s.startCorner === corner || s.endCorner === corner))?.side;
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
      const of = {
        on: 'house',
        wall: building.name,
        building: building.id,
        number: edges.length + 1,
      } as const;
      edges.push({
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

/** Where runs' own walls lie along a wall, from and to along it, m. */
function takenBy(
  a: Vector,
  b: Vector,
  rings: readonly Ring[],
  building: string,
): readonly (readonly [number, number])[] {
  const length = distance(a, b);
  const way = times(minus(b, a), 1 / length);
  return rings.flatMap(({ sides }) =>
    sides.flatMap(({ side, start, end }): (readonly [number, number])[] => {
      if (side.kind !== 'building' || side.building !== building) return [];
      if (Math.abs(cross(way, minus(start, a))) > MEETS || Math.abs(cross(way, minus(end, a))) > MEETS)
        return [];
      const [s, t] = [dot(minus(start, a), way), dot(minus(end, a), way)];
      const [near, far] = [Math.max(0, Math.min(s, t)), Math.min(length, Math.max(s, t))];
      return far - near > MEETS ? [[near, far]] : [];
    }),
  );
}

/** The walls of a house all round as edges, those left out on which a run is built: what a skirt of its own lies along. */
export function aroundHouse({ id, name, outline }: Building, rings: readonly Ring[]): readonly SkirtChain[] {
  const round = doubleArea(outline) > 0 ? outline : [...outline].reverse();
  const walls = round.flatMap((a, i): SkirtEdge[] => {
    const b = round[(i + 1) % round.length];
    if (!b || distance(a, b) < MEETS) return [];
    const length = distance(a, b);
    const direction = times(minus(b, a), 1 / length);
    const outward = { x: direction.y, y: -direction.x };
    const taken = [...takenBy(a, b, rings, id)].sort((p, q) => p[0] - q[0]);
    const starts = [0, ...taken.map(([, to]) => to)];
    const ends = [...taken.map(([from]) => from), length];
    return starts.flatMap((from, k): SkirtEdge[] => {
      const to = ends[k] ?? length;
      if (to - from < MEETS) return [];
      return [
        {
          of: { on: 'house', wall: name, building: id, number: i + 1 },
          start: plus(a, times(direction, from)),
          end: plus(a, times(direction, to)),
          direction,
          outward,
          length: to - from,
          turn: 0,
        },
      ];
    });
  });
  const [first] = walls;
  if (!first) return [];
  const goesOn = walls.map((edge, i) => {
    const next = walls[(i + 1) % walls.length];
    return next !== undefined && distance(edge.end, next.start) < MEETS;
  });
  const turned = walls.map((edge, i): SkirtEdge => {
    const next = walls[(i + 1) % walls.length];
    return { ...edge, turn: goesOn[i] && next ? turnFrom(edge, next.direction) : 0 };
  });
  if (goesOn.every(Boolean)) return [{ edges: turned, cyclic: true }];
  // Begun behind a gap, so that what goes on round the first corner stays together.
  const gap = goesOn.indexOf(false) + 1;
  const ordered = [...turned.slice(gap), ...turned.slice(0, gap)];
  const chains: SkirtEdge[][] = [[]];
  ordered.forEach((edge) => {
    chains[chains.length - 1]?.push(edge);
    if (edge.turn === 0 && !goesOn[turned.indexOf(edge)]) chains.push([]);
  });
  return chains.filter((edges) => edges.length > 0).map((edges) => ({ edges, cyclic: false }));
}

/** Fence edges in unbroken chains, each from the line that comes first, in its own direction. */
function fenceChains(
  lines: readonly FenceLine[],
  along: (line: FenceLine) => number,
  next: (end: LineEnd) => Neighbour | undefined,
): readonly SkirtChain[] {
  const met = new Set<FenceLine>();
  const follow = (line: FenceLine, way: SpanWay): { edges: SkirtEdge[]; cyclic: boolean } => {
    const edges: SkirtEdge[] = [];
    let at: { line: FenceLine; way: SpanWay } = { line, way };
    for (;;) {
      const after = next({ line: at.line, at: at.way === 'along' ? 'end' : 'start' });
      edges.push(lineEdge(at.line, at.way, along(at.line), after?.turn ?? 0));
      met.add(at.line);
      // Of an outline that folds back on itself no more is followed than there is.
      if (!after || edges.length > lines.length) return { edges, cyclic: false };
      if (after.line === line) return { edges, cyclic: true };
      at = { line: after.line, way: after.at === 'start' ? 'along' : 'against' };
    }
  };
  return lines.flatMap((line) => {
    if (met.has(line)) return [];
    const ahead = follow(line, 'along');
    if (ahead.cyclic) return [ahead];
    // Where it begins: the end of the way back.
    const back = follow(line, 'against').edges;
    const first = back[back.length - 1];
    if (!first || first.of.on === 'house') return [ahead];
    return [follow(first.of.line, first.of.way === 'along' ? 'against' : 'along')];
  });
}

/**
 * The edges that skirts lie along in unbroken chains, whichever they have, with their turns; where the skirt is carried round the house, with its walls.
 *
 * @param along  length of a fence line along the ground, m
 */
export function skirtChains(
  lines: readonly FenceLine[],
  along: (line: FenceLine) => number,
  round: SkirtShape['round'],
  { rings, buildings }: { readonly rings: readonly Ring[]; readonly buildings: readonly Building[] },
): readonly SkirtChain[] {
  const chains = fenceChains(lines, along, neighbours(lines, rings));
  if (round === 'fence') return chains;
  return chains.map((chain) => {
    const house = houseEdges(chain, rings, buildings);
    if (house.edges.length === 0) return chain;
    const all = [...chain.edges, ...house.edges];
    const edges = all.map((edge, i) => {
      const following = all[i + 1] ?? (house.closes ? all[0] : undefined);
      return {
        ...edge,
        turn: following ? turnFrom(lieAt(edge, 'end'), lieAt(following, 'start').direction) : 0,
      };
    });
    return { edges, cyclic: house.closes };
  });
}
