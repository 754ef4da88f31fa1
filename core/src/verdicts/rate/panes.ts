import type { Way } from '../../findings/entry';
import type { Layer } from '../../catalogue/layer';
import type { Pane } from '../../findings/barrier';
import { type Rated, because, holds, open } from '../rated/types';
import { type Comer, isTorn, passes, rateLayers } from './layers';

/** How one way of getting in is rated. */
export type ByWay = readonly (readonly [way: Way, rated: Rated])[];

/** What a hole without mesh does. */
function rateHole(comer: Comer, { hole, what }: Pane): Rated {
  const { squeeze } = comer;
  const wide = !Number.isFinite(hole);
  if (what === 'side' && wide) return open(because('side.open', {}));
  if (what === 'skin' && wide) return open(because('skin.none', {}));
  if (wide) return open(because('hole.unknown', {}));
  return passes(hole, squeeze)
    ? open(because('hole.passes', { hole, figure: squeeze ?? 0 }))
    : holds(because('opening.holds', { opening: hole, figure: squeeze }));
}

/** A paw, a bill or a head through what is left of the layers. */
function rateReach(comer: Comer, opening: number): Rated | null {
  const { reach } = comer.row;
  if (reach === null) return null;
  return passes(opening, reach)
    ? open(because('opening.reached', { opening, figure: reach }))
    : holds(because('reach.holds', { opening, figure: reach }));
}

const smallest = (comer: Comer, layers: readonly Layer[]): number => {
  const strong = layers.filter((layer) => !isTorn(comer, layer));
  return Math.min(...(strong.length > 0 ? strong : layers).map((l) => l.opening));
};

const isBear = ({ row }: Comer): boolean => row.squeeze === null && row.tears;

/**
 * How a pane meets a threat: through it, by reaching through it, by tearing it.
 *
 * @see rules: Threats. An opening holds a threat only when its shorter side is smaller than its squeeze and, where a bird is within reach, than its reach
 */
export function ratePane(comer: Comer, pane: Pane): ByWay {
  const { row } = comer;
  const { layers, hole, near, what } = pane;
  // A person is stopped by locks, and walks in where a side is left open.
  if (row.steals)
    return what === 'side' && layers.length === 0 ? [['through', open(because('side.open', {}))]] : [];
  // What takes feed is let in beside a leaf.
  if (what === 'leaf' && row.takes === 'feed') return [];
  if (isBear(comer)) {
    if (layers.length > 0) return [['tear', open(because('bear.mesh', {}))]];
    return what === 'side' ? [['through', open(because('side.open', {}))]] : [];
  }
  if (row.soils && what === 'leaf') return [];
  const closed = layers.length === 0 || (Number.isFinite(hole) && !passes(hole, comer.squeeze));
  if (closed) {
    const reach =
      near && Number.isFinite(hole)
        ? rateReach(comer, layers.length > 0 ? Math.min(hole, smallest(comer, layers)) : hole)
        : null;
    return [['through', rateHole(comer, pane)], ...(reach ? [['reach', reach] as const] : [])];
  }
  const { through, tear } = rateLayers(comer, layers);
  const reach = near ? rateReach(comer, smallest(comer, layers)) : null;
  return [
    ['through', through],
    ...(reach ? [['reach', reach] as const] : []),
    ...(tear ? [['tear', tear] as const] : []),
  ];
}
