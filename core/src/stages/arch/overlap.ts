import {
  type Vector,
  betweenSegments,
  insideOrOn,
  lerp,
  plus,
  segmentsCross,
  times,
} from '../../ground/vector';

/** A little smaller, so that what only touches is clear. */
export function shrunk(points: readonly Vector[]): readonly Vector[] {
  const middle = times(points.reduce(plus, { x: 0, y: 0 }), 1 / points.length);
  return points.map((p) => lerp(p, middle, 0.03));
}

/** Whether two outlines lie over each other, or come nearer than so much, m. */
export function meet(a: readonly Vector[], b: readonly Vector[], near: number): boolean {
  const edges = (ring: readonly Vector[]) =>
    ring.map((p, i) => [p, ring[(i + 1) % ring.length] ?? p] as const);
  const close = edges(a).some(([p, q]) =>
    edges(b).some(([r, s]) => segmentsCross(p, q, r, s) || betweenSegments(p, q, r, s) < near),
  );
  return close || a.some((p) => insideOrOn(p, b, 0)) || b.some((p) => insideOrOn(p, a, 0));
}
