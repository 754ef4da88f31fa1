import type { Vector } from '../../../ground/vector';
import { insideBy, type Thing } from './things';

/** A stretch of the hull of discs: round one of them, from one heading of its outward normal to the next. Angles radians. */
interface Arc {
  readonly at: Vector;
  readonly radius: number;
  readonly from: number;
  readonly to: number;
}

/** The shortest loop round some things. */
export interface Tightest {
  /** m and m², exact. */
  readonly length: number;
  readonly area: number;
  /** Its corners, outside the arcs: no turn is over 30°. */
  readonly points: readonly Vector[];
}

interface Disc {
  readonly at: Vector;
  readonly radius: number;
}

const TURN = 2 * Math.PI;
/** Headings looked at: a disc that is outermost over less than a tenth of a degree adds nothing that could be measured. */
const HEADINGS = 3600;
/** No corner of the drawn loop turns by more, radians. */
const MOST_TURN = Math.PI / 6;

/** Which disc reaches furthest in a heading: asked some thousand times of a hull. */
const outermost = (discs: readonly Disc[], heading: number): number => {
  const [cos, sin] = [Math.cos(heading), Math.sin(heading)];
  let best = 0;
  let far = -Infinity;
  discs.forEach(({ at, radius }, i) => {
    const here = at.x * cos + at.y * sin + radius;
    if (here > far + 1e-12) {
      far = here;
      best = i;
    }
  });
  return best;
};

/** The heading near `about` in which two discs reach equally far. */
function meeting(a: Disc, b: Disc, about: number): number {
  const [x, y] = [a.at.x - b.at.x, a.at.y - b.at.y];
  const apart = Math.hypot(x, y);
  if (apart < 1e-12) return about;
  const middle = Math.atan2(y, x);
  const half = Math.acos(Math.max(-1, Math.min(1, (b.radius - a.radius) / apart)));
  const near = (heading: number) => heading + TURN * Math.round((about - heading) / TURN);
  const [one, other] = [near(middle + half), near(middle - half)];
  return Math.abs(one - about) <= Math.abs(other - about) ? one : other;
}

/** The hull of discs as arcs, anticlockwise. */
function arcsOf(discs: readonly Disc[]): readonly Arc[] {
  const step = TURN / HEADINGS;
  const changes: { readonly heading: number; readonly to: number }[] = [];
  let before = outermost(discs, -step);
  const first = before;
  for (let i = 0; i < HEADINGS; i++) {
    const now = outermost(discs, i * step);
    const [a, b] = [discs[before], discs[now]];
    if (now !== before && a && b) changes.push({ heading: meeting(a, b, (i - 0.5) * step), to: now });
    before = now;
  }
  const only = discs[first];
  if (changes.length === 0) return only ? [{ ...only, from: 0, to: TURN }] : [];
  return changes.flatMap(({ heading, to }, i): Arc[] => {
    const next = changes[(i + 1) % changes.length];
    const disc = discs[to];
    if (!next || !disc) return [];
    const until = next.heading + (i + 1 === changes.length ? TURN : 0);
    return [{ ...disc, from: heading, to: Math.max(heading, until) }];
  });
}

const onArc = ({ at, radius }: Disc, heading: number): Vector => ({
  x: at.x + radius * Math.cos(heading),
  y: at.y + radius * Math.sin(heading),
});

/** Corners outside an arc, so that the straights between them touch it. */
function cornersOf(arc: Arc): readonly Vector[] {
  const angle = arc.to - arc.from;
  if (arc.radius === 0 || angle < 1e-9) return [onArc(arc, arc.from)];
  const count = Math.max(1, Math.ceil(angle / MOST_TURN - 1e-9));
  const part = angle / count;
  const out = arc.radius / Math.cos(part / 2);
  return Array.from({ length: count }, (_, i) =>
    onArc({ at: arc.at, radius: out }, arc.from + (i + 0.5) * part),
  );
}

/**
 * The shortest loop round discs: the hull of them all (Cauchy: its length is the integral of its reach over all headings).
 *
 * @returns null without any
 */
export function hullOf(discs: readonly Disc[]): Tightest | null {
  if (discs.length === 0) return null;
  const arcs = arcsOf(discs);
  let length = 0;
  let area = 0;
  arcs.forEach((arc, i) => {
    const { at, radius, from, to } = arc;
    length += at.x * (Math.sin(to) - Math.sin(from)) - at.y * (Math.cos(to) - Math.cos(from));
    length += radius * (to - from);
    const next = arcs[(i + 1) % arcs.length];
    const [a, b] = [onArc(arc, from), onArc(arc, to)];
    const c = next ? onArc(next, next.from) : b;
    // The polygon through the places where straights touch, and the caps of the arcs over it.
    area += (a.x * b.y - b.x * a.y + b.x * c.y - c.x * b.y) / 2;
    area += (radius * radius * (to - from - Math.sin(to - from))) / 2;
  });
  return { length, area, points: arcs.flatMap(cornersOf) };
}

/** The shortest loop round things, each with the room that it wants inside. */
export const tightestRound = (things: readonly Thing[]): Tightest | null =>
  hullOf(things.flatMap((t) => t.points.map((at) => ({ at, radius: insideBy(t) }))));
