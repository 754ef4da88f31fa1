import type { SoldUnit } from '../catalogue/market';
import { EPSILON } from '../units/round';

export interface Cover {
  /** How many of each unit, in the order of the units given. */
  readonly counts: readonly number[];
  readonly cost: number;
}

/** What a unit weighs in a choice: its price, or its size where the yard names none. */
export const weight = (unit: SoldUnit): number => unit.price ?? unit.size;

interface State {
  readonly counts: readonly number[];
  readonly last: number;
  readonly size: number;
  readonly cost: number;
  /** Least cost of any cover that grows from here. */
  readonly floor: number;
}

/** A binary heap by `floor`, then by size, so that of equal prices the longer set comes first. */
class Heap {
  private readonly states: State[] = [];
  get top(): State | undefined {
    return this.states[0];
  }
  private before(a: State, b: State): boolean {
    return a.floor < b.floor - EPSILON || (a.floor < b.floor + EPSILON && a.size > b.size);
  }
  push(state: State): void {
    const s = this.states;
    s.push(state);
    let i = s.length - 1;
    while (i > 0) {
      const parent = (i - 1) >> 1;
      const p = s[parent];
      const c = s[i];
      if (!p || !c || !this.before(c, p)) break;
      s[parent] = c;
      s[i] = p;
      i = parent;
    }
  }
  pop(): State | undefined {
    const s = this.states;
    const top = s[0];
    const last = s.pop();
    if (s.length === 0 || !last) return top;
    s[0] = last;
    let i = 0;
    for (;;) {
      let least = i;
      for (const child of [2 * i + 1, 2 * i + 2]) {
        const c = s[child];
        const l = s[least];
        if (c && l && this.before(c, l)) least = child;
      }
      if (least === i) return top;
      const a = s[i];
      const b = s[least];
      if (!a || !b) return top;
      s[i] = b;
      s[least] = a;
      i = least;
    }
  }
}

/**
 * Sets of whole units that reach a need, cheapest first.
 *
 * Best-first search: a partial set is worth at least what it costs plus what is missing at the best price a metre. Sets
 * with more than is needed come too, at their price, since the first may not cut well.
 *
 * @param units  sold units, sizes > 0
 * @param need   m or pieces
 * @param most   states to look at before giving up
 * @yields covers in order of cost
 */
export function* coversByCost(units: readonly SoldUnit[], need: number, most = 20000): Generator<Cover> {
  const rates = units.map((_, i) => Math.min(...units.slice(i).map((u) => weight(u) / u.size)));
  const heap = new Heap();
  const enter = (counts: readonly number[], last: number, size: number, cost: number) => {
    const missing = Math.max(0, need - size);
    heap.push({ counts, last, size, cost, floor: cost + missing * (rates[last] ?? 0) });
  };
  enter(
    units.map(() => 0),
    0,
    0,
    0,
  );
  for (let looked = 0; looked < most; looked++) {
    const state = heap.pop();
    if (!state) return;
    if (state.size >= need - EPSILON) yield { counts: state.counts, cost: state.cost };
    for (let i = state.last; i < units.length; i++) {
      const unit = units[i];
      if (!unit) continue;
      const counts = state.counts.map((c, j) => (j === i ? c + 1 : c));
      enter(counts, i, state.size + unit.size, state.cost + weight(unit));
    }
  }
}

/**
 * The cheapest set of whole units that reaches a need; of equal prices the longer. Nothing needed costs nothing.
 *
 * Depth first by price a metre, best first: what a branch still lacks costs at least the best rate left, so most branches
 * end at once.
 */
export function cheapestCover(units: readonly SoldUnit[], need: number): Cover {
  const order = units.map((_, i) => i).sort((a, b) => rateOf(units[a]) - rateOf(units[b]));
  const counts = units.map(() => 0);
  let best: Cover & { readonly size: number } = { counts: [], cost: Infinity, size: 0 };
  const go = (depth: number, size: number, cost: number) => {
    if (size >= need - EPSILON) {
      const same = Math.abs(cost - best.cost) <= EPSILON;
      if (cost < best.cost - EPSILON || (same && size > best.size))
        best = { counts: [...counts], cost, size };
      return;
    }
    const index = order[depth];
    const unit = index === undefined ? undefined : units[index];
    if (index === undefined || !unit) return;
    const nextRate = rateOf(units[order[depth + 1] ?? -1]);
    for (let count = Math.ceil((need - size) / unit.size - EPSILON); count >= 0; count--) {
      const reached = size + count * unit.size;
      const paid = cost + count * weight(unit);
      const missing = need - reached;
      if (missing > EPSILON && paid + missing * nextRate > best.cost + EPSILON) break;
      counts[index] = count;
      go(depth + 1, reached, paid);
    }
    counts[index] = 0;
  };
  go(0, 0, 0);
  return { counts: best.counts, cost: best.cost };
}

const rateOf = (unit: SoldUnit | undefined): number => (unit ? weight(unit) / unit.size : Infinity);
