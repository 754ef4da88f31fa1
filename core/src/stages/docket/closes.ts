import { standingOn } from '../../ground/fenceLines';
import { type RingSide, surveyRings } from '../../ground/survey';
import { assumptionsOf, choicesFor } from '../../plan/effective';
import type { OwnedPiece, Plan } from '../../plan/schema';
import { EPSILON } from '../../units/round';

/** A side that a roll in the shed would close from end to end, and what would be left of it, m. */
export interface Closes {
  readonly side: number;
  readonly spare: number;
}

/** More left over is no fit, m. */
const MOST_SPARE = 1;

/** Clear of its gates, with mesh turned back round the post at both ends, m. */
function takes({ side, length }: RingSide, plan: Plan): number {
  const gates = plan.openings.filter((o) => o.side === side.id);
  const clear = gates.reduce((n, { width }) => n - width, length);
  return clear + 2 * assumptionsOf(plan).endAllowance;
}

/**
 * Which side a roll of the shed closes, where it nearly fits: the band of its mesh that is as high as the roll is wide or
 * lower, and a length that it reaches with at most a metre to spare.
 *
 * @param piece  a roll that may be used; lengths m
 * @returns the side with least to spare; null where it fits none
 */
export function closesSide(plan: Plan, piece: OwnedPiece): Closes | null {
  if (piece.kind !== 'roll' || piece.condition === 'poor') return null;
  const seen = new Set<string>();
  const fits = surveyRings(plan)
    .flatMap(({ sides }) => sides)
    .filter(({ side }) => side.kind === 'fence' && standingOn(side) === null)
    .filter(({ side }) => !seen.has(side.id) && seen.add(side.id))
    .flatMap((ringSide): Closes[] => {
      const { bands } = choicesFor(plan, ringSide.side.id);
      const fitting = bands.some(({ mesh, top }, i) => {
        const height = top - (bands[i - 1]?.top ?? 0);
        return mesh === piece.product && piece.width >= height - EPSILON;
      });
      const spare = piece.length - takes(ringSide, plan);
      return fitting && spare >= -EPSILON && spare <= MOST_SPARE + EPSILON
        ? [{ side: ringSide.number, spare: Math.max(0, spare) }]
        : [];
    });
  return fits.sort((a, b) => a.spare - b.spare || a.side - b.side)[0] ?? null;
}
