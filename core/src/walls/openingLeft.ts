import type { Products } from '../catalogue/products';
import type { Opening } from '../plan/schema';
import { hollow } from '../ground/profile';
import type { SkirtLayout } from '../stages/skirt/stage';
import { shorterSide } from '../stages/threats/openings';
import type { Lies } from './runs';
import type { HungWalls } from './stage';

export interface LeftBy {
  readonly products: Pick<Products, 'mesh'>;
  readonly walls: Pick<HungWalls, 'groups'>;
  readonly skirts: Pick<SkirtLayout, 'courses'>;
  readonly openings: readonly Opening[];
  readonly lies: Lies;
}

/**
 * The largest opening that is left in walls, skirt, gates and under the mesh, by its shorter side. What lies open above the
 * wall is the cover's matter, and no skirt at all is a finding of its own.
 *
 * @returns m; 0 where nothing is fenced
 */
export function openingLeft({ products, walls, skirts, openings, lies }: LeftBy): number {
  const bands = walls.groups.flatMap((g) => g.bands);
  const holes = bands.map((band) => (band.index === 0 ? Math.max(0, band.bottom) : Math.max(0, -band.lap)));
  const meshes = [
    ...bands.map((b) => b.band.mesh),
    ...skirts.courses.flatMap(({ shape }) => (shape.mesh === null ? [] : [shape.mesh])),
  ].map((id) => shorterSide(products.mesh(id)));
  const gaps = openings.flatMap((o) => (o.kind === 'gate' ? [o.gap] : []));
  const feet = [...lies.values()].flatMap(({ hang, foot, drop, profile, bays }) => [
    hang === 'step' && foot === 'gap' ? drop : 0,
    ...(profile.level ? [] : bays.map(({ from, to }) => hollow(profile, from, to))),
  ]);
  return Math.max(0, ...holes, ...meshes, ...gaps, ...feet);
}
