import { partFields } from '../../plan/partRef';
import type { Run } from '../../buying/run';
import type { Seam } from '../../fasteners/seams';
import { EPSILON } from '../../units/round';
import { leafTop } from '../ways/shown/leaf';
import type { MeshCourse } from './courses';
import type { WallLines } from './lines';

/** The gate that a piece closes. */
const openingOf = ({ part }: Run): string | undefined => partFields(part).opening;

const of = (kind: Seam['kind'], runs: readonly { readonly length: number }[]): readonly Seam[] =>
  runs.map(({ length }) => ({ kind, length }));

/** Where row lies on row of one band: along the wall, across leaves, and above them. */
export function rowSeams({ runs }: WallLines, courses: readonly MeshCourse[]): readonly Seam[] {
  return courses.slice(1).flatMap((course, i) => {
    const below = courses[i];
    const both = (pick: (c: MeshCourse) => readonly Run[]) => {
      const under = new Set((below ? pick(below) : []).map(openingOf));
      return pick(course).filter((run) => under.has(openingOf(run)));
    };
    return [
      ...of('bands', runs),
      ...of(
        'leaf',
        both((c) => c.leaves),
      ),
      ...of(
        'bands',
        both((c) => c.above),
      ),
    ];
  });
}

/**
 * Where a band lies on the one below it: the same whichever rolls they are of.
 *
 * @param bottom  of the upper, m
 * @param below   top of the lower as meant, m
 */
export function bandSeams(
  { runs, lines, top: wall }: WallLines,
  bottom: number,
  below: number,
  leafOverlap: number,
): readonly Seam[] {
  const gates = lines.flatMap((line) =>
    line.openings
      .filter(({ opening }) => !opening.found)
      .map(({ opening }) => ({ width: opening.width, top: leafTop(opening, wall) })),
  );
  const across = gates
    .filter(({ top }) => bottom < top - EPSILON)
    .map(({ width }) => ({ length: width + leafOverlap }));
  const above = gates
    .filter(({ top }) => Math.min(below, wall) > top + EPSILON)
    .map(({ width }) => ({ length: width }));
  return [...of('bands', runs), ...of('leaf', across), ...of('bands', above)];
}

/** A patch is ringed to the overhang along both its inner edges. */
export const patchSeams = (courses: readonly MeshCourse[]): readonly Seam[] =>
  courses.flatMap((c) =>
    c.patches.flatMap(({ length }): Seam[] => [
      { kind: 'patch', length },
      { kind: 'patch', length },
    ]),
  );
