import type { Change } from '../../../plan/changes/types';
import type { ArchShape } from '../shape';

type Whole = { readonly on: 'arch'; readonly arch: string };
/** The arch as a whole. */
export const partOf = ({ arch }: Pick<ArchShape, 'arch'>): Whole => ({ on: 'arch', arch: arch.id });
export const set = (id: string, to: object): Change => ({ verb: 'set-arch', id, to });
/** Laid out anew. */
export const lay = (id: string, to: { readonly base?: number; readonly length?: number }): Change => ({
  verb: 'place-arch',
  id,
  to,
});
