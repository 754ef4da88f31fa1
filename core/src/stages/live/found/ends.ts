import { type Finding, finding } from '../../../findings/types';
import { betweenLines } from '../../../ground/polyline';
import { type Vector, distance, lerp } from '../../../ground/vector';
import type { Boundary } from '../../../plan/schema';
import type { NetShape } from '../route/shape';
import type { Thing } from '../route/things';
import { partOf } from './of';

/** Ends of a line may stand against a wall or a boundary: so much of them is let be, m. */
export const AT_END = 0.1;

/** A line without so much of its ends, m. */
export function trimmed(points: readonly Vector[], by: number): readonly Vector[] {
  const inward = (end: Vector | undefined, next: Vector | undefined): Vector => {
    if (!end || !next) return end ?? { x: 0, y: 0 };
    const long = distance(end, next);
    return long > by ? lerp(end, next, by / long) : next;
  };
  const n = points.length;
  return points.map((p, i) => (i === 0 ? inward(p, points[1]) : i === n - 1 ? inward(p, points[n - 2]) : p));
}

/** How near an end has to be to what it closes to, m. */
const CLOSED = 0.1;
/** Further off it ends in the open. */
const NEAR_END = 4;

/** Ends of an open line that stand off what they should close to. */
export function endFindings(
  shape: NetShape,
  things: readonly Thing[],
  lines: readonly Boundary[],
): readonly Finding[] {
  const { net, points } = shape;
  if (net.form === 'loop') return [];
  const walls = [
    ...things.filter((t) => t.points.length > 2).map((t) => [...t.points, ...t.points.slice(0, 1)]),
    ...lines.map((l) => l.line),
  ];
  return [points[0], points[points.length - 1]].flatMap((end, i): Finding[] => {
    if (!end) return [];
    const gap = Math.min(Infinity, ...walls.map((w) => betweenLines(end, end, w)));
    if (gap <= CLOSED) return [];
    const params = { name: net.name, end: i + 1, gap: gap < NEAR_END ? gap : null };
    return [finding('live.open-end', { severity: 'know', stage: 'live', part: partOf(net) }, params)];
  });
}
