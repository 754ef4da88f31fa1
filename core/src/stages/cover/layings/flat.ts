import type { Vector } from '../../../ground/vector';
import { folded, unfolded } from '../../../ground/plane';
import { axesOf, onSheet } from '../over/bands';
import type { CoverShape } from '../over/shape';
import type { CoverWay, Side } from '../over/ways';

/** A direction on the sheet as it is once the sheet is laid out in the plane: the same way round, so that its low edge stays low. */
export function laidOutAt({ plane }: CoverShape, sheet: number): number {
  const u = unfolded(plane, { x: Math.cos(sheet), y: Math.sin(sheet) });
  return Math.atan2(u.y, u.x);
}

/** A piece that lies in the plane of its cover, back on the sheet. */
export function inThePlane(
  { plane }: CoverShape,
  { direction }: CoverWay,
  { from, to, low, high }: CoverWay['strips'][number],
): readonly Vector[] {
  const axes = axesOf(direction);
  return (
    [
      [from, low],
      [to, low],
      [to, high],
      [from, high],
    ] as const
  ).map(([x, y]) => folded(plane, onSheet(axes, x, y)));
}

/** Whatever is at hand. */
export const anyWidth: Side['widths'] = (all) => all;
