import type { FenceLine } from '../../ground/fenceLines';
import type { Ring } from '../../ground/survey';
import { type Vector, dot, times } from '../../ground/vector';

/** One end of a fence line. */
export interface LineEnd {
  readonly line: FenceLine;
  readonly at: 'start' | 'end';
}

/** What follows round the corner on the side where a skirt lies. */
export interface Neighbour extends LineEnd {
  /** Radians, positive where the skirt goes round the outside of the corner. */
  readonly turn: number;
}

/** Something that stands at a corner and goes away from it. */
interface Ray {
  readonly away: Vector;
  readonly end: LineEnd | null;
}

const keyOf = ({ line, at }: LineEnd) => (at === 'start' ? line.startCorner : line.endCorner);

/** The side at that end: sides a hair out of line are one line, and each corner has the turn of its own two. */
export const sideAt = ({ line, at }: LineEnd): Pick<FenceLine, 'direction' | 'outward'> =>
  line.members.at(at === 'start' ? 0 : -1)?.ringSide ?? line;

/** From its corner along the line. */
const awayFrom = (end: LineEnd): Vector =>
  end.at === 'start' ? sideAt(end).direction : times(sideAt(end).direction, -1);

function raysAt(lines: readonly FenceLine[], rings: readonly Ring[]): ReadonlyMap<string, readonly Ray[]> {
  const rays = new Map<string, Ray[]>();
  const add = (corner: string, ray: Ray) => {
    const here = rays.get(corner);
    if (here) here.push(ray);
    else rays.set(corner, [ray]);
  };
  for (const line of lines)
    for (const at of ['start', 'end'] as const) {
      const end = { line, at };
      add(keyOf(end), { away: awayFrom(end), end });
    }
  const seen = new Set<string>();
  for (const { side, startCorner, endCorner, direction } of rings.flatMap((r) => r.sides)) {
    if (seen.has(side.id)) continue;
    seen.add(side.id);
    if (side.kind !== 'building' && side.kind !== 'wall') continue;
    add(startCorner, { away: direction, end: null });
    add(endCorner, { away: times(direction, -1), end: null });
  }
  return rays;
}

/**
 * Which line end a skirt goes on along, at each line end: the first fence that is met when one turns from the line through the ground outside it, if
 * the skirt of that fence lies on the same ground. Where a third fence comes in from inside (a T) the outer edge goes straight past it.
 *
 * It does not matter in which order, or which way round, lines and runs are written down.
 *
 * @param rings  whose walls and houses end a skirt where they come first
 */
export function neighbours(
  lines: readonly FenceLine[],
  rings: readonly Ring[],
): (end: LineEnd) => Neighbour | undefined {
  const rays = raysAt(lines, rings);
  return (end) => {
    const [u, n] = [awayFrom(end), sideAt(end).outward];
    let first: { ray: Ray; angle: number } | undefined;
    for (const ray of rays.get(keyOf(end)) ?? []) {
      if (ray.end?.line === end.line && ray.end.at === end.at) continue;
      const turned = Math.atan2(dot(ray.away, n), dot(ray.away, u));
      const angle = turned <= 1e-9 ? turned + 2 * Math.PI : turned;
      if (!first || angle < first.angle) first = { ray, angle };
    }
    if (!first?.ray.end) return undefined;
    // Its own ground outside must be the ground that was crossed.
    const towards = {
      x: Math.sin(first.angle) * u.x - Math.cos(first.angle) * n.x,
      y: Math.sin(first.angle) * u.y - Math.cos(first.angle) * n.y,
    };
    const { line, at } = first.ray.end;
    return dot(sideAt({ line, at }).outward, towards) > 0
      ? { line, at, turn: first.angle - Math.PI }
      : undefined;
  };
}
