import type { FenceLine } from '../ground/fenceLines';
import type { Part } from '../reckoning';
import { spansOnSides } from '../walls/runs';
import { type Laid, type SkirtShape, borderOf, shapeOf } from './shape';

/** A skirt along a line of fence in side coordinates. */
export function skirtAlong(
  line: FenceLine,
  skirt: Laid,
  shape: SkirtShape = shapeOf(skirt),
): readonly Extract<Part, { kind: 'skirt' }>[] {
  const { out, depth, mesh } = shape;
  return spansOnSides(line, 0, line.length).map((span) => ({
    kind: 'skirt',
    part: { on: 'skirt', side: span.side },
    side: span.side,
    from: span.from,
    to: span.to,
    out,
    depth,
    mesh,
    form: skirt.kind,
    border: borderOf(shape),
  }));
}
