import { roundUp } from '../../../units/round';
import { slopeOf } from '../../../ground/plane';
import type { ShapeOf } from './shape';

const STRAP_EACH = 2.4;
/** Past the cover at each end of a strap, m. */
const STRAP_END = 0.3;
/** Clamps along a side that rolls up are so far apart, m. */
const CLAMP_EACH = 0.6;

/** What a cover in one piece has to be. All m. */
export interface Fit {
  readonly across: number;
  readonly along: number;
  /** Over the cover from eave to eave. */
  readonly over: number;
  readonly straps: number;
  readonly strap: number;
  readonly clamps: number;
}

/**
 * The size of a tarp or film over a flat or gabled frame.
 *
 * @see rules: Cover. 2·√((span/2)² + rise²) + hems across, length + 2 overhangs along; straps ⌈L/2.4⌉ + 1
 */
export function fitOf({ box, plane, made: { how } }: ShapeOf<'piece'>): Fit {
  const [long, short] = [box.right - box.left, box.high - box.low].sort((a, b) => b - a) as [number, number];
  const over =
    how.ridge === null ? short * Math.hypot(1, slopeOf(plane)) : 2 * Math.hypot(short / 2, how.ridge);
  return {
    across: over + 2 * how.hem,
    along: long + 2 * how.overhang,
    over,
    straps: how.straps ?? roundUp(long / STRAP_EACH) + 1,
    strap: over + 2 * STRAP_END,
    clamps: how.rolls ? roundUp(long / CLAMP_EACH) + 1 : 0,
  };
}
