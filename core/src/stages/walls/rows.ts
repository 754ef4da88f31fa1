import type { Products } from '../../catalogue/products';
import type { Band } from '../../plan/schema';
import { EPSILON, tidy } from '../../units/round';
import { reachOf } from '../../buying/reach';

/** One roll width laid along the whole band. Heights above the ground, m. */
export interface MeshRow {
  readonly width: number;
  readonly bottom: number;
  readonly top: number;
}

/** Where a band hangs, whichever rolls it is of. All m. */
export interface BandPlace {
  readonly band: Band;
  /** Index from the ground up; the lowest is fastened closer. */
  readonly index: number;
  /** Above the ground, or above the ground at the high post of a bay that steps; the lowest may reach below it. */
  readonly bottom: number;
  /** What of it is folded outward above its top. */
  readonly overhang: number;
  /** What it should lap over the band below; 0 for the lowest. */
  readonly lapWanted: number;
  /** Top of the band below as meant; null for the lowest. */
  readonly below: number | null;
  /** What its rows are to reach together, and what each laps over the one below it. */
  readonly height: number;
  readonly rowLap: number;
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

export interface HowPlaced {
  readonly bandLap: number;
  readonly drop?: number;
  readonly overhang?: number;
}

/**
 * Places bands from the ground up: each on the top of the one below, as high as widths given by the keeper reach, or as it is meant where they are open.
 *
 * @param bands    bands in order, tops rising
 * @param drop     how far the lowest band reaches below the level of its bay, to the ground at the low post, m
 * @param overhang folded outward above the topmost band, m
 * @param bandLap  least lap, m; a lap is also at least one opening measured up the wall of the coarser of the two meshes
 */
export function placeBands(
  products: Pick<Products, 'mesh'>,
  bands: readonly Band[],
  { bandLap, drop = 0, overhang = 0 }: HowPlaced,
): readonly BandPlace[] {
  const places: BandPlace[] = [];
  let below: { readonly top: number; readonly up: number } | undefined;
  bands.forEach((band, index) => {
    const { up } = products.mesh(band.mesh).opening;
    const lapWanted = below ? Math.max(bandLap, up, below.up) : 0;
    const bottom = band.bottom ?? (below ? tidy(below.top - lapWanted) : 0 - drop);
    const folded = index === bands.length - 1 ? overhang : 0;
    const place: BandPlace = {
      band,
      index,
      bottom,
      overhang: folded,
      lapWanted,
      below: below?.top ?? null,
      height: band.top + folded - bottom,
      rowLap: Math.max(bandLap, up),
    };
    places.push(place);
    below = { top: band.widths === 'cheapest' ? band.top : reached(place, band.widths).top, up };
  });
  return places;
}

function reached({ band, bottom, overhang, rowLap }: BandPlace, widths: readonly number[]) {
  const reach = tidy(bottom + reachOf(widths, rowLap));
  return { reach, top: Math.min(reach - overhang, band.top) };
}

/** A band hung from rolls of these widths, from the ground up. @param below  what the band below really reaches, m */
export function hangBand(
  place: BandPlace,
  widths: readonly number[],
  below: number | null = place.below,
): HungBand {
  const { band, bottom, overhang, rowLap } = place;
  const meant = band.top + overhang;
  const rows: MeshRow[] = [];
  for (const width of widths) {
    const last = rows[rows.length - 1];
    const rowBottom = last ? last.top - rowLap : bottom;
    rows.push({
      width,
      bottom: rowBottom,
      top: Math.min(rowBottom + width, Math.max(meant, rowBottom + 0.01)),
    });
  }
  const { reach, top } = reached(place, widths);
  const shortBy = Math.max(0, meant - reach);
  return {
    band,
    index: place.index,
    bottom,
    top,
    overhang,
    lap: below === null ? 0 : tidy(below - bottom),
    lapWanted: place.lapWanted,
    rows,
    trimmed: Math.max(0, reach - meant),
    shortBy,
    tooTall: band.widths === 'cheapest' && shortBy > EPSILON,
  };
}
