import type { Goods } from '../catalogue/goods';
import { type Memo, newMemo } from '../cutting/memo';
import type { OwnedPiece } from '../plan/schema';
import { EPSILON } from '../units/round';
import type { AtHand, Reaching } from './demand';
import { reachOf } from './reach';

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
  goods: Pick<Goods, 'widths'>,
  mesh: string,
  owned: readonly OwnedPiece[],
): readonly number[] {
  const sold = goods.widths(mesh);
  const all = [...sold];
  for (const { width } of ownedRolls(mesh, owned)) if (!all.some((w) => sameWidth(w, width))) all.push(width);
  return all.length === sold.length ? sold : all.sort((a, b) => a - b);
}

/** What candidates are made from: everything sold at some yards, and what is in the shed. */
export function handOf(
  goods: Pick<Goods, 'widths' | 'rollLengths'>,
  owned: readonly OwnedPiece[],
  memo: Memo = newMemo(),
): AtHand {
  const byMesh = new Map<string, readonly number[]>();
  const widths = (mesh: string) => {
    const there = byMesh.get(mesh) ?? widthsAtHand(goods, mesh, owned);
    byMesh.set(mesh, there);
    return there;
  };
  const reaching = ({ mesh, height, lap, rows }: Reaching) => {
    const all = widths(mesh);
    const known = memo.reaching.get(all) ?? new Map<string, readonly (readonly number[])[]>();
    memo.reaching.set(all, known);
    const key = `${height} ${lap} ${rows}`;
    const before = known.get(key);
    if (before) return before;
    const reaches = (set: readonly number[]) => set.length > 0 && reachOf(set, lap) >= height - EPSILON;
    const found = widthSets(all, memo).filter(
      (set) =>
        set.length <= rows && reaches(set) && !set.some((_, i) => reaches(set.filter((__, j) => j !== i))),
    );
    if (known.size >= MOST_HEIGHTS) known.clear();
    known.set(key, found);
    return found;
  };
  const longest = (mesh: string, width: number) =>
    Math.max(
      0,
      ...goods.rollLengths(mesh, width),
      ...owned.flatMap((o) =>
        o.kind === 'roll' && o.product === mesh && o.condition !== 'poor' && sameWidth(o.width, width)
          ? [o.length]
          : [],
      ),
    );
  return { widths, reaching, longest };
}
