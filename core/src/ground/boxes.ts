import Flatbush from 'flatbush';
import type { Extent } from '../drawing/scene/scene';
import type { Vector } from './vector';

/**
 * Pairs of boxes that touch, each once with the lower number first, in the order of a double loop over them: an index of boxes in place of
 * comparing each with each.
 */
export function touchingPairs(boxes: readonly Extent[]): readonly (readonly [number, number])[] {
  if (boxes.length < 2) return [];
  const index = new Flatbush(boxes.length);
  for (const { left, low, right, high } of boxes) index.add(left, low, right, high);
  index.finish();
  return boxes.flatMap(({ left, low, right, high }, i) =>
    index
      .search(left, low, right, high, (j) => j > i)
      .sort((a, b) => a - b)
      .map((j) => [i, j] as const),
  );
}

/** Fewer are looked at one by one. */
const FEW = 24;

/** Straights by an index made once: the numbers of those that come within so many m of a place, and perhaps a few more, rising. */
export function straightsNear(
  straights: readonly { readonly from: Vector; readonly to: Vector }[],
  within: number,
): (at: Vector) => readonly number[] {
  if (straights.length < FEW) {
    const all = straights.map((_, i) => i);
    return () => all;
  }
  const index = new Flatbush(straights.length);
  for (const { from, to } of straights)
    index.add(
      Math.min(from.x, to.x) - within,
      Math.min(from.y, to.y) - within,
      Math.max(from.x, to.x) + within,
      Math.max(from.y, to.y) + within,
    );
  index.finish();
  return ({ x, y }) => index.search(x, y, x, y).sort((a, b) => a - b);
}

/**
 * The nearest of many places to one, by an index made once.
 *
 * @returns asks for the number of the nearest place within so many m; undefined where none is so near
 */
export function placesNear(places: readonly Vector[]): (at: Vector, within: number) => number | undefined {
  if (places.length === 0) return () => undefined;
  const index = new Flatbush(places.length);
  for (const { x, y } of places) index.add(x, y);
  index.finish();
  return ({ x, y }, within) => index.neighbors(x, y, 1, within)[0];
}
