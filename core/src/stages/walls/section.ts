import type { Cut } from '../../drawing/scene/cut';
import type { Primitive } from '../../drawing/scene/scene';
import { formatPart } from '../../plan/partRef';
import type { Part } from '../../reckoning';

/** Mesh where the section cuts it: upright, from its foot to its top. */
export function section(part: Part, cut: Cut): readonly Primitive<'cut-wall'>[] {
  if (part.kind !== 'mesh') return [];
  const frame = cut.frames.get(part.side);
  const crossed = frame && cut.crossing(frame.at(part.from, 0), frame.at(part.to, 0));
  if (!crossed) return [];
  const { along } = crossed;
  const foot = part.level ?? cut.ground(cut.at(along));
  return [
    {
      shape: 'line',
      kind: 'cut-wall',
      part: formatPart(part.part),
      points: [
        { x: along, y: foot + part.bottom },
        { x: along, y: foot + part.top },
      ],
    },
  ];
}
