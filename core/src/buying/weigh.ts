import type { CutPlan } from '../cutting/plan';
import type { CutMarket } from '../catalogue/market';
import type { PackId } from '../catalogue/packs';
import { isPriced } from '../cutting/cut';
import type { Memo } from '../cutting/memo';
import type { Cutter } from '../cutting/wanted';
import type { OwnedPiece } from '../plan/schema';
import { EPSILON } from '../units/round';
import type { Ask } from './demand';
import { gatherMesh, sheetsByTheMetre } from './gather';
import { type PackUnits, packPrice } from './prices';

/** What some way to choose costs as it would really be cut, minor units: of the meshes chosen from, and of all packs that follow from it. */
export interface Weighed {
  /** Infinity where they cannot be cut, or a price is missing. */
  readonly cost: number;
  /** Proved: no rolls do for less, with as many joints as were found. */
  readonly least: number;
  /** What cannot be cut so: bays that no roll reaches, rolls that the yards do not hold. */
  readonly unfit: number;
}

/** By what it is weighed. */
export interface WeighedBy {
  readonly market: CutMarket & PackUnits;
  readonly owned: readonly OwnedPiece[];
  readonly memo: Memo;
  readonly cut: Cutter;
  /** Chosen from. */
  readonly meshes: ReadonlySet<string>;
  readonly packs: readonly PackId[];
}

/** How many pieces of a pack the joints of a plan take. */
const jointPieces = ({ bins }: CutPlan, pack: PackId): number => {
  let count = 0;
  for (const { cuts } of bins)
    for (const { from, run } of cuts)
      if (from > EPSILON) for (const joint of run.atJoint) if (joint.pack === pack) count += joint.count;
  return count;
};

/** @param asks  everything that is asked for with what was chosen */
export function weigh(asks: readonly Ask[], by: WeighedBy): Weighed {
  const { market, owned, memo, cut, meshes, packs } = by;
  let [cost, least, unfit] = [0, 0, 0];
  const counts = packs.map((pack) =>
    asks.reduce((n, ask) => n + (ask.buy === 'pack' && ask.pack === pack ? ask.count : 0), 0),
  );
  for (const { product, units, owned: there, runs, lap, width } of gatherMesh(asks, by)) {
    const plan = cut({ units, owned: there, runs, lap, width });
    packs.forEach((pack, i) => (counts[i] = (counts[i] ?? 0) + jointPieces(plan, pack)));
    if (!meshes.has(product)) continue;
    unfit += plan.unplaced.length + (plan.overStock ? 1 : 0);
    cost += isPriced(plan) ? plan.cost : Infinity;
    least += isPriced(plan) ? plan.bound : Infinity;
  }
  const priceOf = packPrice(market, owned, memo);
  const packed = packs.reduce((total, pack, i) => total + priceOf(pack)(counts[i] ?? 0), 0);
  return { cost: cost + packed, least: sheetsByTheMetre(asks) ? 0 : least + packed, unfit };
}
