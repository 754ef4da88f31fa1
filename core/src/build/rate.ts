import { type Term, value } from '../working';

/** Hours that one of something takes. */
export const perUnit = (hours: number): Term => value('hours.rate', hours, 'h/unit', {});
