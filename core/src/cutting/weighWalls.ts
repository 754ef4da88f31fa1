import type { CutMarket, WallMarket } from '../catalogue/market';
import { pegCount } from '../fasteners/pegs';
import { ringCount } from '../fasteners/rings';
import type { Assumptions } from '../plan/assumptions';
import type { ExtraPiece, OwnedPiece } from '../plan/schema';
import { type SkirtLayout, withRolls } from '../skirt/rolls';
import type { PartRef } from '../plan/partRef';
import { EPSILON } from '../units/round';
import type { Weighed } from '../walls/settle';
import type { HungWalls } from '../walls/stage';
import { fastenerPrice } from '../walls/stacks';
import { type Cutter, extrasByTheMetre, gather } from './gather';
import { isPriced } from './cut';
import type { Memo } from './memo';

/** What takes of the same rolls and fasteners as the walls. */
export interface Beside {
  readonly skirts: SkirtLayout;
  readonly extras: readonly ExtraPiece[];
  readonly owned: readonly OwnedPiece[];
  /** Rings that lap skirts up the walls. */
  readonly lapped: number;
  readonly assumed: Assumptions;
  readonly memo: Memo;
  readonly cut: Cutter;
}

/** What the rolls of some meshes, all rings and pegs cost with walls hung so and skirts cut from the rolls chosen with them, by the fast method. */
export function weighWalls(
  market: WallMarket & CutMarket,
  walls: HungWalls,
  meshes: ReadonlySet<string>,
  { skirts, extras, owned, lapped, assumed, memo, cut }: Beside,
): Weighed {
  const dressed = withRolls(market, skirts, walls.strips);
  const order = { courses: walls.courses, boards: [], skirts: dressed, sticks: [], extras, owned };
  let [cost, least, unfit] = [0, 0, 0];
  const jointed: PartRef[] = [];
  for (const wanted of gather(market, order, assumed.jointLap, cut)) {
    const { units, runs, lap, width } = wanted;
    const plan = cut({ units, owned: wanted.owned, runs, lap, width });
    for (const { cuts } of plan.bins)
      for (const cut of cuts) if (cut.from > EPSILON) jointed.push(cut.run.part);
    if (!meshes.has(wanted.product)) continue;
    unfit += plan.unplaced.length + (plan.overStock ? 1 : 0);
    cost += isPriced(plan) ? plan.cost : Infinity;
    least += isPriced(plan) ? plan.bound : Infinity;
  }
  const fasteners = fastenerPrice(
    market,
    owned,
    memo,
  )({
    rings: ringCount(walls, dressed, lapped, jointed),
    pegs: pegCount(dressed, jointed),
  });
  return { cost: cost + fasteners, least: extrasByTheMetre(extras) ? 0 : least + fasteners, unfit };
}
