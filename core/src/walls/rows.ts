import type { Goods } from '../catalogue/goods';
import type { Band } from '../plan/schema';
import { tidy } from '../units/round';
import { type Stack, type StackWant, reachOf } from './stacks';

/** One roll width laid along the whole band. Heights above the ground, m. */
export interface MeshRow {
  readonly width: number;
  readonly bottom: number;
  readonly top: number;
}

/** A band as it will hang. */
export interface HungBand {
  readonly band: Band;
  /** Index from the ground up; the lowest is fastened closer. */
  readonly index: number;
  /** Above the ground, or above the ground at the high post of a bay that steps; the lowest may reach below it. */
  readonly bottom: number;
  /** What it really reaches: its own top, or less when the chosen widths are short. */
  readonly top: number;
  /** What of it is folded outward above its top, m. */
  readonly overhang: number;
  /** Lap over the band below, m; 0 for the lowest, less than 0 where it leaves a hole. */
  readonly lap: number;
  /** What it should lap, m; 0 for the lowest. */
  readonly lapWanted: number;
  readonly rows: readonly MeshRow[];
  /** Cut off at the top, m. */
  readonly trimmed: number;
  /** What is missing to the top meant, m. */
  readonly shortBy: number;
  /** No set of up to three widths sold reaches. */
  readonly tooTall: boolean;
}

/**
 * Hangs bands from the ground up.
 *
 * @param bands    bands in order, tops rising
 * @param stackOf  roll widths for a band that leaves them open
 * @param drop     how far the lowest band reaches below the level of its bay, to the ground at the low post, m
 * @param overhang folded outward above the topmost band, m
 * @param bandLap  least lap, m; a lap is also at least one opening measured up the wall of the coarser of the two meshes
 */
export function hangBands(
  goods: Pick<Goods, 'mesh' | 'widths'>,
  bands: readonly Band[],
  stackOf: (want: Omit<StackWant, 'length' | 'seam'>) => Stack,
  bandLap: number,
  drop = 0,
  overhang = 0,
): readonly HungBand[] {
  const hung: HungBand[] = [];
  bands.forEach((band, index) => {
    const mesh = goods.mesh(band.mesh);
    const below = hung[index - 1];
    const lapOver = below ? Math.max(bandLap, mesh.opening.up, goods.mesh(below.band.mesh).opening.up) : 0;
    const bottom = band.bottom ?? (below ? tidy(below.top - lapOver) : 0 - drop);
    const folded = index === bands.length - 1 ? overhang : 0;
    const top = band.top + folded;
    const height = top - bottom;
    const ownLap = Math.max(bandLap, mesh.opening.up);
    const cheapest =
      band.widths === 'cheapest' ? stackOf({ mesh: band.mesh, height, lap: ownLap }) : undefined;
    const widest = Math.max(...goods.widths(band.mesh));
    const widths = band.widths === 'cheapest' ? (cheapest ?? [widest, widest, widest]) : band.widths;
    const rows: MeshRow[] = [];
    for (const width of widths) {
      const last = rows[rows.length - 1];
      const rowBottom = last ? last.top - ownLap : bottom;
      rows.push({
        width,
        bottom: rowBottom,
        top: Math.min(rowBottom + width, Math.max(top, rowBottom + 0.01)),
      });
    }
    const reach = tidy(bottom + reachOf(widths, ownLap));
    hung.push({
      band,
      index,
      bottom,
      top: Math.min(reach - folded, band.top),
      overhang: folded,
      lap: below ? tidy(below.top - bottom) : 0,
      lapWanted: lapOver,
      rows,
      trimmed: Math.max(0, reach - top),
      shortBy: Math.max(0, top - reach),
      tooTall: band.widths === 'cheapest' && cheapest === undefined,
    });
  });
  return hung;
}
