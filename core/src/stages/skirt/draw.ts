import type { SideFrame } from '../../drawing/scene/frames';
import { type Primitive, type GroundOf, type StripLine, type SheetFrame } from '../../drawing/scene/scene';
import { type Ring, STRAIGHT } from '../../ground/survey';
import { type Vector, plus, times } from '../../ground/vector';
import { choicesFor } from '../../plan/effective';
import { formatPart } from '../../plan/partRef';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { KINDS } from './plan/kinds';
import type { Look } from './plan/kinds/look';
import { shapeOf } from './plan/shape';
import { apronCorner } from './strips';

type PartOf<K extends Part['kind']> = Extract<Part, { kind: K }>;
const of = <K extends Part['kind']>(parts: readonly Part[], kind: K) =>
  parts.filter((p): p is PartOf<K> => p.kind === kind);

const kindOf = (p: PartOf<'skirt'>): Look => KINDS[p.form].look;

const houseShapes = (parts: readonly PartOf<'house-skirt'>[]): Primitive<Look>[] =>
  parts.map(({ part, points }) => ({ shape: 'polygon', kind: 'apron', part: formatPart(part), points }));

/** An apron's own rectangle on its side, and the corner that it runs on round. */
function fenceShapes(
  parts: readonly PartOf<'skirt'>[],
  rings: readonly Ring[],
  frames: ReadonlyMap<string, SideFrame>,
): Primitive<Look>[] {
  const bySide = new Map(parts.map((p) => [p.side, p]));
  const strips = parts.flatMap((p): Primitive<Look>[] => {
    const frame = frames.get(p.side);
    if (!frame) return [];
    if (p.out === 0)
      return [
        {
          shape: 'line',
          kind: kindOf(p),
          part: formatPart(p.part),
          points: [frame.at(p.from, 0.08), frame.at(p.to, 0.08)],
        },
      ];
    const kind = kindOf(p);
    const points = [frame.at(p.from, 0), frame.at(p.to, 0), frame.at(p.to, p.out), frame.at(p.from, p.out)];
    const strip: Primitive<Look> = { shape: 'polygon', kind, part: formatPart(p.part), points };
    if (p.border === 0) return [strip];
    const stones = [
      frame.at(p.from, 0),
      frame.at(p.to, 0),
      frame.at(p.to, p.border),
      frame.at(p.from, p.border),
    ];
    return [strip, { shape: 'polygon', kind: 'stones', part: formatPart(p.part), points: stones }];
  });
  const corners = rings.flatMap((ring) =>
    ring.sides.flatMap((s, i): Primitive<Look>[] => {
      const next = ring.sides[(i + 1) % ring.sides.length];
      const a = bySide.get(s.side.id);
      const b = next && bySide.get(next.side.id);
      if (!a || !b || a.out === 0 || b.out === 0 || s.turn < STRAIGHT || apronCorner(s.turn).ahead === 0)
        return [];
      const bisector = times(plus(s.outward, next.outward), 1 / (1 + Math.cos(s.turn)));
      const reach = Math.abs(s.turn) < 2.6 ? bisector : plus(s.outward, next.outward);
      const points: Vector[] = [
        s.end,
        plus(s.end, times(s.outward, a.out)),
        plus(s.end, times(reach, a.out)),
        plus(s.end, times(next.outward, b.out)),
      ];
      return [{ shape: 'polygon', kind: kindOf(a), part: formatPart(a.part), points }];
    }),
  );
  return [...strips, ...corners];
}

/** Skirts on the sheet: along the fence, and round the house. */
export const sheet = (parts: readonly Part[], { rings, frames }: SheetFrame): readonly Primitive<Look>[] => [
  ...fenceShapes(of(parts, 'skirt'), rings, frames),
  ...houseShapes(of(parts, 'house-skirt')),
];

/** A house with what lies round its foot. */
export function houseReach({ outline, skirt }: Plan['ground']['buildings'][number]): readonly Vector[] {
  const out = (skirt && shapeOf(skirt)?.out) ?? 0;
  return out === 0
    ? outline
    : outline.flatMap(({ x, y }) => [
        { x: x - out, y: y - out },
        { x: x + out, y: y + out },
      ]);
}

/** How far the skirt of a side lies out from it, m: nothing may be drawn over it. */
export const reach = (plan: Plan, side: string): number => shapeOf(choicesFor(plan, side).skirt)?.out ?? 0;

/** A skirt on the strip: flat just under the ground line; buried at its depth, with a second line where it turns out in a toe. */
export function strip(part: Part, ground: GroundOf): readonly StripLine[] {
  if (part.kind !== 'skirt') return [];
  const under = ground(part.side, part.from, part.to);
  if (under.length === 0) return [];
  const flat = part.out > 0 && part.depth === 0;
  return [
    {
      part: formatPart(part.part),
      kind: 'at-foot',
      points: under.map(({ x, y }) => ({ x, y: y - part.depth })),
      lower: flat ? [5] : part.out > 0 ? [0, -4] : [0],
    },
  ];
}

/** How far what lies at the foot of a side goes out and down, m; undefined where nothing does. */
export const laidOn = (
  parts: readonly Part[],
  side: string | null,
): { readonly out: number; readonly depth: number } | undefined =>
  parts.find((p): p is PartOf<'skirt'> => p.kind === 'skirt' && p.side === side);
