import { isDropped } from './dropped';
import type { Vector } from '../../ground/vector';
import { axesOf, onSheet } from './over/bands';
import { folded, planeAt } from '../../ground/plane';
import type { Products } from '../../catalogue/products';
import type { Part } from '../../reckoning';
import type { Supports } from './held/supports';
import type { OpenCover } from './laid';
import { type CoverShape, type HeightAt, laidAs, overGround } from './over/shape';
import type { CoverWay } from './over/ways';
import type { Wrapped } from './wraps';
import type { CoverOf } from './kinds';

/** A rectangle in the axes of some direction, back on the sheet. */
function corners(shape: CoverShape, way: CoverWay, strip: CoverWay['strips'][number]): readonly Vector[] {
  const { from, to, low, high } = strip;
  if (laidAs(shape) === 'net') return netCorners(shape, way, strip);
  const axes = axesOf(way.direction);
  return (
    [
      [from, low],
      [to, low],
      [to, high],
      [from, high],
    ] as const
  ).map(([x, y]) => folded(shape.plane, onSheet(axes, x, y)));
}

/** A piece of net, which is larger than what it covers, drawn over its share of the rectangle. */
function netCorners(
  { box }: CoverShape,
  way: CoverWay,
  strip: CoverWay['strips'][number],
): readonly Vector[] {
  const [wide, deep] = [box.right - box.left, box.high - box.low];
  const xs = way.side.outline.map((p) => p.x);
  const ys = way.side.outline.map((p) => p.y);
  const [length, breadth] = [Math.max(...xs), Math.max(...ys)];
  const turned = way.direction > 0.1;
  const part = (x: number, y: number) =>
    turned
      ? onSheet(box.axes, box.right - (Math.min(-y, length) / length) * wide, box.low + (x / breadth) * deep)
      : onSheet(box.axes, box.left + (x / length) * wide, box.low + (Math.min(y, breadth) / breadth) * deep);
  const { from, to, low, high } = strip;
  return [part(from, low), part(to, low), part(to, high), part(from, high)];
}

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
  const { cover, edges, plane } = shape;
  const rail = 'rail' in cover ? cover.rail : 'purlin' in cover ? cover.purlin : null;
  const beam = 'beam' in cover ? cover.beam : 'rafter' in cover ? cover.rafter : null;
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
    ...bars('edge' in cover && cover.edge === 'wire' ? edges : [], 'cover-edge', 'wire', null),
  ];
}

/** A cover from above, with its strips and what holds it up, and its edge along the fence. */
export function coverParts(
  { shape }: OpenCover,
  way: CoverWay | null,
  held: Supports,
  { ground, snow, products }: PartsBy,
): readonly Part[] {
  const { cover, outline, edges } = shape;
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
      sag: 'sag' in cover ? cover.sag : 0,
      snow: isDropped(cover) ? 0 : snow,
      low: Math.min(...heights),
      high: Math.max(...heights),
    },
    ...(way?.strips ?? []).map((strip, i): Part => ({
      kind: 'cover-strip',
      part: { on: 'cover-strip', cover: cover.id, nth: i + 1 },
      points: way ? corners(shape, way, strip) : [],
    })),
    ...barParts(shape, held, products),
    ...[...held.posts, ...held.props].map(({ id, at }, i): Part => ({
      kind: 'cover-prop',
      part: { on: 'cover-prop', cover: cover.id, nth: i + 1 },
      id,
      at,
      above: ('tent' in cover ? cover.tent : null) ?? Math.max(0, overGround(shape, ground, at)),
      product: 'prop' in cover ? cover.prop : '',
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
export const wrapParts = (cover: CoverOf<'wrap'>, wrapped: readonly Wrapped[]): readonly Part[] =>
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
