import type { Bin } from './cutting';
import { EPSILON } from '../units/round';

/** Rolls with as much free, in the order in which they were opened: those before `head` are gone. */
interface AsFree {
  readonly free: number;
  readonly bins: Bin[];
  readonly ranks: number[];
  head: number;
}

/** Where a rank stands, or would stand, among rising ones. */
function placeOf(ranks: readonly number[], rank: number, from: number): number {
  let low = from;
  let high = ranks.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((ranks[middle] ?? 0) < rank) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Rolls that can still take something, kept by what is free: of many thousands the right one is found without looking at each. */
export class OpenBins {
  /** By what is free, rising; none is empty. */
  private readonly byFree: AsFree[] = [];
  private opened = 0;
  /** In the order in which they were opened. */
  readonly all = new Set<Bin>();

  constructor(bins: readonly Bin[]) {
    for (const bin of bins) this.add(bin);
  }

  /** Where the first rolls stand that have at least so much free. */
  private firstWith(free: number): number {
    let low = 0;
    let high = this.byFree.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.byFree[middle]?.free ?? 0) < free) low = middle + 1;
      else high = middle;
    }
    return low;
  }

  private put(bin: Bin, rank: number): void {
    const at = this.firstWith(bin.free);
    const alike = this.byFree[at];
    if (alike?.free !== bin.free) {
      this.byFree.splice(at, 0, { free: bin.free, bins: [bin], ranks: [rank], head: 0 });
      return;
    }
    const place = placeOf(alike.ranks, rank, alike.head);
    alike.bins.splice(place, 0, bin);
    alike.ranks.splice(place, 0, rank);
  }

  /** Takes a roll out. @returns the how manieth it was opened */
  private remove(bin: Bin): number {
    const at = this.firstWith(bin.free);
    const alike = this.byFree[at];
    if (!alike) throw new RangeError('a roll that is not open');
    const place = alike.bins.indexOf(bin, alike.head);
    const rank = alike.ranks[place] ?? 0;
    if (place === alike.head) alike.head += 1;
    else {
      alike.bins.splice(place, 1);
      alike.ranks.splice(place, 1);
    }
    if (alike.head === alike.bins.length) this.byFree.splice(at, 1);
    return rank;
  }

  add(bin: Bin): void {
    this.all.add(bin);
    this.put(bin, this.opened);
    this.opened += 1;
  }

  /** Takes so much from a roll, which is left out from then on if less than `shortest` is free. */
  take(bin: Bin, length: number, shortest: number): void {
    const rank = this.remove(bin);
    bin.free -= length;
    if (bin.free >= shortest - EPSILON) this.put(bin, rank);
    else this.all.delete(bin);
  }

  /** The roll with least free that takes a length. */
  tightest(length: number): Bin | undefined {
    const alike = this.byFree[this.firstWith(length - EPSILON)];
    return alike?.bins[alike.head];
  }

  /** The roll with most free; of those as good as alike the one opened first. */
  mostFree(): Bin | undefined {
    const { byFree } = this;
    let best = byFree[byFree.length - 1];
    if (!best) return undefined;
    const least = best.free - EPSILON;
    for (let i = byFree.length - 2; i >= 0; i--) {
      const alike = byFree[i];
      if (!alike || alike.free <= least) break;
      if ((alike.ranks[alike.head] ?? 0) < (best.ranks[best.head] ?? 0)) best = alike;
    }
    return best.bins[best.head];
  }
}
