import { type HungWalls } from './stage';
import { type BoardCourse } from './shown/boards';
import { type Assumptions } from '../../plan/assumptions';
import { type Term, value, product } from '../../working/term';
import { type Run } from '../../buying/run';
import { perUnit } from '../../build/rate';
/** Hours to put up boards and hang mesh: the same on any soil. */
export function wallHours(
  walls: Pick<HungWalls, 'courses'>,
  boards: readonly BoardCourse[],
  a: Assumptions,
): readonly Term[] {
  const long = (runs: readonly Run[]) => runs.reduce((total, run) => total + run.length, 0);
  const metres = (length: number) => value('hours.metres', length, 'm', {});
  return [
    product('hours.boards', 'h', {}, [
      metres(boards.reduce((total, c) => total + long(c.runs), 0)),
      perUnit(a.hoursBoardMetre),
    ]),
    product('hours.mesh', 'h', {}, [
      metres(walls.courses.reduce((total, c) => total + long(c.runs) + long(c.above), 0)),
      perUnit(a.hoursMeshMetre),
    ]),
  ];
}
