import type { Vector } from './vector';

/** Where some places lie, m. */
export interface Box {
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

/** The box round places; of none it is nowhere. */
export function boxOf(points: readonly Vector[]): Box {
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const { x, y } of points) {
    if (x < left) left = x;
    if (x > right) right = x;
    if (y < low) low = y;
    if (y > high) high = y;
  }
  return { left, right, low, high };
}

/** No two places of a straight and a box are nearer to each other, m. */
export function apartFrom(a: Vector, b: Vector, box: Box): number {
  const x = Math.max(0, box.left - Math.max(a.x, b.x), Math.min(a.x, b.x) - box.right);
  const y = Math.max(0, box.low - Math.max(a.y, b.y), Math.min(a.y, b.y) - box.high);
  return x > 0 && y > 0 ? Math.hypot(x, y) : Math.max(x, y);
}

export const boxesTouch = (a: Box, b: Box): boolean =>
  a.left <= b.right && b.left <= a.right && a.low <= b.high && b.low <= a.high;
