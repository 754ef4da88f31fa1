import { ringStraights } from '../../../ground/polyline';
import { type Vector, betweenSegments, insideOrOn, toSegment } from '../../../ground/vector';
import { waysOf } from './loop';
import { type Thing, insideBy, outsideBy } from './things';

/** Where a thing is to a net. */
export type Standing = 'inside' | 'outside' | 'through';

export interface Clearance {
  readonly thing: Thing;
  readonly stands: Standing;
  /** Between the thing, with its crown or its width, and the net, m; 0 where the net goes through it. */
  readonly gap: number;
  /** What it wants, m. */
  readonly wanted: number;
}

/** Distance between the straights of a net and the outline of a thing, its radius left out, m. */
function toOutline(points: readonly Vector[], form: 'loop' | 'line', { points: outline }: Thing): number {
  const walls = ringStraights(outline);
  let least = Infinity;
  for (const [a, b] of waysOf(points, form)) {
    if (outline.length === 1 && outline[0]) least = Math.min(least, toSegment(outline[0], a, b));
    else for (const [c, d] of walls) least = Math.min(least, betweenSegments(a, b, c, d));
  }
  return least;
}

/** How a thing stands to a net, and how much room there is. */
export function clearanceOf(points: readonly Vector[], form: 'loop' | 'line', thing: Thing): Clearance {
  const bare = toOutline(points, form, thing);
  const gap = Math.max(0, bare - thing.radius);
  const [first] = thing.points;
  const within = form === 'loop' && first !== undefined && insideOrOn(first, points, 0);
  // A corner of the net inside a house: it goes through, however far its straights are from the walls.
  const swallowed =
    thing.points.length > 2 && !within && points.some((p) => insideOrOn(p, thing.points, 0)) && bare > 0;
  const through = swallowed || bare - thing.radius < 1e-9;
  const stands: Standing = through ? 'through' : within ? 'inside' : 'outside';
  const wanted = (within ? insideBy(thing) : outsideBy(thing)) - thing.radius;
  return { thing, stands, gap: through ? 0 : gap, wanted };
}
