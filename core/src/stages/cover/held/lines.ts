import type { Vector } from '../../../ground/vector';
import { roundUp } from '../../../units/round';
import { boxOf } from '../../../ground/box';
import { type Axes, type Reach, along, axesOf, insideAt, onSheet } from '../over/bands';
import type { CoverShape } from '../over/shape';
import type { Edge } from '../over/strips';

/** Seams further apart have a rail half way, m. */
const MOST_RAILS = 1.2;
/** Beams and posts under them stand no further apart than this, m. */
export const MOST_BEAMS = 2.4;
export const MOST_PURLINS = 0.9;
export const MOST_RAFTERS = 1.2;

/** What runs straight across under a cover, between two ends on its outline. All m, in plan. */
export interface Bar {
  readonly from: Vector;
  readonly to: Vector;
  readonly length: number;
  /** Places along it at which something holds it up, its ends with them, rising. */
  readonly held: readonly number[];
  /** Half the distance to the next on either side: the width that it carries. */
  readonly carries: number;
}

/** The longest way between two places at which a bar is held. */
export const spanOf = ({ held }: Pick<Bar, 'held'>): number =>
  held.slice(1).reduce((most, at, i) => Math.max(most, at - (held[i] ?? 0)), 0);

/** Half way between neighbours on either side, between two ends. */
export function sharesOf(marks: readonly number[], low: number, high: number): readonly number[] {
  const stops = [low, ...marks, high];
  return marks.map((_, i) => ((stops[i + 2] ?? high) - (stops[i] ?? low)) / 2);
}

/** Marks with one more half way wherever two of them, or an edge, are over so far apart. */
function closed(marks: readonly number[], low: number, high: number): readonly number[] {
  const stops = [low, ...marks, high];
  return stops.slice(1).flatMap((stop, i) => {
    const before = stops[i] ?? low;
    const half = stop - before > MOST_RAILS + 1e-9 ? [(before + stop) / 2] : [];
    return i < marks.length ? [...half, stop] : half;
  });
}

/** Distances from an edge at which things stand at equal distances of at most so much. */
export function equally(low: number, high: number, most: number): readonly number[] {
  const bays = Math.max(1, Math.min(400, roundUp((high - low) / most)));
  return Array.from({ length: bays - 1 }, (_, i) => low + ((high - low) * (i + 1)) / bays);
}

/** The same with a first and a last one at the edges. */
export const withEnds = (low: number, high: number, most: number): readonly number[] => [
  low,
  ...equally(low, high, most),
  high,
];

/** Seams of strips stacked from an edge: along the middle of each lap, across the strips (rules: Cover). */
export function seamsOf(
  { low, high }: { readonly low: number; readonly high: number },
  { width, lap, edge }: { readonly width: number; readonly lap: number; readonly edge: Edge },
): readonly number[] {
  const marks: number[] = [];
  for (let i = 1; ; i++) {
    const at = i * (width - lap) + lap / 2;
    if (width - lap <= 0 || low + at >= high - 1e-9 || i > 1000) break;
    // The last strip ends where the far edge is reached: there is no seam beyond.
    if (i * (width - lap) + lap >= high - low - 1e-9) break;
    marks.push(edge === 'low' ? low + at : high - at);
  }
  return marks.sort((a, b) => a - b);
}

/** An outline in the axes of some direction, with its bounds. */
export interface InAxes {
  readonly axes: Axes;
  readonly points: readonly Vector[];
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

export function inAxes(shape: CoverShape, direction: number): InAxes {
  const axes = axesOf(direction);
  const points = along(axes, shape.outline);
  return { axes, points, ...boxOf(points) };
}

/** Rails of seams, and those half way, each with the width that it carries. */
export const railMarks = (at: InAxes, seams: readonly number[]): readonly number[] =>
  closed(seams, at.low, at.high);

/** The stretches of a line along the axes that are inside the outline, as bars held at their ends. */
export function barsAt(at: InAxes, y: number, carries: number): readonly Bar[] {
  return insideAt(at.points, y).map(({ from, to }: Reach): Bar => ({
    from: onSheet(at.axes, from, y),
    to: onSheet(at.axes, to, y),
    length: to - from,
    held: [0, to - from],
    carries,
  }));
}

/** A bar held at more places besides, those that are on it. */
export function heldAt(bar: Bar, places: readonly number[]): Bar {
  const inside = places.filter((p) => p > 0.05 && p < bar.length - 0.05);
  const held = [...new Set([...bar.held, ...inside])].sort((a, b) => a - b);
  return { ...bar, held };
}

/** A point so far off a bar is on it, m. */
export const ON_BAR = 0.15;

/** How far along a bar a point lies, where it is under it; null where it is not. */
export function alongBar({ from, to, length }: Bar, p: Vector): number | null {
  if (length < 1e-9) return null;
  const [ux, uy] = [(to.x - from.x) / length, (to.y - from.y) / length];
  const [dx, dy] = [p.x - from.x, p.y - from.y];
  const s = dx * ux + dy * uy;
  const off = Math.abs(dx * uy - dy * ux);
  return off <= ON_BAR && s > -1e-6 && s < length + 1e-6 ? s : null;
}
