import type { Run } from '../buying/run';
import type { SoldUnit } from '../catalogue/market';

/** A length that the keeper has already, m. */
export interface OwnedLength {
  readonly id: string;
  readonly size: number;
}

/** A whole roll before anything is cut from it: one that is bought, or one that is owned. */
export type Slot =
  | { readonly size: number; readonly unit: SoldUnit; readonly owned: null }
  | { readonly size: number; readonly unit: null; readonly owned: OwnedLength };

/** A stretch of one run put into one roll. */
export interface Cut {
  readonly run: Run;
  readonly from: number;
  readonly to: number;
  readonly length: number;
}

/** A small piece as it lies in its block. All m: `x` along the roll from where the block begins, `y` across it. */
export interface Spot {
  readonly run: Run;
  readonly x: number;
  readonly y: number;
  readonly along: number;
  readonly across: number;
}

/** Small pieces that lie together in one stretch of roll, cut apart by straight cuts from edge to edge. */
export interface Block {
  /** Of roll, m. */
  readonly length: number;
  readonly spots: readonly Spot[];
}

export const NO_BLOCK: Block = { length: 0, spots: [] };

export interface Bin {
  readonly slot: Slot;
  free: number;
  readonly cuts: Cut[];
  /** Small pieces, laid together at the end of the roll. */
  block: Block;
}

export interface Cutting {
  readonly bins: readonly Bin[];
  readonly joints: number;
  readonly cost: number;
  /** No way of cutting costs less. */
  readonly bound: number;
  readonly unplaced: readonly Run[];
  /** More of a length was needed than the yard holds; what it holds was then let be. */
  readonly overStock: boolean;
  /** Dearer than the cheapest rolls, for fewer joints: what these would take in packs costs more. */
  readonly traded?: true;
}

/** What is cut from what: one product in one width. */
export interface Task {
  /** Lengths sold; all priced or none. */
  readonly units: readonly SoldUnit[];
  readonly owned: readonly OwnedLength[];
  readonly runs: readonly Run[];
  /** Paid by the piece further along at a joint, m. */
  readonly lap: number;
  /** Of the roll, m. */
  readonly width: number;
}

export interface Placed extends Omit<Spot, 'run'> {
  readonly index: number;
}

export interface Layout {
  readonly length: number;
  readonly spots: readonly Placed[];
}

/** How a pool was cut before. */
export interface Known {
  readonly cutting: Cutting;
  /** The runs that it was cut from, in the order in which they came. */
  readonly runs: readonly Run[];
}

/** Pieces that are not jointed, by their lengths: as many numbers as there are kinds. */
export interface Lengths {
  /** Longest first, m. */
  readonly each: Float64Array;
  readonly counts: Int32Array;
}

/** What one roll can be cut into: so many of each kind, the cheapest roll that holds them. */
export interface Pattern {
  readonly counts: readonly number[];
  readonly total: number;
  readonly unit: SoldUnit;
}

/** The cheapest rolls for all kinds: what each is cut into. */
export interface Patterns {
  readonly price: number;
  readonly patterns: readonly Pattern[];
}
