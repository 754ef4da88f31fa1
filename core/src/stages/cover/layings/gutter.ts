import type { Ask } from '../../../buying/demand';
import { packed } from '../../../fasteners/along';
import { roundUp } from '../../../units/round';
import { value } from '../../../working';
import type { Supports } from '../held/supports';
import type { CoverShape } from '../over/shape';
import { reasonOf } from '../reason';

/** A gutter along the low edge, where the rain is led into one. */
export function gutter(shape: CoverShape, { rails }: Supports): readonly Ask[] {
  if (shape.made.closed?.runOff !== 'gutter') return [];
  const along = Math.max(...rails.map((r) => r.length), 0);
  return [packed(reasonOf(shape), 'gutter', [value('cover.gutter', roundUp(along), 'piece', {})])];
}
