import type { Reason } from '../../buying/demand';
import type { CoverShape } from './over/shape';

/** For which cover something is asked. */
export const reasonOf = ({ cover }: Pick<CoverShape, 'cover'>): Reason => ({
  stage: 'cover',
  part: { on: 'cover', cover: cover.id },
});
