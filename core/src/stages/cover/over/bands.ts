import { type Vector, dot } from '../../../ground/vector';

/** From and to along a direction, m. */
export interface Reach {
  readonly from: number;
  readonly to: number;
}

/** A direction across the sheet with the one square to it, as unit vectors: `v` is `u` turned a quarter to the left. */
export interface Axes {
  readonly u: Vector;
  readonly v: Vector;
}

export const axesOf = (radians: number): Axes => {
  const [c, s] = [Math.cos(radians), Math.sin(radians)];
  return { u: { x: c, y: s }, v: { x: -s, y: c } };
};

/** An outline in the coordinates of some axes: x along, y across. */
export const along = ({ u, v }: Axes, points: readonly Vector[]): readonly Vector[] =>
  points.map((p) => ({ x: dot(p, u), y: dot(p, v) }));

/** Back on the sheet. */
export const onSheet = ({ u, v }: Axes, x: number, y: number): Vector => ({
  x: u.x * x + v.x * y,
  y: u.y * x + v.y * y,
});

/** Bands thinner than this are none: an edge that is touched does not count, m. */
const THIN = 1e-7;

/** Where the edges of an outline are at a level, the way in and the way out of it by turns. */
function crossed(points: readonly Vector[], y: number): number[] {
  const found: number[] = [];
  for (let i = 0, j = points.length - 1; i < points.length; j = i++) {
    const [a, b] = [points[j], points[i]];
    if (!a || !b || a.y > y === b.y > y) continue;
    found.push(a.x + ((b.x - a.x) * (y - a.y)) / (b.y - a.y));
  }
  return found.sort((a, b) => a - b);
}

/** Stretches that meet or lie no further apart than `gap`, as one, m. */
export function joined(reaches: readonly Reach[], gap: number): readonly Reach[] {
  if (reaches.length < 2) return reaches;
  const made: { from: number; to: number }[] = [];
  for (const reach of [...reaches].sort((a, b) => a.from - b.from)) {
    const last = made[made.length - 1];
    if (last && reach.from - last.to <= gap + 1e-9) last.to = Math.max(last.to, reach.to);
    else made.push({ ...reach });
  }
  return made;
}

/**
 * How far an outline reaches along a band across it.
 *
 * @param points  along and across, as `along` gives them
 * @param from  and `to`: the band across, m
 * @returns the stretches in which the outline has some area in the band, in order; those that only touch it are none
 */
export function reachesIn(points: readonly Vector[], from: number, to: number): readonly Reach[] {
  const levels = [from, to];
  for (const { y } of points) if (y > from && y < to) levels.push(y);
  levels.sort((a, b) => a - b);
  const found: Reach[] = [];
  for (let i = 1; i < levels.length; i++) {
    const [low = 0, high = 0] = [levels[i - 1], levels[i]];
    if (high - low < THIN) continue;
    // Between two levels no edge begins or ends: the outline is in slices with straight ends.
    const [near, far] = [crossed(points, low + THIN / 4), crossed(points, high - THIN / 4)];
    for (let k = 0; k + 1 < Math.min(near.length, far.length); k += 2) {
      const [a = 0, b = 0, c = 0, d = 0] = [near[k], far[k], near[k + 1], far[k + 1]];
      found.push({ from: Math.min(a, b), to: Math.max(c, d) });
    }
  }
  return joined(found, 0);
}

/** Where a line at a level lies inside an outline, in order; along an edge of it counts as inside. */
export function insideAt(points: readonly Vector[], y: number): readonly Reach[] {
  const pairs = (xs: readonly number[]): Reach[] => {
    const made: Reach[] = [];
    for (let i = 0; i + 1 < xs.length; i += 2) made.push({ from: xs[i] ?? 0, to: xs[i + 1] ?? 0 });
    return made;
  };
  const above = pairs(crossed(points, y + THIN));
  const found = above.length > 0 ? above : pairs(crossed(points, y - THIN));
  return joined(
    found.filter((r) => r.to - r.from > 1e-6),
    1e-6,
  );
}
