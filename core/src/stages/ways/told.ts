import type { Hanging } from './plan/kinds/kind';
import type { KindId } from './plan/kinds';
import { type PartOf } from '../../plan/partRef';
/** A way in. */
export interface OpeningPart {
  readonly kind: 'opening';
  readonly part: PartOf<'opening'>;
  readonly side: string;
  readonly from: number;
  readonly to: number;
  readonly hangs: Hanging['hangs'];
  readonly bottom: number;
  readonly top: number;
  readonly way: KindId;
}

/** Names of its figures: of the leaf of each opening by its id. */
export type FigureName = `leaf.${string}.${'width' | 'height'}`;
