import { isClosed } from '../catalogue/meshTypes';
import type { MeshProduct } from '../catalogue/types';
import { EPSILON } from '../units/round';

/** Shares of the ground's snow that dry snow leaves on a mesh, by its shorter opening, m (rules: Cover). */
const DRY = [
  { up: 0.025, share: 1 / 3 },
  { up: 0.05, share: 1 / 6 },
] as const;

/** What dry snow leaves on it: all on what is closed, a part on mesh, nothing on wide mesh. */
export function dryShare(mesh: MeshProduct): number {
  if (isClosed(mesh)) return 1;
  const side = Math.min(mesh.opening.up, mesh.opening.along);
  return DRY.find(({ up }) => side <= up + EPSILON)?.share ?? 0;
}
