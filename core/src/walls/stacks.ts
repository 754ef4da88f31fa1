import type { Goods } from '../catalogue/goods';
import type { SoldUnit, WallMarket } from '../catalogue/market';
import { leastPrice } from '../cutting/covers';
import { type Memo, newMemo } from '../cutting/memo';
import type { OwnedPiece } from '../plan/schema';
import { EPSILON } from '../units/round';

/** A height that a mesh is to reach, in rows of whole roll widths. All m. */
export interface StackWant {
  readonly mesh: string;
  readonly height: number;
  /** Lap of row over row. */
  readonly lap: number;
  /** How much each row is bought for, with its ends and leaves. */
  readonly length: number;
  /** Rings along each seam of row over row. */
  readonly seam: number;
  /** One where it is a strip that nothing is stacked on; up to three otherwise. */
  readonly rows?: 1;
}

/** What is bought whichever widths are chosen. */
export interface Anyway {
  /** Roll of each `mesh width`, m. */
  readonly rolls: ReadonlyMap<string, number>;
  readonly rings: number;
  readonly pegs: number;
}

export const NOTHING: Anyway = { rolls: new Map(), rings: 0, pegs: 0 };

/** Widths from the ground up; undefined when no three widths sold reach. */
export type Stack = readonly number[] | undefined;

/** Of more widths than these no three, or no two, are put together: no yard has as many, and the ways would never end. */
const MOST_OF_THREE = 16;
const MOST_OF_TWO = 60;

/** Heights remembered for each list of widths. */
const MOST_HEIGHTS = 500;

/** All sets of one to three widths, widest first in each. */
function widthSets(widths: readonly number[], { sets: known }: Memo): readonly (readonly number[])[] {
  const before = known.get(widths);
  if (before) return before;
  const falling = [...widths].sort((a, b) => b - a);
  const sets: number[][] = [];
  falling.forEach((a, i) => {
    sets.push([a]);
    if (falling.length > MOST_OF_TWO) return;
    falling.slice(i).forEach((b, j) => {
      sets.push([a, b]);
      if (falling.length > MOST_OF_THREE) return;
      falling.slice(i + j).forEach((c) => sets.push([a, b, c]));
    });
  });
  known.set(widths, sets);
  return sets;
}

export const reachOf = (set: readonly number[], lap: number): number =>
  set.reduce((a, b) => a + b, 0) - (set.length - 1) * lap;

/** Owned rolls of a mesh that can be hung, with what there is of each width, m. */
export const ownedRolls = (mesh: string, owned: readonly OwnedPiece[]) =>
  owned.flatMap((o) =>
    o.kind === 'roll' && o.product === mesh && o.condition !== 'poor'
      ? [{ width: o.width, length: o.count * o.length }]
      : [],
  );

export const sameWidth = (a: number, b: number): boolean => Math.abs(a - b) < 1e-4;

/** Widths sold, and those in the shed that no yard sells; m, rising. */
export function widthsAtHand(
  market: Pick<Goods, 'widths'>,
  mesh: string,
  owned: readonly OwnedPiece[],
): readonly number[] {
  const sold = market.widths(mesh);
  const all = [...sold];
  for (const { width } of ownedRolls(mesh, owned)) if (!all.some((w) => sameWidth(w, width))) all.push(width);
  return all.length === sold.length ? sold : all.sort((a, b) => a - b);
}

/**
 * Sets that reach, without those from which a row could be left out.
 *
 * @param owned  whose widths may be used beside those sold
 */
export function setsThatReach(
  market: WallMarket,
  { mesh, height, lap, rows }: Omit<StackWant, 'length' | 'seam'>,
  owned: readonly OwnedPiece[] = [],
  memo: Memo = newMemo(),
): readonly (readonly number[])[] {
  const widths = widthsAtHand(market, mesh, owned);
  const known = memo.reaching.get(widths) ?? new Map<string, readonly (readonly number[])[]>();
  memo.reaching.set(widths, known);
  const key = `${height} ${lap} ${rows ?? ''}`;
  const before = known.get(key);
  if (before) return before;
  const reaches = (set: readonly number[]) => set.length > 0 && reachOf(set, lap) >= height - EPSILON;
  const found = widthSets(widths, memo).filter(
    (set) =>
      set.length <= (rows ?? 3) &&
      reaches(set) &&
      !set.some((_, i) => reaches(set.filter((__, j) => j !== i))),
  );
  if (known.size >= MOST_HEIGHTS) known.clear();
  known.set(key, found);
  return found;
}

/** Rings along all the seams of a stack. */
export const seamRings = (set: Stack, { seam }: Pick<StackWant, 'seam'>): number =>
  ((set?.length ?? 1) - 1) * seam;

/** What so many rings or pegs cost in whole packs, minor units; nothing where the yard names no price. */
export function packPrices(market: WallMarket, of: 'ring' | 'peg', memo: Memo): (count: number) => number {
  const units = market.packs(of);
  if (units.some((u) => u.price === null)) return () => 0;
  return (count) => leastPrice(units, count, memo);
}

/** What so many metres of a width cost at least in whole rolls, minor units; by area where the yard names no price. */
export function rollPrice(units: readonly SoldUnit[], width: number, length: number, memo: Memo): number {
  return units.some((u) => u.price === null) ? width * Math.max(0, length) : leastPrice(units, length, memo);
}

/** Fasteners whose count follows from the widths chosen, and from how their rolls are jointed. */
export type Fasteners = Pick<Anyway, 'rings' | 'pegs'>;

/** What fasteners cost in whole packs beside those in the shed, minor units. */
export function fastenerPrice(
  market: WallMarket,
  owned: readonly OwnedPiece[],
  memo: Memo,
): (needed: Fasteners) => number {
  const there = (of: 'ring' | 'peg') =>
    owned.reduce(
      (n, o) => n + (o.kind === 'pack' && o.product === of && o.condition !== 'poor' ? o.count : 0),
      0,
    );
  const [ringPrice, pegPrice] = [packPrices(market, 'ring', memo), packPrices(market, 'peg', memo)];
  const [ringsThere, pegsThere] = [there('ring'), there('peg')];
  return ({ rings, pegs }) => ringPrice(rings - ringsThere) + pegPrice(pegs - pegsThere);
}

/** Wants of one mesh, height and lap as one: the same widths run all their length. */
export const together = (a: StackWant, b: StackWant): StackWant => ({
  ...a,
  height: Math.max(a.height, b.height),
  length: a.length + b.length,
  seam: a.seam + b.seam,
});

/** Which wants are one band. */
export const bandKey = ({ mesh, height, lap, rows }: StackWant): string =>
  `${mesh} ${Math.round(height * 1e4)} ${lap} ${rows ?? ''}`;
