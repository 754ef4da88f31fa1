import type { Vector } from '../../ground/vector';
import type { Part } from '../../reckoning';
import type { Power } from './plan/choice';
import { doubledBack } from './route/back';
import type { LaidNet } from './laid';
import { HOLE } from './route/ground';
import { alongOf, placeAlong, placesAlong } from './route/loop';
import type { NetShape } from './route/shape';
import type { NetPost } from './told';
import type { Wired } from './wires/wires';

/** Its own posts and the struts, in turn. */
function postsOf({ net, kind, points, length, struts, pieces }: LaidNet): NetPost[] {
  const at = placesAlong(points, net.form);
  const own: number[] = [];
  let begins = 0;
  for (const piece of pieces) {
    const spans = Math.max(1, Math.round(piece / kind.spacing));
    for (let i = begins === 0 ? 0 : 1; i <= spans; i++) own.push(begins + (i * piece) / spans);
    begins += piece;
  }
  const dips = net.dips.filter((d) => d.mend === 'strut').map((d) => d.along);
  return [
    ...own.filter((a) => a <= length + 1e-6).map((along): NetPost => ({ along, at: at(along), is: 'post' })),
    ...[...struts, ...dips].map((along): NetPost => ({ along, at: at(along), is: 'strut' })),
  ].sort((a, b) => a.along - b.along);
}

/** A net with its posts, doubled-back end and holes. */
export function netPart(laid: LaidNet): Part {
  const { net, kind, points, length, area, pieces, surplus, gaps } = laid;
  const { lowest, highest } = kind.strands;
  const foot = net.foot === 'raised' ? 0.05 : 0;
  const steps = 5;
  const strands = Array.from(
    { length: steps },
    (_, i) => lowest + foot + ((highest - lowest) * i) / (steps - 1),
  );
  return {
    kind: 'live-net',
    part: { on: 'net', net: net.id },
    name: net.name,
    form: net.form,
    when: net.when,
    points,
    length,
    area,
    height: kind.height,
    strands,
    posts: postsOf(laid),
    pieces,
    surplus,
    back: doubledBack(points, net.form, surplus),
    gate: net.gate === null ? (points[0] ?? null) : placeAlong(points, net.form, Math.min(net.gate, length)),
    holes: gaps.filter(({ gap }) => gap > HOLE + 1e-6).map(({ along, gap, at }) => ({ along, gap, at })),
  };
}

/** A hot wire on each of its sides: in pieces where it goes under gates. */
export const wireParts = ({ wire, sides, gates }: Wired): readonly Part[] =>
  sides.flatMap((s) => {
    const under = wire.gates === 'under' ? gates.filter((g) => g.side === s.side.id) : [];
    const ends = [...under].sort((a, b) => a.along - b.along);
    const stops = [0, ...ends.flatMap((g) => [g.along, g.along + g.width]), s.length];
    return Array.from({ length: ends.length + 1 }, (_, i): Part => ({
      kind: 'hot-wire',
      part: { on: 'hot-wire', wire: wire.id },
      side: s.side.id,
      from: stops[2 * i] ?? 0,
      to: stops[2 * i + 1] ?? s.length,
      offset: wire.offset,
      heights: wire.heights,
    }));
  });

/** The nearest place on any net or wired side. */
export function nearestLive(
  from: Vector,
  shapes: readonly NetShape[],
  wired: readonly Wired[],
): Vector | null {
  const places = [
    ...shapes.map(({ points, net }) => placeAlong(points, net.form, alongOf(points, net.form, from))),
    ...wired.flatMap(({ sides }) =>
      sides.map((s) => placeAlong([s.start, s.end], 'line', alongOf([s.start, s.end], 'line', from))),
    ),
  ];
  const far = (p: Vector) => Math.hypot(p.x - from.x, p.y - from.y);
  return places.reduce<Vector | null>((best, p) => (best === null || far(p) < far(best) ? p : best), null);
}

/** Energiser and rods where the keeper put them. */
export function sourceParts(
  { at, rods }: Power,
  shapes: readonly NetShape[],
  wired: readonly Wired[],
): readonly Part[] {
  return [
    ...(at
      ? [
          {
            kind: 'live-source',
            part: { on: 'energiser' },
            at,
            to: nearestLive(at, shapes, wired),
          } as const,
        ]
      : []),
    ...(rods ? [{ kind: 'live-source', part: { on: 'rods' }, at: rods, to: at } as const] : []),
  ];
}
