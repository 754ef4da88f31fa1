import type { Assumptions } from '../../plan/assumptions';
import type { Plan } from '../../plan/schema';
import { HOURS_OF, type HoursPart } from '../../stages/facts';
import type { Figures, FiguresMade } from '../../stages/told';
import { type Term, product, sum, value } from '../../working';

/**
 * Person-hours to build what is planned (rules: Hours).
 *
 * @param stages  hours of each part of the work, as the stages add them
 * @returns hours alone, with working
 */
export const buildHours = (stages: readonly Term[]): Term =>
  sum(
    'hours.total',
    'h',
    {},
    stages.filter((t) => t.value > 0),
  );

/** What it takes the people who build. @returns hours from beginning to end: with a second person 0.6 of those alone */
export function elapsedHours(hours: Term, crew: Plan['crew'], a: Assumptions): Term {
  if (crew === 'alone') return hours;
  return product('hours.elapsed', 'h', {}, [hours, value('hours.second', a.secondPerson, 'ratio', {})]);
}

const partOf = (code: string): HoursPart | undefined =>
  code in HOURS_OF ? HOURS_OF[code as keyof typeof HOURS_OF] : undefined;

export function hoursFigures(hours: Term, elapsed: Term, assumed: Assumptions): Figures {
  const figures: FiguresMade = {
    hours: hours.value,
    elapsed: elapsed.value,
    hoursWithHelp: hours.value * assumed.secondPerson,
  };
  for (const term of hours.terms) {
    const part = partOf(term.code);
    if (part) figures[`hours.${part}`] = (figures[`hours.${part}`] ?? 0) + term.value;
  }
  return figures;
}
