import type { SideFrame } from '../../drawing/frames';
import type { Primitive } from '../../drawing/scene';
import { type Ring, STRAIGHT } from '../../ground/survey';
import { type Vector, plus, times } from '../../ground/vector';
import { choicesFor } from '../../plan/effective';
import { formatPart } from '../../plan/partRef';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { shapeOf } from './shape';
import { apronCorner } from './strips';

type PartOf<K extends Part['kind']> = Extract<Part, { kind: K }>;
const of = <K extends Part['kind']>(parts: readonly Part[], kind: K) =>
  parts.filter((p): p is PartOf<K> => p.kind === kind);

/** A toe lies in the ground, stones upon it. */
function kindOf(p: PartOf<'skirt'>): string {
  if (p.form === 'stone') return 'stones';
  return p.depth > 0 ? 'toe' : 'apron';
}

const houseShapes = (parts: readonly PartOf<'house-skirt'>[]): Primitive[] =>
  parts.map(({ part, points }) => ({ shape: 'polygon', kind: 'apron', part: formatPart(part), points }));

/** An apron's own rectangle on its side, and the corner that it runs on round. */
function fenceShapes(
  parts: readonly PartOf<'skirt'>[],
  rings: readonly Ring[],
  frames: ReadonlyMap<string, SideFrame>,
): Primitive[] {
  const bySide = new Map(parts.map((p) => [p.side, p]));
  const strips = parts.flatMap((p): Primitive[] => {
    const frame = frames.get(p.side);
    if (!frame) return [];
    if (p.out === 0)
      return [
        {
          shape: 'line',
          kind: p.form === 'concrete' ? 'concrete' : 'buried',
          part: formatPart(p.part),
          points: [frame.at(p.from, 0.08), frame.at(p.to, 0.08)],
        },
      ];
    const kind = kindOf(p);
    const points = [frame.at(p.from, 0), frame.at(p.to, 0), frame.at(p.to, p.out), frame.at(p.from, p.out)];
    const strip: Primitive = { shape: 'polygon', kind, part: formatPart(p.part), points };
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
    ring.sides.flatMap((s, i): Primitive[] => {
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
export const skirtShapes = (
  parts: readonly Part[],
  rings: readonly Ring[],
  frames: ReadonlyMap<string, SideFrame>,
): readonly Primitive[] => [
  ...fenceShapes(of(parts, 'skirt'), rings, frames),
  ...houseShapes(of(parts, 'house-skirt')),
];

/** How far the skirt of a side lies out from it, m: nothing may be drawn over it. */
export const skirtReach = (plan: Plan, side: string): number =>
  shapeOf(choicesFor(plan, side).skirt)?.out ?? 0;

/** A skirt on the strip, from the outside. */
export interface StripSkirt {
  readonly part: string;
  readonly from: number;
  readonly to: number;
  readonly flat: boolean;
  /** How far a buried skirt turns out at its depth, m; 0 where it goes straight down. */
  readonly toe: number;
  readonly form: string;
  /** Depth below ground, m; 0 where it lies flat. */
  readonly depth: number;
  /** The ground that it lies along. */
  readonly points: readonly Vector[];
}

export const skirtOnStrip = (
  part: PartOf<'skirt'>,
  at: { readonly from: number; readonly to: number },
  points: readonly Vector[],
): StripSkirt => ({
  part: formatPart(part.part),
  from: at.from,
  to: at.to,
  flat: part.out > 0 && part.depth === 0,
  toe: part.depth > 0 ? part.out : 0,
  form: part.form,
  depth: part.depth,
  points,
});
