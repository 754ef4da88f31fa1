import { type Figures } from '../stages/told';
import { type StageHeadlines, type Part } from '../stages/told';
import type { BirdKind } from '../stages/birds/plan/kinds';
import type { PriceProof } from '../buying/proof';
import type { WorkedPool } from '../cutting/types';
import type { Strength } from '../strength/words/row';
import type { Docket } from '../buying/docket/types';
import type { Worst } from '../verdicts/rated/standings';
import type { Entry, Verdict } from '../verdicts/rated/types';
import type { Finding } from '../findings/types';
import type { StageId } from '../stages/facts';
import type { Term } from '../working';

export type { Part } from '../stages/told';

export interface StageResult {
  /** `settled`: the keeper said so; `look`: a finding asks for a mend; `open`: neither yet. */
  readonly state: 'open' | 'settled' | 'look';
  /** Findings that ask for a mend. */
  readonly matters: number;
}

/** What the headline figures are made of. */
export interface Workings extends StageHeadlines {
  readonly hours: Term;
  /** Hours from beginning to end for the people who build. */
  readonly elapsed: Term;
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
  /** How what is planned meets each threat that is about. */
  readonly entries: readonly Entry[];
  /** How every part meets everybody who is about: what counts and lets in most first. */
  readonly verdicts: readonly Verdict[];
  /** The worst that is true of each of them. */
  readonly worst: Worst;
  /** The longest night here, h. */
  readonly night: number;
  /** How covers and what they pull at bear snow and wind. */
  readonly strength: readonly Strength[];
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
