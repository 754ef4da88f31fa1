import type { Demand } from '../../buying/demand';
import type { Products } from '../../catalogue/products';
import { type Opening, partsFence, rowOf as openingRow } from '../ways/plan/kinds';
import { openingsIn } from './arched';
import { frameFasteners, panelDemands, stickDemands } from './frame/asked';
import type { ArchShape } from './shape';
import { skinDemands } from './skin/asked';
import { filmDemands, lowDemands } from './skin/bandAndFilm';

/** What is asked for by the arches: frames, skins, ends, film and what fastens them. */
export function archDemands(
  shapes: readonly ArchShape[],
  openings: readonly Opening[],
  products: Products,
): readonly Demand[] {
  return shapes.flatMap((shape): readonly Demand[] => {
    if (!shape.curve) return [];
    const within = openingsIn(shape, openings);
    const gates = within.filter(partsFence);
    const doors = within.filter((o) => openingRow(o).leaf === 'panel');
    return [
      ...panelDemands(shape, products, doors),
      ...stickDemands(shape, products, gates),
      ...frameFasteners(shape, products),
      ...lowDemands(shape, gates),
      ...filmDemands(shape),
      ...skinDemands(shape),
    ];
  });
}
