import type { Products } from '../../../catalogue/products';
import type { MeshType } from '../../../catalogue/types';
import type { FenceLine } from '../../../ground/fenceLines';
import type { Foot } from '../../../ground/foot';
import { EPSILON } from '../../../units/round';
import type { Standing } from '../../outline/plan/standing';
import { shorterSide } from '../../threats/shown/openings';

/** What nobody knows counts as, m (rules: What stands): tired or not. */
const NOT_KNOWN = { type: 'hexagonal' as MeshType, opening: 0.05, wire: 0.0007 };
/** Of the wire of a tired fence so much is left. */
const TIRED = 2 / 3;

/** A band of a fence that stands, as far as it still has to hold by itself. Lengths m. */
export interface FoundBand {
  readonly line: FenceLine;
  readonly standing: Standing;
  /** From where on nothing finer lies over it. */
  readonly from: number;
  readonly top: number;
  readonly known: boolean;
  readonly type: MeshType;
  /** Its shorter side. */
  readonly opening: number;
  readonly wire: number;
}

function meshOf(mesh: string | null, state: Standing['state'], products: Pick<Products, 'mesh'>) {
  if (mesh === null) return { known: false, ...NOT_KNOWN };
  const product = products.mesh(mesh);
  const wire = state === 'tired' ? product.wire * TIRED : product.wire;
  return { known: true, type: product.type, opening: shorterSide(product), wire };
}

/** How high mesh comes up from the foot along all of a line, m. */
const lappedTo = (line: FenceLine, feet: ReadonlyMap<string, Foot>): number =>
  Math.min(...line.members.map((m) => feet.get(m.ringSide.side.id)?.up ?? 0));

/**
 * Bands of fences that stand, those left out behind finer mesh that was added.
 *
 * @see rules: What stands
 */
export function foundBands(
  lines: readonly FenceLine[],
  products: Pick<Products, 'mesh'>,
  feet: ReadonlyMap<string, Foot>,
): readonly FoundBand[] {
  return lines.flatMap((line): FoundBand[] => {
    const { standing } = line;
    if (!standing) return [];
    const over = Math.max(standing.low?.top ?? 0, lappedTo(line, feet));
    return standing.bands.flatMap(({ mesh, top }, i): FoundBand[] => {
      if (top <= over + EPSILON) return [];
      const from = Math.max(standing.bands[i - 1]?.top ?? 0, over);
      return [{ line, standing, from, top, ...meshOf(mesh, standing.state, products) }];
    });
  });
}

/** Openings that are left in them, m: of a broken fence as large as it is high. */
export const openingsFound = (
  lines: readonly FenceLine[],
  bands: readonly FoundBand[],
  heightOf: (standing: Standing) => number,
): readonly number[] => [
  ...bands.map(({ opening }) => opening),
  ...lines.flatMap(({ standing }) => (standing?.state === 'broken' ? [heightOf(standing)] : [])),
];
