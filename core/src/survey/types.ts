import type { Vector } from '../ground/vector';

/** One distance as read. `to` is a mark or another stake. */
export interface TapeReading {
  /** `stake/mark` or `stake+stake`: its name in results. */
  readonly id: string;
  readonly stake: string;
  readonly to: { readonly mark: string } | { readonly stake: string };
  /** As read along the tape, m. */
  readonly read: number;
  /** Reduced to the level where both heights are known, m. */
  readonly level: number;
}

/** Of what is read to: a mark's name, or a stake's. */
export const endOf = (to: TapeReading['to']): { readonly mark?: string; readonly stake?: string } => to;

/** A reading with how it fits the places found. */
export interface FittedReading extends TapeReading {
  /** What the places found make of it, on the level, m. */
  readonly fitted: number;
  /** Read less fitted, m: positive where the tape read too long. */
  readonly residual: number;
}

/** 95 % of places as good as this lie in it. Semi-axes m, angle of the longer from the x axis, radians. */
export interface Ellipse {
  readonly a: number;
  readonly b: number;
  readonly angle: number;
}

export interface FixedStake {
  readonly id: string;
  readonly at: Vector;
  readonly ellipse: Ellipse;
}

/** What is wrong with a survey. Lengths m. */
export type SurveyProblem =
  | { readonly code: 'too-few'; readonly stake: string; readonly readings: number }
  | { readonly code: 'do-not-meet'; readonly stake: string; readonly short: number }
  | { readonly code: 'steeper-than-read'; readonly reading: string; readonly drop: number }
  | { readonly code: 'marks-too-near' }
  | {
      /** Spare readings do not agree; which is wrong they cannot say. */
      readonly code: 'misfit';
      readonly stakes: readonly string[];
      readonly worst: number;
    }
  | {
      /** Named: the only reading without which the rest agree. Suggested: the only one that a round correction explains. */
      readonly code: 'misread';
      readonly sure: 'named' | 'suggested';
      readonly reading: string;
      /** As read, and what the tape would have read. */
      readonly read: number;
      readonly fits: number;
    };

export interface Survey {
  readonly stakes: readonly FixedStake[];
  readonly readings: readonly FittedReading[];
  /** Readings beyond those that the places need. */
  readonly spare: number;
  readonly problems: readonly SurveyProblem[];
}
