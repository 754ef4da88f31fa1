import { perUnit } from '../../build/rate';
import type { Assumptions } from '../../plan/assumptions';
import { type Term, product, value } from '../../working';
import type { OpenCover, Wrap } from './laid';
import { layingOf } from './layings';
import { type Wrapped, wrapHours } from './wraps';

/** Person-hours to put a cover up, by its area: what is laid piece by piece, or as one net or tarp. */
export function coverHours({ shape }: OpenCover, assumed: Assumptions): Term {
  const inPieces = layingOf(shape).hours === 'pieces';
  return product(inPieces ? 'hours.cover' : 'hours.net', 'h', { name: shape.cover.name }, [
    value('cover.area', shape.area, 'm²', {}),
    perUnit(inPieces ? assumed.hoursCoverStrip : assumed.hoursCoverNet),
  ]);
}

export const hoursOfWrap = (wrap: Wrap, wrapped: readonly Wrapped[], assumed: Assumptions): Term =>
  wrapHours(wrap, wrapped, perUnit(assumed.hoursCoverNet));
