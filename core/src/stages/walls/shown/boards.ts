import { type Run, plainRun } from '../../../buying/run';
import type { Facet } from '../../../plan/effective';
import type { PartOf } from '../../../plan/partRef';
import { placeAt } from '../../../plan/place';
import type { FenceLine } from '../../../ground/fenceLines';
import { type SetOut, bayEnds } from '../../posts/shown/setOut';
import { type Falls, stepsOn, spansOnSides } from './runs';

/** Boards or rails of one timber along the foot or the top of walls: one piece a bay. */
export interface BoardCourse {
  readonly at: 'ground' | 'top';
  readonly timber: string;
  readonly lines: readonly FenceLine[];
  /** One a bay, post centre to centre, none across a gate. */
  readonly runs: readonly BoardRun[];
}

export type BoardRun = Run & { readonly part: PartOf<'board'> };

/**
 * Boards and rails bay by bay, along the ground; along the top of mesh that steps they lie level.
 *
 * @see rules: Posts. One piece per bay, post centre to centre, none across a gate, bought along the ground
 */
export function boardCourses(
  setOut: SetOut,
  chosen: ReadonlyMap<FenceLine, Facet<'boards'>>,
  falls: Falls,
): readonly BoardCourse[] {
  return (['ground', 'top'] as const).flatMap((at) => {
    const timbers = new Map<string, { lines: Set<FenceLine>; runs: BoardRun[] }>();
    for (const stretch of setOut.stretches) {
      const { line } = stretch;
      const timber = chosen.get(line)?.boards[at] ?? null;
      if (timber === null) continue;
      const course = timbers.get(timber) ?? { lines: new Set(), runs: [] };
      timbers.set(timber, course);
      course.lines.add(line);
      const fall = falls.get(line);
      for (const [from, to] of bayEnds(stretch)) {
        const level = !fall || (at === 'top' && stepsOn(fall));
        const length = level ? to - from : fall.profile.groundAt(to) - fall.profile.groundAt(from);
        const spans = spansOnSides(line, from, to).map((span) => ({
          side: span.side,
          from: span.from,
          to: span.to,
          cut: (length * (span.to - span.from)) / (to - from),
          way: 'along' as const,
        }));
        const part = { on: 'board', side: line.id, at, bay: course.runs.length + 1 } as const;
        course.runs.push({
          ...plainRun('board', part, length, placeAt(`${at}-board`, course.runs.length)),
          part,
          spans,
        });
      }
    }
    return [...timbers].map(([timber, { lines, runs }]) => ({ at, timber, lines: [...lines], runs }));
  });
}
