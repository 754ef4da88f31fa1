import { type AtJoint, NO_JOINTS, type Run, plainRun } from '../../buying/run';
import { spliceRings } from '../../fasteners/joints';
import type { PartRef } from '../../plan/partRef';
import { placeAt } from '../../plan/place';
import { equally, MOST_BEAMS } from './held/lines';
import type { CoverShape, ShapeOf } from './over/shape';
import { type CoverWay, rowsOf } from './over/ways';

/** Timbers that hold a cover up, or its wrap down: each in one piece. */
export const timberRun = (part: PartRef, length: number, nth: number): Run =>
  plainRun('support', part, length, placeAt('support', 0, nth));

/** Film along a wall. */
export const wrapRun = (part: PartRef, length: number, nth: number): Run =>
  plainRun('wrap', part, length, placeAt('wrap', 0, nth));

/** What a joint along a strip takes. */
const atJointOf = ({ made: { how } }: ShapeOf<'strips'>, width: number): readonly AtJoint[] =>
  how.ringed ? [spliceRings(width, 'cover')] : NO_JOINTS;

/** Places along a strip at which a beam crosses under it: over these alone it may be jointed. */
function overBeams(shape: ShapeOf<'strips'>, way: CoverWay, from: number, to: number): readonly number[] {
  const [c, s] = [Math.cos(way.direction), Math.sin(way.direction)];
  const xs = way.side.outline.map((p) => p.x * c + p.y * s);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const { beams: own } = shape.made.how;
  const all = own ? own.map((x) => left + x) : equally(left, right, MOST_BEAMS);
  return all.filter((x) => x > from + 0.05 && x < to - 0.05).map((x) => x - from);
}

/** Nets and sheets: where one is not long enough, several of one size, one behind the other. */
export function rowRuns(shape: CoverShape, way: CoverWay, nth: number): readonly Run[] {
  const lengths = way.lengths.flatMap((length) => {
    const { rows, each } = rowsOf(length, way.longest, way.side.jointLap);
    return Array.from({ length: rows }, () => each);
  });
  return lengths.map((length, i) =>
    plainRun(
      'cover',
      { on: 'cover-strip', cover: shape.cover.id, nth: i + 1 },
      length,
      placeAt('cover', nth, i),
    ),
  );
}

/** Strips as they are cut: one longer than the longest roll is jointed over a beam. */
export function stripRuns(shape: ShapeOf<'strips'>, way: CoverWay, nth: number): readonly Run[] {
  const atJoint = atJointOf(shape, way.width);
  return way.strips.map(({ from, to }, i): Run => {
    const length = way.lengths[i] ?? 0;
    const tooLong = length > way.longest + 1e-9;
    const part = { on: 'cover-strip', cover: shape.cover.id, nth: i + 1 } as const;
    return {
      ...plainRun('cover', part, to - from, placeAt('cover', nth, i)),
      startAllowance: way.side.turnDown,
      endAllowance: way.side.turnDown,
      joints: tooLong ? overBeams(shape, way, from, to) : [],
      atJoint,
    };
  });
}
