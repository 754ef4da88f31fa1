import type { Bin } from './cutting';
import { EPSILON } from '../units/round';

/** Rolls that can still take something, kept by what is free: of a thousand rolls the right one is found without looking at each. */
export class OpenBins {
  /** By what is free, rising; of the same the one opened first. */
  private readonly byFree: Bin[] = [];
  private readonly opened = new Map<Bin, number>();
  /** In the order in which they were opened. */
  readonly all: Bin[] = [];

  constructor(bins: readonly Bin[]) {
    for (const bin of bins) this.add(bin);
  }

  private rank(bin: Bin): number {
    return this.opened.get(bin) ?? 0;
  }

  /** Where the first roll stands that has at least so much free. */
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

  private put(bin: Bin): void {
    let at = this.firstWith(bin.free);
    const rank = this.rank(bin);
    for (
      let next = this.byFree[at];
      next?.free === bin.free && this.rank(next) < rank;
      next = this.byFree[at]
    )
      at += 1;
    this.byFree.splice(at, 0, bin);
  }

  add(bin: Bin): void {
    this.opened.set(bin, this.opened.size);
    this.all.push(bin);
    this.put(bin);
  }

  /** Takes so much from a roll, which is left out from then on if less than `shortest` is free. */
  take(bin: Bin, length: number, shortest: number): void {
    let at = this.firstWith(bin.free);
    while (this.byFree[at] !== bin) at += 1;
    this.byFree.splice(at, 1);
    bin.free -= length;
    if (bin.free >= shortest - EPSILON) this.put(bin);
    else this.all.splice(this.all.indexOf(bin), 1);
  }

  /** The roll with least free that takes a length. */
  tightest(length: number): Bin | undefined {
    return this.byFree[this.firstWith(length - EPSILON)];
  }

  /** The roll with most free; of those as good as alike the one opened first. */
  mostFree(): Bin | undefined {
    let best = this.byFree[this.byFree.length - 1];
    if (!best) return undefined;
    const least = best.free - EPSILON;
    // Of those that have just as much free the one opened first stands first: very often all of these.
    const first = this.byFree[this.firstWith(best.free)];
    const before = this.byFree[this.firstWith(best.free) - 1];
    if (first && (!before || before.free <= least)) return first;
    for (let i = this.byFree.length - 2; i >= 0; i--) {
      const bin = this.byFree[i];
      if (!bin || bin.free <= least) break;
      if (this.rank(bin) < this.rank(best)) best = bin;
    }
    return best;
  }
}
