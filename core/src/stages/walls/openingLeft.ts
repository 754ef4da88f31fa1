import type { Products } from '../../catalogue/products';
import { hollow } from '../../ground/profile';
import { shorterSide } from '../threats/shown/openings';
import type { Falls } from './shown/runs';
import type { HungWalls } from './stage';

/**
 * Openings left in walls and under them, by their shorter sides: meshes, holes between bands, feet of stepped bays and hollows of the
 * ground. What lies open above the wall is the cover's matter.
 *
 * @returns m
 */
export function openingsLeft(
  products: Pick<Products, 'mesh'>,
  walls: Pick<HungWalls, 'groups'>,
  falls: Falls,
): readonly number[] {
  const bands = walls.groups.flatMap((g) => g.bands);
  const holes = bands.map((band) => (band.index === 0 ? Math.max(0, band.bottom) : Math.max(0, -band.lap)));
  const meshes = bands.map((b) => shorterSide(products.mesh(b.band.mesh)));
  const feet = [...falls.values()].flatMap(({ hang, foot, drop, profile, bays }) => [
    hang === 'step' && foot === 'gap' ? drop : 0,
    ...(profile.level ? [] : bays.map(({ from, to }) => hollow(profile, from, to))),
  ]);
  return [...holes, ...meshes, ...feet];
}
