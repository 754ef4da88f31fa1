import type { Bin, Cut, Task } from './cutting';
import { EPSILON } from '../units/round';
import { emptyBin, isEmpty, ownedSlot } from './bins';
import { weight } from './covers';
import { used } from './quick';

/** Moves looked at before it is good enough. */
const MOST_MOVES = 400;
/** Rolls beyond which left-overs are not worth the time. */
const MOST_ROLLS = 24;

/** The longest single left-over of rolls that are cut into, m, but for two. */
function longestBeside(bins: readonly Bin[], a: Bin, b: Bin): number {
  let most = 0;
  for (const bin of bins) if (bin !== a && bin !== b && !isEmpty(bin) && bin.free > most) most = bin.free;
  return most;
}

/** Whether a piece is better moved from one roll into another, by price, then as `compareLaid`: joints stay as they are. */
function isBetterMoved(bins: readonly Bin[], from: Bin, piece: Cut, into: Bin): boolean {
  const emptied = from.cuts.length === 1 && from.block.spots.length === 0;
  const opened = isEmpty(into);
  const saved = emptied && from.slot.unit ? weight(from.slot.unit) : 0;
  const paid = opened && into.slot.unit ? weight(into.slot.unit) : 0;
  if (Math.abs(paid - saved) > EPSILON) return paid < saved;
  const owned = (into.slot.owned ? piece.length : 0) - (from.slot.owned ? piece.length : 0);
  if (Math.abs(owned) > EPSILON) return owned > 0;
  const beside = longestBeside(bins, from, into);
  const before = Math.max(beside, from.free, opened ? 0 : into.free);
  const after = Math.max(beside, emptied ? 0 : from.free + piece.length, into.free - piece.length);
  return after > before + EPSILON;
}

/** One piece moved from roll to roll. */
const moved = (bins: readonly Bin[], from: Bin, piece: Cut, into: Bin): readonly Bin[] =>
  bins.map((bin) => {
    if (bin === from)
      return { ...bin, free: bin.free + piece.length, cuts: bin.cuts.filter((c) => c !== piece) };
    return bin === into ? { ...bin, free: bin.free - piece.length, cuts: [...bin.cuts, piece] } : bin;
  });

/** The first move that is better, looked for among so many. */
function nextMove(bins: readonly Bin[], moves: { left: number }): readonly Bin[] | undefined {
  for (const from of bins)
    for (const piece of from.cuts)
      for (const into of bins) {
        if (into === from) continue;
        moves.left -= 1;
        if (into.free >= piece.length - EPSILON && isBetterMoved(bins, from, piece, into))
          return moved(bins, from, piece, into);
      }
  return undefined;
}

/**
 * Pieces moved one at a time between rolls, while that empties one that is paid for, cuts more from what is owned or makes the longest single
 * left-over longer: best effort.
 *
 * @param task  whose owned lengths may be taken into use
 */
export function polish(laid: readonly Bin[], task: Task): readonly Bin[] {
  if (laid.length > MOST_ROLLS) return laid;
  const inUse = new Set(laid.map((b) => b.slot.owned?.id));
  const spare = task.owned.filter((o) => !inUse.has(o.id)).map((o) => emptyBin(ownedSlot(o)));
  let bins: readonly Bin[] = [...laid, ...spare];
  const moves = { left: MOST_MOVES };
  while (moves.left > 0) {
    const next = nextMove(bins, moves);
    if (!next) break;
    bins = next;
  }
  return used(bins).bins;
}
