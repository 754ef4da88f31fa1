import { perUnit } from '../../build/rate';
import type { AssumptionId, Assumptions } from '../../plan/assumptions';
import { type Term, product, value } from '../../working/term';
import { type Opening, makeOf, rowOf } from './plan/kinds';
import type { OpeningHours } from './plan/kinds/kind';

/** What is counted for each working, and how long one takes. */
const RATES: Readonly<Record<OpeningHours, readonly [of: 'gates' | 'pop doors', rate: AssumptionId]>> = {
  'hours.gates': ['gates', 'hoursGateKit'],
  'hours.gates-built': ['gates', 'hoursGateBuilt'],
  'hours.pop-doors': ['pop doors', 'hoursPopDoor'],
};

/** Hours to hang what closes the openings, and to build the leaves that are built. */
export function openingHours(openings: readonly Opening[], assumed: Assumptions): readonly Term[] {
  const codes = openings.map((o) => rowOf(o).hours[makeOf(o)]);
  return (Object.keys(RATES) as OpeningHours[]).map((code) => {
    const [of, rate] = RATES[code];
    const count = codes.filter((c) => c === code).length;
    return product(code, 'h', {}, [value('hours.count', count, 'piece', { of }), perUnit(assumed[rate])]);
  });
}
