import { perUnit } from '../../build/rate';
import { soilFactor } from '../../build/soil';
import type { Assumptions, Soil } from '../../plan/assumptions';
import { type Term, product, value } from '../../working';
import type { Fill } from './plan/shape';
import type { LaidCourse, SkirtLayout } from './stage';

/** Stones by what is carried, concrete by the bag. */
const FILL_HOURS: Readonly<Record<Fill['pack'], (fill: Term, bags: Term, a: Assumptions) => Term>> = {
  stone: (fill, _, a) => product('hours.stones', 'h', {}, [fill, perUnit(a.hoursStoneCubicMetre)]),
  concrete: (_, bags, a) => product('hours.concrete-strip', 'h', {}, [bags, perUnit(a.hoursConcreteBag)]),
};

/** Trench by its volume and the soil, flat strips by the metre, what is filled by what it is. */
function skirtHours({ shape, strips, trench, fill, bags }: LaidCourse, soil: Term, a: Assumptions): Term[] {
  const terms: Term[] = [];
  if (shape.laid === 'flat') {
    const length = strips.reduce((total, s) => total + s.length, 0);
    terms.push(
      product('hours.apron', 'h', {}, [value('hours.metres', length, 'm', {}), perUnit(a.hoursApronMetre)]),
    );
  }
  if (trench) terms.push(product('hours.trench', 'h', {}, [trench, perUnit(a.hoursTrenchCubicMetre), soil]));
  if (fill && bags && shape.fill) terms.push(FILL_HOURS[shape.fill.pack](fill, bags, a));
  return terms;
}

/** Person-hours to lay all skirts. */
export const skirtsHours = ({ courses }: SkirtLayout, soil: Soil, assumed: Assumptions): readonly Term[] => {
  const factor = soilFactor(soil);
  return courses.flatMap((course) => skirtHours(course, factor, assumed));
};
