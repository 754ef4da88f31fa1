import { tangled } from '../../../ground/polyline';
import { type Vector, distance, leftOf, lerp, toSegment } from '../../../ground/vector';
import { tidy } from '../../../units/round';
import { alongOf, placeAlong } from './loop';
import { type Thing, insideBy, outsideBy } from './things';

const put = ({ x, y }: Vector): Vector => ({ x: tidy(x), y: tidy(y) });
/** So much further than is asked, m: corners are rounded to a tenth of a millimetre. */
const SPARE = 0.001;

/** The convex hull of points, anticlockwise (Andrew’s chains). */
export function convexHull(points: readonly Vector[]): readonly Vector[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  const chain = (list: readonly Vector[]) => {
    const made: Vector[] = [];
    for (const p of list) {
      for (;;) {
        const [a, b] = [made[made.length - 2], made[made.length - 1]];
        if (!a || !b || leftOf(p, a, b) > 0) break;
        made.pop();
      }
      made.push(p);
    }
    return made.slice(0, -1);
  };
  const hull = [...chain(sorted), ...chain([...sorted].reverse())];
  return hull.length > 0 ? hull : sorted.slice(0, 1);
}

/** A thing's outline so far off it, as corners whose straights touch that distance. */
export function widened(thing: Thing, by: number): readonly Vector[] {
  const around = 12;
  const out = by / Math.cos(Math.PI / around);
  return thing.points.flatMap((p) =>
    Array.from({ length: around }, (_, i) => {
      const heading = ((i + 0.5) * 2 * Math.PI) / around;
      return { x: p.x + out * Math.cos(heading), y: p.y + out * Math.sin(heading) };
    }),
  );
}

/** The loop led round a thing, so that it stands inside: by its nearest straight alone, or as the hull of both. Several ways, the nearer first. */
export function takenIn(points: readonly Vector[], thing: Thing): readonly (readonly Vector[])[] {
  const ring = widened(thing, insideBy(thing) + SPARE);
  const middle = thing.points[0];
  if (!middle) return [];
  const n = points.length;
  let nearest = 0;
  points.forEach((a, i) => {
    const b = points[(i + 1) % n] ?? a;
    const [c, d] = [points[nearest] ?? a, points[(nearest + 1) % n] ?? a];
    if (toSegment(middle, a, b) < toSegment(middle, c, d)) nearest = i;
  });
  const [a, b] = [points[nearest], points[(nearest + 1) % n]];
  if (!a || !b) return [];
  const local = convexHull([a, b, ...ring]);
  const [from, to] = [local.indexOf(a), local.indexOf(b)];
  const ways: (readonly Vector[])[] = [];
  if (from >= 0 && to >= 0) {
    // Of the two ways round, the one that is not the straight itself.
    const walk = (step: 1 | -1) => {
      const path: Vector[] = [];
      for (let i = from; i !== to; i = (i + step + local.length) % local.length)
        path.push(local[(i + step + local.length) % local.length] ?? a);
      return path.slice(0, -1);
    };
    const [one, other] = [walk(1), walk(-1)];
    const path = one.length > other.length ? one : other;
    ways.push([...points.slice(0, nearest + 1), ...path, ...points.slice(nearest + 1)]);
  }
  ways.push(convexHull([...points, ...ring]));
  return ways.map((way) => way.map(put)).filter((way) => !tangled(way));
}

/** What of a ring lies on one side of a line: where `p · normal` is at least so much (Sutherland and Hodgman). */
export function cutOff(points: readonly Vector[], normal: Vector, least: number): readonly Vector[] {
  const side = (p: Vector) => p.x * normal.x + p.y * normal.y - least;
  return points.flatMap((a, i) => {
    const b = points[(i + 1) % points.length] ?? a;
    const [here, there] = [side(a), side(b)];
    const crossing = here * there < 0 ? [lerp(a, b, here / (here - there))] : [];
    return here >= 0 ? [a, ...crossing] : crossing;
  });
}

/** Corners that lie on each other are one. */
const without = (points: readonly Vector[]): readonly Vector[] =>
  points.filter((p, i) => distance(p, points[(i + 1) % points.length] ?? p) > 0.02 || points.length < 4);

/** The loop drawn back from a thing that stays outside; null where nothing is left of it. */
export function keptOff(points: readonly Vector[], thing: Thing): readonly Vector[] | null {
  const middle = thing.points.reduce(
    (t, p) => ({ x: t.x + p.x / thing.points.length, y: t.y + p.y / thing.points.length }),
    { x: 0, y: 0 },
  );
  const centre = points.reduce((t, p) => ({ x: t.x + p.x / points.length, y: t.y + p.y / points.length }), {
    x: 0,
    y: 0,
  });
  const near = placeAlong(points, 'loop', alongOf(points, 'loop', middle));
  const toward = distance(near, middle) > 0.05 && thing.points.length === 1 ? near : centre;
  const far = distance(toward, middle);
  if (far < 1e-6) return null;
  const normal = { x: (toward.x - middle.x) / far, y: (toward.y - middle.y) / far };
  const reach = Math.max(...thing.points.map((p) => p.x * normal.x + p.y * normal.y));
  const cut = without(cutOff(points, normal, reach + outsideBy(thing) + SPARE)).map(put);
  return cut.length >= 3 && !tangled(cut) ? cut : null;
}

/** The loop drawn back from a line that it keeps off; null where nothing is left of it. */
export function keptOffLine(
  points: readonly Vector[],
  line: readonly Vector[],
  keeps: number,
): readonly Vector[] | null {
  const centre = points.reduce((t, p) => ({ x: t.x + p.x / points.length, y: t.y + p.y / points.length }), {
    x: 0,
    y: 0,
  });
  const cut = line.slice(1).reduce<readonly Vector[]>((left, b, i) => {
    const a = line[i] ?? b;
    const length = distance(a, b);
    if (length < 1e-6) return left;
    const side = leftOf(centre, a, b) > 0 ? 1 : -1;
    const normal = { x: (-(b.y - a.y) / length) * side, y: ((b.x - a.x) / length) * side };
    return cutOff(left, normal, a.x * normal.x + a.y * normal.y + keeps + SPARE);
  }, points);
  const made = without(cut).map(put);
  return made.length >= 3 && !tangled(made) ? made : null;
}
