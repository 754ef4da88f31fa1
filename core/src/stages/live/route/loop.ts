import { ringStraights, straights, tangled } from '../../../ground/polyline';
import { type Vector, distance, doubleArea, lerp, segmentsCross } from '../../../ground/vector';

/** A net's way over the ground: its straights, closed for a loop. */
export const waysOf = (points: readonly Vector[], form: 'loop' | 'line') =>
  form === 'loop' ? ringStraights(points) : straights(points);

export const lengthOf = (points: readonly Vector[], form: 'loop' | 'line'): number =>
  waysOf(points, form).reduce((t, [a, b]) => t + distance(a, b), 0);

/** m². @returns 0 for a loop of fewer than three corners */
export const areaOf = (points: readonly Vector[]): number => Math.abs(doubleArea(points)) / 2;

/** Where corners lie along it, m: the first at 0. */
export function cornersAlong(points: readonly Vector[], form: 'loop' | 'line'): readonly number[] {
  let along = 0;
  return [
    0,
    ...waysOf(points, form).map(([a, b]) => {
      along += distance(a, b);
      return along;
    }),
  ].slice(0, points.length);
}

/** Places along it, by an index made once: asked for every post of a long net. */
export function placesAlong(points: readonly Vector[], form: 'loop' | 'line'): (along: number) => Vector {
  const ways = waysOf(points, form);
  let sum = 0;
  const ends = ways.map(([a, b]) => (sum += distance(a, b)));
  return (along) => {
    let [low, high] = [0, ways.length - 1];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((ends[middle] ?? 0) < along) low = middle + 1;
      else high = middle;
    }
    const way = ways[low];
    if (!way) return points[0] ?? { x: 0, y: 0 };
    const begins = ends[low - 1] ?? 0;
    const length = (ends[low] ?? 0) - begins;
    return lerp(way[0], way[1], length > 0 ? Math.max(0, Math.min(1, (along - begins) / length)) : 0);
  };
}

/** The place so far along it. */
export const placeAlong = (points: readonly Vector[], form: 'loop' | 'line', along: number): Vector =>
  placesAlong(points, form)(along);

/** How far along it the place is that is nearest to a point, m. */
export function alongOf(points: readonly Vector[], form: 'loop' | 'line', p: Vector): number {
  let begins = 0;
  let best = 0;
  let near = Infinity;
  for (const [a, b] of waysOf(points, form)) {
    const length = distance(a, b);
    const t =
      length > 0
        ? Math.max(
            0,
            Math.min(1, ((p.x - a.x) * (b.x - a.x) + (p.y - a.y) * (b.y - a.y)) / (length * length)),
          )
        : 0;
    const away = distance(p, lerp(a, b, t));
    if (away < near) [near, best] = [away, begins + t * length];
    begins += length;
  }
  return best;
}

/** By how much it turns at each corner, radians without a sign; 0 at the ends of a line. */
export const turnsOf = (points: readonly Vector[], form: 'loop' | 'line'): readonly number[] =>
  points.map((p, i) => {
    const n = points.length;
    const before = i > 0 ? points[i - 1] : form === 'loop' ? points[n - 1] : undefined;
    const after = i < n - 1 ? points[i + 1] : form === 'loop' ? points[0] : undefined;
    if (!before || !after) return 0;
    const [ax, ay, bx, by] = [p.x - before.x, p.y - before.y, after.x - p.x, after.y - p.y];
    if (Math.hypot(ax, ay) < 1e-9 || Math.hypot(bx, by) < 1e-9) return 0;
    return Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by));
  });

/** Whether it crosses itself; a loop also where it has no area. */
export const crossesItself = (points: readonly Vector[], form: 'loop' | 'line'): boolean => {
  if (form === 'loop') return points.length < 3 || tangled(points);
  const ways = straights(points);
  return ways.some(([a, b], i) => ways.slice(i + 2).some(([c, d]) => segmentsCross(a, b, c, d)));
};
