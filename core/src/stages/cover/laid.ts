import type { Ring } from '../../ground/survey';
import type { Lying } from './bare';
import { type Cover, type MakeupOf, isOver, makeupOf, rowOf } from './plan/kinds';
import { layingOf } from './layings';
import { type HeightAt, type CoverShape, shapeOf } from './over/shape';
import type { Side } from './over/ways';

/** A cover over a run with how it is put together; without one for what comes in one piece. */
export interface OpenCover {
  readonly shape: CoverShape;
  readonly side: Side | null;
  /** Its place among all covers of the plan. */
  readonly nth: number;
}

/** A cover along the walls of its run. */
export interface Wrap {
  readonly cover: Pick<Cover, 'id' | 'name' | 'enclosure' | 'kind'>;
  readonly made: MakeupOf<'walls'>;
}

/** What is planned over the runs, and round their walls. */
export interface Covered {
  readonly over: readonly OpenCover[];
  readonly wraps: readonly Wrap[];
}

/** Every cover whose run is among these, by geometry alone. */
export function coveredBy(covers: readonly Cover[], rings: readonly Ring[], ground: HeightAt): Covered {
  const over = covers.flatMap((cover, nth): OpenCover[] => {
    const shape = isOver(cover) ? shapeOf(cover, rings, ground) : null;
    return shape ? [{ shape, side: layingOf(shape).side(shape), nth }] : [];
  });
  const wraps = covers.flatMap((cover): Wrap[] => {
    const made = makeupOf(cover);
    const here = rings.some((r) => r.enclosure === cover.enclosure);
    return here && made.laid === 'walls' ? [{ cover, made }] : [];
  });
  return { over, wraps };
}

/** What open demands of a cover are called by. */
export const alikeOf = ({ cover }: CoverShape): string => `cover ${cover.id}`;

/** Whether it is there already. */
export const isFound = ({ shape: { cover } }: OpenCover): boolean => cover.found === true;

/** What of them has to be built. */
export const builtOf = (covered: Covered): Covered =>
  covered.over.some(isFound) ? { ...covered, over: covered.over.filter((o) => !isFound(o)) } : covered;

/** What of them keeps out what comes from above, over as much as it covers. */
export const lyingOver = ({ over }: Covered): readonly Lying[] =>
  over.flatMap(({ shape: { cover, area } }) =>
    rowOf(cover).closes
      ? [{ cover: cover.id, enclosure: cover.enclosure, area, partly: cover.outline !== null }]
      : [],
  );
