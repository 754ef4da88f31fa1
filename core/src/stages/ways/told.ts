import type { KindId } from './kinds';
import { type PartOf } from '../../plan/partRef';
/** A way in. */
export interface OpeningPart {
  readonly kind: 'opening';
  readonly part: PartOf<'opening'>;
  readonly side: string;
  readonly from: number;
  readonly to: number;
  readonly hangs: 'posts' | 'mesh';
  readonly bottom: number;
  readonly top: number;
  readonly way: KindId;
}
