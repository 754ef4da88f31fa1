import type { Finding } from '../findings/types';
import type { Term } from '../working';
import type { Cutting, Task } from './cutting';
import type { SoldUnit } from '../catalogue/market';
import type { Run, Span } from '../buying/run';
import type { PartRef } from '../plan/partRef';
import type { Place } from '../plan/place';

export interface Piece {
  readonly part: PartRef;
  readonly use: Run['use'];
  /** From and to along its run, m. */
  readonly from: number;
  readonly to: number;
  /** As cut, with end allowances and the lap it pays, m. */
  readonly length: number;
  /** It is joined to the piece before it in the run. */
  readonly jointed: boolean;
  readonly letter: string;
  readonly place: Place;
  readonly spans: readonly Span[];
  /** How a small piece lies in its roll, m: from the roll's beginning, from its edge, and its sizes; null for strips of full width. */
  readonly lies: {
    readonly x: number;
    readonly y: number;
    readonly along: number;
    readonly across: number;
  } | null;
}

export interface CutRoll {
  /** As sold or as it is there, m. */
  readonly length: number;
  /** Which piece of the keeper's own it is; null when it is bought. */
  readonly owned: string | null;
  /** Where it is bought and for how much, as the yard states it, minor units; null when it is owned. */
  readonly bought: { readonly yard: string; readonly price: number | null } | null;
  /** In the order in which they are unrolled; small pieces at the end. */
  readonly pieces: readonly Piece[];
  readonly left: number;
}

/** One product in one width, with the rolls that are bought and what is cut from each. */
export interface CuttingPool {
  readonly id: string;
  /** Mesh by its width, or sawn timber, whose rolls are the lengths sold. */
  readonly kind: 'mesh' | 'timber';
  readonly product: string;
  readonly width: number;
  /** Roll that is cut up, m: small pieces side by side take it once. */
  readonly need: number;
  readonly rolls: readonly CutRoll[];
  readonly joints: number;
  /** Minor units; null when the yard names no price. */
  readonly cost: number | null;
  /** No set of whole rolls can cost less, minor units. */
  readonly bound: number | null;
  /** The cost has reached the bound. */
  readonly proved: boolean;
  /** Runs that fit no roll, because a bay is longer than the longest. */
  readonly unplaced: readonly Run[];
  readonly units: readonly SoldUnit[];
  /** More was needed than the yards hold. */
  readonly overStock: boolean;
}

/** A pool with what it was cut from and as what: for looking further. */
export interface WorkedPool extends CuttingPool {
  readonly task: Task;
  readonly cutting: Cutting;
}

/** A pool as it is shown, with how its need comes about and what is said of it. */
export interface ShownPool {
  readonly id: string;
  /** How many pieces were lettered before it. */
  readonly lettered: number;
  readonly pool: WorkedPool;
  readonly working: Term;
  readonly findings: readonly Finding[];
}
