import { meshName, wireName } from '../../catalogue/names';
import { typeOf } from '../../catalogue/meshTypes';
import type { Asking } from './types';

/** Meshes that this yard sells, the keeper's own, and the one in use. */
export function meshesOnOffer(
  asking: Pick<Asking, 'plan' | 'market'>,
  now: string | null,
): readonly string[] {
  const { plan, market } = asking;
  const own = new Set(plan.buying.ownProducts.map((p) => p.id));
  const sold = (id: string) =>
    market.widths(id).some((w) => market.rolls(id, w).some((u) => u.price !== null));
  return market
    .meshIds()
    .filter((id) => id === now || own.has(id) || sold(id))
    .filter((id) => typeOf(market.mesh(id)).wall);
}

export const meshOption = ({ market, reader }: Asking, id: string) => {
  const mesh = market.mesh(id);
  return { key: id, title: meshName(mesh, reader), note: wireName(mesh, reader), mesh: id };
};
