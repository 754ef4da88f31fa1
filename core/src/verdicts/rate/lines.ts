import type { LiveLine } from '../../findings/barrier';
import { type Rated, because, holds, open } from '../rated/types';
import { type Comer, passes } from './layers';

/** A live line works from here on, and against a bear, kV (rules: Live nets). */
const WORKS = 3;
const AGAINST_BEAR = 6;
/** What clears so much is no matter on the ground alone, m. */
const JUMPS = 1.2;

/**
 * What a live line does about a threat: closed all round and at 3.0 kV it holds all but flyers and persons, at 6.0 kV a bear.
 *
 * @param reading  kV; null where nobody read it: then it is what it was built to be, and no line to a bear
 */
export function rateLine({ row, squeeze }: Comer, line: LiveLine, reading: number | null): Rated {
  if (row.moves === 'flies') return open(because('line.flies', {}));
  if (row.steals) return open(because('line.person', {}));
  const { fails, hole, near, round } = line;
  if (fails === 'short') return open(because('line.short', {}));
  if (fails === 'open') return open(because('line.open', {}));
  if (fails === 'dead') return open(because('line.dead', {}));
  if (fails === 'weak') return open(because('line.weak', {}));
  if (fails === 'snow') return open(because('line.snow', {}));
  if (hole > 0 && passes(hole, squeeze)) return open(because('line.hole', { hole }));
  if (near && (row.climbs || (row.over ?? 0) >= JUMPS)) return open(because('line.near', {}));
  const bear = squeeze === null && row.tears;
  const needs = bear ? AGAINST_BEAR : WORKS;
  if (reading === null && bear) return open(because('line.unread', { kilovolts: needs }));
  if (reading !== null && reading < needs - 1e-9)
    return open(because('line.low', { kilovolts: reading, needs }));
  if (round === 'nothing') return open(because('line.wire', {}));
  return reading === null
    ? holds(because('line.live', {}))
    : holds(because('line.reads', { kilovolts: reading }));
}
