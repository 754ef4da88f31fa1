import { type Problems } from '../problems';
import { type Finding, finding } from '../../findings/types';
import { TOUCH } from '../../units/round';
/** A post set by hand must stand on its side. */
export const postProblems: Problems = ({ pins, sides }) => {
  const found: Finding[] = [];
  for (const pin of pins) {
    const side = sides.get(pin.side);
    if (side && pin.along > side.length + TOUCH) {
      found.push(
        finding(
          'pin.past-end',
          { severity: 'blocks', stage: 'posts', part: { on: 'pin', side: pin.side, pin: pin.id } },
          {
            side: side.number,
            past: pin.along - side.length,
          },
        ),
      );
    }
  }
  return found;
};
