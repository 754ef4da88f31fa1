import type { Market } from '../catalogue/market';
import { cheapestCover } from '../cutting/covers';
import type { Band } from '../plan/schema';
import { EPSILON, tidy } from '../units/round';

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
  /** Lap over the band below, m; 0 for the lowest. */
  readonly lap: number;
  readonly rows: readonly MeshRow[];
  /** Cut off at the top, m. */
  readonly trimmed: number;
  /** What is missing to the top meant, m. */
  readonly shortBy: number;
  /** No set of up to three widths sold reaches. */
  readonly tooTall: boolean;
}

/** A market's widths of a mesh are one list for good: their sets are made once. */
const known = new WeakMap<readonly number[], readonly (readonly number[])[]>();

/** All sets of one to three widths, widest first in each. */
function widthSets(widths: readonly number[]): readonly (readonly number[])[] {
  const before = known.get(widths);
  if (before) return before;
  const falling = [...widths].sort((a, b) => b - a);
  const sets: number[][] = [];
  falling.forEach((a, i) => {
    sets.push([a]);
    falling.slice(i).forEach((b, j) => {
      sets.push([a, b]);
      falling.slice(i + j).forEach((c) => sets.push([a, b, c]));
    });
  });
  known.set(widths, sets);
  return sets;
}

const reachOf = (set: readonly number[], lap: number) =>
  set.reduce((a, b) => a + b, 0) - (set.length - 1) * lap;

/**
 * The cheapest set of one to three roll widths that reaches a height, every width running the whole length.
 *
 * @param length  total length of the band, m: what each width must be bought for
 * @returns widths from the ground up, or undefined when no set reaches
 * @see domain.md 6: Σw − (k − 1)·lap ≥ height
 */
export function cheapestStack(
  market: Market,
  mesh: string,
  height: number,
  lap: number,
  length: number,
): readonly number[] | undefined {
  const costs = new Map<number, number>();
  const costOf = (width: number) => {
    const known = costs.get(width);
    if (known !== undefined) return known;
    const units = market.rolls(mesh, width);
    const unpriced = units.some((u) => u.price === null);
    const cost = unpriced ? width * length : cheapestCover(units, length).cost;
    costs.set(width, cost);
    return cost;
  };
  let best: { set: readonly number[]; cost: number } | undefined;
  for (const set of widthSets(market.widths(mesh))) {
    if (reachOf(set, lap) < height - EPSILON) continue;
    const cost = set.reduce((total, width) => total + costOf(width), 0);
    const cheaper = !best || cost < best.cost - EPSILON;
    const simpler = best && cost < best.cost + EPSILON && set.length < best.set.length;
    if (cheaper || simpler) best = { set, cost };
  }
  return best?.set;
}

/**
 * Hangs bands from the ground up.
 *
 * @param bands    bands in order, tops rising
 * @param length   fenced length that each row runs, m
 * @param drop     how far the lowest band reaches below the level of its bay, to the ground at the low post, m
 * @param bandLap  least lap, m; a lap is also at least one opening measured up the wall of the coarser of the two meshes
 */
export function hangBands(
  market: Market,
  bands: readonly Band[],
  length: number,
  bandLap: number,
  drop = 0,
): readonly HungBand[] {
  const hung: HungBand[] = [];
  bands.forEach((band, index) => {
    const mesh = market.mesh(band.mesh);
    const below = hung[index - 1];
    const lapOver = below ? Math.max(bandLap, mesh.opening.up, market.mesh(below.band.mesh).opening.up) : 0;
    const bottom = below ? tidy(below.top - lapOver) : 0 - drop;
    const height = band.top - bottom;
    const ownLap = Math.max(bandLap, mesh.opening.up);
    const cheapest =
      band.widths === 'cheapest' ? cheapestStack(market, band.mesh, height, ownLap, length) : undefined;
    const widest = Math.max(...market.widths(band.mesh));
    const widths = band.widths === 'cheapest' ? (cheapest ?? [widest, widest, widest]) : band.widths;
    const rows: MeshRow[] = [];
    for (const width of widths) {
      const last = rows[rows.length - 1];
      const rowBottom = last ? last.top - ownLap : bottom;
      rows.push({
        width,
        bottom: rowBottom,
        top: Math.min(rowBottom + width, Math.max(band.top, rowBottom + 0.01)),
      });
    }
    const reach = tidy(bottom + reachOf(widths, ownLap));
    hung.push({
      band,
      index,
      bottom,
      top: Math.min(reach, band.top),
      lap: lapOver,
      rows,
      trimmed: Math.max(0, reach - band.top),
      shortBy: Math.max(0, band.top - reach),
      tooTall: band.widths === 'cheapest' && cheapest === undefined,
    });
  });
  return hung;
}
