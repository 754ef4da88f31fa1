import type { FenceLine } from '../../ground/fenceLines';
import type { Part } from '../../reckoning';
import { spansOnSides } from '../walls/shown/runs';
import { plus, times } from '../../ground/vector';
import type { SkirtLayout } from './stage';
import type { SkirtStrip } from './strips';
import { type Laid, type SkirtShape, borderOf, shapeOf } from './plan/shape';

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

/** A strip along a wall of the house: as far as it runs on past its corners. */
function houseStrip(strip: SkirtStrip, width: number): Part[] {
  const [edge] = strip.edges;
  if (!edge || edge.of.on !== 'house') return [];
  const from = plus(edge.start, times(edge.direction, -strip.back));
  const to = plus(edge.end, times(edge.direction, strip.ahead));
  const away = times(edge.outward, width);
  const points = [from, to, plus(to, away), plus(from, away)];
  const { building, number } = edge.of;
  return [{ kind: 'house-skirt', part: { on: 'house-skirt', building, wall: number }, points }];
}

/** Skirts in side coordinates, and strips round the house as outlines. */
export function skirtParts(skirts: SkirtLayout): readonly Part[] {
  return skirts.courses.flatMap((course) => [
    ...course.lines.flatMap((line) => skirtAlong(line, course.skirt, course.shape)),
    ...course.strips.flatMap((strip) => houseStrip(strip, course.shape.out)),
  ]);
}
