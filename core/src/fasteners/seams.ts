import type { AskOf, Reason } from '../buying/demand';
import type { TermParams } from '../working';
import { PITCH, onePast, ringsAlong } from './along';

/** A level seam: what lies on what, and how long, m. */
export interface Seam {
  readonly kind: TermParams['fasten.seam']['kind'];
  readonly length: number;
}

/** Rings along seams. */
export const ringed = ({ stage, part }: Reason, seams: readonly Seam[]): AskOf<'pack'> => ({
  stage,
  part,
  buy: 'pack',
  pack: 'ring',
  count: seams.reduce((n, { length }) => n + ringsAlong(length), 0),
  need: () => seams.map(({ kind, length }) => onePast('fasten.seam', length, PITCH.ring, { kind, length })),
});
