import { MESH_TYPES } from '../../catalogue/meshTypes';
import type { Layer } from '../../catalogue/layer';

import type { ThreatId, ThreatRow } from '../../stages/threats/plan/kinds';
import { EPSILON } from '../../units/round';
import { type Rated, because, bestOf, delays, holds, open } from '../rated/types';

/** Thinner wire than this share of what is needed is no wire at all; from it on it delays (rules: Threats). */
const DELAYS = 0.6;
/** So long it takes to part wire that is only too thin, h. */
const TO_PART = 1;
/** Thinner hexagonal wire is chewed through, m. */
const CHEWED = 0.0007;

/** A threat with its figures as they are in this plan; `squeeze` is that of its young where these count. */
export interface Comer {
  readonly id: ThreatId;
  readonly row: ThreatRow;
  readonly squeeze: number | null;
}

/** An opening as large as the figure lets it in. */
export const passes = (opening: number, figure: number | null): boolean =>
  figure !== null && opening >= figure - EPSILON;

const isCloth = ({ type }: Layer): boolean =>
  MESH_TYPES[type].weave === 'closed' && MESH_TYPES[type].of === 'plastic';
/**
 * Whether a layer is none to a threat: hexagonal and plastic are torn by those marked so, and film like them; what chews goes through plastic of any
 * kind and through thin hexagonal wire.
 */
export function isTorn(comer: Comer, layer: Layer): boolean {
  if (comer.row.moves === 'flies') return false;
  const { torn, of } = MESH_TYPES[layer.type];
  const soft = torn || isCloth(layer);
  if (!soft) return false;
  if (comer.row.tears) return true;
  return comer.row.chews && (of === 'plastic' || layer.wire <= CHEWED + EPSILON);
}

/** How far the wire of a layer holds by itself. What is not torn but hexagonal holds by its type alone. */
export function rateWire({ row }: Comer, { type, wire }: Layer): Rated {
  const needs = row.wire;
  const { weave } = MESH_TYPES[type];
  if (needs === null || weave === 'closed' || weave === 'hexagons' || wire >= needs - EPSILON)
    return holds(because('wire.holds', { type, wire, needs }));
  return wire >= DELAYS * needs - EPSILON
    ? delays(TO_PART, because('wire.thin', { type, wire, needs }))
    : open(because('wire.breaks', { type, wire, needs }));
}

/** What layers one over the other do about a body: by their openings, and by how they are parted. */
export interface LayersRated {
  readonly through: Rated;
  /** Null where nothing is left to be torn, since it passes whole, or where it does not tear. */
  readonly tear: Rated | null;
}

/** @param layers  at least one; what a threat tears is no layer to it, of the rest each alone must be passed (rules: Threats) */
export function rateLayers(comer: Comer, layers: readonly Layer[]): LayersRated {
  const { squeeze, row } = comer;
  const strong = layers.filter((layer) => !isTorn(comer, layer));
  const left = strong.length > 0 ? strong : layers;
  const fine = left.filter(({ opening }) => !passes(opening, squeeze));
  const opening = Math.min(...left.map((l) => l.opening));
  const known = left.every((l) => l.known);
  const through =
    fine.length > 0
      ? holds(because('opening.holds', { opening, figure: squeeze }))
      : open(because('opening.passes', { opening, figure: squeeze ?? 0, known }));
  if (row.moves === 'flies') return { through, tear: null };
  if (strong.length === 0) {
    const [weakest] = layers;
    return { through, tear: weakest ? open(because('layer.torn', { type: weakest.type, known })) : null };
  }
  if (fine.length === 0) return { through, tear: null };
  return { through, tear: bestOf(fine.map((layer) => rateWire(comer, layer))) ?? null };
}
