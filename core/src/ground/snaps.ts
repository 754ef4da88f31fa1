import type { Plan, Point } from '../plan/schema';
import { ringStraights } from './polyline';
import { type Vector, cross, distance, dot, lerp, minus, plus, times } from './vector';

/** Why a thing that is dragged stopped where it did; drawn as a guide and said in words. */
export interface Guide {
  readonly kind: 'right-angle' | 'in-line' | 'level-with' | 'round-length' | 'on-wall' | 'on-corner' | 'step';
  /** The line that it fell on, from what it goes by to where it is. */
  readonly from: Vector;
  readonly to: Vector;
  /** A round length, m. */
  readonly length?: number;
}

export interface Snapped {
  readonly at: Vector;
  readonly guides: readonly Guide[];
}

/** What a dragged corner can fall on, gathered once when the drag begins. */
export interface SnapGround {
  /** Corners that stay: the moved one's neighbours first. */
  readonly neighbours: readonly Vector[];
  /** The far ends of the neighbours' other sides, beside the neighbours: for right angles and straight runs. */
  readonly beyond: readonly (Vector | undefined)[];
  readonly others: readonly Vector[];
  readonly walls: readonly (readonly [Vector, Vector])[];
}

interface Line {
  readonly kind: Guide['kind'];
  readonly from: Vector;
  readonly way: Vector;
}

/** Gathers what a corner of the plan can fall on. */
export function snapGround(plan: Pick<Plan, 'corners' | 'sides' | 'ground'>, corner: string): SnapGround {
  const at = new Map(plan.corners.map((c) => [c.id, { x: c.x, y: c.y }]));
  const otherEnd = (side: Plan['sides'][number], of: string) => (side.from === of ? side.to : side.from);
  const own = plan.sides.filter((s) => s.from === corner || s.to === corner);
  const neighbours = own.flatMap((side) => {
    const id = otherEnd(side, corner);
    const next = plan.sides.find((s) => s !== side && (s.from === id || s.to === id));
    const here = at.get(id);
    return here ? [{ id, here, beyond: next ? at.get(otherEnd(next, id)) : undefined }] : [];
  });
  const near = new Set([corner, ...neighbours.map((n) => n.id)]);
  return {
    neighbours: neighbours.map((n) => n.here),
    beyond: neighbours.map((n) => n.beyond),
    others: plan.corners.filter((c) => !near.has(c.id)).map(({ x, y }) => ({ x, y })),
    walls: plan.ground.buildings.flatMap((b) => ringStraights(b.outline)),
  };
}

/** Lines that a corner likes to stand on: square to or straight on from its neighbours' other sides, level with others. */
function linesFor({ neighbours, beyond, others }: SnapGround): readonly Line[] {
  const square = neighbours.flatMap((here, i): Line[] => {
    const far = beyond[i];
    if (!far || distance(here, far) < 1e-6) return [];
    const way = times(minus(here, far), 1 / distance(here, far));
    return [
      { kind: 'right-angle', from: here, way: { x: -way.y, y: way.x } },
      { kind: 'in-line', from: here, way },
    ];
  });
  const level = [...neighbours, ...others].flatMap((from): Line[] => [
    { kind: 'level-with', from, way: { x: 1, y: 0 } },
    { kind: 'level-with', from, way: { x: 0, y: 1 } },
  ]);
  return [...square, ...level];
}

const footOn = (p: Point, { from, way }: Line): Vector => plus(from, times(way, dot(minus(p, from), way)));

function meet(a: Line, b: Line): Vector | undefined {
  const spread = cross(a.way, b.way);
  if (Math.abs(spread) < 0.05) return undefined;
  return plus(a.from, times(a.way, cross(minus(b.from, a.from), b.way) / spread));
}

/**
 * Where a dragged corner falls: a house corner, a house wall, the crossing of two lines that it likes, one such line at a
 * round length, or the nearest round step.
 *
 * @param reach  how near it has to come to fall, m
 * @param step   round lengths and steps, m
 */
export function snapCorner(ground: SnapGround, wish: Vector, reach: number, step: number): Snapped {
  const corners = ground.walls.map(([a]) => a);
  const onCorner = corners.find((c) => distance(c, wish) < reach);
  if (onCorner) return { at: onCorner, guides: [{ kind: 'on-corner', from: onCorner, to: onCorner }] };

  const lines = linesFor(ground)
    .map((line) => ({ line, away: distance(footOn(wish, line), wish) }))
    .filter(({ away }) => away < reach)
    .sort((a, b) => a.away - b.away)
    .map(({ line }) => line);
  const guide = (line: Line, at: Vector): Guide => ({ kind: line.kind, from: line.from, to: at });

  const wall = ground.walls
    .map(([a, b]) => {
      const along = minus(b, a);
      const t = dot(minus(wish, a), along) / (dot(along, along) || 1);
      return { a, b, foot: lerp(a, b, Math.max(0, Math.min(1, t))) };
    })
    .filter(({ foot }) => distance(foot, wish) < reach)
    .sort((p, q) => distance(p.foot, wish) - distance(q.foot, wish))[0];
  if (wall) {
    const length = distance(wall.a, wall.b) || 1;
    const onWall: Line = { kind: 'on-wall', from: wall.a, way: times(minus(wall.b, wall.a), 1 / length) };
    const crossing = lines
      .map((line) => ({ line, at: meet(onWall, line) }))
      .find(({ at }) => at && distance(at, wish) < 2 * reach);
    if (crossing?.at)
      return { at: crossing.at, guides: [guide(onWall, crossing.at), guide(crossing.line, crossing.at)] };
    return roundAlong(onWall, wall.foot, step);
  }

  const [first, ...rest] = lines;
  if (!first) {
    const round = (v: number) => Math.round(v / step) * step;
    const at = { x: round(wish.x), y: round(wish.y) };
    return { at, guides: [] };
  }
  for (const second of rest) {
    const at = meet(first, second);
    if (at && distance(at, wish) < 2 * reach) return { at, guides: [guide(first, at), guide(second, at)] };
  }
  return roundAlong(first, footOn(wish, first), step);
}

/** On a line, at a round distance from what the line goes by. */
function roundAlong(line: Line, foot: Vector, step: number): Snapped {
  const free = dot(minus(foot, line.from), line.way);
  const length = Math.round(free / step) * step;
  const at = plus(line.from, times(line.way, length));
  return { at, guides: [{ kind: line.kind, from: line.from, to: at, length: Math.abs(length) }] };
}
