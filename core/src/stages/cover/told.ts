import type { Plane } from '../../ground/plane';
import type { Vector } from '../../ground/vector';
import type { PartOf } from '../../plan/partRef';
import type { KindId } from './plan/kinds';

/** What lies over a run, from above. Outlines and ends on the sheet, m. */
export interface CoverPart {
  readonly kind: 'cover';
  readonly part: PartOf<'cover'>;
  readonly name: string;
  readonly form: KindId;
  readonly points: readonly Vector[];
  /** Its plane over the sheet; how far it sags between supports, m; and snow that lies on it, kPa. */
  readonly plane: Plane;
  readonly sag: number;
  readonly snow: number;
  /** Its lower and its higher edge over the ground, m. */
  readonly low: number;
  readonly high: number;
}

/** One strip, piece of net or sheet of it, as it lies. */
export interface CoverStripPart {
  readonly kind: 'cover-strip';
  readonly part: PartOf<'cover-strip'>;
  readonly points: readonly Vector[];
}

/** A straight member under it. */
export interface CoverBarPart {
  readonly kind: 'cover-bar';
  readonly part: PartOf<'cover-rail' | 'cover-edge' | 'cover-beam'>;
  readonly is: 'rail' | 'edge' | 'beam' | 'wire';
  readonly from: Vector;
  readonly to: Vector;
  /** Levels of its ends, m, and how deep it is. */
  readonly fromLevel: number;
  readonly toLevel: number;
  readonly deep: number;
  readonly product: string | null;
}

/** A prop or post under it. */
export interface CoverPropPart {
  readonly kind: 'cover-prop';
  readonly part: PartOf<'cover-prop'>;
  /** As the plan calls it, where the keeper set it. */
  readonly id: string;
  readonly at: Vector;
  /** How high it is, m. */
  readonly above: number;
  readonly product: string;
}

/** Its edge along the fence in side coordinates, heights over the ground, m. */
export interface CoverEdgePart {
  readonly kind: 'cover-edge';
  readonly part: PartOf<'cover'>;
  readonly side: string;
  readonly from: number;
  readonly to: number;
  readonly fromHeight: number;
  readonly toHeight: number;
  readonly form: KindId;
}

export type CoverParts = CoverPart | CoverStripPart | CoverBarPart | CoverPropPart | CoverEdgePart;

/** Names of its figures, by cover. */
export type FigureName =
  `cover.${string}.${'area' | 'strips' | 'stripLength' | 'direction' | 'rails' | 'edgeRails' | 'beams' | 'props' | 'uplift' | 'netArea' | 'across' | 'along'}`;
