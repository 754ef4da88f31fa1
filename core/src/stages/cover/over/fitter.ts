import { roundUp } from '../../../units/round';
import type { CoverOf } from '../kinds';
import { slopeOf } from '../../../ground/plane';
import type { CoverShape } from './shape';

/** At each free edge, and past each end along the ridge, m (rules: Cover). */
const HEMS = { hem: 0.1, pocket: 0.15 } as const;
const OVERHANG = 0.2;
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
export function fitOf(shape: CoverShape, cover: CoverOf<'tarp'>): Fit {
  const { box, plane } = shape;
  const [long, short] = [box.right - box.left, box.high - box.low].sort((a, b) => b - a) as [number, number];
  const over =
    cover.shape === 'gable' ? 2 * Math.hypot(short / 2, cover.ridge) : short * Math.hypot(1, slopeOf(plane));
  return {
    across: over + 2 * HEMS[cover.hem],
    along: long + 2 * OVERHANG,
    over,
    straps: cover.straps ?? roundUp(long / STRAP_EACH) + 1,
    strap: over + 2 * STRAP_END,
    clamps: cover.rolls === 'none' ? 0 : roundUp(long / CLAMP_EACH) + 1,
  };
}
