import { MESH_TYPES } from '../../catalogue/meshTypes';
import type { Layer } from '../../catalogue/layer';
import type { Lid, WallHead } from '../../findings/barrier';
import { EPSILON } from '../../units/round';
import { type Rated, because, holds, open, worstOf } from '../rated/types';
import { type Comer, isTorn, passes, rateLayers } from './layers';

/** An overhang that whatever scrambles up a wall does not get round (rules: Threats), m. */
const HANGS_OUT = 0.3;
/** So much of a run under covers is all of it: edges are tucked and trimmed. */
const WHOLE = 0.98;

const flies = ({ row }: Comer): boolean => row.moves === 'flies';
const jumps = ({ row }: Comer): boolean => row.over !== null;

/** Clears the wall: one just as high as its figure is cleared; one that scrambles gets over any without an overhang. */
const clears = ({ row }: Comer, { height, overhang }: Pick<WallHead, 'height' | 'overhang'>): boolean =>
  row.over !== null &&
  (height === null || height <= row.over + EPSILON || (row.scrambles && overhang < HANGS_OUT - EPSILON));

/** Over a wall with nothing over the run; null for what neither climbs nor jumps: it does not come so. */
export function rateHead(comer: Comer, head: WallHead): Rated | null {
  const { row } = comer;
  if (flies(comer) || row.steals || (!row.climbs && !jumps(comer))) return null;
  const { height, overhang } = head;
  if (row.climbs) return open(because('over.climbs', {}));
  if (!clears(comer, head))
    return holds(because('over.holds', { height: height ?? 0, figure: row.over ?? 0, overhang }));
  if (height === null) return open(because('over.unmeasured', {}));
  return height > (row.over ?? 0) + EPSILON
    ? open(because('over.scrambles', { height, overhang, needs: HANGS_OUT }))
    : open(because('over.jumps', { height, figure: row.over ?? 0 }));
}

const isKnotted = ({ type }: Layer): boolean => MESH_TYPES[type].covers === 'net';
const isPlasticNet = ({ type }: Layer): boolean => MESH_TYPES[type].torn && MESH_TYPES[type].of === 'plastic';

/** What flies: by the opening; what soils asks for a closed roof. */
function rateAgainstFlyers({ row, squeeze }: Comer, layers: readonly Layer[]): Rated {
  const opening = Math.min(...layers.map((l) => l.opening));
  if (row.soils)
    return layers.some(({ type }) => MESH_TYPES[type].tight)
      ? holds(because('lid.closed', {}))
      : open(because('lid.droppings', {}));
  return passes(opening, squeeze)
    ? open(because('opening.passes', { opening, figure: squeeze ?? 0, known: true }))
    : holds(because('opening.holds', { opening, figure: squeeze }));
}

/** One net of cord or plastic: holds what flies and what jumps, never a climber that tears it. */
function rateNet(comer: Comer, layer: Layer): Rated {
  const { row, squeeze } = comer;
  const { opening, type } = layer;
  if (row.climbs && row.tears) return open(because('layer.torn', { type, known: layer.known }));
  if (row.scrambles && isPlasticNet(layer)) return open(because('layer.torn', { type, known: layer.known }));
  if (isPlasticNet(layer) && row.climbs && isTorn(comer, layer))
    return open(because('layer.torn', { type, known: layer.known }));
  return passes(opening, squeeze)
    ? open(because('opening.passes', { opening, figure: squeeze ?? 0, known: layer.known }))
    : holds(because('opening.holds', { opening, figure: squeeze }));
}

/** What lies over a run as it meets what comes over its walls or from above. */
export function rateLid(comer: Comer, layers: readonly Layer[]): Rated {
  if (layers.length === 0) return open(because('above.nothing', {}));
  if (flies(comer)) return rateAgainstFlyers(comer, layers);
  if (comer.squeeze === null) return open(because('bear.cover', {}));
  const nets = layers.filter((l) => isKnotted(l) || isPlasticNet(l));
  const others = layers.filter((l) => !nets.includes(l));
  const rated = nets.map((net) => rateNet(comer, net));
  if (others.length > 0) {
    const { through, tear } = rateLayers(comer, others);
    rated.push(worstOf(tear ? [through, tear] : [through]) ?? through);
  }
  return rated.reduce((best, one) => (one.rating === 'holds' || best.rating === 'open' ? one : best));
}

/** Whether covers lie over all of a run. */
export const isWhole = (lids: readonly Lid[]): boolean =>
  lids.reduce((share, lid) => share + lid.share, 0) >= WHOLE - EPSILON;

/** Whether a lid says anything about a threat at all: flyers, climbers, and jumpers that clear the wall (rules: Threats). */
export const meetsLid = (comer: Comer, heads: readonly WallHead[]): boolean =>
  !comer.row.steals &&
  (flies(comer) ||
    comer.row.climbs ||
    (jumps(comer) && (heads.length === 0 || heads.some((h) => clears(comer, h)))));

/** A gap between wall and cover, to what comes so high. */
export const rateGap = ({ squeeze }: Comer, gap: number): Rated | null =>
  passes(gap, squeeze) || squeeze === null
    ? open(because('hole.passes', { hole: gap, figure: squeeze ?? 0 }))
    : null;
