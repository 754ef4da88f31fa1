import type { FenceLine } from '../../../ground/fenceLines';
import type { WallTop } from '../../walls/shown/wallTop';
import type { Hanging } from '../plan/kinds/kind';

/** Top of a leaf above its sill, m: as high as the wall unless the keeper says otherwise (rules: Gates and doors). */
export const leafTop = ({ height }: { readonly height: number | null }, wall: number): number =>
  height === null ? wall : Math.min(height, wall);

/** From where to where above the ground what hangs so is open, m. */
export const reachOf = (
  hanging: Hanging,
  wall: number,
): { readonly bottom: number; readonly top: number } => {
  if (hanging.hangs === 'posts') return { bottom: 0, top: leafTop(hanging, wall) };
  const bottom = hanging.bottom ?? 0;
  return { bottom, top: bottom + hanging.height };
};

/** How high what each opening is in stands over it, by its id, m: the wall, or the curve at that place. @param arches  of openings in ends of arches */
export function wallsOver(
  lines: readonly FenceLine[],
  tops: ReadonlyMap<FenceLine, WallTop>,
  arches: ReadonlyMap<string, number>,
): ReadonlyMap<string, number> {
  return new Map(
    lines.flatMap((line) =>
      [...line.openings, ...line.doors].map(
        ({ opening: { id } }) => [id, arches.get(id) ?? tops.get(line)?.top ?? 0] as const,
      ),
    ),
  );
}
