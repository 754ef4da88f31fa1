import { type Run, plainRun } from '../../buying/run';
import { placeAt } from '../../plan/place';
import type { Opening } from './plan/kinds';
import type { Joinery } from './plan/kinds/kind';

/** A piece of timber with what it is sawn from. */
export type Stick = Run & { readonly timber: string };

/** Every stick of an opening as a piece that cannot be jointed. */
export function stickRuns(opening: Opening, { sticks }: Joinery): readonly Stick[] {
  return sticks.flatMap(({ timber, use, name, count, length }) =>
    Array.from({ length: count }, (_, i) => {
      const part = { on: 'stick', opening: opening.id, stick: name, nth: i + 1 } as const;
      return { timber, ...plainRun(use, part, length, placeAt('stick', 0)) };
    }),
  );
}
