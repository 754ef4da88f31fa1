import { type MeshType, isClosed } from './meshTypes';
import type { Products } from './products';
import type { MeshProduct } from './types';

/** Mesh, cloth or sheet that lies in the way: each layer alone has to be passed. All m. */
export interface Layer {
  readonly type: MeshType;
  /** Its shorter side; 0 for what is closed. */
  readonly opening: number;
  readonly wire: number;
  /** Nobody knows what it is: it counts as the weakest that is hung. */
  readonly known: boolean;
}

/** A mesh as it lies in the way: its shorter side counts, and what is closed has none. */
export const layerOf = (mesh: Pick<MeshProduct, 'type' | 'opening' | 'wire'>): Layer => ({
  type: mesh.type,
  opening: isClosed(mesh) ? 0 : Math.min(mesh.opening.up, mesh.opening.along),
  wire: mesh.wire,
  known: true,
});

/** One layer of a mesh by its id; the same array for the same mesh, so that it is rated once. */
export function layersBy(
  products: Pick<Products, 'mesh'>,
): (...meshes: readonly string[]) => readonly Layer[] {
  const known = new Map<string, readonly Layer[]>();
  return (...meshes) => {
    const key = meshes.join();
    const before = known.get(key);
    if (before) return before;
    const layers = meshes.map((id) => layerOf(products.mesh(id)));
    known.set(key, layers);
    return layers;
  };
}
