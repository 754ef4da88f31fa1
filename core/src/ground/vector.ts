import { orient2d } from 'robust-predicates';

/** A point or vector in the plan: x east, y north, m. */
export interface Vector {
  readonly x: number;
  readonly y: number;
}

export const minus = (a: Vector, b: Vector): Vector => ({ x: a.x - b.x, y: a.y - b.y });
export const plus = (a: Vector, b: Vector): Vector => ({ x: a.x + b.x, y: a.y + b.y });
export const times = (a: Vector, k: number): Vector => ({ x: a.x * k, y: a.y * k });
export const dot = (a: Vector, b: Vector): number => a.x * b.x + a.y * b.y;
export const cross = (a: Vector, b: Vector): number => a.x * b.y - a.y * b.x;
export const distance = (a: Vector, b: Vector): number => Math.hypot(a.x - b.x, a.y - b.y);
export const lerp = (a: Vector, b: Vector, t: number): Vector => ({
  x: a.x + (b.x - a.x) * t,
  y: a.y + (b.y - a.y) * t,
});

/**
 * Which side of the way from `a` to `b` a point lies on: above 0 on its left, below on its right, 0 exactly on its line. The sign is that
 * of the exact figure, whatever the rounding.
 */
export const leftOf = (p: Vector, a: Vector, b: Vector): number => -orient2d(a.x, a.y, b.x, b.y, p.x, p.y);

/** Whether each of two segments has its ends strictly on both sides of the other. */
export const segmentsCross = (a: Vector, b: Vector, c: Vector, d: Vector): boolean =>
  parted(leftOf(c, a, b), leftOf(d, a, b)) && parted(leftOf(a, c, d), leftOf(b, c, d));
const parted = (one: number, other: number) => (one > 0 && other < 0) || (one < 0 && other > 0);

/** Twice the signed area, positive where the ring runs anticlockwise, m². */
export function doubleArea(ring: readonly Vector[]): number {
  let total = 0;
  ring.forEach((p, i) => {
    const q = ring[(i + 1) % ring.length];
    if (q) total += cross(p, q);
  });
  return total;
}

/** Distance from a point to a segment, m. */
export function toSegment(p: Vector, a: Vector, b: Vector): number {
  // Written out: it is asked for every post against every pipe.
  const [x, y] = [b.x - a.x, b.y - a.y];
  const square = x * x + y * y;
  const t = square === 0 ? 0 : Math.max(0, Math.min(1, ((p.x - a.x) * x + (p.y - a.y) * y) / square));
  return Math.hypot(p.x - a.x - t * x, p.y - a.y - t * y);
}

/** Whether a point is inside a ring or within `slack` m of it. */
export function insideOrOn(p: Vector, ring: readonly Vector[], slack: number): boolean {
  let inside = false;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const a = ring[i];
    const b = ring[j];
    if (!a || !b) continue;
    if (toSegment(p, a, b) <= slack) return true;
    // A line from the point to the right is crossed by edges that pass its level with the point on their left, going up.
    if (a.y > p.y !== b.y > p.y && leftOf(p, a, b) > 0 === b.y > a.y) inside = !inside;
  }
  return inside;
}

/** Smallest distance between two segments, m; 0 when they cross. */
export function betweenSegments(a: Vector, b: Vector, c: Vector, d: Vector): number {
  if (segmentsCross(a, b, c, d)) return 0;
  return Math.min(toSegment(a, c, d), toSegment(b, c, d), toSegment(c, a, b), toSegment(d, a, b));
}
