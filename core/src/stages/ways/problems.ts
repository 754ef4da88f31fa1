import { type Plan } from '../../plan/schema';
import { type OpeningPlace } from '../../plan/openingPlace';
import { type RingSide } from '../../ground/survey';
import { type Change } from '../../plan/changes/types';
import { TOUCH } from '../../units/round';
import { type Problems } from '../problems';
import { type Finding, finding } from '../../findings/types';
/** The nearest place along its side where an opening fits clear of the others. */
function slide(plan: Pick<Plan, 'openings'>, opening: OpeningPlace, side: RingSide): readonly Change[] {
  const most = side.length - opening.width;
  const others = plan.openings.filter((o) => o.side === opening.side && o.id !== opening.id);
  const [nearest] = [0, most, ...others.flatMap((o) => [o.along - opening.width, o.along + o.width])]
    .filter((along) => along >= 0 && along <= most)
    .filter((along) =>
      others.every((o) => along + opening.width <= o.along + TOUCH || along >= o.along + o.width - TOUCH),
    )
    .sort((a, b) => Math.abs(a - opening.along) - Math.abs(b - opening.along));
  return nearest === undefined ? [] : [{ verb: 'set-opening', id: opening.id, to: { along: nearest } }];
}

/** An opening must lie on a fenced side, within it and clear of the others. */
export const openingProblems: Problems = ({ openings, sides }) => {
  const found: Finding[] = [];
  for (const [i, opening] of openings.entries()) {
    const side = sides.get(opening.side);
    if (!side) continue;
    const part = { on: 'opening', opening: opening.id } as const;
    const at = { way: opening.kind, side: side.number };
    const past = opening.along + opening.width - side.length;
    if (side.side.kind !== 'fence' && side.side.kind !== 'arch-end')
      found.push(finding('gate.not-in-fence', { severity: 'blocks', stage: 'ways', part }, at));
    else if (opening.width > side.length + TOUCH) {
      const params = { ...at, width: opening.width, length: side.length };
      found.push(finding('gate.wider-than-side', { severity: 'blocks', stage: 'ways', part }, params));
    } else if (past > TOUCH) {
      found.push(
        finding('gate.past-end', { severity: 'blocks', stage: 'ways', part }, { ...at, past }, (plan) =>
          slide(plan, opening, side),
        ),
      );
    }
    const clash = openings.find(
      (o, j) =>
        o.side === opening.side &&
        j < i &&
        o.along < opening.along + opening.width - TOUCH &&
        opening.along < o.along + o.width - TOUCH,
    );
    if (clash)
      found.push(
        finding('gate.overlaps', { severity: 'blocks', stage: 'ways', part }, { side: side.number }, (plan) =>
          slide(plan, opening, side),
        ),
      );
  }
  return found;
};
