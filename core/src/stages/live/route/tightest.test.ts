import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { hullOf } from './tightest';
import { convexHull } from './moved';
import { lengthOf } from './loop';

type Disc = { readonly at: { readonly x: number; readonly y: number }; readonly radius: number };

/** By many places on every circle. */
function sampled(discs: readonly Disc[]) {
  const points = discs.flatMap(({ at, radius }) =>
    Array.from({ length: 1440 }, (_, i) => ({
      x: at.x + radius * Math.cos((i * Math.PI) / 720),
      y: at.y + radius * Math.sin((i * Math.PI) / 720),
    })),
  );
  const hull = convexHull(points);
  const area = hull.reduce((t, p, i) => {
    const q = hull[(i + 1) % hull.length] ?? p;
    return t + (p.x * q.y - q.x * p.y) / 2;
  }, 0);
  return { length: lengthOf(hull, 'loop'), area };
}

const disc = fc
  .tuple(
    fc.integer({ min: -50, max: 50 }),
    fc.integer({ min: -50, max: 50 }),
    fc.integer({ min: 5, max: 90 }),
  )
  .map(([x, y, r]): Disc => ({ at: { x: x / 4, y: y / 4 }, radius: r / 20 }));

describe('the shortest loop round discs', () => {
  test('round one it is the circle, round two of one radius a stadium', () => {
    expect(hullOf([{ at: { x: 3, y: 1 }, radius: 2 }])).toMatchObject({
      length: expect.closeTo(4 * Math.PI, 9),
      area: expect.closeTo(4 * Math.PI, 9),
    });
    const two = hullOf([0, 7].map((x) => ({ at: { x, y: 0 }, radius: 1 })));
    expect(two).toMatchObject({
      length: expect.closeTo(14 + 2 * Math.PI, 9),
      area: expect.closeTo(14 + Math.PI, 9),
    });
  });
  test('one within another changes nothing', () => {
    const large = { at: { x: 0, y: 0 }, radius: 5 };
    expect(hullOf([large, { at: { x: 1, y: 1 }, radius: 1 }])?.length).toBeCloseTo(10 * Math.PI, 9);
  });
  test('of any discs it is that of many places on their circles, and its corners lie outside it', () => {
    fc.assert(
      fc.property(fc.array(disc, { minLength: 1, maxLength: 7 }), (discs) => {
        const exact = hullOf(discs);
        const near = sampled(discs);
        expect(exact?.length).toBeCloseTo(near.length, 2);
        expect(exact?.area).toBeGreaterThan(near.area - 1e-6);
        expect(exact?.area).toBeCloseTo(near.area, 1);
        // The drawn loop goes round all of it, and little further.
        const drawn = lengthOf(exact?.points ?? [], 'loop');
        expect(drawn).toBeGreaterThanOrEqual((exact?.length ?? 0) - 1e-6);
        expect(drawn).toBeLessThan((exact?.length ?? 0) * 1.03);
      }),
      { numRuns: 60 },
    );
  });
});
