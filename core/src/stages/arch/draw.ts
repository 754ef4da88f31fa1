import { type GroundOf, type Primitive, type StripLine, type StripPanel } from '../../drawing/scene/scene';
import { type Vector, lerp, plus, times } from '../../ground/vector';
import { formatPart } from '../../plan/partRef';
import type { Part } from '../../reckoning';
import type { ARCH_INKS } from './plan/inks';
import type { ArchPart, ArchSidePart } from './told';

type ArchInk = keyof typeof ARCH_INKS;

/** Ribs across an arch, where each panel or hoop begins. */
function ribs({ outline: [a, b, c, d], ribs: at, part }: ArchPart): readonly Primitive<ArchInk>[] {
  const long = Math.hypot(b.x - a.x, b.y - a.y);
  return at.map((along): Primitive<ArchInk> => {
    const share = long > 0 ? Math.min(1, along / long) : 0;
    return {
      shape: 'line',
      kind: 'rib',
      part: formatPart(part),
      points: [lerp(a, b, share), lerp(d, c, share)],
    };
  });
}

/** Arches from above: what they cover, their ribs and their ridge. */
export const sheet = (parts: readonly Part[]): readonly Primitive<ArchInk>[] =>
  parts.flatMap((p): readonly Primitive<ArchInk>[] => {
    if (p.kind !== 'arch') return [];
    const [a, b, c, d] = p.outline;
    const part = formatPart(p.part);
    const middle = (from: typeof a, to: typeof a) => times(plus(from, to), 0.5);
    return [
      { shape: 'polygon', kind: 'arch-over', part, points: p.outline },
      ...(p.film === 'on' ? [{ shape: 'polygon', kind: 'arch-film', part, points: p.outline } as const] : []),
      ...ribs(p),
      ...(p.ridge > 0
        ? [{ shape: 'line', kind: 'arch-ridge', part, points: [middle(a, d), middle(b, c)] } as const]
        : []),
    ];
  });

/** Places along a side of an arch and above its ground, on the strip; null where the side is of another run. */
function onStrip({ side, from, to }: ArchSidePart, ground: GroundOf) {
  const under = ground(side, from, to);
  const [first, last] = [under[0], under[under.length - 1]];
  if (!first || !last) return null;
  const long = to - from;
  return (x: number, y: number) => {
    const share = long > 0 ? x / long : 0;
    return { x: first.x + (last.x - first.x) * share, y: first.y + (last.y - first.y) * share + y };
  };
}

/** Feet and ends on the strip: the line of their tops, the board, and where ribs stand. */
export function strip(part: Part, ground: GroundOf): readonly StripLine[] {
  if (part.kind !== 'arch-side') return [];
  const at = onStrip(part, ground);
  if (!at) return [];
  const { from, to, top, board } = part;
  const long = to - from;
  const line = (kind: StripLine['kind'], points: readonly Vector[]): StripLine => ({
    part: formatPart(part.part),
    kind,
    points,
    lower: [0],
  });
  return [
    line(
      'arch-at-end',
      top.map((p) => at(p.x, p.y)),
    ),
    ...(board > 0 ? [line('arch-at-foot', [at(0, board / 2), at(long, board / 2)])] : []),
    ...part.ribs
      .filter((x) => x <= long + 1e-6)
      .map((x) => line('arch-rib', [at(x, board), at(x, top[0]?.y ?? 0)])),
  ];
}

/** What closes feet and ends on the strip, in the pattern of its mesh. */
export function panels(part: Part, ground: GroundOf): readonly StripPanel[] {
  if (part.kind !== 'arch-side' || part.mesh === null) return [];
  const at = onStrip(part, ground);
  if (!at) return [];
  const high = part.top.map((p) => at(p.x, p.y));
  const points = [...high, ...part.top.map((p) => at(p.x, part.board)).reverse()];
  const [first, last] = [high[0], high[high.length - 1]];
  if (!first || !last) return [];
  return [
    {
      part: formatPart(part.part),
      origin: 'new',
      from: Math.min(first.x, last.x),
      to: Math.max(first.x, last.x),
      bottom: part.board,
      mesh: part.mesh,
      points,
    },
  ];
}
