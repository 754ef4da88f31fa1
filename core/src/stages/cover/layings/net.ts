import type { Ask } from '../../../buying/demand';
import { around, packed } from '../../../fasteners/along';
import { cordAlong } from '../../../fasteners/joints';
import type { Vector } from '../../../ground/vector';
import { roundUp } from '../../../units/round';
import { value } from '../../../working';
import { TIE_EACH } from '../fastened';
import { NONE } from '../held/supports';
import { onSheet } from '../over/bands';
import { type CoverShape, type ShapeOf, overGround } from '../over/shape';
import { halfTurn } from '../over/strips';
import { tentOf } from '../over/tent';
import { type CoverWay, type Side, rowsOf } from '../over/ways';
import { reasonOf } from '../reason';
import { rowRuns } from '../runs';
import { netRows, postsOnEdges } from '../strength/nets';
import { anyWidth } from './flat';
import type { LaidCover, Laying } from './laying';

const rectangle = (length: number, breadth: number): readonly Vector[] => [
  { x: 0, y: 0 },
  { x: length, y: 0 },
  { x: length, y: breadth },
  { x: 0, y: breadth },
];

/** A net lies over the bounding rectangle, longer where props lift it. */
function sideOf(shape: ShapeOf<'net'>): Side {
  const { box } = shape;
  const { length, breadth } = tentOf(shape);
  return {
    lap: 0,
    turnDown: 0,
    jointLap: 0,
    outline: rectangle(length, breadth),
    ways: [
      { laid: 0, sheet: box.direction },
      { laid: Math.PI / 2, sheet: halfTurn(box.direction + Math.PI / 2) },
    ],
    edges: ['low'],
    widths: anyWidth,
    fewest: true,
  };
}

const perimeterOf = ({ edges }: CoverShape): number => edges.reduce((t, { length }) => t + length, 0);

/** Ties round its edge, cord along its seams, a wire round its top. */
function fasteners({ shape, way }: LaidCover<'net'>): readonly Ask[] {
  if (!way) return [];
  const reason = reasonOf(shape);
  const round = perimeterOf(shape);
  const along = way.lengths.slice(1).reduce((t, length) => t + length, 0);
  const between = way.lengths.reduce(
    (t, length) => t + (rowsOf(length, way.longest, 0).rows - 1) * way.width,
    along,
  );
  return [
    packed(reason, 'tie', [around('cover.ties', round, TIE_EACH, { length: round })]),
    ...(between > 0 ? [packed(reason, 'cord', [value('cover.cord', cordAlong(between), 'piece', {})])] : []),
    ...(shape.made.wired ? [packed(reason, 'wire', [value('cover.wire', roundUp(round), 'piece', {})])] : []),
  ];
}

/** A piece of net, which is larger than what it covers, drawn over its share of the rectangle. */
function corners(
  { box }: CoverShape,
  way: CoverWay,
  { from, to, low, high }: CoverWay['strips'][number],
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
  return [part(from, low), part(to, low), part(to, high), part(from, high)];
}

/** As one net from edge to edge, sewn from as few pieces as can be, on props or slack. */
export const net: Laying<'net'> = {
  side: sideOf,
  runs: rowRuns,
  standing: (shape) => ({ ...NONE, props: tentOf(shape).props }),
  supports: (shape) => ({ ...NONE, props: tentOf(shape).props }),
  asks: fasteners,
  strength: (loads, { shape }, by) =>
    netRows(loads, shape, { ...by, above: (post) => Math.max(0.1, overGround(shape, by.ground, post.at)) }),
  pulledAt: ({ made, edges }, posts) => (made.dropped ? 0 : postsOnEdges(edges, posts).length),
  holdsDown: () => 0,
  corners,
  fit: () => null,
  figures: (shape) => {
    const { length, breadth } = tentOf(shape);
    return { [`cover.${shape.cover.id}.netArea`]: length * breadth };
  },
  hours: 'whole',
};
