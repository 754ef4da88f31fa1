import type { Reason } from '../../buying/demand';
import type { ArchShape } from './shape';

/** Whose line it is on the docket. */
export const reasonOf = ({ arch }: ArchShape): Reason => ({
  stage: 'arch',
  part: { on: 'arch', arch: arch.id },
});

/** One of the pieces that an arch is made of. */
export const pieceOf = ({ arch }: ArchShape, of: string, nth: number) =>
  ({ on: 'arch-piece', arch: arch.id, of, nth }) as const;
