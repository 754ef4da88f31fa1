import type { FenceLine } from './fenceLines';
import type { Ring, RingSide } from './survey';
import type { Terrain } from './level';
import { lerp } from './vector';

/** The ground under a straight line: level distance against height and distance along the ground. All m. */
export interface Profile {
  /** Points where the slope changes, from the line's start to its end: at least two. */
  readonly points: readonly ProfilePoint[];
  /** The ground has no fall along it. */
  readonly level: boolean;
  /** Length along the ground. */
  readonly ground: number;
  heightAt(along: number): number;
  /** Distance along the ground from the start to a level distance. */
  groundAt(along: number): number;
}

export interface ProfilePoint {
  readonly along: number;
  readonly height: number;
  readonly ground: number;
}

/** A length of fence on one slope. Level distances m; grade is rise over run in the line's direction. */
export interface StraightGrade {
  readonly from: number;
  readonly to: number;
  readonly grade: number;
}

/** Two slopes that differ by less than this are one: 1 mm in 10 m. */
const SAME_GRADE = 1e-4;

function makeProfile(bare: readonly { readonly along: number; readonly height: number }[]): Profile {
  const kept = bare.filter((p, i) => {
    const [before, after] = [bare[i - 1], bare[i + 1]];
    if (!before || !after) return true;
    const into = (p.height - before.height) / (p.along - before.along);
    const out = (after.height - p.height) / (after.along - p.along);
    return p.along - before.along > 1e-9 && Math.abs(into - out) > 1e-9;
  });
  let ground = 0;
  const points = kept.map((p, i): ProfilePoint => {
    const before = kept[i - 1];
    if (before) ground += Math.hypot(p.along - before.along, p.height - before.height);
    return { ...p, ground };
  });
  const first = points[0] ?? { along: 0, height: 0, ground: 0 };
  const level = points.every((p) => Math.abs(p.height - first.height) < 1e-9);
  const between = (along: number, of: (p: ProfilePoint) => number): number => {
    const next = points.findIndex((p) => p.along >= along);
    const b = points[next];
    const a = points[next - 1];
    if (!b) return of(points[points.length - 1] ?? first);
    if (!a) return of(b);
    return of(a) + ((of(b) - of(a)) * (along - a.along)) / (b.along - a.along);
  };
  return {
    points,
    level,
    ground,
    heightAt: level ? () => first.height : (along) => between(along, (p) => p.height),
    groundAt: level ? (along) => along : (along) => between(along, (p) => p.ground),
  };
}

/** Level ground: where nothing was measured, which is the most of all profiles, nothing is worked out. */
function levelProfile(length: number): Profile {
  return {
    points: [
      { along: 0, height: 0, ground: 0 },
      { along: length, height: 0, ground: length },
    ],
    level: true,
    ground: length,
    heightAt: () => 0,
    groundAt: (along) => along,
  };
}

/** The ground along one side, in the direction in which its ring passes it. */
export function sideProfile(terrain: Terrain, side: Pick<RingSide, 'start' | 'end' | 'length'>): Profile {
  if (terrain.level) return levelProfile(side.length);
  const at = [0, ...terrain.breaksAlong(side.start, side.end), 1];
  return makeProfile(
    at.map((t) => ({
      along: t * side.length,
      height: terrain.heightAt(lerp(side.start, side.end, t)),
    })),
  );
}

/** Profiles of the fence lines, each laid over the sides that it passes. */
export function lineProfiles(terrain: Terrain, lines: readonly FenceLine[]): ReadonlyMap<FenceLine, Profile> {
  return new Map(
    lines.map((line) => [
      line,
      sideProfile(terrain, { start: line.start, end: line.end, length: line.length }),
    ]),
  );
}

/** Every side by id with its profile in the direction of the first ring that passes it. */
export function sideProfiles(terrain: Terrain, rings: readonly Ring[]): ReadonlyMap<string, Profile> {
  const profiles = new Map<string, Profile>();
  for (const { sides } of rings) {
    for (const s of sides) if (!profiles.has(s.side.id)) profiles.set(s.side.id, sideProfile(terrain, s));
  }
  return profiles;
}

/** The slopes that follow each other between two places on a line. */
export function straightGrades(profile: Profile, from: number, to: number): readonly StraightGrade[] {
  const inside = profile.points
    .map((p) => p.along)
    .filter((along) => along > from + 1e-9 && along < to - 1e-9);
  const stops = [from, ...inside, to];
  const grades: StraightGrade[] = [];
  const gradeOf = (begin: number, end: number) =>
    (profile.heightAt(end) - profile.heightAt(begin)) / (end - begin);
  stops.slice(1).forEach((end, i) => {
    const begin = stops[i] ?? from;
    const grade = gradeOf(begin, end);
    const last = grades[grades.length - 1];
    // As steep as the whole of it, whichever end one comes from.
    if (last && Math.abs(last.grade - grade) < SAME_GRADE)
      grades[grades.length - 1] = { from: last.from, to: end, grade: gradeOf(last.from, end) };
    else grades.push({ from: begin, to: end, grade });
  });
  return grades;
}

/** How far a place lies below the straight from post to post, m. */
const below = (profile: Profile, from: number, to: number, p: ProfilePoint): number => {
  const [a, b] = [profile.heightAt(from), profile.heightAt(to)];
  return a + ((b - a) * (p.along - from)) / (to - from) - p.height;
};

const between = (profile: Profile, from: number, to: number) =>
  profile.points.filter((p) => p.along > from && p.along < to);

/** How far the ground lies below the straight from post to post, at most, m. */
export const hollow = (profile: Profile, from: number, to: number): number =>
  between(profile, from, to).reduce((deepest, p) => Math.max(deepest, below(profile, from, to, p)), 0);

/** Where between two posts it lies deepest, m along. */
export function lowest(profile: Profile, from: number, to: number): number {
  const deepest = between(profile, from, to).reduce<ProfilePoint | undefined>(
    (a, p) => (!a || below(profile, from, to, p) > below(profile, from, to, a) ? p : a),
    undefined,
  );
  return deepest?.along ?? (from + to) / 2;
}
