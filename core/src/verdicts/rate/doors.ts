import type { Door } from '../../findings/barrier';
import { type Rated, because, holds, open } from '../rated/types';
import { digsOf } from './footing';
import type { Comer } from './layers';

/** What a door is shut by against a threat; null for what neither opens, tears nor digs. */
export function rateDoor(comer: Comer, door: Door): Rated | null {
  const { row, squeeze } = comer;
  if (row.moves === 'flies') return null;
  if (row.steals) return door.locked ? holds(because('door.locked', {})) : open(because('door.unlocked', {}));
  if (squeeze === null && row.tears) return open(because('bear.door', {}));
  if (row.opens && door.catches === 'one-step') return open(because('door.catch', {}));
  if (!door.sill && digsOf(comer) !== null) return open(because('door.foot', {}));
  if (row.opens && door.catches !== null) return holds(because('door.two-step', {}));
  return digsOf(comer) === null ? null : holds(because('door.sill', {}));
}

/** Under the leaf: nothing in the ground and no sill lets in what digs; null for others, which go by the gap. */
export const rateUnderDoor = (comer: Comer, door: Door): Rated | null =>
  door.sill || digsOf(comer) === null || comer.row.moves === 'flies' || comer.row.steals
    ? null
    : open(because('door.foot', {}));
