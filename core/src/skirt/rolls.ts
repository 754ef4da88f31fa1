import type { WallMarket } from '../catalogue/market';
import { EPSILON } from '../units/round';
import type { Stack, StackWant } from '../walls/stacks';
import type { SkirtCourse, SkirtStage } from './stage';

/** A skirt's strips before their roll is chosen. */
export type LaidCourse = Omit<SkirtCourse, 'rollWidth'>;

/** Skirts along the fence, the rolls of their strips left open. */
export interface SkirtLayout extends Pick<SkirtStage, 'length'> {
  readonly courses: readonly LaidCourse[];
}

/** The roll is chosen beside those of the walls, which it may share, wherever it has a price. */
function priced(market: WallMarket, mesh: string): boolean {
  return market.widths(mesh).every((width) => market.rolls(mesh, width).every((u) => u.price !== null));
}

/** What each strip asks for: one row of its width, in the order of the courses. */
export function stripWants(market: WallMarket, { courses }: SkirtLayout): readonly StackWant[] {
  return courses.flatMap(({ shape, stripWidth, strips }): StackWant[] => {
    if (shape.mesh === null || !priced(market, shape.mesh)) return [];
    const length = strips.reduce((total, s) => total + s.length, 0);
    return [{ mesh: shape.mesh, height: stripWidth, lap: 0, length, seam: 0, rows: 1 }];
  });
}

/**
 * Skirts with their rolls.
 *
 * @param stacks  the row chosen for each of `stripWants`; a strip without a price comes from the narrowest roll that is wide enough
 */
export function withRolls(market: WallMarket, layout: SkirtLayout, stacks: readonly Stack[]): SkirtStage {
  let next = 0;
  const widthOf = ({ shape, stripWidth }: LaidCourse): number | undefined => {
    if (shape.mesh === null) return undefined;
    if (priced(market, shape.mesh)) return stacks[next++]?.[0];
    return market.widths(shape.mesh).find((width) => width >= stripWidth - EPSILON);
  };
  return {
    ...layout,
    courses: layout.courses.map((course) => ({ ...course, rollWidth: widthOf(course) })),
  };
}
