import { perUnit } from '../../build/rate';
import type { Assumptions } from '../../plan/assumptions';
import { type Term, product, sum, value } from '../../working';
import type { Energy } from './power/energy';
import type { Taken } from './pieces';
import type { NetShape } from './route/shape';
import type { Wired } from './wires/wires';

/** Person-hours to set a net up. */
export const netHours = ({ net }: NetShape, { pieces }: Taken, assumed: Assumptions): Term =>
  product('hours.live-nets', 'h', { name: net.name }, [
    value('live.set-up', pieces.reduce((t, p) => t + p, 0) / 50, 'piece', {}),
    perUnit(assumed.hoursNet),
  ]);

export const wireHours = ({ wire, length }: Wired, assumed: Assumptions): Term =>
  product('hours.hot-wire', 'h', { name: wire.name }, [
    value('live.wire', length, 'm', { length }),
    perUnit(assumed.hoursHotWireMetre),
  ]);

/** Rods driven, energiser set up and tested. */
export const powerHours = ({ rods }: Energy, assumed: Assumptions): Term =>
  sum('hours.live-power', 'h', {}, [
    product('hours.live-power', 'h', {}, [value('power.rods', rods, 'piece', {}), perUnit(assumed.hoursRod)]),
    product('hours.live-power', 'h', {}, [
      value('live.energiser', 1, 'piece', {}),
      perUnit(assumed.hoursEnergiser),
    ]),
  ]);
