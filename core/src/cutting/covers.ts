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

/** The cheapest set of whole units that reaches a need; nothing needed costs nothing. */
export function cheapestCover(units: readonly SoldUnit[], need: number): Cover {
  for (const cover of coversByCost(units, need)) return cover;
  // Past the search's limit: whole units of the best price a metre, always a cover though perhaps not the cheapest.
  const best = units.reduce((a, b) => (weight(b) / b.size < weight(a) / a.size ? b : a));
  const count = Math.ceil(need / best.size - EPSILON);
  return { counts: units.map((u) => (u === best ? count : 0)), cost: count * weight(best) };
}
