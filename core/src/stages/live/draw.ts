import type { GroundOf, Primitive, SheetFrame, StripLine } from '../../drawing/scene/scene';
import type { Vector } from '../../ground/vector';
import { formatPart } from '../../plan/partRef';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import type { LIVE_INKS } from './plan/inks';
import type { NetPart } from './told';

type LiveInk = keyof typeof LIVE_INKS;

/** The way of a net as one line, closed for a loop. */
const wayOf = ({ points, form }: NetPart) => (form === 'loop' ? [...points, ...points.slice(0, 1)] : points);

function netShapes(net: NetPart): readonly Primitive<LiveInk>[] {
  const part = formatPart(net.part);
  return [
    ...(net.form === 'loop'
      ? [{ shape: 'polygon', kind: 'live-run', part, points: net.points } as const]
      : []),
    {
      shape: 'line',
      kind: net.when === 'always' ? 'live-net' : 'live-turn',
      part,
      points: wayOf(net),
    },
    ...(net.back.length > 1 ? [{ shape: 'line', kind: 'live-back', part, points: net.back } as const] : []),
    ...(net.gate ? [{ shape: 'circle', kind: 'live-gate', part, at: net.gate, radius: 0.09 } as const] : []),
    ...net.posts.map(({ at, is }): Primitive<LiveInk> => ({
      shape: 'circle',
      kind: is === 'strut' ? 'live-strut' : 'live-post',
      part,
      at,
      radius: is === 'strut' ? 0.05 : 0.03,
    })),
  ];
}

/** Live nets, hot wires and what makes them live, from above. */
export const sheet = (parts: readonly Part[], { frames }: SheetFrame): readonly Primitive<LiveInk>[] =>
  parts.flatMap((p): readonly Primitive<LiveInk>[] => {
    switch (p.kind) {
      case 'live-net':
        return netShapes(p);
      case 'hot-wire': {
        const frame = frames.get(p.side);
        if (!frame) return [];
        const points = [frame.at(p.from, p.offset), frame.at(p.to, p.offset)];
        return [{ shape: 'line', kind: 'live-wire', part: formatPart(p.part), points }];
      }
      case 'live-source': {
        const part = formatPart(p.part);
        return [
          ...(p.to ? [{ shape: 'line', kind: 'live-lead', part, points: [p.at, p.to] } as const] : []),
          { shape: 'circle', kind: 'live-source', part, at: p.at, radius: 0.15 },
        ];
      }
      default:
        return [];
    }
  });

/** Strands of a hot wire over the ground of its side. */
export function strip(part: Part, ground: GroundOf): readonly StripLine[] {
  if (part.kind !== 'hot-wire') return [];
  const under = ground(part.side, part.from, part.to);
  if (under.length < 2) return [];
  return part.heights.map((height) => ({
    part: formatPart(part.part),
    kind: 'live-strand',
    points: under.map(({ x, y }) => ({ x, y: y + height })),
    lower: [0],
  }));
}

/** Where things stand that a net is drawn tight round: near enough for a picture to take it in. */
function around({ ground, enclosures, sides, corners }: Plan, inside: readonly string[]): readonly Vector[] {
  const named = (kind: string) => (thing: { readonly id: string }) => inside.includes(`${kind}:${thing.id}`);
  const passed = new Set(
    enclosures.filter(named('enclosure')).flatMap((e) => e.ring.map((step) => step.side)),
  );
  const ends = new Set(sides.filter((s) => passed.has(s.id)).flatMap((s) => [s.from, s.to]));
  return [
    ...ground.buildings.filter(named('building')).flatMap((b) => b.outline),
    ...ground.trees.filter(named('tree')).map((t) => t.at),
    ...ground.obstacles.filter(named('obstacle')).map((o) => o.at),
    ...corners.filter((c) => ends.has(c.id)),
  ];
}

/** Corners of every net, and where its power is: what the picture takes in beside the runs. */
export const spread = (plan: Plan): readonly Vector[] => [
  ...plan.nets.flatMap((net) => net.points ?? around(plan, net.inside)),
  ...(plan.power.at ? [plan.power.at] : []),
  ...(plan.power.rods ? [plan.power.rods] : []),
];
