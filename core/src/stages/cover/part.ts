import type { Vector } from '../../ground/vector';
import { planeAt } from '../../ground/plane';
import type { Products } from '../../catalogue/products';
import type { Part } from '../../reckoning';
import type { Supports } from './held/supports';
import type { OpenCover, Wrap } from './laid';
import { layingOf } from './layings';
import { type CoverShape, type HeightAt, overGround } from './over/shape';
import type { CoverWay } from './over/ways';
import type { Wrapped } from './wraps';

const alongSide = (side: NonNullable<CoverShape['edges'][number]['side']>, p: Vector): number => {
  const s = (p.x - side.start.x) * side.direction.x + (p.y - side.start.y) * side.direction.y;
  const inside = Math.max(0, Math.min(side.length, s));
  return side.forward ? inside : side.length - inside;
};

/** What parts are told by. */
export interface PartsBy {
  readonly ground: HeightAt;
  /** On the ground, kPa. */
  readonly snow: number;
  readonly products: Pick<Products, 'timber'>;
}

/** Rails, beams and wires under a cover. */
function barParts(shape: CoverShape, held: Supports, products: PartsBy['products']): readonly Part[] {
  const { cover, made, edges, plane } = shape;
  const { carriers } = made;
  const [rail, beam] = [carriers.rail?.timber ?? null, carriers.beam?.timber ?? null];
  const bars = (
    list: readonly { readonly from: Vector; readonly to: Vector }[],
    on: 'cover-rail' | 'cover-edge' | 'cover-beam',
    is: 'rail' | 'edge' | 'beam' | 'wire',
    product: string | null,
  ): Part[] =>
    list.map(({ from, to }, i) => ({
      kind: 'cover-bar',
      part: { on, cover: cover.id, nth: i + 1 },
      is,
      from,
      to,
      fromLevel: planeAt(plane, from),
      toLevel: planeAt(plane, to),
      deep: product === null ? 0 : products.timber(product).width,
      product,
    }));
  return [
    ...bars(held.edgeRails, 'cover-edge', 'edge', rail),
    ...bars(held.rails, 'cover-rail', 'rail', rail),
    ...bars(held.beams, 'cover-beam', 'beam', beam),
    ...bars(made.wired ? edges : [], 'cover-edge', 'wire', null),
  ];
}

/** A cover from above, with its strips and what holds it up, and its edge along the fence. */
export function coverParts(
  { shape }: OpenCover,
  way: CoverWay | null,
  held: Supports,
  { ground, snow, products }: PartsBy,
): readonly Part[] {
  const { cover, made, outline, edges } = shape;
  const heights = outline.map((p) => overGround(shape, ground, p));
  const part = { on: 'cover', cover: cover.id } as const;
  return [
    {
      kind: 'cover',
      part,
      name: cover.name,
      form: cover.kind,
      points: outline,
      plane: shape.plane,
      sag: made.sag,
      snow: made.dropped ? 0 : snow,
      low: Math.min(...heights),
      high: Math.max(...heights),
    },
    ...(way?.strips ?? []).map((strip, i): Part => ({
      kind: 'cover-strip',
      part: { on: 'cover-strip', cover: cover.id, nth: i + 1 },
      points: way ? layingOf(shape).corners(shape, way, strip) : [],
    })),
    ...barParts(shape, held, products),
    ...[...held.posts, ...held.props].map(({ id, at }, i): Part => ({
      kind: 'cover-prop',
      part: { on: 'cover-prop', cover: cover.id, nth: i + 1 },
      id,
      at,
      above: made.propHeight ?? Math.max(0, overGround(shape, ground, at)),
      product: made.carriers.prop?.timber ?? '',
    })),
    ...edges.flatMap(({ from, to, side }): Part[] => {
      if (!side) return [];
      const height = (p: Vector) => planeAt(shape.plane, p) - ground(p);
      return [
        {
          kind: 'cover-edge',
          part,
          side: side.side.id,
          from: alongSide(side, from),
          to: alongSide(side, to),
          fromHeight: height(from),
          toHeight: height(to),
          form: cover.kind,
        },
      ];
    }),
  ];
}

/** A wrap on the walls: on the strip, as high as it reaches. */
export const wrapParts = ({ cover }: Wrap, wrapped: readonly Wrapped[]): readonly Part[] =>
  wrapped.flatMap(({ line, height }) =>
    line.members.map(({ ringSide }): Part => ({
      kind: 'cover-edge',
      part: { on: 'cover', cover: cover.id },
      side: ringSide.side.id,
      from: 0,
      to: ringSide.length,
      fromHeight: height,
      toHeight: height,
      form: cover.kind,
    })),
  );
