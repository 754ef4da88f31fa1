import { LIVE_NETS } from '../../catalogue/liveNets';
import type { Plan } from '../../plan/schema';
import { betweenLines } from '../../ground/polyline';
import type { Vector } from '../../ground/vector';
import { tidy } from '../../units/round';
import { LINE_KINDS } from '../ground/plan/kinds';
import type { LiveNet } from './plan/choice';
import { takePieces } from './pieces';
import { clearancesOf } from './route/clear';
import { areaOf, lengthOf, turnsOf, waysOf } from './route/loop';
import type { Thing } from './route/things';
import { tightestRound } from './route/tightest';

/** What corners that are written in centimetres may add to a way, m: a net that is to close is drawn out by so much less. */
const SLACK = 0.05;
/** Headings in which an opened loop is moved from what is in its way, of a full turn. */
const HEADINGS = 12;

/** A loop with every straight moved out by so much. */
function movedOut(points: readonly Vector[], by: number): readonly Vector[] {
  const n = points.length;
  return points.map((p, i) => {
    const [a, b] = [points[(i + n - 1) % n] ?? p, points[(i + 1) % n] ?? p];
    const [one, two] = [Math.atan2(p.y - a.y, p.x - a.x), Math.atan2(b.y - p.y, b.x - p.x)];
    const half = Math.atan2(Math.sin(two - one), Math.cos(two - one)) / 2;
    const out = by / Math.cos(half);
    const heading = one + half - Math.PI / 2;
    return { x: p.x + out * Math.cos(heading), y: p.y + out * Math.sin(heading) };
  });
}

/** Whether a loop keeps off everything that it is not meant to go round, and off water and paths. */
function isClear(
  plan: Plan,
  points: readonly Vector[],
  inside: readonly string[],
  things: readonly Thing[],
): boolean {
  const near = clearancesOf(points, 'loop', things).some(
    ({ thing, stands, gap, wanted }) =>
      (stands === 'inside') !== inside.includes(thing.id) || stands === 'through' || gap < wanted - 1e-6,
  );
  if (near) return false;
  const ways = waysOf(points, 'loop');
  return plan.ground.boundaries.every(({ kind, line }) => {
    const { keeps } = LINE_KINDS[kind];
    return ways.every(([a, b]) => betweenLines(a, b, line) > keeps - 1e-6);
  });
}

/**
 * A new loop as it stands: its whole nets opened out round what goes inside, moved aside where something is in the way.
 *
 * @returns corners; null where it can only stand drawn tight
 */
export function openedOut(
  plan: Plan,
  net: LiveNet,
  things: readonly Thing[],
): { x: number; y: number }[] | null {
  const tight = tightestRound(things.filter((t) => net.inside.includes(t.id)));
  if (!tight) return null;
  const pieces = takePieces([{ net, length: tight.length }], plan.owned).byNet.get(net.id) ?? [];
  const whole = pieces.reduce((t, p) => t + p, 0) - SLACK;
  // Each straight moved out adds the tangents of the half turns at its ends, at both of them.
  const each = 2 * turnsOf(tight.points, 'loop').reduce((t, turn) => t + Math.tan(Math.abs(turn) / 2), 0);
  const out = (whole - lengthOf(tight.points, 'loop')) / each;
  if (!(out > 0) || LIVE_NETS[net.kind].sold.length === 0) return null;
  const open = movedOut(tight.points, out);
  const moves: readonly Vector[] = [
    { x: 0, y: 0 },
    ...[0.5, 0.95].flatMap((share) =>
      Array.from({ length: HEADINGS }, (_, i) => ({
        x: share * out * Math.cos((2 * Math.PI * i) / HEADINGS),
        y: share * out * Math.sin((2 * Math.PI * i) / HEADINGS),
      })),
    ),
  ];
  for (const by of moves) {
    const points = open.map(({ x, y }) => ({ x: tidy(x + by.x), y: tidy(y + by.y) }));
    if (areaOf(points) > 0 && isClear(plan, points, net.inside, things)) return points;
  }
  return null;
}
