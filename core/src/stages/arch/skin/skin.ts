import { EPSILON, roundUp } from '../../../units/round';
import { type ArchShape, hungEnds } from '../shape';

/** The skin of an arch from rolls of one width. Lengths m. */
export interface Skin {
  readonly width: number;
  /** Over the arch, from foot to foot. */
  readonly strips: number;
  readonly strip: number;
  /** On each end, level from the ground up, and as many for all ends. */
  readonly rows: number;
  readonly endStrips: number;
  readonly endStrip: number;
}

/** Narrower rolls are laid only where the keeper says so, or none is wider, m. */
const LEAST_WIDTH = 0.9;

/** @returns ⌈(extent − lap)/(width − lap)⌉; null where a roll is no wider than its lap */
const rowsOver = (extent: number, width: number, lap: number): number | null =>
  width > lap + EPSILON ? Math.max(1, roundUp((extent - lap) / (width - lap))) : null;

/**
 * The skin from rolls of a width.
 *
 * @see rules: Arched runs. A strip is A + 2 × 0.15; end strips are as long as the greatest width of the curve, without an end allowance
 */
export function skinFrom(shape: ArchShape, width: number): Skin | null {
  const { arch, ribs, bent, curve, top } = shape;
  const strips = rowsOver(ribs.built, width, arch.lap);
  const rows = rowsOver(top, width, arch.lap);
  if (strips === null || rows === null || !curve) return null;
  return {
    width,
    strips,
    strip: bent + 2 * arch.turnDown,
    rows,
    endStrips: rows * hungEnds(shape).length,
    endStrip: curve.widest,
  };
}

/** Widths of rolls that may be laid: the keeper's own, or all from 0.9 on where there are any. */
export function widthsFor({ arch }: ArchShape, widths: readonly number[]): readonly number[] {
  const { roll, lap } = arch;
  const wide = widths.filter((w) => w > lap + EPSILON);
  if (roll !== null) {
    const [nearest] = [...wide].sort((a, b) => Math.abs(a - roll) - Math.abs(b - roll));
    return nearest === undefined ? [] : [nearest];
  }
  const usual = wide.filter((w) => w >= LEAST_WIDTH - EPSILON);
  return usual.length > 0 ? usual : wide;
}

/** What of the strips of the ends stands out over the curve, m²: folded back or cut off. */
export function overCurve(shape: ArchShape, { endStrips, endStrip, width }: Skin): number {
  const { curve, arch, base } = shape;
  if (!curve) return 0;
  return endStrips * endStrip * width - hungEnds(shape).length * (curve.area + arch.board * base);
}
