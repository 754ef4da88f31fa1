import { toPolyline } from '../ground/polyline';
import { type Vector, insideOrOn } from '../ground/vector';
import { extentOf } from './scene/scene';

/** How finely a place is looked for, across and up. */
const TRIES = 12;

export interface Room {
  readonly at: Vector;
  /** From there to the nearest side, m; 0 where there is none. */
  readonly room: number;
}

/** A place well inside a ring and outside others, for words about it: of a few across and up, the one furthest from any side. */
export function roomIn(ring: readonly Vector[], apart: readonly (readonly Vector[])[] = []): Room {
  const { left, right, low, high } = extentOf(ring);
  const walls = [ring, ...apart].map((r) => [...r, ...r.slice(0, 1)]);
  let best: Room = { at: { x: (left + right) / 2, y: (low + high) / 2 }, room: 0 };
  for (let i = 1; i < TRIES; i++) {
    for (let j = 1; j < TRIES; j++) {
      const at = { x: left + ((right - left) * i) / TRIES, y: low + ((high - low) * j) / TRIES };
      const room = Math.min(...walls.map((wall) => toPolyline(at, wall)));
      const free = room > best.room && insideOrOn(at, ring, 0) && !apart.some((r) => insideOrOn(at, r, 0));
      if (free) best = { at, room };
    }
  }
  return best;
}

export const roomiest = (ring: readonly Vector[]): Vector => roomIn(ring).at;
