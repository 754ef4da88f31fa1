import { type Finding, finding } from '../../../findings/types';
import { betweenLines } from '../../../ground/polyline';
import type { Vector } from '../../../ground/vector';
import type { LiveNet } from '../plan/choice';
import type { LaidNet } from '../laid';
import { type Clearance, clearanceOf } from '../route/clear';
import { keptOff, takenIn } from '../route/moved';
import type { NetShape } from '../route/shape';
import type { Thing } from '../route/things';
import { SAME } from '../same';
import { AT_END, trimmed } from './ends';
import { partOf, setNet } from './of';

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

/** What is wrong between a net and a thing; null where nothing is. */
export type Trouble = 'live.through' | 'live.left-out' | 'live.near-inside' | 'live.near-outside';

export function troubleOf(shape: NetShape, { thing, stands, gap, wanted }: Clearance): Trouble | null {
  const { net } = shape;
  // The end of a line may stand on a wall.
  const ends = () => net.form === 'line' && endsOnly(shape, thing);
  if (stands === 'through') return ends() ? null : 'live.through';
  if (stands === 'outside' && net.inside.includes(thing.id)) return 'live.left-out';
  if (gap >= wanted - SAME || ends()) return null;
  return stands === 'inside' ? 'live.near-inside' : 'live.near-outside';
}

/** Things that the net goes through, is too near to, or leaves out. */
export const thingFindings = (laid: LaidNet, things: readonly Thing[]): readonly Finding[] =>
  laid.clearances.flatMap((clearance): Finding[] => {
    const code = troubleOf(laid, clearance);
    if (code === null) return [];
    const { thing, gap, wanted } = clearance;
    const { net } = laid;
    const to = code === 'live.near-inside' ? 'in' : 'both';
    const params = { name: net.name, thing: thing.name, gap, wanted };
    return [
      finding(
        code,
        { severity: 'mend', stage: 'live', part: partOf(net) },
        params,
        movedFrom(laid, things, thing, to),
      ),
    ];
  });

/** A line that leaves a wall is near it for so much of its length, m. */
const LEAVING = 2.5;

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
