import { type Cut, upright } from '../../drawing/scene/cut';
import type { Primitive } from '../../drawing/scene/scene';
import { formatPart } from '../../plan/partRef';
import type { Part } from '../../reckoning';

/** Posts so near to a section are shown in it, m. */
const NEAR = 0.95;

/** Posts beside the section, in the ground and over it. */
export function section(part: Part, cut: Cut): readonly Primitive<'cut-post'>[] {
  if (part.kind !== 'post') return [];
  const at = cut.frames.get(part.side)?.at(part.along, 0);
  if (!at) return [];
  const { along, off } = cut.beside(at);
  if (Math.abs(off) > NEAR || along < -NEAR || along > cut.length + NEAR) return [];
  const foot = cut.ground(at);
  const points = upright(along, Math.max(part.size, 0.05) / 2, foot - part.depth, foot + part.above);
  return [{ shape: 'polygon', kind: 'cut-post', part: formatPart(part.part), points }];
}
