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
import { PITCH, onePast } from './along';

type Profiles = ReadonlyMap<FenceLine, Profile>;

const seam = (kind: 'bands' | 'leaf' | 'skirt' | 'patch', length: number) =>
  onePast('fasten.seam', length, PITCH.ring, { kind, length });

/** The gate that a piece closes. */
const openingOf = ({ part }: Run): string | undefined => ('opening' in part ? part.opening : undefined);

/** Where row lies on row: along the wall, across leaves, and above them. */
function wallSeams(group: WallGroup, courses: readonly MeshCourse[]): Term[] {
  return courses.slice(1).flatMap((course, i) => {
    const below = courses[i];
    const both = (of: (c: MeshCourse) => MeshCourse['leaves']) => {
      const under = new Set((below ? of(below) : []).map(openingOf));
      return of(course).filter((run) => under.has(openingOf(run)));
    };
    return [
      ...group.runs.map((run) => seam('bands', run.length)),
      ...both((c) => c.leaves).map((leaf) => seam('leaf', leaf.length)),
      ...both((c) => c.above).map((piece) => seam('bands', piece.length)),
    ];
  });
}

/** A patch is ringed to the overhang along both its inner edges. */
const patchSeams = (courses: readonly MeshCourse[]): Term[] =>
  courses.flatMap((c) =>
    c.patches.flatMap((patch) => [seam('patch', patch.length), seam('patch', patch.length)]),
  );

function laps(skirts: SkirtLayout, profiles: Profiles): Term[] {
  const along = (line: FenceLine, from: number, to: number) => {
    const profile = profiles.get(line);
    return profile ? profile.groundAt(to) - profile.groundAt(from) : to - from;
  };
  return skirts.courses
    .filter(({ shape }) => shape.mesh !== null && shape.up > 0)
    .flatMap((c) =>
      c.lines.flatMap(clearSpans).map(({ line, from, to }) => seam('skirt', along(line, from, to))),
    );
}

/** Rings that lap skirts up the wall, whatever the wall is made of. */
export const lapRings = (skirts: SkirtLayout, profiles: Profiles): number =>
  laps(skirts, profiles).reduce((total, term) => total + term.value, 0);

/** The upright joints that the cutting makes. */
function splices(walls: HungWalls, skirts: SkirtLayout, jointed: readonly PartRef[]): Term[] {
  const heights = new Map<PartRef, number>([
    ...walls.courses.flatMap((c) => c.runs.map((run) => [run.part, c.row.top - c.row.bottom] as const)),
    ...skirts.courses.flatMap((c) => c.runs.map((run) => [run.part, c.stripWidth] as const)),
  ]);
  const butted = new Set<PartRef>(
    walls.courses.filter((c) => c.rigid).flatMap((c) => c.runs.map((run) => run.part)),
  );
  return jointed
    .filter((part) => !butted.has(part))
    .map((part) => {
      const height = heights.get(part) ?? 0;
      return onePast('fasten.splice', height, PITCH.jointRing, { height });
    });
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
  const byGroup = new Map<WallGroup, MeshCourse[]>(walls.groups.map((group) => [group, []]));
  for (const course of walls.courses) byGroup.get(course.group)?.push(course);
  const seams = [...byGroup].flatMap(([group, courses]) => {
    return [...wallSeams(group, courses), ...patchSeams(courses)];
  });
  return sum('fasten.need', 'piece', {}, [
    ...seams,
    ...laps(skirts, profiles),
    ...splices(walls, skirts, jointed),
  ]);
}
