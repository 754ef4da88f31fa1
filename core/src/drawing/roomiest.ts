import { toPolyline } from '../ground/polyline';
import { type Vector, insideOrOn } from '../ground/vector';
import { extentOf } from './scene';

/** How finely a place is looked for, across and up. */
const TRIES = 12;

/** A place well inside a ring, for words about it: of a few across and up, the one furthest from any side. */
export function roomiest(ring: readonly Vector[]): Vector {
  const { left, right, low, high } = extentOf(ring);
  const closed = [...ring, ...ring.slice(0, 1)];
  let best = { at: { x: (left + right) / 2, y: (low + high) / 2 }, room: -1 };
  for (let i = 1; i < TRIES; i++) {
    for (let j = 1; j < TRIES; j++) {
      const at = { x: left + ((right - left) * i) / TRIES, y: low + ((high - low) * j) / TRIES };
      const room = toPolyline(at, closed);
      if (room > best.room && insideOrOn(at, ring, 0)) best = { at, room };
    }
  }
  return best.at;
}
