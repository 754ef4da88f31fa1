import type { Ring } from '../../ground/survey';
import type { Cover, OverRun } from './kinds';
import { isOver } from './kinds';
import { type HeightAt, type CoverShape, shapeOf } from './over/shape';
import { type Side, sideOf } from './over/ways';

/** A cover over a run with how it is put together; without one for what comes in one piece. */
export interface OpenCover {
  readonly shape: CoverShape;
  readonly side: Side | null;
  /** Its place among all covers of the plan. */
  readonly nth: number;
}

/** What is planned over the runs, and round their walls. */
export interface Covered {
  readonly over: readonly OpenCover[];
  readonly wraps: readonly Exclude<Cover, OverRun>[];
}

/** Every cover whose run is among these, by geometry alone. */
export function coveredBy(covers: readonly Cover[], rings: readonly Ring[], ground: HeightAt): Covered {
  const over = covers.flatMap((cover, nth): OpenCover[] => {
    const shape = isOver(cover) ? shapeOf(cover, rings, ground) : null;
    return shape ? [{ shape, side: sideOf(shape), nth }] : [];
  });
  const wraps = covers.filter(
    (cover): cover is Exclude<Cover, OverRun> =>
      !isOver(cover) && rings.some((r) => r.enclosure === cover.enclosure),
  );
  return { over, wraps };
}

/** What open demands of a cover are called by. */
export const alikeOf = ({ cover }: CoverShape): string => `cover ${cover.id}`;
