import type { SoldUnit } from '../catalogue/market';
import { EPSILON } from '../units/round';
import type { Memo } from './memo';

/* Named here: the inner loops of cutting ask for them millions of times. */
const EPS = EPSILON;
const { abs, ceil, max, min } = Math;

export interface Cover {
  /** How many of each unit, in the order of the units given. */
  readonly counts: readonly number[];
  readonly cost: number;
}

/** What a unit weighs in a choice: its price with tax, or its size where the yard names none. */
export const weight = (unit: SoldUnit): number => unit.cost ?? unit.size;

/** Something that a set of units must reach: by length, say, or by the length of wall that fits into them. */
export interface Demand {
  readonly need: number;
  /** What each unit gives towards it, in the order of the units; 0 or more. */
  readonly yields: readonly number[];
}

const NEVER = Infinity;

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
    return a.floor < b.floor - EPS || (a.floor < b.floor + EPS && a.size > b.size);
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

/** Units looked through, over all partial sets, before a search gives up. */
const MOST_LOOKED = 500_000;

/**
 * Sets of whole units that reach every demand, cheapest first.
 *
 * Best-first search: a partial set is worth at least what it costs plus, for the dearest demand, what is missing at the best
 * price that a unit still to come gives it for. Sets with more than is needed come too, at their price, since the first may not
 * cut well. No set has more of a unit than the yard holds.
 */
export class CoverSearch {
  private readonly heap = new Heap();
  /** Units looked through by now, set by set. */
  private looked = 0;
  /** By demand, for each unit the best price of what it or any later one yields. */
  private readonly rates: readonly (readonly number[])[];

  constructor(
    private readonly units: readonly SoldUnit[],
    private readonly demands: readonly Demand[],
    private readonly most = MOST_LOOKED,
  ) {
    this.rates = demands.map(({ yields }) =>
      units.map((_, i) =>
        min(
          ...units.slice(i).map((u, j) => {
            const given = yields[i + j] ?? 0;
            return given > EPS ? weight(u) / given : NEVER;
          }),
        ),
      ),
    );
    const none = units.map(() => 0);
    this.enter(none, 0, 0, 0);
  }

  /** No set that has not come yet costs less. */
  get floor(): number {
    return this.heap.top?.floor ?? NEVER;
  }

  private enter(counts: readonly number[], last: number, size: number, cost: number) {
    let more = 0;
    for (let d = 0; d < this.demands.length; d++) {
      const demand = this.demands[d];
      if (!demand) continue;
      let missing = demand.need;
      for (let i = 0; i < counts.length; i++) missing -= (counts[i] ?? 0) * (demand.yields[i] ?? 0);
      if (missing <= EPS) continue;
      const price = missing * (this.rates[d]?.[last] ?? NEVER);
      if (price > more) more = price;
    }
    if (more < NEVER) this.heap.push({ counts, last, size, cost, floor: cost + more });
  }

  /**
   * @returns the next set; undefined when there is none, or none was found among as many partial sets as are looked at in all
   */
  next(): Cover | undefined {
    while (this.looked < this.most) {
      const state = this.heap.pop();
      if (!state) return undefined;
      const { counts, last, size, cost, floor } = state;
      for (let i = last; i < this.units.length; i++) {
        const unit = this.units[i];
        if (!unit || (unit.stock !== null && (counts[i] ?? 0) >= unit.stock)) continue;
        this.looked += counts.length;
        const more = counts.map((c, j) => (j === i ? c + 1 : c));
        this.enter(more, i, size + unit.size, cost + weight(unit));
      }
      if (floor <= cost + EPS) return { counts, cost };
    }
    return undefined;
  }
}

/** Branches looked at before the best found so far is good enough: only of dozens of units at nearly one price a metre. */
const MOST_BRANCHES = 20_000;

export interface CheapestCover extends Cover {
  /** No set costs less: the cost itself, but for a search that was given up. */
  readonly floor: number;
}

/**
 * The cheapest set of whole units that reaches a need; of equal prices the longer. Nothing needed costs nothing. No more of a
 * unit than the yard holds, unless all it holds does not reach: then as if it held enough.
 *
 * Depth first by price a metre, best first: what a branch still lacks costs at least the best rate left, so most branches
 * end at once.
 */
export function cheapestCover(units: readonly SoldUnit[], need: number): CheapestCover {
  const held = units.reduce((total, u) => total + (u.stock ?? NEVER) * u.size, 0);
  const capped = held >= need - EPS;
  const order = units.map((_, i) => i).sort((a, b) => rateOf(units[a]) - rateOf(units[b]));
  const counts = units.map(() => 0);
  let best: Cover & { readonly size: number } = { counts: [], cost: NEVER, size: 0 };
  let branches = 0;
  const go = (depth: number, size: number, cost: number) => {
    branches += 1;
    if (size >= need - EPS) {
      const same = abs(cost - best.cost) <= EPS;
      if (cost < best.cost - EPS || (same && size > best.size)) best = { counts: [...counts], cost, size };
      return;
    }
    const index = order[depth];
    const unit = index === undefined ? undefined : units[index];
    if (index === undefined || !unit) return;
    const nextRate = rateOf(units[order[depth + 1] ?? -1]);
    const most = capped ? (unit.stock ?? NEVER) : NEVER;
    for (let count = min(most, ceil((need - size) / unit.size - EPS)); count >= 0; count--) {
      const reached = size + count * unit.size;
      const paid = cost + count * weight(unit);
      const missing = need - reached;
      if (missing > EPS && paid + missing * nextRate > best.cost + EPS) break;
      if (branches > MOST_BRANCHES) return;
      counts[index] = count;
      go(depth + 1, reached, paid);
    }
    counts[index] = 0;
  };
  go(0, 0, 0);
  const byRate = max(0, need) * rateOf(units[order[0] ?? -1]);
  return {
    counts: best.counts,
    cost: best.cost,
    floor: branches > MOST_BRANCHES ? min(best.cost, byRate) : best.cost,
  };
}

const rateOf = (unit: SoldUnit | undefined): number => (unit ? weight(unit) / unit.size : NEVER);

/** Lengths remembered for each list of units. */
const MOST = 4000;

/**
 * What the cheapest set of whole units that reaches a need costs at least, to a tenth of a millimetre.
 *
 * @param memo  where what lengths of these units cost is worked out once
 */
export function leastPrice(units: readonly SoldUnit[], need: number, { prices }: Memo): number {
  if (need <= EPS) return 0;
  let known = prices.get(units);
  if (!known || known.size >= MOST) {
    known = new Map();
    prices.set(units, known);
  }
  const rounded = Math.round(need * 1e4);
  const before = known.get(rounded);
  if (before !== undefined) return before;
  const { floor } = cheapestCover(units, need);
  known.set(rounded, floor);
  return floor;
}
