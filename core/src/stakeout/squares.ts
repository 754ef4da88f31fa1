import type { Ring } from '../ground/survey';
import type { Plan } from '../plan/schema';
import { FOOT } from '../units/factors';
import { turningCorners } from './corners';
import type { SquareCheck } from './types';

/** A corner this near to a right angle is meant to be one, radians: half a degree. */
const NEARLY_SQUARE = Math.PI / 360;
/** Threes, fours and fives by which a right angle is checked: the largest whose marks fit on the strings, m or ft. */
const TRIPLES = {
  metric: [3, 1.8, 0.9].map((n) => [n, (n * 4) / 3, (n * 5) / 3] as const),
  imperial: [9, 6, 3].map((n) => [n * FOOT, n * FOOT * (4 / 3), n * FOOT * (5 / 3)] as const),
};

/**
 * Checks of right angles: 3 along one string and 4 along the other make 5 between the marks.
 *
 * The longer string takes the longer mark; where 3 and 4 do not fit, 1.8 and 2.4 make 3.0.
 */
export function squareChecks(rings: readonly Ring[], units: Plan['units']): readonly SquareCheck[] {
  const seen = new Set<string>();
  return rings.flatMap((ring) => {
    const corners = turningCorners(ring);
    return corners.flatMap((corner, i): SquareCheck[] => {
      const next = corners[(i + 1) % corners.length];
      const previous = corners[(i + corners.length - 1) % corners.length];
      const before = ring.sides[(ring.sides.indexOf(corner) + ring.sides.length - 1) % ring.sides.length];
      if (!next || !previous || !before || seen.has(corner.startCorner)) return [];
      if (Math.abs(Math.abs(before.turn) - Math.PI / 2) > NEARLY_SQUARE) return [];
      seen.add(corner.startCorner);
      const reach = (a: typeof corner, b: typeof corner) =>
        Math.hypot(a.start.x - b.start.x, a.start.y - b.start.y);
      const [back, on] = [reach(previous, corner), reach(corner, next)];
      const [short, long] = [Math.min(back, on), Math.max(back, on)];
      const triple = TRIPLES[units].find(([three, four]) => three <= short + 1e-6 && four <= long + 1e-6);
      if (!triple) return [];
      const [three, four, five] = triple;
      const part = `square:${corner.startCorner}`;
      const marks = back >= on ? { before: four, after: three } : { before: three, after: four };
      return [{ part, corner: corner.startNumber, ...marks, across: five }];
    });
  });
}
