import type { Opening } from '../ways/plan/kinds';
import type { NoArch } from './verbs/square';
import { type ArchShape, type ShapedBy, headroomOver, shapeOf } from './shape';
import type { Arch } from './plan/kinds';

/** An arch that cannot be reckoned, and why. */
export interface Unshaped {
  readonly arch: Arch;
  readonly name: string;
  readonly why: NoArch;
  /** Of its run. */
  readonly sides: number;
}

export interface Arched {
  readonly shapes: readonly ArchShape[];
  readonly unshaped: readonly Unshaped[];
}

/** Every arch whose run is among these, by geometry alone. */
export function archedBy(arches: readonly Arch[], by: ShapedBy): Arched {
  const shapes: ArchShape[] = [];
  const unshaped: Unshaped[] = [];
  arches.forEach((arch, nth) => {
    const shape = shapeOf(arch, nth, by);
    if (shape === null) return;
    if (typeof shape !== 'string') shapes.push(shape);
    else {
      const ring = by.rings.find((r) => r.enclosure === arch.enclosure);
      unshaped.push({ arch, name: ring?.name ?? '', why: shape, sides: ring?.sides.length ?? 0 });
    }
  });
  return { shapes, unshaped };
}

/** Openings in the ends of an arch. */
export function openingsIn(shape: ArchShape, openings: readonly Opening[]): readonly Opening[] {
  const sides = new Set(shape.ends.map((e) => e.side.side.id));
  return openings.filter((o) => sides.has(o.side));
}

/** How high each opening of an arch's ends may be, by its id, m. */
export const headrooms = ({ shapes }: Arched, openings: readonly Opening[]): ReadonlyMap<string, number> =>
  new Map(
    shapes.flatMap((shape) =>
      openingsIn(shape, openings).map((o) => [o.id, headroomOver(shape, o)] as const),
    ),
  );
