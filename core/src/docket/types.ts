import type { StageId } from '../plan/stages';
import type { Term } from '../working';

/** What a line is, beyond its product id; lengths m. */
export type LineDetail =
  | {
      readonly kind: 'post';
      readonly length: number;
      readonly cutOff: number;
      readonly roles: readonly string[];
    }
  | {
      readonly kind: 'roll';
      readonly width: number;
      readonly pool: string;
      /** Cut off at the top of a stack, and what the stack misses of the height meant. */
      readonly trimmed: number;
      readonly short: number;
    }
  | { readonly kind: 'timber'; readonly pool: string }
  | { readonly kind: 'kit'; readonly width: number }
  | { readonly kind: 'pack' };

/** So many sold units of one size at one price. */
export interface BoughtUnits {
  readonly size: number;
  readonly count: number;
  /** Minor units each; null when the yard names none. */
  readonly price: number | null;
}

export interface DocketLine {
  readonly id: string;
  readonly stage: StageId;
  readonly product: string;
  readonly detail: LineDetail;
  /** Exact, in `unit`. */
  readonly need: number;
  readonly unit: 'm' | 'piece';
  /** Whole units, in `unit`. */
  readonly buy: number;
  readonly left: number;
  readonly units: readonly BoughtUnits[];
  /** Minor units; null when this yard has no price for it. */
  readonly price: number | null;
  /** The next set of units that would do, and what more it costs, minor units. */
  readonly instead: { readonly units: readonly BoughtUnits[]; readonly more: number } | null;
  readonly working: { readonly need: Term; readonly price: Term | null };
}

export interface Docket {
  readonly currency: string;
  readonly yard: string;
  readonly pricesAsOf: string;
  readonly lines: readonly DocketLine[];
  /** Minor units; the sum of the lines that have a price. */
  readonly total: number;
  /** False when a line has no price: the total is then “at least”. */
  readonly complete: boolean;
  readonly working: Term;
}
