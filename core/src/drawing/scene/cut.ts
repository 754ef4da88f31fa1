import { type Vector, cross, dot, minus, plus, times } from '../../ground/vector';
import type { SideFrame } from './frames';

/** A line across the sheet along which everything is looked at from the side. In its picture x is along it, y a height. All m. */
export interface Cut {
  readonly from: Vector;
  readonly to: Vector;
  readonly length: number;
  readonly frames: ReadonlyMap<string, SideFrame>;
  /** Height of the ground at a point of the sheet. */
  readonly ground: (p: Vector) => number;
  /** The place on the sheet so far along it. */
  readonly at: (along: number) => Vector;
  /** How far along it a straight crosses it, and how far along the straight; null where it does not. */
  readonly crossing: (a: Vector, b: Vector) => { readonly along: number; readonly on: number } | null;
  /** How far along it a place is, and how far off it. */
  readonly beside: (p: Vector) => { readonly along: number; readonly off: number };
}

export function cutAlong(
  { from, to }: { readonly from: Vector; readonly to: Vector },
  ground: Cut['ground'],
  frames: Cut['frames'],
): Cut {
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const u = length > 0 ? times(minus(to, from), 1 / length) : { x: 1, y: 0 };
  const beside = (p: Vector) => ({ along: dot(minus(p, from), u), off: cross(u, minus(p, from)) });
  return {
    from,
    to,
    length,
    frames,
    ground,
    at: (along) => plus(from, times(u, along)),
    beside,
    crossing: (a, b) => {
      const [one, other] = [beside(a), beside(b)];
      if (one.off > 0 === other.off > 0) return null;
      const share = one.off / (one.off - other.off);
      const along = one.along + (other.along - one.along) * share;
      const whole = Math.hypot(b.x - a.x, b.y - a.y);
      return along >= 0 && along <= length ? { along, on: share * whole } : null;
    },
  };
}

/** A rectangle standing on its middle. */
export const upright = (middle: number, half: number, low: number, high: number): readonly Vector[] => [
  { x: middle - half, y: low },
  { x: middle + half, y: low },
  { x: middle + half, y: high },
  { x: middle - half, y: high },
];
