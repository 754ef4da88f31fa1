import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { uniform } from '../testing/uniform';
import type { Extent } from '../drawing/scene/scene';
import { placesNear, touchingPairs } from './boxes';

const aBox = fc
  .tuple(uniform(-20, 20), uniform(-20, 20), uniform(0, 8), uniform(0, 8))
  .map(([left, low, wide, tall]): Extent => ({ left, right: left + wide, low, high: low + tall }));
/** Whole metres, so that some only just touch. */
const onGrid = aBox.map((box) => ({
  left: Math.round(box.left),
  right: Math.round(box.right),
  low: Math.round(box.low),
  high: Math.round(box.high),
}));

test('finds the pairs that comparing each with each finds, in its order', () => {
  fc.assert(
    fc.property(fc.array(fc.oneof(aBox, onGrid), { maxLength: 60 }), (boxes) => {
      const pairs = boxes.flatMap((a, i) =>
        boxes.flatMap((b, j) =>
          j > i && a.left <= b.right && b.left <= a.right && a.low <= b.high && b.low <= a.high
            ? [[i, j]]
            : [],
        ),
      );
      expect(touchingPairs(boxes)).toEqual(pairs);
    }),
  );
});

test('the nearest place is that of looking at each, and none beyond the reach', () => {
  const place = fc.record({ x: uniform(-20, 20), y: uniform(-20, 20) });
  fc.assert(
    fc.property(fc.array(place, { maxLength: 60 }), place, uniform(0, 15), (places, at, within) => {
      const away = places.map((p) => Math.hypot(p.x - at.x, p.y - at.y));
      const least = Math.min(...away, Infinity);
      const found = placesNear(places)(at, within);
      if (least > within) expect(found).toBeUndefined();
      else expect(away[found ?? -1]).toBeCloseTo(least, 12);
    }),
  );
});
