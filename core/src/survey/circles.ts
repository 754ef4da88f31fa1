import { type Vector, cross, distance, minus, plus, times } from '../ground/vector';

/** A distance from a known place, m. */
export interface FromMark {
  readonly at: Vector;
  readonly distance: number;
}

/** Circles that miss each other by less than this touch, m: a tape reads to a centimetre. */
const TOUCHING = 0.02;

/**
 * Where two circles meet: one place to the left of the way from the first centre to the second, one to the right.
 *
 * @returns both places (the same one where they touch), or how much the distances are short of, or beyond, meeting
 */
export function meet(
  a: FromMark,
  b: FromMark,
): { readonly places: readonly [Vector, Vector] } | { readonly places: null; readonly short: number } {
  const base = distance(a.at, b.at);
  const short = Math.max(base - a.distance - b.distance, Math.abs(a.distance - b.distance) - base);
  if (short > TOUCHING || base < 1e-9) return { places: null, short };
  const along = (a.distance ** 2 - b.distance ** 2 + base ** 2) / (2 * base);
  const beside = Math.sqrt(Math.max(0, a.distance ** 2 - along ** 2));
  const way = times(minus(b.at, a.at), 1 / base);
  const foot = plus(a.at, times(way, along));
  const left = { x: -way.y, y: way.x };
  return { places: [plus(foot, times(left, beside)), plus(foot, times(left, -beside))] };
}

/** Whether a place is in front: left of the line from the first mark to the second. */
export const inFront = (p: Vector, first: Vector, second: Vector): boolean =>
  cross(minus(second, first), minus(p, first)) >= 0;
