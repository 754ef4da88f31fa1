import Flatbush from 'flatbush';
import type { Extent } from '../drawing/scene';

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
