import { isOver } from '../stages/cover/plan/kinds';
import type { Plan } from '../plan/schema';
import { type Box, boxOf } from './box';
import { type Vector, segmentsCross } from './vector';
import { tidy } from '../units/round';

/** Between what is there and something new, m. */
const ROOM = 2;
/** What lies at a foot, or the strap of an arch, reaches so far outside its fence at the most, m. */
const AROUND_RUN = 1;

/** A net drawn tight round what is there, with the room that it keeps, m. */
const TIGHT = 2;

/** Everything that takes room on the ground, as boxes. */
function takenBy({ corners, ground, nets, covers }: Plan): readonly Box[] {
  const round = (points: readonly Vector[], by: number): Box[] => {
    if (points.length === 0) return [];
    const { left, right, low, high } = boxOf(points);
    return [{ left: left - by, right: right + by, low: low - by, high: high + by }];
  };
  return [
    ...round(corners, AROUND_RUN),
    ...ground.buildings.flatMap((b) => round(b.outline, 0)),
    ...ground.trees.flatMap((t) => round([t.at], Math.max(t.crown, t.roots))),
    ...ground.obstacles.flatMap((o) => round([o.at], o.across / 2)),
    // One that is drawn tight stands round what is there.
    ...nets.flatMap((n) =>
      n.points
        ? round(n.points, 0)
        : round([...corners, ...ground.buildings.flatMap((b) => b.outline)], TIGHT),
    ),
    ...covers.flatMap((c) => (isOver(c) && c.outline ? round(c.outline, 0) : [])),
  ];
}

/**
 * Where something new stands on free ground: beside all that is there, on our side of boundaries, paths and water where that can be.
 *
 * @param half  half of what it takes in each direction, m
 * @returns its middle
 */
export function freeGround(plan: Plan, half: Vector): Vector {
  const boxes = takenBy(plan);
  if (boxes.length === 0) return { x: 0, y: 0 };
  const all = boxOf(
    boxes.flatMap((b) => [
      { x: b.left, y: b.low },
      { x: b.right, y: b.high },
    ]),
  );
  const middle = { x: (all.left + all.right) / 2, y: (all.low + all.high) / 2 };
  const [right, left, high, low] = [
    { x: all.right + ROOM + half.x, y: middle.y },
    { x: all.left - ROOM - half.x, y: middle.y },
    { x: middle.x, y: all.high + ROOM + half.y },
    { x: middle.x, y: all.low - ROOM - half.y },
  ];
  const home = (at: Vector): boolean =>
    plan.ground.boundaries.every(({ line }) =>
      line.slice(1).every((b, i) => {
        const a = line[i] ?? b;
        const corners = [-1, 1].flatMap((sx) =>
          [-1, 1].map((sy) => ({ x: at.x + sx * half.x, y: at.y + sy * half.y })),
        );
        return [at, ...corners].every((p) => !segmentsCross(middle, p, a, b));
      }),
    );
  const spot = [right, left, high, low].find(home) ?? right;
  return { x: tidy(spot.x), y: tidy(spot.y) };
}
