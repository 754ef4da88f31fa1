import type { VERBS } from '../verbs';
import { type Reader } from '../../../saying/reader';
import type { Building } from '../../../plan/schema';
import type { Market } from '../../../catalogue/market';
import { meshSaid } from '../../../catalogue/names';
import { SOIL_NAMES, THINGS } from './names';

type Of<V extends keyof typeof VERBS> = Parameters<(typeof VERBS)[V]>[1];

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-soil': ({ soil }: Of<'set-soil'>) => `Soil: ${SOIL_NAMES[soil]}`,
  'set-ground': ({ to }: Of<'set-ground'>, r: Reader) =>
    to.frost === undefined ? 'Turn north' : `Frost goes ${r.length(to.frost)} deep`,
  'add-to-ground': ({ list }: Of<'add-to-ground'>) => `Add a ${THINGS[list]}`,
  'set-on-ground': ({ list, to }: Of<'set-on-ground'>, r: Reader, market: Market) => {
    const { vents, doors, floor, roof } = to as Partial<Building>;
    if (doors) return 'Change the doors of the house';
    if (floor)
      return floor.kind === 'raised' ? `Raise its floor ${r.length(floor.above)}` : 'Say what its floor is';
    if (roof) return 'Say how the roof lies';
    const [mesh, ...others] = new Set(vents?.flatMap((v) => v.mesh ?? []));
    if (mesh !== undefined && others.length === 0)
      return `Put ${meshSaid(market.mesh(mesh), r)} over vents and windows`;
    return vents ? 'Change vents and windows' : `Change the ${THINGS[list]}`;
  },
  'remove-from-ground': ({ list }: Of<'remove-from-ground'>) =>
    list === 'spotHeights' ? 'Remove this height' : `Remove the ${THINGS[list]}`,
  'bring-ground': () => 'Bring the ground over from another plan',
  'set-heights': () => 'Set the heights',
  'set-tape': () => 'Change the tape readings',
} as const;
