import type { Bin, Task } from './plan';
import { EPSILON } from '../units/round';
import { emptyBin, ownedSlot } from './bins';
import { cheaper, used } from './quick';

/** Moves looked at before it is good enough. */
const MOST_MOVES = 400;
/** Rolls beyond which left-overs are not worth the time. */
const MOST_ROLLS = 24;

/** One piece moved from roll to roll, where it fits. */
function moved(bins: readonly Bin[], from: number, cut: number, to: number): readonly Bin[] | undefined {
  const piece = bins[from]?.cuts[cut];
  const into = bins[to];
  if (!piece || !into || into.free < piece.length - EPSILON) return undefined;
  return bins.map((bin, i) => {
    if (i === from)
      return { ...bin, free: bin.free + piece.length, cuts: bin.cuts.filter((c) => c !== piece) };
    return i === to ? { ...bin, free: bin.free - piece.length, cuts: [...bin.cuts, piece] } : bin;
  });
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
  let looked = 0;
  for (let improved = true; improved && looked < MOST_MOVES;) {
    improved = false;
    for (let from = 0; from < bins.length && !improved; from++) {
      const cuts = bins[from]?.cuts.length ?? 0;
      for (let cut = 0; cut < cuts && !improved; cut++) {
        for (let to = 0; to < bins.length && !improved; to++) {
          if (to === from) continue;
          looked += 1;
          const next = moved(bins, from, cut, to);
          if (!next || !cheaper(used(next), used(bins))) continue;
          bins = next;
          improved = true;
        }
      }
    }
  }
  return used(bins).bins;
}
