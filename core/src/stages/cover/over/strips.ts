import type { Vector } from '../../../ground/vector';
import { EPSILON, roundUp } from '../../../units/round';
import { boxOf } from '../../../ground/box';
import { type Axes, along, axesOf, joined, reachesIn } from './bands';

/** Which edge strips are stacked from: that with the lower or the higher coordinate across them. */
export type Edge = 'low' | 'high';

/** How strips are laid over an outline. All m. */
export interface Laying {
  /** Width of what they are cut from, and its lap on the next. */
  readonly width: number;
  readonly lap: number;
  /** Added at each end. */
  readonly turnDown: number;
  /** Of a band that meets the outline apart, what is bridged. */
  readonly bridge: number;
}

/** One strip: its band across, and how far it reaches along, without what is turned down. */
export interface Strip {
  readonly low: number;
  readonly high: number;
  readonly from: number;
  readonly to: number;
}

/** One way to lay strips. */
export interface Laid {
  /** Radians anticlockwise from the sheet's x, 0 ≤ d < π. */
  readonly direction: number;
  readonly edge: Edge;
  readonly width: number;
  readonly strips: readonly Strip[];
  /** Lengths as cut, before joints, and their sum. */
  readonly lengths: readonly number[];
  readonly total: number;
}

/** More strips than these are no cover: no roll is so narrow. */
export const MOST_STRIPS = 600;

/**
 * How many widths reach across.
 *
 * @see rules: Cover. n = ⌈(H − o)/(w − o)⌉
 * @returns 0 where a width is no more than its lap
 */
export function stripsAcross(across: number, width: number, lap: number): number {
  if (width - lap < EPSILON) return 0;
  return Math.max(1, roundUp((across - lap) / (width - lap)));
}

/** Where the bands of so many strips lie across, from the edge that they are stacked from; the surplus hangs over the far edge. */
export function bandsFrom(
  { low, high }: { readonly low: number; readonly high: number },
  { width, lap }: Pick<Laying, 'width' | 'lap'>,
  edge: Edge,
): readonly { readonly low: number; readonly high: number }[] {
  const count = stripsAcross(high - low, width, lap);
  return Array.from({ length: Math.min(count, MOST_STRIPS) }, (_, i) => {
    const begins = edge === 'low' ? low + i * (width - lap) : high - width - i * (width - lap);
    return { low: begins, high: begins + width };
  });
}

/** An outline in the axes of a direction, with how far it reaches across. */
export interface Turned {
  readonly direction: number;
  readonly points: readonly Vector[];
  readonly low: number;
  readonly high: number;
}

export function inDirection(outline: readonly Vector[], direction: number): Turned {
  const points = along(axesOf(direction), outline);
  const { low, high } = boxOf(points);
  return { direction, points, low, high };
}

/**
 * Lays strips over an outline in one direction, from one edge: in axes that were worked out before, since of one direction many widths are tried.
 *
 * A band that meets the outline in separate stretches gives a strip for each, with its own turn-downs, unless what is between them is bridged.
 *
 * @returns null where the width is no more than its lap, or would take more strips than can be laid
 */
export function layIn({ direction, points, low, high }: Turned, laying: Laying, edge: Edge): Laid | null {
  const count = stripsAcross(high - low, laying.width, laying.lap);
  if (count === 0 || count > MOST_STRIPS) return null;
  const strips: Strip[] = [];
  const lengths: number[] = [];
  for (const band of bandsFrom({ low, high }, laying, edge)) {
    const reaches = reachesIn(points, Math.max(low, band.low), Math.min(high, band.high));
    for (const { from, to } of joined(reaches, laying.bridge)) {
      strips.push({ low: band.low, high: band.high, from, to });
      lengths.push(to - from + 2 * laying.turnDown);
    }
  }
  return {
    direction,
    edge,
    width: laying.width,
    strips,
    lengths,
    total: lengths.reduce((total, length) => total + length, 0),
  };
}

/** Directions closer than this are one: 0.06°. */
const SAME_WAY = 1e-3;
/** Of an outline with more, those of its longest sides are tried. */
const MOST_WAYS = 8;

/** A direction without its sign: 0 ≤ d < π. */
export function halfTurn(radians: number): number {
  const d = ((radians % Math.PI) + Math.PI) % Math.PI;
  return Math.PI - d < SAME_WAY / 2 ? 0 : d;
}

/** Every side's direction, each once, those of the longest sides where there are many; rising. */
export function directionsOf(outline: readonly Vector[]): readonly number[] {
  const sides = outline
    .map((a, i) => {
      const b = outline[(i + 1) % outline.length] ?? a;
      return { length: Math.hypot(b.x - a.x, b.y - a.y), d: halfTurn(Math.atan2(b.y - a.y, b.x - a.x)) };
    })
    .filter(({ length }) => length > EPSILON);
  const ways: { d: number; length: number }[] = [];
  for (const { d, length } of sides) {
    const known = ways.find((w) => Math.abs(w.d - d) < SAME_WAY);
    if (known) known.length += length;
    else ways.push({ d, length });
  }
  return ways
    .sort((a, b) => b.length - a.length || a.d - b.d)
    .slice(0, MOST_WAYS)
    .map(({ d }) => d)
    .sort((a, b) => a - b);
}

/** The smallest rectangle along one of the sides that holds an outline, with its axes; the smaller direction where two are alike. */
export interface Box {
  readonly direction: number;
  readonly axes: Axes;
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

export function boxRound(outline: readonly Vector[]): Box {
  const boxes = directionsOf(outline).map((direction): Box => {
    const axes = axesOf(direction);
    return { direction, axes, ...boxOf(along(axes, outline)) };
  });
  const areaOf = ({ left, right, low, high }: Box) => (right - left) * (high - low);
  const [first] = boxes;
  if (!first) return { direction: 0, axes: axesOf(0), left: 0, right: 0, low: 0, high: 0 };
  return boxes.reduce((best, box) => (areaOf(box) < areaOf(best) - 1e-9 ? box : best), first);
}
