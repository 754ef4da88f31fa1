import { type Finding, finding } from '../../../findings/types';
import { betweenLines } from '../../../ground/polyline';
import { segmentsCross } from '../../../ground/vector';
import type { Boundary } from '../../../plan/schema';
import { LINE_KINDS } from '../../ground/plan/kinds';
import type { LiveNet } from '../plan/choice';
import { type Box, apartFrom, boxOf, boxesTouch } from '../../../ground/box';
import { waysOf } from '../route/loop';
import { keptOffLine } from '../route/moved';
import type { NetShape } from '../route/shape';
import { SAME } from '../same';
import { AT_END, trimmed } from './ends';
import { partOf, setNet } from './of';

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
    const params = { name: net.name, line: line.name, kind: line.kind, gap, wanted: keeps };
    return [
      finding(
        crosses ? 'live.over-line' : 'live.near-line',
        { severity: 'mend', stage: 'live', part: partOf(net) },
        params,
        mends,
      ),
    ];
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
            finding(
              'live.nets-cross',
              { severity: 'mend', stage: 'live', part: partOf(b.net) },
              { name: b.net.name, other: a.net.name },
              [
                // By turns, where the other is not up all the time.
                ...(a.net.when === 'always'
                  ? []
                  : [setNet(b.net.id, { when: a.net.when === 'day' ? 'night' : 'day' })]),
                { verb: 'remove-net', id: b.net.id },
              ],
            ),
          ]
        : [];
    }),
  );
