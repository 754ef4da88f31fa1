import { perUnit } from '../../build/rate';
import type { Assumptions } from '../../plan/assumptions';
import { type Term, product, sum, value } from '../../working';
import type { Energy } from './power/energy';
import type { LaidNet } from './laid';
import type { Wired } from './wires/wires';

/** Person-hours to set a net up. */
export const netHours = ({ net, total }: LaidNet, assumed: Assumptions): Term =>
  product('hours.live-nets', 'h', { name: net.name }, [
    value('live.set-up', total / 50, 'piece', {}),
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
