import type { Cutting, Known, Layout, Patterns, Task } from './cutting';
import type { ShownPool } from './types';
import type { SoldUnit } from '../catalogue/market';
import type { Run } from '../buying/run';

/** The entries asked for last: what was not asked for while so many others came is forgotten. */
export class Recent<T> {
  private young = new Map<string, T>();
  private old = new Map<string, T>();

  constructor(private readonly most: number) {}

  get(key: string): T | undefined {
    const found = this.young.get(key) ?? this.old.get(key);
    if (found && !this.young.has(key)) this.set(key, found);
    return found;
  }

  set(key: string, entry: T): void {
    if (this.young.size >= this.most) {
      this.old = this.young;
      this.young = new Map();
    }
    this.young.set(key, entry);
  }
}

/** Pools: more than the options of a panel come to. */
const MOST_CUTS = 600;

/**
 * What was cut, laid and priced before, by its content: whoever reckons holds it and passes it on, and it only saves work. What is in it is never
 * older than what it was made from, so it may be kept over any number of plans.
 */
export interface Memo {
  /** Pools by all that decides how they are cut. */
  readonly cuts: Recent<Known>;
  /** Pools as texts: a pool is not changed once it is cut. */
  readonly keys: WeakMap<Task, string>;
  /** Runs as texts: a run is never changed. */
  readonly signatures: WeakMap<Run, string>;
  /** Pools as they were shown, by how they were cut. */
  readonly shown: WeakMap<Cutting, ShownPool>;
  /** Small pieces by their sizes and the width of their roll. */
  readonly layouts: Map<string, Layout>;
  /** What lengths of some units cost at least; a market's units are one list for good. */
  readonly prices: WeakMap<readonly SoldUnit[], Map<number, number>>;
  /** The cheapest rolls for pieces of a few lengths, by these lengths; null where there are too many ways. */
  readonly patterns: WeakMap<readonly SoldUnit[], Map<string, Patterns | null>>;
  /** Sets of one to three of some widths; a market's widths of a mesh are one list for good. */
  readonly sets: WeakMap<readonly number[], readonly (readonly number[])[]>;
  /** Of these, those that reach a height, by height, lap and rows. */
  readonly reaching: WeakMap<readonly number[], Map<string, readonly (readonly number[])[]>>;
}

export const newMemo = (): Memo => ({
  cuts: new Recent(MOST_CUTS),
  keys: new WeakMap(),
  signatures: new WeakMap(),
  shown: new WeakMap(),
  layouts: new Map(),
  prices: new WeakMap(),
  patterns: new WeakMap(),
  sets: new WeakMap(),
  reaching: new WeakMap(),
});
