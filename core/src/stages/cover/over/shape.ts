import type { Ring, RingSide } from '../../../ground/survey';
import { type Vector, cross, distance, dot, doubleArea, lerp, minus, times } from '../../../ground/vector';
import { type MakeupOf, type OverLaid, type OverRun, makeupOf } from '../plan/kinds';
import { type Plane, planeAt, lifted, nearestPlane, unfolded } from '../../../ground/plane';
import { type Box, boxRound } from './strips';

/** One straight edge of a cover, and what of the fence it lies over. */
export interface CoverEdge {
  readonly from: Vector;
  readonly to: Vector;
  readonly length: number;
  /** The side under it; null where it crosses the run. */
  readonly side: RingSide | null;
}

/** A cover over a run by its geometry alone: no roll, no price and no direction of strips is in it. All m. */
export interface CoverShape {
  readonly cover: OverRun;
  /** What it comes to, whatever its kind. */
  readonly made: MakeupOf<OverLaid>;
  readonly ring: Ring;
  /** Anticlockwise on the sheet. */
  readonly outline: readonly Vector[];
  readonly edges: readonly CoverEdge[];
  readonly plane: Plane;
  /** The outline laid out in its plane: lengths of what lies on it are measured there. */
  readonly laidOut: readonly Vector[];
  /** In plan, m². */
  readonly area: number;
  /** The smallest rectangle along one of its sides, on the sheet. */
  readonly box: Box;
}

/** A cover that is laid in some manner. */
export type ShapeOf<L extends OverLaid> = CoverShape & { readonly made: MakeupOf<L> };

/** Height of the ground at a point of the sheet, m. */
export type HeightAt = (p: Vector) => number;

/** Lines closer than this are one line on any tape, m. */
const ON_LINE = 0.06;

/** Whether two straights lie one over the other for more than a touch. */
function liesOver(a: Vector, b: Vector, { start, direction, length }: RingSide): boolean {
  const off = (p: Vector) => Math.abs(cross(direction, minus(p, start)));
  if (off(a) > ON_LINE || off(b) > ON_LINE) return false;
  const [s, t] = [dot(minus(a, start), direction), dot(minus(b, start), direction)];
  return Math.min(length, Math.max(s, t)) - Math.max(0, Math.min(s, t)) > ON_LINE;
}

/** Places along an edge at which a side under it begins or ends, as shares of its length; its own ends with them. */
function cutsOf(from: Vector, to: Vector, ring: Ring): readonly number[] {
  const length = distance(from, to);
  if (length < ON_LINE) return [0, 1];
  const unit = times(minus(to, from), 1 / length);
  const ends = ring.sides
    .filter((side) => liesOver(from, to, side))
    .flatMap(({ start, end }) => [start, end].map((p) => dot(minus(p, from), unit)));
  const inside = ends.filter((s) => s > ON_LINE && s < length - ON_LINE).sort((a, b) => a - b);
  const apart = inside.filter((s, i) => i === 0 || s - (inside[i - 1] ?? 0) > ON_LINE);
  return [0, ...apart.map((s) => s / length), 1];
}

/** Edges of an outline, each over one side or over none. */
const edgesOf = (outline: readonly Vector[], ring: Ring): readonly CoverEdge[] =>
  outline.flatMap((a, i) => {
    const b = outline[(i + 1) % outline.length] ?? a;
    const cuts = cutsOf(a, b, ring);
    return cuts.slice(1).map((share, k): CoverEdge => {
      const before = cuts[k] ?? 0;
      const [from, to] = [before === 0 ? a : lerp(a, b, before), share === 1 ? b : lerp(a, b, share)];
      const side = ring.sides.find((s) => liesOver(from, to, s)) ?? null;
      return { from, to, length: distance(from, to), side };
    });
  });

/** The unit vector towards which a cover falls. */
export const fallOf = ({ falls }: Pick<OverRun, 'falls'>): Vector => ({
  x: Math.cos(falls),
  y: Math.sin(falls),
});

/**
 * The plane of a cover: level or along the ground, with its pitch, so high that it is nowhere lower over the ground than it is meant to be.
 *
 * @param outline  at whose corners, and half way between them, the ground is looked at
 */
function planeOf(cover: OverRun, outline: readonly Vector[], ground: HeightAt): Plane {
  const looked = outline.flatMap((p, i) => [p, lerp(p, outline[(i + 1) % outline.length] ?? p, 0.5)]);
  const spots = looked.map((p) => ({ ...p, z: ground(p) }));
  const base: Plane = cover.lies === 'ground' ? nearestPlane(spots) : { gx: 0, gy: 0, c: 0 };
  const fall = fallOf(cover);
  const along = outline.map((p) => dot(p, fall));
  const run = Math.max(...along) - Math.min(...along);
  const pitch = times(fall, run > 0 ? -cover.rise / run : 0);
  const pitched: Plane = { gx: base.gx + pitch.x, gy: base.gy + pitch.y, c: 0 };
  const least = Math.min(...spots.map((p) => planeAt(pitched, p) - p.z));
  return lifted(pitched, cover.height - least);
}

/** A cover laid over its run; null where its run is not among these. */
export function shapeOf(cover: OverRun, rings: readonly Ring[], ground: HeightAt): CoverShape | null {
  const ring = rings.find((r) => r.enclosure === cover.enclosure);
  const made = makeupOf(cover);
  if (!ring || made.laid === 'walls') return null;
  const points: readonly Vector[] = cover.outline ?? ring.sides.map((s) => s.start);
  const twice = doubleArea(points);
  const outline = twice < 0 ? [...points].reverse() : points;
  const plane = planeOf(cover, outline, ground);
  return {
    cover,
    made,
    ring,
    outline,
    edges: edgesOf(outline, ring),
    plane,
    laidOut: outline.map((p) => unfolded(plane, p)),
    area: Math.abs(twice) / 2,
    box: boxRound(outline),
  };
}

/** How high it is over the ground at a point, m. */
export const overGround = ({ plane }: CoverShape, ground: HeightAt, at: Vector): number =>
  planeAt(plane, at) - ground(at);
