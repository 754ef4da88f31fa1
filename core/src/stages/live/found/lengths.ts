import { type Finding, finding } from '../../../findings/types';
import { distance } from '../../../ground/vector';
import type { LiveNet } from '../plan/choice';
import { type LaidNet, isShort } from '../laid';
import { crossesItself } from '../route/loop';
import { convexHull } from '../route/moved';
import type { Shapeless } from '../route/shape';
import type { Thing } from '../route/things';
import { tightestRound } from '../route/tightest';
import { SAME } from '../same';
import { partOf, setNet } from './of';

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
      ? finding(
          'live.crosses',
          { severity: 'mend', stage: 'live', part: partOf(net) },
          { name: net.name },
          uncrossed(net),
        )
      : finding(
          'live.nothing-inside',
          { severity: 'mend', stage: 'live', part: partOf(net) },
          { name: net.name },
          things.filter((t) => t.kind === 'house').map((t) => setNet(net.id, { inside: [t.id] })),
        ),
  );

/** Nets that do not go round, and lengths that nobody makes. */
export function lengthFindings(laid: LaidNet, things: readonly Thing[]): readonly Finding[] {
  const { net, length, kind, pieces, total, surplus } = laid;
  const strange = pieces.filter((p) => !kind.sold.some((s) => Math.abs(s.length - p) < 0.005));
  const part = partOf(net);
  const more = [setNet(net.id, { pieces: null })];
  const found: Finding[] = [...new Set(strange)].map((piece) =>
    finding('live.no-such-net', { severity: 'mend', stage: 'live', part }, { name: net.name, piece }, more),
  );
  if (isShort(laid)) {
    const inside = things.filter((t) => net.inside.includes(t.id));
    // Without one of them it may go round.
    const leave = inside.filter((t) => {
      const rest = inside.filter((o) => o !== t);
      const round = tightestRound(rest);
      return net.points === null && round !== null && round.length <= total + SAME;
    });
    found.push(
      finding(
        'live.short',
        { severity: 'mend', stage: 'live', part },
        {
          name: net.name,
          nets: pieces.length,
          total,
          length,
          by: -surplus,
          inside: inside.map((t) => t.name),
        },
        [...more, ...leave.map((t) => setNet(net.id, { inside: net.inside.filter((id) => id !== t.id) }))],
      ),
    );
  }
  return found;
}
