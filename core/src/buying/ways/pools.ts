import type { CuttingStage } from '../../cutting/pools';
import type { CuttingPool } from '../../cutting/types';
import type { Wanted } from '../../cutting/wanted';
import type { Products } from '../../catalogue/products';
import { bought, insteadOf, notHeld, priceWorking, sizeOf } from '../docket/buy';
import { type Bare, type Yards, line } from '../docket/line';
import type { DocketLine } from '../docket/types';
import { meshWeight } from '../../catalogue/meshWeight';
import { timberWeight } from '../docket/weights';
import type { Term } from '../../working';

/** What is cut from whole rolls, or from lengths of timber: a line a pool. */
function poolLine(
  { products, yards }: { readonly products: Products; readonly yards: Yards },
  pool: CuttingPool,
  { stage, trimmed, short }: Wanted,
  need: Term,
): DocketLine {
  const counts = pool.units.map(
    (u) => pool.rolls.filter((r) => r.bought?.yard === u.yard && r.length === u.size).length,
  );
  const units = bought(pool.units, counts);
  const price = pool.unplaced.length > 0 ? null : priceWorking(units, 'm');
  const owned = pool.rolls.reduce((total, r) => total + (r.owned === null ? 0 : r.length - r.left), 0);
  const buy = sizeOf(units);
  const timber = pool.kind === 'timber';
  const metre = timber
    ? timberWeight(products, pool.product)
    : pool.width * meshWeight(products.mesh(pool.product));
  const bare: Bare = {
    id: timber ? pool.id : `roll:${pool.id}`,
    stage,
    product: pool.product,
    detail: timber
      ? { kind: 'timber', pool: pool.id }
      : { kind: 'roll', width: pool.width, pool: pool.id, trimmed, short },
    need: need.value,
    unit: 'm',
    owned,
    buy,
    left: Math.max(0, buy + owned - need.value),
    weight: buy * metre,
    units,
    notHeld: notHeld(pool.units, units),
    instead: insteadOf(pool.units, counts, need.value - owned),
  };
  return line(yards, bare, need, price);
}

/** Everything cut from rolls and lengths, pool by pool. */
export const poolLines = (
  products: Products,
  yards: Yards,
  { pools, wanted, workings }: CuttingStage,
): readonly DocketLine[] =>
  pools.flatMap((pool, i) => {
    const [want, need] = [wanted[i], workings.get(pool.id)];
    return want && need ? [poolLine({ products, yards }, pool, want, need)] : [];
  });
