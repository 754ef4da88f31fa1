import type { Figures } from '../told';
import type { HungOpening } from './stage';

/** Leaves of gates and flaps as they are built, m. */
export function leafFigures(ways: readonly HungOpening[]): Figures {
  return Object.fromEntries(
    ways.flatMap(({ opening, leaf }) => [
      [`leaf.${opening.id}.width`, leaf.width],
      [`leaf.${opening.id}.height`, leaf.height],
    ]),
  );
}
