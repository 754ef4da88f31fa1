import type { SoldUnit } from '../catalogue/market';
import type { PackId } from '../catalogue/packs';
import { leastPrice } from '../cutting/covers';
import type { Memo } from '../cutting/memo';
import type { OwnedPiece } from '../plan/schema';

/** How many of a pack's pieces are in the shed. */
const ownedPieces = (pack: PackId, owned: readonly OwnedPiece[]): number =>
  owned.reduce(
    (n, o) => n + (o.kind === 'pack' && o.product === pack && o.condition !== 'poor' ? o.count : 0),
    0,
  );

/** Units of what comes in packs. */
export interface PackUnits {
  readonly packs: (product: PackId) => readonly SoldUnit[];
}

/**
 * What so many pieces cost in whole packs beside those in the shed, minor units; nothing where the yard names no price.
 *
 * @returns one function for each pack, which looks its units up once
 */
export function packPrice(
  { packs }: PackUnits,
  owned: readonly OwnedPiece[],
  memo: Memo,
): (pack: PackId) => (count: number) => number {
  return (pack) => {
    const units = packs(pack);
    if (units.some((u) => u.price === null)) return () => 0;
    const there = ownedPieces(pack, owned);
    return (count) => leastPrice(units, count - there, memo);
  };
}
