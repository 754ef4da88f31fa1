import { type Ring, type RingSide, STRAIGHT } from '../../../ground/survey';

/** Feet that turn from a right angle by less are square enough, radians; and ends that differ by less, m. */
const SQUARE = 0.02;
const EVEN = 0.02;

/** Why a run can bear no arch: it has no two feet opposite each other, or is no rectangle. */
export type NoArch = 'not-square' | 'no-feet';

/** Two feet opposite each other, and two ends, all square, in the order of the ring from its first foot; or why not. */
export function squareOf({
  sides,
}: Pick<Ring, 'sides'>): readonly [RingSide, RingSide, RingSide, RingSide] | NoArch {
  const first = sides.findIndex((s) => s.side.kind === 'arch-foot');
  const [a, end, b, other] = [0, 1, 2, 3].map((k) => sides[(first + k) % sides.length]);
  if (first < 0 || sides.length !== 4 || !a || !end || !b || !other) return 'no-feet';
  if (b.side.kind !== 'arch-foot' || end.side.kind === 'arch-foot' || other.side.kind === 'arch-foot')
    return 'no-feet';
  const square = sides.every((s) => Math.abs(Math.abs(s.turn) - Math.PI / 2) < SQUARE + STRAIGHT);
  const even = Math.abs(a.length - b.length) < EVEN && Math.abs(end.length - other.length) < EVEN;
  return square && even ? [a, end, b, other] : 'not-square';
}
