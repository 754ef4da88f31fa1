import { ringStraights } from '../../../ground/polyline';
import { type Vector, betweenSegments, insideOrOn, toSegment } from '../../../ground/vector';
import { type Box, apartFrom, boxOf, boxesTouch } from '../../../ground/box';
import { waysOf } from './loop';
import { type Thing, insideBy, outsideBy } from './things';

/** Where a thing is to a net. */
export type Standing = 'inside' | 'outside' | 'through';

export interface Clearance {
  readonly thing: Thing;
  readonly stands: Standing;
  /** Between the thing, with its crown or its width, and the net, m; 0 where the net goes through it, and 3 at most. */
  readonly gap: number;
  /** What it wants, m. */
  readonly wanted: number;
}

type Ways = ReturnType<typeof waysOf>;

/** Nobody asks how much further than this anything is, m. */
const FAR = 3;

/** Distance between the straights of a net and the outline of a thing, its radius left out, m; no more than is asked for. */
function toOutline(ways: Ways, { points: outline, radius }: Thing, box: Box): number {
  const walls = ringStraights(outline);
  let least = FAR + radius;
  for (const [a, b] of ways) {
    // Most straights of a long net are nowhere near.
    if (apartFrom(a, b, box) >= least) continue;
    if (outline.length === 1 && outline[0]) least = Math.min(least, toSegment(outline[0], a, b));
    else for (const [c, d] of walls) least = Math.min(least, betweenSegments(a, b, c, d));
  }
  return least;
}

/** How every thing stands to a net, and how much room there is. */
export function clearancesOf(
  points: readonly Vector[],
  form: 'loop' | 'line',
  things: readonly Thing[],
): readonly Clearance[] {
  const ways = waysOf(points, form);
  const around = boxOf(points);
  return things.map((thing) => {
    const box = boxOf(thing.points);
    const bare = toOutline(ways, thing, box);
    const gap = Math.max(0, bare - thing.radius);
    const [first] = thing.points;
    const within =
      form === 'loop' && first !== undefined && boxesTouch(box, around) && insideOrOn(first, points, 0);
    // A corner of the net inside a house: it goes through, however far its straights are from the walls.
    const swallowed =
      thing.points.length > 2 &&
      !within &&
      bare > 0 &&
      points.some((p) => apartFrom(p, p, box) === 0 && insideOrOn(p, thing.points, 0));
    const through = swallowed || bare - thing.radius < 1e-9;
    const stands: Standing = through ? 'through' : within ? 'inside' : 'outside';
    const wanted = (within ? insideBy(thing) : outsideBy(thing)) - thing.radius;
    return { thing, stands, gap: through ? 0 : gap, wanted };
  });
}

/** How one thing stands to a net. */
export function clearanceOf(points: readonly Vector[], form: 'loop' | 'line', thing: Thing): Clearance {
  const [only] = clearancesOf(points, form, [thing]);
  if (!only) throw new RangeError('a thing has a clearance: this is a bug');
  return only;
}
