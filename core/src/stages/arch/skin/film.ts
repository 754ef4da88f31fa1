import { roundUp } from '../../../units/round';
import { type ArchShape, hungEnds } from '../shape';
import { strapsOf } from '../frame/frame';

/** At each foot, past each end, left open over the ends, past a foot at each end of a strap, and from clamp to clamp, m (rules: Cover, Arched runs). */
const HEMS = { hem: 0.1, pocket: 0.15 } as const;
const OVERHANG = 0.2;
const LEFT_OPEN = 0.15;
const STRAP_END = 0.3;
const CLAMP_EACH = 0.6;
/** Straps are made so long, m. */
const STRAP = 5;

/** A film over an arch, in one piece, and over its ends. All m. */
export interface Film {
  /** From foot to foot with its hems, and along with what it overhangs. */
  readonly across: number;
  readonly along: number;
  readonly straps: number;
  readonly strap: number;
  /** Straps as they are sold, for each. */
  readonly strapsEach: number;
  readonly clamps: number;
  /** Pieces over ends, each so wide and so high. */
  readonly ends: number;
  readonly endWidth: number;
  readonly endHeight: number;
}

/** @see rules: Cover. On an arch, the arc + hems; a pocket of 0.15 for a strap at each free edge */
export function filmOf(shape: ArchShape): Film | null {
  const { arch, bent, ribs, curve, top } = shape;
  if (arch.film === null || !curve) return null;
  const strap = bent + 2 * STRAP_END;
  return {
    across: bent + 2 * HEMS[arch.hem],
    along: ribs.built + 2 * OVERHANG,
    straps: strapsOf(shape),
    strap,
    strapsEach: roundUp(strap / STRAP),
    clamps: arch.rolls === 'none' ? 0 : roundUp(ribs.built / CLAMP_EACH) + 1,
    ends: arch.filmEnds === 'closed' ? hungEnds(shape).length : 0,
    endWidth: curve.widest,
    endHeight: Math.max(0, top - LEFT_OPEN),
  };
}

/** Of air under the film, m³: what an arch holds over its floor. */
export const volumeOf = ({ curve, ribs, arch, base }: ArchShape): number =>
  curve ? (curve.area + arch.board * base) * ribs.built : 0;
