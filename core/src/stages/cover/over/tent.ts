import { type Vector, insideOrOn } from '../../../ground/vector';
import { roundUp } from '../../../units/round';
import type { Support } from '../plan/kinds';
import { onSheet } from './bands';
import type { ShapeOf } from './shape';

/** Props stand no further apart than this, m (rules: Cover). */
const MOST_CELL = 4.5;

/** A net as it hangs: its props, and what it takes each way. All m. */
export interface Tent {
  readonly props: readonly Support[];
  /** Props lift it over its edges by so much. */
  readonly lift: number;
  /** Size of the net along the bounding rectangle and across it. */
  readonly length: number;
  readonly breadth: number;
  /** Between supports, the shorter way: what it hangs over. */
  readonly span: number;
  /** The cell that each prop carries. */
  readonly cell: readonly [along: number, across: number];
}

/** How far props lie from the first to the last along one axis, and the first from its edge. */
function spreadOf(marks: readonly number[], from: number, to: number) {
  if (marks.length === 0) return null;
  const [first, last] = [Math.min(...marks), Math.max(...marks)];
  return { near: first - from, far: to - last, between: last - first };
}

/** A size of the net one way: √(c² + Δh²) at each end and straight between the props (rules: Cover). */
function netSize(marks: readonly number[], from: number, to: number, lift: number): number {
  const spread = spreadOf(marks, from, to);
  if (!spread) return to - from;
  return Math.hypot(spread.near, lift) + spread.between + Math.hypot(spread.far, lift);
}

/** The longest way between two marks, or a mark and an end. */
const widest = (marks: readonly number[], from: number, to: number): number => {
  const stops = [from, ...[...marks].sort((a, b) => a - b), to];
  return Math.max(...stops.slice(1).map((stop, i) => stop - (stops[i] ?? from)));
};

/** Props in the middle of equal cells of the bounding rectangle, kept where they are inside; or where the keeper set them. */
export function tentOf(shape: ShapeOf<'net'>): Tent {
  const { box, outline, made } = shape;
  const { left, right, low, high, axes } = box;
  const [wide, deep] = [right - left, high - low];
  const { tent } = made.how;
  if (tent === null)
    return {
      props: [],
      lift: 0,
      length: wide,
      breadth: deep,
      span: Math.min(wide, deep),
      cell: [wide, deep],
    };
  const columns = Math.max(1, Math.min(60, roundUp(wide / MOST_CELL)));
  const rows = Math.max(1, Math.min(60, roundUp(deep / MOST_CELL)));
  const inCells = Array.from({ length: columns * rows }, (_, i): Support => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    const at = onSheet(axes, left + (wide * (column + 0.5)) / columns, low + (deep * (row + 0.5)) / rows);
    return { id: `p${i + 1}`, at };
  }).filter(({ at }) => insideOrOn(at, outline, 0));
  const props = made.stands?.own ?? inCells;
  const inside = props.filter(({ at }) => insideOrOn(at, outline, 0));
  const lift = Math.max(0, tent - shape.cover.height);
  const marks = (of: Vector) => unique(inside.map(({ at }) => at.x * of.x + at.y * of.y));
  const [us, vs] = [marks(axes.u), marks(axes.v)];
  return {
    props,
    lift: inside.length === 0 ? 0 : lift,
    length: netSize(us, left, right, lift),
    breadth: netSize(vs, low, high, lift),
    span:
      inside.length === 0 ? Math.min(wide, deep) : Math.min(widest(us, left, right), widest(vs, low, high)),
    cell: [wide / Math.max(1, us.length), deep / Math.max(1, vs.length)],
  };
}

/** Marks closer than a hand are one row of props. */
const unique = (marks: readonly number[]): readonly number[] =>
  [...marks].sort((a, b) => a - b).filter((m, i, all) => i === 0 || m - (all[i - 1] ?? m) > 0.1);
