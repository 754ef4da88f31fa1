import { type PartOf } from '../../plan/partRef';
import { type Skirt } from './plan/kinds';
import type { SkirtShape } from './plan/kinds/kind';
import { type Vector } from '../../ground/vector';
import { type Term } from '../../working/term';
/** A length of skirt along the fence. */
export interface SkirtPart {
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

/** A strip along a wall of the house, as an outline on the ground. */
export interface HouseSkirtPart {
  readonly kind: 'house-skirt';
  readonly part: PartOf<'house-skirt'>;
  readonly points: readonly Vector[];
}

/** Headline numbers. */
export interface Headlines {
  readonly skirt: Term;
}

/** Names of its figures. */
export type FigureName =
  | `skirt.${'stripLength' | 'stripWidth' | 'rollWidth' | 'outerEdge'}`
  | `skirt.trench${'Length' | 'Width' | 'Volume'}`
  | `skirt.${NonNullable<SkirtShape['fill']>['pack']}Volume`;
