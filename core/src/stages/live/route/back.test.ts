import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { toPolyline } from '../../../ground/polyline';
import { insideOrOn } from '../../../ground/vector';
import { doubledBack } from './back';
import { lengthOf } from './loop';

const square = [
  { x: 0, y: 0 },
  { x: 10, y: 0 },
  { x: 10, y: 10 },
  { x: 0, y: 10 },
];

describe('what is over of a net', () => {
  test('lies along the end of an open line, beside it', () => {
    const line = [
      { x: 0, y: 0 },
      { x: 20, y: 0 },
    ];
    expect(doubledBack(line, 'line', 5)).toEqual([
      { x: 20, y: 0.15 },
      { x: 15, y: 0.15 },
    ]);
  });
  test('lies inside a loop, round its corners, whichever way it is drawn', () => {
    const back = doubledBack(square, 'loop', 15);
    expect(back).toHaveLength(3);
    expect(back.every((p) => insideOrOn(p, square, 0))).toBe(true);
    expect(back[1]?.x).toBeCloseTo(0.15, 12);
    expect(back[1]?.y).toBeCloseTo(9.85, 12);
    const other = doubledBack([...square].reverse(), 'loop', 15);
    expect(other.every((p) => insideOrOn(p, square, 0))).toBe(true);
  });
  test('is nothing where next to nothing is over or it is short', () => {
    expect(doubledBack(square, 'loop', 0.05)).toEqual([]);
    expect(doubledBack(square, 'loop', -3)).toEqual([]);
  });
  test('goes no further than once along it', () => {
    expect(lengthOf(doubledBack(square, 'loop', 90), 'line')).toBeCloseTo(40 - 6 * 0.15, 9);
  });
  test('is as long as what is over, within what the corners take, and close beside the net, over any ways', () => {
    const far = fc.double({ min: -40, max: 40, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(fc.record({ x: far, y: far }), { minLength: 2, maxLength: 8 }),
        fc.constantFrom('loop', 'line'),
        fc.double({ min: 0, max: 1.5, noNaN: true }),
        (points, form, share) => {
          const length = lengthOf(points, form);
          const over = share * length;
          const back = doubledBack(points, form, over);
          const closed = form === 'loop' ? [...points, ...points.slice(0, 1)] : points;
          for (const p of back) expect(toPolyline(p, closed)).toBeLessThanOrEqual(0.451);
          if (back.length > 0)
            expect(Math.abs(lengthOf(back, 'line') - Math.min(length, over))).toBeLessThan(
              0.9 * points.length + 1e-6,
            );
        },
      ),
    );
  });
});
