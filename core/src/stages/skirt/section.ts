import type { Cut } from '../../drawing/scene/cut';
import type { Primitive } from '../../drawing/scene/scene';
import { formatPart } from '../../plan/partRef';
import type { Part } from '../../reckoning';

/** A skirt where the section cuts it: down, and out from the fence. */
export function section(part: Part, cut: Cut): readonly Primitive<'cut-skirt'>[] {
  if (part.kind !== 'skirt') return [];
  const frame = cut.frames.get(part.side);
  const crossed = frame && cut.crossing(frame.at(part.from, 0), frame.at(part.to, 0));
  if (!crossed) return [];
  const { along } = crossed;
  const at = cut.at(along);
  const way = cut.beside({ x: at.x + frame.outward.x, y: at.y + frame.outward.y }).along - along;
  const foot = cut.ground(at);
  const down = { x: along, y: foot - part.depth };
  const points = [
    { x: along, y: foot },
    ...(part.depth > 0 ? [down] : []),
    ...(part.out > 0 ? [{ x: along + Math.sign(way || 1) * part.out, y: foot - part.depth - 0.02 }] : []),
  ];
  return [{ shape: 'line', kind: 'cut-skirt', part: formatPart(part.part), points }];
}
