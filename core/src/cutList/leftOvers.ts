import { assumptionsOf, choicesFor } from '../plan/effective';
import type { Plan } from '../plan/schema';
import { hangingOf } from '../stages/ways/plan/kinds';
import { leafTop } from '../stages/ways/shown/leaf';
import type { CuttingPool } from '../cutting/types';

/** A rectangle that may be wanted, m. */
interface Size {
  readonly width: number;
  readonly height: number;
}

/** What one left-over can still make: counts are of each alone. */
export interface LeftOver {
  /** m of the roll's width. */
  readonly length: number;
  readonly leaves: number;
  readonly vents: number;
  readonly corners: number;
  /** The next width down that it could be ripped to, m; null when none is sold. */
  readonly nextWidth: number | null;
}

export const VENT: Size = { width: 0.5, height: 0.4 };
/** A patch for the corner of an apron or a torn place. */
export const PATCH: Size = { width: 0.3, height: 0.3 };
/** Shorter ends are scrap, m. */
export const SCRAP = 0.3;

/** The leaf of the plan's gates that takes least mesh, m; null where it has no gate. */
export function smallestLeaf(plan: Plan): Size | null {
  const { leafOverlap } = assumptionsOf(plan);
  const leaves = plan.openings.flatMap((opening): Size[] => {
    const hanging = hangingOf(opening);
    if (hanging.hangs !== 'posts') return [];
    const { bands } = choicesFor(plan, opening.side);
    const height = leafTop(hanging, bands[bands.length - 1]?.top ?? 0);
    return [{ width: opening.width + leafOverlap, height }];
  });
  return leaves.sort((a, b) => a.width * a.height - b.width * b.height)[0] ?? null;
}

const inRows = (length: number, across: number, a: number, b: number) =>
  Math.floor(length / a + 1e-9) * Math.floor(across / b + 1e-9);

/** How many of a size, all lying the same way. */
const howMany = (length: number, across: number, { width, height }: Size): number =>
  Math.max(inRows(length, across, width, height), inRows(length, across, height, width));

/**
 * What the left-over of a roll is still good for (rules: Cutting and buying).
 *
 * @param leaf    the smallest leaf of the plan; null when it has none
 * @param widths  in which the product is sold, m
 */
export function leftOver(
  pool: Pick<CuttingPool, 'width'>,
  length: number,
  leaf: Size | null,
  widths: readonly number[],
): LeftOver {
  const narrower = widths.filter((w) => w < pool.width - 1e-4);
  return {
    length,
    leaves: leaf ? howMany(length, pool.width, leaf) : 0,
    vents: howMany(length, pool.width, VENT),
    corners: howMany(length, pool.width, PATCH),
    nextWidth: length >= SCRAP && narrower.length > 0 ? Math.max(...narrower) : null,
  };
}
