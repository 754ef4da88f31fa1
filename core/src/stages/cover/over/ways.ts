import type { Vector } from '../../../ground/vector';
import { EPSILON, roundUp } from '../../../units/round';
import { type Edge, type Laid, type Laying, MOST_STRIPS, inDirection, layIn } from './strips';

/** How what a cover is made of is put side by side, whatever its width. */
export interface Side {
  readonly lap: number;
  readonly turnDown: number;
  /** Paid at a joint along a piece. */
  readonly jointLap: number;
  /** Laid out flat: what is measured. */
  readonly outline: readonly Vector[];
  /** Directions that may be taken: as laid out, and as they are called on the sheet. */
  readonly ways: readonly { readonly laid: number; readonly sheet: number }[];
  readonly edges: readonly Edge[];
  /** The widths that may be laid, of those at hand. */
  readonly widths: (atHand: readonly number[]) => readonly number[];
  /** Nets are laid with the fewest joints, whatever their price. */
  readonly fewest: boolean;
}

/** One way to lay a cover, called by what tells it from the others. */
export interface CoverWay extends Laid {
  readonly id: string;
  /** As on the sheet, radians, 0 ≤ d < π. */
  readonly sheet: number;
  readonly side: Side;
  /** The longest roll of its width, m. */
  readonly longest: number;
}

export const degreesOf = (radians: number): number => {
  const degrees = Math.round((radians * 180e6) / Math.PI) / 1e6;
  return degrees >= 180 ? 0 : degrees;
};

const wayId = (width: number, sheet: number, edge: Edge, longest: number): string =>
  `${Math.round(width * 1e4) / 1e4} ${degreesOf(sheet)} ${edge} ${longest}`;

/** What two ways have alike that are as good as one: the pieces that they take. */
const piecesOf = ({ lengths }: Laid): string =>
  lengths
    .map((l) => Math.round(l * 1e5))
    .sort((a, b) => a - b)
    .join(' ');

/** Of ways that take the same pieces the first. @param made  by their total length, rising */
function eachOnce(made: readonly CoverWay[]): readonly CoverWay[] {
  const distinct: CoverWay[] = [];
  const pieces = new Map<CoverWay, string>();
  const of = (way: CoverWay): string => {
    const known = pieces.get(way) ?? piecesOf(way);
    pieces.set(way, known);
    return known;
  };
  for (const way of made) {
    let twin = false;
    // The same pieces come to the same total: of others it need not be known which they take.
    for (let k = distinct.length - 1; k >= 0 && !twin; k--) {
      const before = distinct[k];
      if (!before || way.total - before.total > way.lengths.length * 1e-5) break;
      twin =
        before.width === way.width && before.lengths.length === way.lengths.length && of(before) === of(way);
    }
    if (!twin) distinct.push(way);
  }
  return distinct;
}

/**
 * Equal pieces of what is put together along its length rather than cut from a roll, each lapped on the next.
 *
 * @see rules: Cover. Rows ⌈(length − lap)/(sold − lap)⌉
 */
export function rowsOf(
  length: number,
  longest: number,
  lap: number,
): { readonly rows: number; readonly each: number } {
  const rows = Math.max(1, Math.min(MOST_STRIPS, roundUp((length - lap) / Math.max(longest - lap, 0.05))));
  return { rows, each: (length + (rows - 1) * lap) / rows };
}

/** How many joints there are along and between the pieces of a net. */
const jointsOf = ({ strips, lengths }: Laid, longest: number): number =>
  strips.length -
  1 +
  lengths.reduce(
    (n, length) => n + Math.max(0, Math.ceil(length / Math.max(longest, EPSILON) - EPSILON) - 1),
    0,
  );

/**
 * Every way to lay a cover from some widths: those that are better whatever the price first, of two that take the same pieces one.
 *
 * @param longest  roll of a width, m
 * @see rules: Cover. Ties: total length, fewer pieces, smaller direction, low edge first
 */
export function waysToLay(
  side: Side,
  widths: readonly number[],
  longest: (width: number) => number,
): readonly CoverWay[] {
  const made: CoverWay[] = [];
  const wide = side.widths(widths);
  for (const { laid: direction, sheet } of side.ways) {
    const turned = inDirection(side.outline, direction);
    for (const edge of side.edges)
      for (const width of wide) {
        const laying: Laying = { width, lap: side.lap, turnDown: side.turnDown, bridge: 2 * side.turnDown };
        const laid = layIn(turned, laying, edge);
        const most = longest(width);
        if (laid) made.push({ ...laid, id: wayId(width, sheet, edge, most), sheet, side, longest: most });
      }
  }
  made.sort(
    (a, b) =>
      a.total - b.total ||
      a.strips.length - b.strips.length ||
      a.sheet - b.sheet ||
      (a.edge === b.edge ? 0 : a.edge === 'low' ? -1 : 1),
  );
  const distinct = eachOnce(made);
  if (!side.fewest) return distinct;
  const joints = (way: CoverWay) => jointsOf(way, way.longest);
  const least = Math.min(...distinct.map(joints));
  return distinct.filter((way) => joints(way) === least);
}
