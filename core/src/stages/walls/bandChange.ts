import type { Change } from '../../plan/changes/types';
import type { Band } from '../../plan/schema';
import { HIGHER } from '../outline/plan/standing';
import type { HungBand } from './rows';
import type { WallGroup } from './shown/groups';

/** What changes a band where it was chosen: on a fence that stands, what is tied over it or put on top. */
export const bandChange =
  (group: WallGroup, { band }: Pick<HungBand, 'band'>) =>
  (to: Partial<Omit<Band, 'id'>>): Change => {
    if (!group.stands) return { verb: 'set-band', scope: group.scope, id: band.id, to };
    const sides = group.lines.flatMap((line) => line.members.map((m) => m.ringSide.side.id));
    const added = { mesh: to.mesh ?? band.mesh, top: to.top ?? band.top };
    return band.id === HIGHER
      ? { verb: 'set-higher', sides, higher: added }
      : { verb: 'set-low-band', sides, low: added };
  };
