import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { apply } from '../plan/changes/apply';
import { checkPlan } from '../formats/planFile';
import { closingError, shareOut } from './walk';
import { reckon } from '../reckon';
import { walkedCorners } from '../stages/outline/verbs/corners';
import { anOutline } from '../testing/aRun';
import { near } from '../testing/near';
import { uniform } from '../testing/uniform';

const RIGHT = Math.PI / 2;
const rectangle = [6, 3.6, 6, 3.6].map((length) => ({ length, turn: RIGHT }));

describe('a run walked side by side', () => {
  test('closes where it began', () => {
    expect(closingError(rectangle).distance).toBeCloseTo(0, 9);
    expect(closingError(rectangle).turned).toBeCloseTo(0, 9);
  });
  test('says how far it misses', () => {
    const off = rectangle.map((leg, i) => (i === 2 ? { ...leg, length: 5.7 } : leg));
    const error = closingError(off);
    expect(error.distance).toBeCloseTo(0.3, 9);
    expect(1 / error.ratio).toBeCloseTo(18.9 / 0.3, 6);
  });
  test('closes when its error is shared out, and changes by no more than the error', () => {
    const leg = fc.record({
      length: uniform(2, 8),
      turn: uniform(1.2, 1.9),
    });
    fc.assert(
      fc.property(fc.tuple(leg, leg, leg, leg), (legs) => {
        const { distance } = closingError(legs);
        const shared = shareOut(legs);
        expect(closingError(shared).distance).toBeLessThan(1e-9);
        shared.forEach((l, i) =>
          expect(Math.abs(l.length - (legs[i]?.length ?? 0))).toBeLessThanOrEqual(distance + 1e-9),
        );
      }),
    );
  });
  test('becomes the outline, last side closing it', () => {
    const plan = apply(
      anOutline([
        [0, 0],
        [1, 0],
        [0, 1],
      ]),
      {
        verb: 'walk-outline',
        enclosure: 'run',
        start: { x: 1, y: 2 },
        bearing: 0,
        legs: rectangle,
        corners: ['a', 'b', 'c', 'd'],
        sides: ['k', 'l', 'm', 'n'],
      },
    );
    expect(checkPlan(plan).ok).toBe(true);
    expect(reckon(plan).figures).toMatchObject({ area: near(21.6, 6) });
    expect(plan.corners.map((c) => [c.x, c.y])).toEqual([
      [1, 2],
      [7, 2],
      [7, 5.6],
      [1, 5.6],
    ]);
  });
  test('corners come one leg after another', () => {
    expect(walkedCorners({ x: 0, y: 0 }, 0, rectangle)[2]).toEqual({
      x: near(6, 9),
      y: near(3.6, 9),
    });
  });
});
