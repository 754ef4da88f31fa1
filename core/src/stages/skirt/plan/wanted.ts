import { THREAT_IDS, type ThreatId, type Threatened, isPresent, threatIn } from '../../threats/plan/kinds';
import { EPSILON } from '../../../units/round';
import { type Skirt, rowOf, lapUpOf, meshOf, widthOf } from './kinds';
import type { Wanted, Stops } from './kinds/kind';
import type { SkirtShape } from './shape';

const LEAST = { flat: 0.45, deep: 0.3 } as const;
/** A toe is so deep and so far out unless something asks for more, m (rules: Skirts). */
const TOE = { depth: 0.3, out: 0.3 } as const;
/** What passes so small a gap goes between stones, m. */
const BETWEEN_STONES = 0.03;

/**
 * The width or depth that stops every digger present.
 *
 * @returns m, at least 0.45 flat and 0.30 buried (rules: Skirts)
 */
export function skirtWanted(plan: Threatened, by: Stops): number {
  const figures = THREAT_IDS.filter((id) => isPresent(plan, id)).map((id) => digFigure(plan, id, by) ?? 0);
  return Math.max(LEAST[by], ...figures);
}

type Figures = Pick<Threatened, 'threatFigures'>;

/** How deep a threat digs, or how wide an apron stops it, m; a missing figure is taken from the other, null where it does not dig. */
export function digFigure(plan: Figures, id: ThreatId, by: Stops): number | null {
  const { dig, apron } = threatIn(plan, id);
  return by === 'flat' ? (apron ?? dig) : (dig ?? apron);
}

const betweenStones = (plan: Figures, id: ThreatId, shape: Pick<SkirtShape, 'mesh' | 'out'>) =>
  shape.mesh === null && shape.out > 0 && (threatIn(plan, id).squeeze ?? 1) <= BETWEEN_STONES;

/**
 * Whether a skirt stops a digger: by its depth or by its width; a toe or a fold counts as both (rules: Threats).
 */
export function stopsDigging(
  plan: Figures,
  id: ThreatId,
  shape: Pick<SkirtShape, 'mesh' | 'depth' | 'out'>,
): boolean {
  if (betweenStones(plan, id, shape)) return false;
  const deep = shape.depth > 0 && shape.depth >= (digFigure(plan, id, 'deep') ?? 0) - EPSILON;
  const wide = shape.out > 0 && shape.out >= (digFigure(plan, id, 'flat') ?? 0) - EPSILON;
  return deep || wide;
}

/** A toe that stops what is about: as far out as usual, deeper where that is not enough. */
export function toeWanted(plan: Threatened): { readonly depth: number; readonly out: number } {
  const passing = THREAT_IDS.filter(
    (id) =>
      isPresent(plan, id) &&
      (digFigure(plan, id, 'deep') ?? 0) > TOE.depth + EPSILON &&
      (digFigure(plan, id, 'flat') ?? 0) > TOE.out + EPSILON,
  );
  return {
    depth: Math.max(TOE.depth, ...passing.map((id) => digFigure(plan, id, 'deep') ?? 0)),
    out: TOE.out,
  };
}

/** What stops every digger present, by how it is laid, m. */
const wantedOf = (plan: Threatened): Wanted => ({
  flat: skirtWanted(plan, 'flat'),
  deep: skirtWanted(plan, 'deep'),
  toe: toeWanted(plan),
});

/** A skirt of another kind that stops the diggers present, keeping the mesh and lap of the one that is there. */
export function skirtOfKind(plan: Threatened, kind: Skirt['kind'], now: Skirt): Skirt {
  if (kind === now.kind) return now;
  const [mesh, lapUp, width] = [meshOf(now) ?? 'fine-13', lapUpOf(now) ?? 0.1, widthOf(now)];
  return rowOf({ kind }).instead({ mesh, lapUp, width }, wantedOf(plan));
}

/** The same skirt made large enough for what digs; null where no size of it would do. */
export const largeEnough = (plan: Threatened, skirt: Skirt): Skirt | null =>
  rowOf(skirt).enough(skirt, wantedOf(plan));
