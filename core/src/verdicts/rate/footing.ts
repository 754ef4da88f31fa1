import type { Footing, FootLaid } from '../../findings/barrier';
import type { Plan } from '../../plan/schema';
import { EPSILON } from '../../units/round';
import { type Rated, because, bestOf, delays, holds, open, worstOf } from '../rated/types';
import { type Comer, isTorn, passes, rateWire } from './layers';

/** How much faster or slower it digs than in loam (rules: Threats). */
const SOIL: Readonly<Record<Plan['ground']['soil'], number>> = { sand: 2, loam: 1, clay: 0.6, stony: 0.4 };
/** It digs at least so deep to get under anything, m. */
const LEAST = 0.3;
/** What passes so small a gap goes between stones, m. */
const BETWEEN_STONES = 0.03;

/** A missing figure is taken from the other column; null where both are missing: it does not dig. */
export function digsOf({
  row,
}: Pick<Comer, 'row'>): { readonly depth: number; readonly width: number } | null {
  const depth = row.dig ?? row.apron;
  const width = row.apron ?? row.dig;
  return depth === null || width === null ? null : { depth, width };
}

/**
 * How long it digs: down and up again, and past what lies out (rules: Threats).
 *
 * @returns h
 */
export const hoursToDig = (
  { row }: Pick<Comer, 'row'>,
  { depth, out }: Pick<FootLaid, 'depth' | 'out'>,
  soil: Plan['ground']['soil'],
): number => (2 * Math.max(depth, LEAST) + out) / (row.digs * SOIL[soil]);

/** What is laid, by itself. To what passes its own opening nothing is laid. */
function rateLaid(comer: Comer, laid: FootLaid, soil: Plan['ground']['soil']): Rated {
  const { layer, depth, out, loose } = laid;
  const digs = digsOf(comer) ?? { depth: 0, width: 0 };
  if (loose && (comer.squeeze ?? 1) <= BETWEEN_STONES + EPSILON) return open(because('dig.stones', {}));
  if (layer && passes(layer.opening, comer.squeeze))
    return open(because('dig.mesh', { opening: layer.opening, figure: comer.squeeze ?? 0 }));
  if (layer && isTorn(comer, layer)) return open(because('dig.torn', { type: layer.type }));
  const wire = layer ? rateWire(comer, layer) : null;
  const deep = depth > 0 && depth >= digs.depth - EPSILON;
  const wide = out > 0 && out >= digs.width - EPSILON;
  const has = deep || (!wide && depth > 0 && out === 0) ? depth : out;
  const needs = deep || (!wide && depth > 0 && out === 0) ? digs.depth : digs.width;
  const by = has === depth && depth > 0 && (deep || out === 0) ? 'deep' : 'wide';
  const size =
    deep || wide
      ? holds(because('dig.holds', { has, needs, by }))
      : delays(hoursToDig(comer, laid, soil), because('dig.short', { has, needs, by }));
  return worstOf(wire ? [size, wire] : [size]) ?? size;
}

/**
 * How the foot meets what digs.
 *
 * @returns null for what does not dig
 * @see rules: Threats. Under
 */
export function rateFooting(comer: Comer, footing: Footing, soil: Plan['ground']['soil']): Rated | null {
  if (comer.row.moves === 'flies' || comer.row.steals || digsOf(comer) === null) return null;
  if (footing.closed === 'solid') return holds(because('floor.solid', {}));
  if (footing.closed === 'open') return open(because('dig.end', {}));
  return bestOf(footing.laid.map((laid) => rateLaid(comer, laid, soil))) ?? open(because('dig.none', {}));
}
