import type { Run } from '../cutting/types';
import type { PartRef } from '../plan/partRef';
import type { FenceLine } from '../ground/fenceLines';
import type { Profile } from '../ground/profile';
import type { SkirtLayout } from '../skirt/rolls';
import { clearSpans } from '../walls/runs';
import type { MeshCourse } from '../walls/courses';
import type { WallGroup } from '../walls/groups';
import type { HungWalls } from '../walls/stage';
import { type Term, sum } from '../working';
import { PITCH, countPast, onePast, ringsAlong } from './along';

type Profiles = ReadonlyMap<FenceLine, Profile>;

/** A level seam: what lies on what, and how long, m. */
interface Seam {
  readonly kind: 'bands' | 'leaf' | 'skirt' | 'patch';
  readonly length: number;
}

/** The gate that a piece closes. */
const openingOf = ({ part }: Run): string | undefined => ('opening' in part ? part.opening : undefined);

/** Where row lies on row: along the wall, across leaves, and above them. */
function wallSeams(group: WallGroup, courses: readonly MeshCourse[]): Seam[] {
  const of = (kind: Seam['kind'], runs: readonly { readonly length: number }[]) =>
    runs.map(({ length }): Seam => ({ kind, length }));
  return courses.slice(1).flatMap((course, i) => {
    const below = courses[i];
    const both = (pick: (c: MeshCourse) => MeshCourse['leaves']) => {
      const under = new Set((below ? pick(below) : []).map(openingOf));
      return pick(course).filter((run) => under.has(openingOf(run)));
    };
    return [
      ...of('bands', group.runs),
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

/** A patch is ringed to the overhang along both its inner edges. */
const patchSeams = (courses: readonly MeshCourse[]): Seam[] =>
  courses.flatMap((c) =>
    c.patches.flatMap(({ length }): Seam[] => [
      { kind: 'patch', length },
      { kind: 'patch', length },
    ]),
  );

function laps(skirts: SkirtLayout, profiles: Profiles): Seam[] {
  const along = (line: FenceLine, from: number, to: number) => {
    const profile = profiles.get(line);
    return profile ? profile.groundAt(to) - profile.groundAt(from) : to - from;
  };
  return skirts.courses
    .filter(({ shape }) => shape.mesh !== null && shape.up > 0)
    .flatMap((c) =>
      c.lines
        .flatMap(clearSpans)
        .map(({ line, from, to }): Seam => ({ kind: 'skirt', length: along(line, from, to) })),
    );
}

/** Rings that lap skirts up the wall, whatever the wall is made of. */
export const lapRings = (skirts: SkirtLayout, profiles: Profiles): number =>
  laps(skirts, profiles).reduce((total, { length }) => total + ringsAlong(length), 0);

/** Heights of the upright joints that the cutting makes, m; panels are butted. */
function spliceHeights(walls: HungWalls, skirts: SkirtLayout, jointed: readonly PartRef[]): number[] {
  if (jointed.length === 0) return [];
  const heights = new Map<PartRef, number>();
  for (const { rigid, runs, row } of walls.courses)
    if (!rigid) for (const run of runs) heights.set(run.part, row.top - row.bottom);
  for (const { runs, stripWidth } of skirts.courses)
    for (const run of runs) heights.set(run.part, stripWidth);
  return jointed.flatMap((part) => heights.get(part) ?? []);
}

/** Of the walls alone. */
function seamsOf(walls: HungWalls): Seam[] {
  const byGroup = new Map<WallGroup, MeshCourse[]>(walls.groups.map((group) => [group, []]));
  for (const course of walls.courses) byGroup.get(course.group)?.push(course);
  return [...byGroup].flatMap(([group, courses]) => [...wallSeams(group, courses), ...patchSeams(courses)]);
}

/**
 * Rings along level seams and up the joints.
 *
 * @param jointed  parts of the pieces that are jointed on to another, one for each joint
 */
export function rings(
  walls: HungWalls,
  skirts: SkirtLayout,
  profiles: Profiles,
  jointed: readonly PartRef[],
): Term {
  return sum('fasten.need', 'piece', {}, [
    ...[...seamsOf(walls), ...laps(skirts, profiles)].map((seam) =>
      onePast('fasten.seam', seam.length, PITCH.ring, { kind: seam.kind, length: seam.length }),
    ),
    ...spliceHeights(walls, skirts, jointed).map((height) =>
      onePast('fasten.splice', height, PITCH.jointRing, { height }),
    ),
  ]);
}

/**
 * The same as a number: what other widths of roll are weighed by.
 *
 * @param lapped  rings that lap the skirts up the wall, whatever widths there are
 */
export function ringCount(
  walls: HungWalls,
  skirts: SkirtLayout,
  lapped: number,
  jointed: readonly PartRef[],
): number {
  const seams = seamsOf(walls).reduce((n, { length }) => n + ringsAlong(length), lapped);
  return spliceHeights(walls, skirts, jointed).reduce(
    (n, height) => n + countPast(height, PITCH.jointRing),
    seams,
  );
}
