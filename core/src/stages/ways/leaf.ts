import type { Hanging } from './kinds/kind';

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
