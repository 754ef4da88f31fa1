import { perUnit } from '../../build/rate';
import type { Assumptions } from '../../plan/assumptions';
import { type Term, product, value } from '../../working';
import type { CoverOf } from './kinds';
import type { OpenCover } from './laid';
import { laidAs } from './over/shape';
import { type Wrapped, wrapHours } from './wraps';

/** Person-hours to put a cover up, by its area: what is laid in strips, sheets or panels, or as one net or tarp. */
export function coverHours({ shape }: OpenCover, assumed: Assumptions): Term {
  const laid = laidAs(shape);
  const each = laid === 'strips' || laid === 'sheets' ? assumed.hoursCoverStrip : assumed.hoursCoverNet;
  const code = laid === 'strips' || laid === 'sheets' ? 'hours.cover' : 'hours.net';
  return product(code, 'h', { name: shape.cover.name }, [
    value('cover.area', shape.area, 'm²', {}),
    perUnit(each),
  ]);
}

export const hoursOfWrap = (
  cover: CoverOf<'wrap'>,
  wrapped: readonly Wrapped[],
  assumed: Assumptions,
): Term => wrapHours(cover, wrapped, perUnit(assumed.hoursCoverNet));
