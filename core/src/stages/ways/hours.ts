import { type Opening } from '../../plan/schema';
import { type Assumptions } from '../../plan/assumptions';
import { type Term, value, product } from '../../working/term';
import { perUnit } from '../../build/rate';
/** Hours to hang what closes the ways in, and to build the leaves that are built. */
export function openingHours(openings: readonly Opening[], a: Assumptions): readonly Term[] {
  const counted = (what: 'gates' | 'pop doors', count: number) =>
    value('hours.count', count, 'piece', { of: what });
  const gates = (make: 'kit' | 'built') =>
    openings.filter((o) => o.kind === 'gate' && o.make === make).length;
  return [
    product('hours.gates', 'h', {}, [counted('gates', gates('kit')), perUnit(a.hoursGateKit)]),
    product('hours.gates-built', 'h', {}, [counted('gates', gates('built')), perUnit(a.hoursGateBuilt)]),
    product('hours.pop-doors', 'h', {}, [
      counted('pop doors', openings.filter((o) => o.kind !== 'gate').length),
      perUnit(a.hoursPopDoor),
    ]),
  ];
}
