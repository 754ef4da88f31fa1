import { surveyRings } from '../ground/survey';
import { distance } from '../ground/vector';
import type { Plan } from '../plan/schema';
import type { StakeMark } from './types';

/** Marks closer than this to each other make a poor base line, m. */
const LEAST_BASE = 0.5;

/** Everything that can be measured from: house corners, marks of a tape survey, and the corners of the runs themselves. */
export function stakeMarks(
  plan: Pick<Plan, 'ground' | 'corners' | 'sides' | 'enclosures'>,
): readonly StakeMark[] {
  const houses = plan.ground.buildings.flatMap((b) =>
    b.outline.map((at, i) => ({ id: `building:${b.id}/${i}`, name: `${b.name}, corner ${i + 1}`, at })),
  );
  const tape = plan.ground.tape.marks.map((m) => ({ id: `mark:${m.id}`, name: m.name, at: m.at }));
  const seen = new Set<string>();
  const corners = surveyRings(plan).flatMap((r) =>
    r.sides.flatMap((s): StakeMark[] => {
      if (seen.has(s.startCorner)) return [];
      seen.add(s.startCorner);
      return [{ id: `corner:${s.startCorner}`, name: `corner ${s.startNumber}`, at: s.start }];
    }),
  );
  return [...tape, ...houses, ...corners];
}

/**
 * The two marks to measure from unless the keeper says otherwise: the ends of the longest house wall, otherwise corners 1
 * and 2 of the run, set out first by hand.
 */
export function usualMarks(plan: Pick<Plan, 'ground' | 'corners' | 'sides' | 'enclosures'>) {
  const marks = stakeMarks(plan);
  const tape = marks.filter((m) => m.id.startsWith('mark:'));
  const houses = marks.filter((m) => m.id.startsWith('building:'));
  const walls = houses.flatMap((a) =>
    houses
      .filter((b) => a.id < b.id && a.id.split('/')[0] === b.id.split('/')[0])
      .map((b) => ({ a, b, length: distance(a.at, b.at) })),
  );
  // Nearest to the run first: a house that it leans on has a corner on it.
  const corners = plan.corners;
  const away = (m: StakeMark) => Math.min(...corners.map((c) => distance(c, m.at)));
  const wall = walls
    .filter((w) => w.length > LEAST_BASE)
    .sort((p, q) => away(p.a) + away(p.b) - away(q.a) - away(q.b) || q.length - p.length)[0];
  const own = marks.filter((m) => m.id.startsWith('corner:'));
  const [first, second] = tape.length >= 2 ? tape : wall ? [wall.a, wall.b] : own;
  return first && second ? ([first, second] as const) : undefined;
}
