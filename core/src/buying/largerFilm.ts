import type { Goods } from '../catalogue/goods';
import { EPSILON } from '../units/round';
import { type Wanted, nearestSize } from './fits';

/** Another product of the same type that is sold large enough, the smallest of them; undefined where none is. */
export function largerFilm(
  goods: Pick<Goods, 'meshIds' | 'mesh' | 'widths' | 'rollLengths'>,
  mesh: string,
  fit: Wanted,
): string | undefined {
  const { type } = goods.mesh(mesh);
  const covering = goods
    .meshIds()
    .filter((id) => id !== mesh && goods.mesh(id).type === type)
    .flatMap((id) => {
      const sizes = goods
        .widths(id)
        .flatMap((width) => goods.rollLengths(id, width).map((length) => ({ width, length })));
      const nearest = nearestSize(fit, sizes);
      const covers = nearest && nearest.short.across + nearest.short.along <= EPSILON;
      return covers ? [{ id, area: nearest.size.width * nearest.size.length }] : [];
    })
    .sort((a, b) => a.area - b.area);
  return covering[0]?.id;
}
