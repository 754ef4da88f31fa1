import type { Vector } from '../../ground/vector';
import type { PartOf } from '../../plan/partRef';
import type { KindId } from './plan/kinds';

/** An arch as it stands: outline and ribs on the sheet, its curve in its own section. All m. */
export interface ArchPart {
  readonly kind: 'arch';
  readonly part: PartOf<'arch'>;
  readonly name: string;
  readonly form: KindId;
  /** Corners: first foot from near to far, then the second back. */
  readonly outline: readonly [Vector, Vector, Vector, Vector];
  /** Places along the feet at which a panel or hoop begins, the last end with them. */
  readonly ribs: readonly number[];
  /** From the middle of the chord: x across towards the second foot, y above the feet. */
  readonly curve: readonly Vector[];
  readonly board: number;
  /** How much higher the second foot stands. */
  readonly tilt: number;
  readonly film: 'on' | 'none';
  /** Depth of the ridge timber; 0 for none. Props stand so far along the feet. */
  readonly ridge: number;
  readonly props: readonly number[];
  /** How deep stakes or posts go. */
  readonly deep: number;
  /** How wide it is where the keeper's head is, and how high that is. */
  readonly head: number;
  readonly wide: number;
}

/** A foot or an end of an arch along its side, as the strip shows it: what covers it, from the ground up. All m. */
export interface ArchSidePart {
  readonly kind: 'arch-side';
  readonly part: PartOf<'arch'>;
  readonly is: 'foot' | 'end';
  readonly side: string;
  readonly from: number;
  readonly to: number;
  /** From the side's beginning, heights above the ground: the line of its top. */
  readonly top: readonly Vector[];
  readonly board: number;
  /** Places of ribs along it. */
  readonly ribs: readonly number[];
  readonly mesh: string | null;
}

/** A strip of its skin from above, or where one of an end hangs: what its letter stands on. */
export interface ArchStripPart {
  readonly kind: 'arch-strip';
  readonly part: PartOf<'arch-piece'>;
  readonly points: readonly Vector[];
}

export type ArchParts = ArchPart | ArchSidePart | ArchStripPart;

/** Names of figures of an arch. */
export type ArchFigure =
  | 'base'
  | 'rise'
  | 'ratio'
  | 'endAngle'
  | 'endArea'
  | 'headroom'
  | 'standingWidth'
  | 'volume'
  | 'panels'
  | 'length'
  | 'piece'
  | 'skinStrips'
  | 'skinLength'
  | 'endStrips'
  | 'endStripLength'
  | 'endsOver'
  | 'stakes'
  | 'props'
  | 'straps'
  | 'across'
  | 'along'
  | 'weight'
  | 'pull';

/** Names of its figures, by arch. */
export type FigureName = `arch.${string}.${ArchFigure}`;
