import { type Bin, NO_BLOCK, type OwnedLength, type Slot } from './cutting';
import type { SoldUnit } from '../catalogue/market';
import { EPSILON } from '../units/round';
import { weight } from './covers';
import { blockOf } from './sheets';
import type { Prepared } from './prepare';
import type { Run } from '../buying/run';

/* Named here: the inner loops of cutting ask for them millions of times. */
const { abs, max } = Math;

export const boughtSlot = (unit: SoldUnit): Slot => ({ size: unit.size, unit, owned: null });
export const ownedSlot = (owned: OwnedLength): Slot => ({ size: owned.size, unit: null, owned });
export const emptyBin = (slot: Slot): Bin => ({ slot, free: slot.size, cuts: [], block: NO_BLOCK });

export const isEmpty = (bin: Bin): boolean => bin.cuts.length === 0 && bin.block.spots.length === 0;

/** What is paid for the rolls that are cut into. */
export const costOf = (bins: readonly Bin[]): number =>
  bins.reduce((total, { slot }) => total + (slot.unit ? weight(slot.unit) : 0), 0);

export const jointsOf = (bins: readonly Bin[]): number =>
  bins.reduce((total, bin) => total + bin.cuts.filter((c) => c.from > EPSILON).length, 0);

const ownedUsed = (bins: readonly Bin[]) =>
  bins.reduce((total, { slot, free }) => total + (slot.owned ? slot.size - free : 0), 0);

const longestLeft = (bins: readonly Bin[]) => max(0, ...bins.map((b) => b.free));

/**
 * Of two ways to lay at one price: fewer joints, then more cut from what is owned, then the longer single left-over
 * (rules: Cutting and buying).
 *
 * @returns below 0 when `a` is the better
 */
export function compareLaid(a: readonly Bin[], b: readonly Bin[]): number {
  const joints = jointsOf(a) - jointsOf(b);
  if (joints !== 0) return joints;
  const owned = ownedUsed(b) - ownedUsed(a);
  if (abs(owned) > EPSILON) return owned;
  const left = longestLeft(b) - longestLeft(a);
  return abs(left) > EPSILON ? left : 0;
}

/** Puts small pieces more into a roll, if there is room. */
export function addSheets(
  bin: Bin,
  runs: readonly Run[],
  { task, memo }: Pick<Prepared, 'task' | 'memo'>,
  tried?: number,
): boolean {
  const block = blockOf([...bin.block.spots.map((s) => s.run), ...runs], task.width, tried, memo.layouts);
  const more = block.length - bin.block.length;
  if (more > bin.free + EPSILON) return false;
  bin.block = block;
  bin.free -= more;
  return true;
}
