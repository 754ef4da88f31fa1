import { perUnit } from '../../../build/rate';
import type { Assumptions } from '../../../plan/assumptions';
import { type Term, product, value } from '../../../working';
import type { Rake } from './rakes';

/** Hours to hang mesh up to a roof, as any other. */
export const rakeHours = (rakes: readonly Rake[], a: Assumptions): readonly Term[] =>
  rakes.length === 0
    ? []
    : [
        product('hours.mesh', 'h', {}, [
          value(
            'hours.metres',
            rakes.reduce((total, { from, to }) => total + to - from, 0),
            'm',
            {},
          ),
          perUnit(a.hoursMeshMetre),
        ]),
      ];
