import { EPSILON } from '../../../units/round';
import type { Building } from '../../../plan/schema';
import { type Vector, betweenSegments, insideOrOn, toSegment } from '../../../ground/vector';
import type { CoverShape, HeightAt } from '../over/shape';
import { type Extent, extentOf } from '../../../drawing/scene/scene';
import { planeAt } from '../../../ground/plane';

/** Snow drifts below what is so much higher, m. */
const STEP = 0.5;
const DRIFT = { least: 2, most: 10, of: 2 } as const;

/** Where snow lies deeper: in a strip round something higher. */
export interface Drift {
  readonly outline: readonly Vector[];
  readonly box: Extent;
  readonly reach: number;
  /** Its snow can slide down. */
  readonly slides: boolean;
}

/** A roof whose ridge is so much over its eaves lets its snow slide, m. */
const PITCHED = 0.15;

const middleOf = (points: readonly Vector[]): Vector => ({
  x: points.reduce((t, p) => t + p.x, 0) / points.length,
  y: points.reduce((t, p) => t + p.y, 0) / points.length,
});

/** Roofs, walls and other covers that stand higher than a cover. @param others  covers of the plan beside it */
export function driftsAt(
  shape: CoverShape,
  buildings: readonly Building[],
  others: readonly CoverShape[],
  ground: HeightAt,
): readonly Drift[] {
  const drift = (outline: readonly Vector[], top: number, slides: boolean): Drift[] => {
    const step = top - planeAt(shape.plane, middleOf(outline));
    const reach = Math.min(DRIFT.most, Math.max(DRIFT.least, DRIFT.of * step));
    return step >= STEP - EPSILON ? [{ outline, box: extentOf(outline), reach, slides }] : [];
  };
  return [
    ...buildings.flatMap((b) =>
      drift(b.outline, ground(middleOf(b.outline)) + b.height, b.height - b.eaves > PITCHED),
    ),
    ...others.flatMap((other) =>
      other === shape ? [] : drift(other.outline, planeAt(other.plane, middleOf(other.outline)), false),
    ),
  ];
}

/** Double under a drift: a member that it touches takes it on its whole length. */
export const DRIFTED = 2;

/** The drifts that a straight touches. */
export function driftsOn(drifts: readonly Drift[], from: Vector, to: Vector): readonly Drift[] {
  return drifts.filter(({ outline, reach, box }) => {
    // Mostly far off: told by its box.
    if (Math.max(from.x, to.x) < box.left - reach || Math.min(from.x, to.x) > box.right + reach) return false;
    if (Math.max(from.y, to.y) < box.low - reach || Math.min(from.y, to.y) > box.high + reach) return false;
    if (insideOrOn(from, outline, reach)) return true;
    return outline.some((a, i) => {
      const b = outline[(i + 1) % outline.length] ?? a;
      return betweenSegments(from, to, a, b) < reach - EPSILON || toSegment(to, a, b) < reach - EPSILON;
    });
  });
}
