import type { CountedIn } from '../../stages/docket/words/terms';
import type { Yard } from '../../catalogue/types';
import type { StageId } from '../../stages/facts';
import type { Term } from '../../working';

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
  | { readonly kind: 'piece'; readonly width: number; readonly length: number }
  | { readonly kind: 'pack' };

/** So many sold units of one size at one price. */
export interface BoughtUnits {
  readonly size: number;
  readonly count: number;
  /** Minor units each, as the yard states it; null when none does. */
  readonly price: number | null;
  /** Where; empty when no yard bought at has it. */
  readonly yard: string;
}

export interface DocketLine {
  readonly id: string;
  readonly stage: StageId;
  readonly product: string;
  readonly detail: LineDetail;
  /** Exact, in `unit`. */
  readonly need: number;
  readonly unit: CountedIn;
  /** Cut or taken from what is owned, in `unit`. */
  readonly owned: number;
  /** Whole units, in `unit`. */
  readonly buy: number;
  /** Of what is bought, in `unit`. */
  readonly left: number;
  /** Of what is bought, kg, about. */
  readonly weight: number;
  readonly units: readonly BoughtUnits[];
  /** Units of which the yards bought at hold fewer. */
  readonly notHeld: readonly { readonly size: number; readonly count: number; readonly held: number }[];
  /** Minor units, as stated; null when no yard bought at has a price for it. */
  readonly price: number | null;
  /** Tax in the price or to be added to it, minor units, not rounded: on the docket it is, once a rate. */
  readonly tax: number | null;
  /** The next set of units that would do, and what more it costs, minor units. */
  readonly instead: { readonly units: readonly BoughtUnits[]; readonly more: number } | null;
  readonly working: { readonly need: Term; readonly price: Term | null };
}

/** What is bought at one yard. */
export interface YardShare {
  readonly yard: string;
  /** Minor units as stated. */
  readonly goods: number;
  /** Once, minor units as stated; 0 where it is fetched. */
  readonly delivery: number;
}

/** Tax of one rate over goods and deliveries, rounded once. */
export interface TaxShare {
  readonly rate: number;
  readonly stated: Yard['tax']['stated'];
  /** Minor units: in the prices stated, or added to them. */
  readonly tax: number;
}

export interface Docket {
  readonly currency: string;
  readonly pricesAsOf: string;
  readonly lines: readonly DocketLine[];
  /** Yards with anything bought there. */
  readonly yards: readonly YardShare[];
  readonly taxes: readonly TaxShare[];
  /** Of all that is bought, kg, about. */
  readonly weight: number;
  /** Minor units to pay: goods that have a price, deliveries and tax. */
  readonly total: number;
  /** False when a line has no price: the total is then “at least”. */
  readonly complete: boolean;
  readonly working: Term;
}
