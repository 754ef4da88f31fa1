import { type Assumptions } from '../../plan/assumptions';
import { type Term, product, value } from '../../working/term';
import { perUnit } from '../../build/rate';
/** Hours to stake out so many runs. */
export const stakeOutHours = (runs: number, a: Assumptions): Term =>
  product('hours.stake-out', 'h', {}, [
    value('hours.count', runs, 'piece', { of: 'runs' }),
    perUnit(a.hoursStakeOut),
  ]);
