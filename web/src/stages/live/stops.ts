import { type Change, type LiveNet, type Part, type Plan, type Vector, previewNets } from '@aviarum/core';
import { type Sight, type Stop, tidy } from '../../sheet/stop';
import { stopId } from '../../sheet/stopId';

type NetPart = Extract<Part, { kind: 'live-net' }>;
const put = ({ x, y }: Vector) => ({ x: tidy(x), y: tidy(y) });

/** What of the nets is left over while one is drawn out, or what is missing. */
export function leftOver(plan: Plan, id: string, length: (metres: number) => string): string {
  const net = previewNets(plan).find((p): p is NetPart => p.kind === 'live-net' && p.part.net === id);
  if (!net) return '';
  return `${length(net.length)}, ${net.surplus < -1e-4 ? `${length(-net.surplus)} short` : `${length(net.surplus)} over`}`;
}

/** Corners of a net: one that is drawn tight is let go of where the first is moved. */
function corners(net: LiveNet, drawn: NetPart, reader: Sight['reader']): Stop[] {
  const points = net.points ?? drawn.points;
  const set = (to: readonly Vector[]): Change => ({
    verb: 'set-net',
    id: net.id,
    to: { points: to.map(put) },
  });
  return points.map((at, i): Stop => ({
    id: stopId({ on: 'net-point', net: net.id, point: i }),
    name: `${net.name}, corner ${i + 1}`,
    value: `${reader.length(at.x)} across, ${reader.length(at.y)} up`,
    at,
    look: 'point',
    room: 0.8,
    axis: null,
    snaps: points.filter((_, k) => k !== i),
    move: (to) => set(points.map((p, k) => (k === i ? to : p))),
    says: (plan) => leftOver(plan, net.id, (metres) => reader.about(metres)),
  }));
}

function source(plan: Plan, field: 'at' | 'rods', name: string, reader: Sight['reader']): Stop[] {
  const at = plan.power[field];
  if (!at) return [];
  return [
    {
      id: stopId({ on: field === 'at' ? 'energiser' : 'rods' }),
      name,
      value: `${reader.length(at.x)} across, ${reader.length(at.y)} up`,
      at,
      look: 'thing',
      room: 1,
      axis: null,
      move: (to) => ({ verb: 'set-power', to: { [field]: put(to) } }),
    },
  ];
}

/** Corners of live nets, and where energiser and rods are. */
export function stops({ plan, parts, reader }: Sight): Stop[] {
  const drawn = parts.filter((p): p is NetPart => p.kind === 'live-net');
  const nets = plan.nets.flatMap((net) => {
    const part = drawn.find((p) => p.part.net === net.id);
    return part ? corners(net, part, reader) : [];
  });
  return [
    ...nets,
    ...source(plan, 'at', 'Energiser', reader),
    ...source(plan, 'rods', 'Earth rods', reader),
  ].map((stop) => ({ ...stop, with: previewNets }));
}
