import type { Cutting } from '../cutting/cutting';
import type { PackId } from '../catalogue/packs';
import { isPriced } from '../cutting/cut';
import type { Memo } from '../cutting/memo';
import type { Cutter, Wanted } from '../cutting/wanted';
import type { OwnedPiece } from '../plan/schema';
import { fewestJoints } from '../cutting/stretch';
import { EPSILON } from '../units/round';
import type { Ask } from './demand';
import { sheetsByTheMetre } from './gather';
import { type PackUnits, packPrice } from './prices';
import type { Run } from './run';

/** What some way to choose costs as it would really be cut, minor units: of the meshes chosen from, and of all packs that follow from it. */
export interface Weighed {
  /** Infinity where they cannot be cut, or a price is missing. */
  readonly cost: number;
  /** Proved: no rolls do for less, with as few joints as rolls are long. */
  readonly least: number;
  /** Of the cost, for packs, and what fewer joints could save of it at best. */
  readonly packed: number;
  readonly saving: number;
  /** What cannot be cut so: bays that no roll reaches, rolls that the yards do not hold. */
  readonly unfit: number;
}

/** By what it is weighed. */
export interface WeighedBy {
  readonly market: PackUnits;
  readonly owned: readonly OwnedPiece[];
  readonly memo: Memo;
  readonly cut: Cutter;
  /** Chosen from. */
  readonly meshes: ReadonlySet<string>;
  readonly packs: readonly PackId[];
}

/** How many pieces of a pack one joint of a run takes. */
const piecesAt = ({ atJoint }: Run, pack: PackId): number =>
  atJoint.reduce((n, joint) => n + (joint.pack === pack ? joint.count : 0), 0);

/** How many pieces of a pack the joints of a cutting take. */
export const jointPieces = ({ bins }: Cutting, pack: PackId): number => {
  let count = 0;
  for (const { cuts } of bins)
    for (const { from, run } of cuts) if (from > EPSILON) count += piecesAt(run, pack);
  return count;
};

/** How many pieces of a pack the joints take that no roll sold or owned avoids. */
function leastJointPieces({ runs, units, owned, lap }: Wanted, pack: PackId): number {
  const longest = [...units, ...owned].reduce((most, { size }) => Math.max(most, size), 0);
  let count = 0;
  for (const run of runs) {
    const each = piecesAt(run, pack);
    if (each > 0) count += each * fewestJoints(run, longest, lap);
  }
  return count;
}

/** How many pieces of a pack are asked for, whatever is jointed. */
const askedPieces = (asks: readonly Ask[], pack: PackId): number =>
  asks.reduce((n, ask) => n + (ask.buy === 'pack' && ask.pack === pack ? ask.count : 0), 0);

/** What packs are priced by. */
type PricedBy = Pick<WeighedBy, 'packs' | 'market' | 'owned' | 'memo'>;

/** What all packs cost together that follow from what is chosen, by how many pieces of each the joints take, minor units. */
export function packPrices(
  asks: readonly Ask[],
  { packs, market, owned, memo }: PricedBy,
): (atJoints: readonly number[]) => number {
  const priceOf = packPrice(market, owned, memo);
  const priced = packs.map((pack) => ({ asked: askedPieces(asks, pack), price: priceOf(pack) }));
  return (atJoints) => {
    let total = 0;
    for (let i = 0; i < priced.length; i++) {
      const one = priced[i];
      if (one) total += one.price(one.asked + (atJoints[i] ?? 0));
    }
    return total;
  };
}

/**
 * @param asks  everything that is asked for with what was chosen
 * @param wanted  its pools of mesh
 */
export function weigh(asks: readonly Ask[], wanted: readonly Wanted[], by: WeighedBy): Weighed {
  const { cut, meshes, packs } = by;
  let [cost, least, unfit] = [0, 0, 0];
  const found = packs.map(() => 0);
  const fewest = packs.map(() => 0);
  for (const pool of wanted) {
    const cutting = cut(pool);
    packs.forEach((pack, i) => {
      found[i] = (found[i] ?? 0) + jointPieces(cutting, pack);
      fewest[i] = (fewest[i] ?? 0) + leastJointPieces(pool, pack);
    });
    if (!meshes.has(pool.product)) continue;
    unfit += cutting.unplaced.length + (cutting.overStock ? 1 : 0);
    cost += isPriced(cutting) ? cutting.cost : Infinity;
    least += isPriced(cutting) ? cutting.bound : Infinity;
  }
  const priceOf = packPrices(asks, by);
  least = sheetsByTheMetre(asks) ? 0 : least + priceOf(fewest);
  return {
    cost: cost + priceOf(found),
    least,
    packed: priceOf(found),
    saving: priceOf(found) - priceOf(fewest),
    unfit,
  };
}
