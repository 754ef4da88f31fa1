import { type Skirt, rowOf } from './kinds';
import type { SkirtShape } from './kinds/kind';

export type { SkirtShape } from './kinds/kind';
export type Fill = NonNullable<SkirtShape['fill']>;

/** A skirt that something is laid of. */
export type Laid = Exclude<Skirt, { kind: 'none' }>;

/** @returns null where nothing is laid */
export function shapeOf(skirt: Laid): SkirtShape;
export function shapeOf(skirt: Skirt): SkirtShape | null;
export function shapeOf(skirt: Skirt): SkirtShape | null {
  return rowOf(skirt).shape(skirt);
}

/** Whether something is laid. */
export const isLaid = (skirt: Skirt): skirt is Laid => shapeOf(skirt) !== null;

/** Width of the strip of mesh that a skirt is cut from, m; 0 where there is none. */
export const stripWidthOf = ({ mesh, up, path }: SkirtShape): number =>
  mesh === null
    ? 0
    : path.reduce((width, [out, down], i) => {
        const [before, above] = path[i - 1] ?? [0, 0];
        return width + Math.hypot(out - before, down - above);
      }, up);

/** Width of stones laid on an apron, m; 0 where there are none, or where they are the skirt itself. */
export const borderOf = ({ mesh, fill }: SkirtShape): number => (mesh === null ? 0 : (fill?.width ?? 0));
