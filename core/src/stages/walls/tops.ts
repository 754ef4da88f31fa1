import { typeOf } from '../../catalogue/meshTypes';
import type { Products } from '../../catalogue/products';
import type { FenceLine } from '../../ground/fenceLines';
import type { Facet } from '../../plan/effective';
import { topOf } from '../outline/plan/standing';
import type { WallTop } from './shown/wallTop';

/** What each line's wall asks of its posts, from its bands as meant: whatever rolls they come from. */
export const topsOf = (
  bands: ReadonlyMap<FenceLine, Facet<'bands'>>,
  products: Pick<Products, 'mesh'>,
): ReadonlyMap<FenceLine, WallTop> =>
  new Map(
    [...bands].map(([line, { bands: these }]) => [
      line,
      {
        top: line.standing ? topOf(line.standing) : (these[these.length - 1]?.top ?? 0),
        pulls: these.some((b) => typeOf(products.mesh(b.mesh)).pulled) ? 'woven' : 'no',
      },
    ]),
  );
