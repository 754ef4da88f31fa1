import { type Chosen, widthsFor } from '../../buying/chosen';
import { stackName } from '../../buying/stack';
import type { Goods } from '../../catalogue/goods';
import { EPSILON } from '../../units/round';
import type { LaidCourse, SkirtLayout } from './stage';

/** All of one skirt choice with its roll. */
export interface SkirtCourse extends LaidCourse {
  /** The roll it is cut from, m; undefined when no roll is wide enough, or there is no mesh. */
  readonly rollWidth: number | undefined;
  /** The widest that is sold, m; 0 where there is no mesh. */
  readonly widest: number;
}

export interface SkirtStage extends SkirtLayout {
  readonly courses: readonly SkirtCourse[];
}

/** What a strip asks to be reached: its width, by one roll. */
export const stripReach = (mesh: string, width: number) =>
  ({ mesh, height: width, lap: 0, rows: 1 }) as const;

/** Skirts with their rolls; without one where none that is sold is wide enough. */
export function withRolls(goods: Pick<Goods, 'widths'>, layout: SkirtLayout, chosen: Chosen): SkirtStage {
  const rollOf = ({ shape: { mesh }, stripWidth }: LaidCourse) => {
    if (mesh === null) return { rollWidth: undefined, widest: 0 };
    const [roll = 0] = widthsFor(chosen, stackName(stripReach(mesh, stripWidth)));
    return {
      rollWidth: roll >= stripWidth - EPSILON ? roll : undefined,
      widest: Math.max(...goods.widths(mesh)),
    };
  };
  return { ...layout, courses: layout.courses.map((course) => ({ ...course, ...rollOf(course) })) };
}
