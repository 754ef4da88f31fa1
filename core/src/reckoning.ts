import type { BirdKind } from './stages/birds/kinds';
import type { PriceProof } from './buying/proof';
import type { WorkedPool } from './cutting/types';
import type { Docket } from './buying/docket/types';
import type { Finding } from './findings/types';
import type { Vector } from './ground/vector';
import type { PartOf, PostRef } from './plan/partRef';
import type { PostRole, Skirt } from './plan/schema';
import type { StageId } from './plan/stages';
import type { Term } from './working';

/** Flat map of names to metres, square metres, hours and counts. */
export type Figures = Readonly<Record<string, number>>;

/**
 * A thing on the fence in side coordinates: along from the side's `from` corner, heights above the ground, `out` away
 * from the run. All m. Sheet and strip are two projections of the same parts.
 */
export type Part =
  | {
      readonly kind: 'post';
      readonly part: PostRef;
      readonly number: number;
      readonly role: PostRole;
      readonly side: string;
      readonly along: number;
      readonly above: number;
      readonly depth: number;
      readonly size: number;
      readonly product: string;
      /** Length sold that it is cut from, and what is cut off its top. */
      readonly buy: number;
      readonly cutOff: number;
      readonly setting: 'tamped' | 'concrete';
      /** New: bought and set here. Standing: here already. */
      readonly origin: 'new' | 'standing';
    }
  | {
      readonly kind: 'mesh';
      readonly part: PartOf<'row' | 'above'>;
      readonly side: string;
      readonly from: number;
      readonly to: number;
      readonly bottom: number;
      readonly top: number;
      readonly mesh: string;
      /** Where a bay steps, the height that bottom and top are above: the ground at its high post. Null: the ground under it. */
      readonly level: number | null;
    }
  | {
      /** A board or rail along the foot or the top of the wall. */
      readonly kind: 'board';
      readonly part: PartOf<'board'>;
      readonly side: string;
      readonly from: number;
      readonly to: number;
      readonly bottom: number;
      readonly top: number;
    }
  | {
      readonly kind: 'skirt';
      readonly part: PartOf<'skirt'>;
      readonly side: string;
      readonly from: number;
      readonly to: number;
      /** How far out it reaches, on the ground or at its depth, and how deep. */
      readonly out: number;
      readonly depth: number;
      /** Null for stones and concrete. */
      readonly mesh: string | null;
      readonly form: Exclude<Skirt['kind'], 'none'>;
      /** Stones laid on it along the fence, m wide; 0 for none. */
      readonly border: number;
    }
  | {
      /** A strip along a wall of the house, as an outline on the ground. */
      readonly kind: 'house-skirt';
      readonly part: PartOf<'house-skirt'>;
      readonly points: readonly Vector[];
    }
  | {
      readonly kind: 'opening';
      readonly part: PartOf<'opening'>;
      readonly side: string;
      readonly from: number;
      readonly to: number;
      readonly bottom: number;
      readonly top: number;
      readonly way: 'gate' | 'pop-door' | 'hatch';
    };

export interface StageResult {
  /** `settled`: the keeper said so; `look`: a finding asks for a mend; `open`: neither yet. */
  readonly state: 'open' | 'settled' | 'look';
  /** Findings that ask for a mend. */
  readonly matters: number;
}

/** What the headline figures are made of. */
export interface Workings {
  readonly area: Term;
  readonly perimeter: Term;
  readonly fenceLength: Term;
  readonly groundLength: Term;
  readonly posts: Term;
  readonly skirt: Term;
  readonly hours: Term;
  /** Hours from beginning to end for the people who build. */
  readonly elapsed: Term;
  readonly birds: Term;
  readonly areaWanted: Term;
  /** Left out where there are no birds. */
  readonly areaPerBird?: Term;
  readonly price: Term;
}

/** What an option is weighed by. */
export interface Estimate {
  /** Minor units; of the lines that have a price. */
  readonly total: number;
  /** Every line has a price. */
  readonly complete: boolean;
  /** For the people who build. */
  readonly hours: number;
  /** The largest opening left, m; 0 for none. */
  readonly openingLeft: number;
}

export interface Reckoning {
  readonly stages: Readonly<Record<StageId, StageResult>>;
  readonly enclosures: readonly { readonly id: string; readonly name: string; readonly figures: Figures }[];
  readonly figures: Figures;
  readonly workings: Workings;
  readonly parts: readonly Part[];
  readonly findings: readonly Finding[];
  readonly cutting: readonly WorkedPool[];
  readonly docket: Docket;
  /** Whether other widths of roll could be cheaper; null where none were chosen or a price is missing. */
  readonly stacks: PriceProof | null;
  /** Whether anything else could be cheaper: rolls, widths and yards together; null where a price is missing. */
  readonly proof: PriceProof | null;
  /** What holds the birds and keeps the threats out, m; null when nothing asks. */
  readonly largestOpening: number | null;
  readonly tightestBird: BirdKind | null;
}
