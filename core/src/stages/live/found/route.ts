import { type Finding, finding } from '../../../findings/types';
import { betweenLines } from '../../../ground/polyline';
import { type Vector, distance, lerp, segmentsCross } from '../../../ground/vector';
import type { Boundary } from '../../../plan/schema';
import { LINE_KINDS } from '../../ground/kinds';
import type { LiveNet } from '../choice';
import type { Taken } from '../pieces';
import { type Box, apartFrom, boxOf, boxesTouch } from '../route/box';
import { type Clearance, clearanceOf } from '../route/clear';
import { crossesItself, waysOf } from '../route/loop';
import { convexHull, keptOff, keptOffLine, takenIn } from '../route/moved';
import type { NetShape, Shapeless } from '../route/shape';
import type { Thing } from '../route/things';
import { tightestRound } from '../route/tightest';
import { partOf, setNet } from './of';

/** Rooms are compared within this, m. */
const SAME = 1e-4;

/** A loop drawn round all of its corners, a line straight from end to end: where that is one. */
function uncrossed({ id, points, form }: LiveNet) {
  const [first, last] = [points?.[0], points?.[points.length - 1]];
  if (!points || !first || !last) return [];
  const drawn = form === 'loop' ? [...convexHull(points)] : [first, last];
  return crossesItself(drawn, form) || distance(first, last) < 0.01 ? [] : [setNet(id, { points: drawn })];
}

/** Nets that have no shape. */
export const shapelessFindings = (
  shapeless: readonly Shapeless[],
  things: readonly Thing[],
): readonly Finding[] =>
  shapeless.map(({ net, why }) =>
    why === 'crosses'
      ? finding('live.crosses', 'mend', 'live', partOf(net), { name: net.name }, uncrossed(net))
      : finding(
          'live.nothing-inside',
          'mend',
          'live',
          partOf(net),
          { name: net.name },
          things.filter((t) => t.kind === 'house').map((t) => setNet(net.id, { inside: [t.id] })),
        ),
  );

/** A way that leaves everything that is to be inside where it belongs, and mends what it was made for. */
function sound(net: LiveNet, points: readonly Vector[], things: readonly Thing[], mended: Thing): boolean {
  return things.every((t) => {
    const { stands, gap, wanted } = clearanceOf(points, net.form, t);
    if (stands === 'through') return false;
    if (net.inside.includes(t.id) && stands !== 'inside') return false;
    return t !== mended || gap >= wanted - SAME;
  });
}

/** Ways to mend a thing that is too near: the net led round it, or drawn back from it. */
const movedFrom =
  (shape: NetShape, things: readonly Thing[], thing: Thing, to: 'in' | 'off' | 'both') => () => {
    const { net, points } = shape;
    if (net.form === 'line') return [];
    const off = to !== 'in' ? keptOff(points, thing) : null;
    const without = net.inside.filter((id) => id !== thing.id);
    const within = { ...net, inside: without };
    const ins = to === 'off' ? [] : takenIn(points, thing);
    const asked = [...without, thing.id];
    const inward = ins.find((way) => sound({ ...net, inside: asked }, way, things, thing));
    return [
      ...(off && sound(within, off, things, thing)
        ? [setNet(net.id, { points: [...off], inside: without })]
        : []),
      ...(inward ? [setNet(net.id, { points: [...inward], inside: asked })] : []),
    ];
  };

/** Things that the net goes through, is too near to, or leaves out. */
export function thingFindings(
  shape: NetShape,
  clearances: readonly Clearance[],
  things: readonly Thing[],
): readonly Finding[] {
  const { net } = shape;
  const part = partOf(net);
  return clearances.flatMap(({ thing, stands, gap, wanted }): Finding[] => {
    const told = { name: net.name, thing: thing.name, gap, wanted };
    if (stands === 'through') {
      // The end of a line may stand on a wall.
      if (net.form === 'line' && endsOnly(shape, thing)) return [];
      return [finding('live.through', 'mend', 'live', part, told, movedFrom(shape, things, thing, 'both'))];
    }
    if (stands === 'outside' && net.inside.includes(thing.id))
      return [finding('live.left-out', 'mend', 'live', part, told, movedFrom(shape, things, thing, 'both'))];
    if (gap >= wanted - SAME) return [];
    if (net.form === 'line' && endsOnly(shape, thing)) return [];
    const code = stands === 'inside' ? 'live.near-inside' : 'live.near-outside';
    const to = stands === 'inside' ? 'in' : 'both';
    return [finding(code, 'mend', 'live', part, told, movedFrom(shape, things, thing, to))];
  });
}

/** Ends of a line may stand against a wall or a boundary: so much of them is let be, m. */
const AT_END = 0.1;

/** A line that leaves a wall is near it for so much of its length, m. */
const LEAVING = 2.5;

/** A line without so much of its ends, m. */
function trimmed(points: readonly Vector[], by: number): readonly Vector[] {
  const inward = (end: Vector | undefined, next: Vector | undefined): Vector => {
    if (!end || !next) return end ?? { x: 0, y: 0 };
    const long = distance(end, next);
    return long > by ? lerp(end, next, by / long) : next;
  };
  const n = points.length;
  return points.map((p, i) => (i === 0 ? inward(p, points[1]) : i === n - 1 ? inward(p, points[n - 2]) : p));
}

/** Whether a line comes near a house or a run only where an end of it stands against the wall. */
function endsOnly({ points }: NetShape, thing: Thing): boolean {
  if (thing.points.length < 3) return false;
  const walls = [...thing.points, ...thing.points.slice(0, 1)];
  const against = [points[0], points[points.length - 1]].some(
    (end) => end !== undefined && betweenLines(end, end, walls) <= AT_END,
  );
  if (!against || clearanceOf(trimmed(points, AT_END), 'line', thing).stands === 'through') return false;
  const { gap, wanted } = clearanceOf(trimmed(points, LEAVING), 'line', thing);
  return gap >= wanted - SAME;
}

/** Lines on the ground that a net keeps off. */
export function lineFindings(shape: NetShape, lines: readonly Boundary[]): readonly Finding[] {
  const { net, points } = shape;
  const all = waysOf(net.form === 'line' ? trimmed(points, AT_END) : points, net.form);
  return lines.flatMap((line): Finding[] => {
    const { keeps } = LINE_KINDS[line.kind];
    const box = boxOf(line.line);
    const ways = all.filter(([a, b]) => apartFrom(a, b, box) < keeps + 1);
    const gap = Math.min(Infinity, ...ways.map(([a, b]) => betweenLines(a, b, line.line)));
    const crosses = ways.some(([a, b]) =>
      line.line.slice(1).some((d, i) => segmentsCross(a, b, line.line[i] ?? d, d)),
    );
    if (!crosses && (keeps === 0 || gap >= keeps - SAME)) return [];
    const mends = () => {
      const off = net.form === 'loop' ? keptOffLine(points, line.line, keeps) : null;
      return off ? [setNet(net.id, { points: [...off] })] : [];
    };
    const told = { name: net.name, line: line.name, kind: line.kind, gap, wanted: keeps };
    return [finding(crosses ? 'live.over-line' : 'live.near-line', 'mend', 'live', partOf(net), told, mends)];
  });
}

const up = (a: LiveNet, b: LiveNet) => a.when === 'always' || b.when === 'always' || a.when === b.when;

/** Nets that cross each other while both are up. */
export const crossing = (shapes: readonly NetShape[]): readonly Finding[] =>
  shapes.flatMap((a, i) =>
    shapes.slice(i + 1).flatMap((b): Finding[] => {
      const [boxA, boxB] = [boxOf(a.points), boxOf(b.points)];
      if (!up(a.net, b.net) || !boxesTouch(boxA, boxB)) return [];
      const boxed = (net: NetShape, other: Box) =>
        waysOf(net.points, net.net.form)
          .map((way) => ({ way, box: boxOf(way) }))
          .filter(({ box }) => boxesTouch(box, other));
      const near = boxed(b, boxA);
      const cross = boxed(a, boxB).some(({ way: [p, q], box }) =>
        near.some(({ way: [r, s], box: other }) => boxesTouch(box, other) && segmentsCross(p, q, r, s)),
      );
      return cross
        ? [
            finding('live.nets-cross', 'mend', 'live', partOf(b.net), {
              name: b.net.name,
              other: a.net.name,
            }),
          ]
        : [];
    }),
  );

/** Nets that do not go round, and lengths that nobody makes. */
export function lengthFindings(shape: NetShape, taken: Taken, things: readonly Thing[]): readonly Finding[] {
  const { net, length, kind } = shape;
  const { pieces } = taken;
  const sum = pieces.reduce((t, l) => t + l, 0);
  const strange = pieces.filter((p) => !kind.sold.some((s) => Math.abs(s.length - p) < 0.005));
  const part = partOf(net);
  const more = [setNet(net.id, { pieces: null })];
  const found: Finding[] = [...new Set(strange)].map((piece) =>
    finding('live.no-such-net', 'mend', 'live', part, { name: net.name, piece }, more),
  );
  if (sum < length - SAME) {
    const inside = things.filter((t) => net.inside.includes(t.id));
    // Without one of them it may go round.
    const leave = inside.filter((t) => {
      const rest = inside.filter((o) => o !== t);
      const round = tightestRound(rest);
      return net.points === null && round !== null && round.length <= sum + SAME;
    });
    found.push(
      finding(
        'live.short',
        'mend',
        'live',
        part,
        {
          name: net.name,
          nets: pieces.length,
          total: sum,
          length,
          by: length - sum,
          inside: inside.map((t) => t.name),
        },
        [...more, ...leave.map((t) => setNet(net.id, { inside: net.inside.filter((id) => id !== t.id) }))],
      ),
    );
  }
  return found;
}

/** How near an end has to be to what it closes to, m. */
const CLOSED = 0.1;
/** Further off it ends in the open. */
const NEAR_END = 4;

/** Ends of an open line that stand off what they should close to. */
export function endFindings(
  shape: NetShape,
  things: readonly Thing[],
  lines: readonly Boundary[],
): readonly Finding[] {
  const { net, points } = shape;
  if (net.form === 'loop') return [];
  const walls = [
    ...things.filter((t) => t.points.length > 2).map((t) => [...t.points, ...t.points.slice(0, 1)]),
    ...lines.map((l) => l.line),
  ];
  return [points[0], points[points.length - 1]].flatMap((end, i): Finding[] => {
    if (!end) return [];
    const gap = Math.min(Infinity, ...walls.map((w) => betweenLines(end, end, w)));
    if (gap <= CLOSED) return [];
    const told = { name: net.name, end: i + 1, gap: gap < NEAR_END ? gap : null };
    return [finding('live.open-end', 'know', 'live', partOf(net), told)];
  });
}
