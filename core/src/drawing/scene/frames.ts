import { surveyRings } from '../../ground/survey';
import { type Vector, plus, times } from '../../ground/vector';
import type { Plan } from '../../plan/schema';

/** A side's own coordinates on the ground: from its `from` corner along it, and out of the run. */
export interface SideFrame {
  readonly at: (along: number, out: number) => Vector;
  readonly length: number;
  readonly direction: Vector;
  readonly outward: Vector;
}

/** One frame a side; a shared side faces out of its first enclosure. */
export function sideFrames(
  plan: Pick<Plan, 'corners' | 'sides' | 'enclosures'>,
): ReadonlyMap<string, SideFrame> {
  const frames = new Map<string, SideFrame>();
  for (const ring of surveyRings(plan)) {
    for (const s of ring.sides) {
      if (frames.has(s.side.id)) continue;
      const origin = s.forward ? s.start : s.end;
      const direction = s.forward ? s.direction : times(s.direction, -1);
      frames.set(s.side.id, {
        at: (along, out) => plus(plus(origin, times(direction, along)), times(s.outward, out)),
        length: s.length,
        direction,
        outward: s.outward,
      });
    }
  }
  return frames;
}
