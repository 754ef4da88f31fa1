import type { Products } from '../../../catalogue/products';
import type { MeshType } from '../../../catalogue/types';
import { type FenceLine, standingOn } from '../../../ground/fenceLines';
import type { Change } from '../../../plan/changes/types';
import type { Plan } from '../../../plan/schema';
import type { Foot } from '../../../ground/foot';
import { EPSILON } from '../../../units/round';
import { type Standing, heightOf } from '../../outline/plan/standing';
import { shorterSide } from '../../threats/shown/openings';

/** What nobody knows counts as, m (rules: What stands): tired or not. */
const NOT_KNOWN = { type: 'hexagonal' as MeshType, opening: 0.05, wire: 0.0007 };
/** Of the wire of a tired fence so much is left. */
const TIRED = 2 / 3;

/** Lines on which the same stands, with the same at their foot. */
export interface Stood {
  readonly lines: readonly FenceLine[];
  readonly standing: Standing;
  /** How high finer mesh reaches that was added, m. */
  readonly over: number;
}

/** A band of a fence that stands, as far as it still has to hold by itself. Lengths m. */
export interface FoundBand extends Stood {
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

/** What stands, lines alike together: they are told of once. */
export function stoodOn(lines: readonly FenceLine[], feet: ReadonlyMap<string, Foot>): readonly Stood[] {
  const alike = new Map<string, Stood & { readonly lines: FenceLine[] }>();
  for (const line of lines) {
    const { standing } = line;
    if (!standing) continue;
    const over = Math.max(standing.low?.top ?? 0, lappedTo(line, feet));
    const key = JSON.stringify([standing, over]);
    const known = alike.get(key) ?? { lines: [], standing, over };
    alike.set(key, known);
    known.lines.push(line);
  }
  return [...alike.values()];
}

/**
 * Bands of fences that stand, those left out behind finer mesh that was added.
 *
 * @see rules: What stands
 */
export const foundBands = (stood: readonly Stood[], products: Pick<Products, 'mesh'>): readonly FoundBand[] =>
  stood.flatMap((one) => {
    const { standing, over } = one;
    return standing.bands.flatMap(({ mesh, top }, i): FoundBand[] => {
      if (top <= over + EPSILON) return [];
      const from = Math.max(standing.bands[i - 1]?.top ?? 0, over);
      return [{ ...one, from, top, ...meshOf(mesh, standing.state, products) }];
    });
  });

/** Openings that are left in them, m: of a broken fence as large as it is high. */
export const openingsFound = (
  stood: readonly Stood[],
  products: Pick<Products, 'mesh'>,
): readonly number[] => [
  ...foundBands(stood, products).map(({ opening }) => opening),
  ...stood.flatMap(({ standing }) => (standing.state === 'broken' ? [heightOf(standing)] : [])),
];

export const sidesOf = ({ lines }: Stood): readonly string[] =>
  lines.flatMap(({ members }) => members.map((m) => m.ringSide.side.id));

/** What stands on a line as the plan has it now: another mend may have been made since. */
export const foundIn = ({ sides }: Plan, { lines }: Stood): Standing | null => {
  const side = sides.find((s) => s.id === lines[0]?.id);
  return side ? standingOn(side) : null;
};

/** A band of finer mesh over its foot, as high as what it has to cover; nothing where none is sold. */
export const tieOver =
  (band: FoundBand, finer: () => string | undefined) =>
  (plan: Plan): readonly Change[] => {
    const mesh = finer();
    if (mesh === undefined) return [];
    const low = { mesh, top: Math.max(foundIn(plan, band)?.low?.top ?? 0, band.top) };
    return [{ verb: 'set-low-band', sides: sidesOf(band), low }];
  };
