import type { Ring } from './survey';
import type { Building } from '../plan/schema';

/** Houses that stand on walls, each with the run that it is built on to; null for one that stands alone. */
export const housesOf = (
  buildings: readonly Building[],
  rings: readonly Ring[],
): readonly { readonly building: Building; readonly enclosure: string | null }[] =>
  buildings
    .filter((b) => b.stands === 'walls')
    .map((building) => ({
      building,
      enclosure:
        rings.find((ring) =>
          ring.sides.some(({ side }) => side.kind === 'building' && side.building === building.id),
        )?.enclosure ?? null,
    }));
