import { NO_JOINTS, type Run } from '../../buying/run';
import { placeAt } from '../../plan/place';
import type { Opening } from './kinds';
import type { Joinery } from './kinds/kind';

/** A piece of timber with what it is sawn from. */
export type Stick = Run & { readonly timber: string };

/** Every stick of an opening as a piece that cannot be jointed. */
export function stickRuns(opening: Opening, { sticks }: Joinery): readonly Stick[] {
  return sticks.flatMap(({ timber, use, name, count, length }) =>
    Array.from({ length: count }, (_, i) => ({
      timber,
      part: { on: 'stick', opening: opening.id, stick: name, nth: i + 1 },
      use,
      length,
      startAllowance: 0,
      endAllowance: 0,
      across: null,
      joints: [],
      atJoint: NO_JOINTS,
      place: placeAt('stick', 0),
      spans: [],
      leans: [],
    })),
  );
}
