import type { AllTaken, Pieces } from './pieces';
import type { Clearance } from './route/clear';
import type { Gap } from './route/ground';
import type { NetShape } from './route/shape';
import { SAME } from './same';

/** A net as it stands: its way, the whole nets that it is made of, and what is under and beside it. Lengths m. */
export interface LaidNet extends NetShape {
  readonly pieces: Pieces;
  /** All pieces together. */
  readonly total: number;
  /** What of them is over; under 0 they do not go round. */
  readonly surplus: number;
  /** The widest first. */
  readonly gaps: readonly Gap[];
  readonly clearances: readonly Clearance[];
}

/** By the id of a net, what is known of it besides its way. */
export interface Around {
  readonly gaps: ReadonlyMap<string, readonly Gap[]>;
  readonly clearances: ReadonlyMap<string, readonly Clearance[]>;
}

export const isShort = ({ surplus }: LaidNet): boolean => surplus < -SAME;

export const laidNets = (
  shapes: readonly NetShape[],
  { byNet }: AllTaken,
  { gaps, clearances }: Around,
): readonly LaidNet[] =>
  shapes.map((shape): LaidNet => {
    const { id } = shape.net;
    const pieces = byNet.get(id) ?? [];
    const total = pieces.reduce((t, p) => t + p, 0);
    return {
      ...shape,
      pieces,
      total,
      surplus: total - shape.length,
      gaps: gaps.get(id) ?? [],
      clearances: clearances.get(id) ?? [],
    };
  });
