import { formatPart, parsePart } from '../plan/partRef';
import { toPolyline } from '../ground/polyline';
import { surveyRings } from '../ground/survey';
import { type Vector, cross, distance, insideOrOn, lerp, minus } from '../ground/vector';
import type { Plan } from '../plan/schema';
import type { StakeMark } from './types';

/** Marks closer than this to each other make a poor base line, m. */
const LEAST_BASE = 0.5;

/** What has walls and corners: a roof on posts lets every tape through. */
const walled = ({ ground }: Pick<Plan, 'ground'>) => ground.buildings.filter((b) => b.stands === 'walls');

/** Everything that can be measured from: house corners, marks of a tape survey, and the corners of the runs themselves. */
export function stakeMarks(
  plan: Pick<Plan, 'ground' | 'corners' | 'sides' | 'enclosures'>,
): readonly StakeMark[] {
  const houses = walled(plan).flatMap((b) =>
    b.outline.map((at, i) => ({
      id: formatPart({ on: 'building-point', building: b.id, point: i }),
      name: `${b.name}, corner ${i + 1}`,
      at,
    })),
  );
  const poles = plan.ground.obstacles.map((o) => ({
    id: formatPart({ on: 'obstacle', obstacle: o.id }),
    name: o.name,
    at: o.at,
  }));
  const tape = plan.ground.tape.marks.map((m) => ({ id: `mark:${m.id}`, name: m.name, at: m.at }));
  const seen = new Set<string>();
  const corners = surveyRings(plan).flatMap((r) =>
    r.sides.flatMap((s): StakeMark[] => {
      if (seen.has(s.startCorner)) return [];
      seen.add(s.startCorner);
      return [
        {
          id: formatPart({ on: 'corner', corner: s.startCorner }),
          name: `corner ${s.startNumber}`,
          at: s.start,
        },
      ];
    }),
  );
  return [...tape, ...houses, ...poles, ...corners];
}

/** Two tapes that meet at less than this tell a place badly, as the sine of the angle between them: ten degrees. */
export const LEAST_SINE = 0.17;

/** Sine of the angle at which the tapes from two marks meet at a stake; null for a stake that is a mark. */
export function tapeAngle(stake: Vector, a: Vector, b: Vector): number | null {
  const [u, v] = [minus(a, stake), minus(b, stake)];
  const size = Math.hypot(u.x, u.y) * Math.hypot(v.x, v.y);
  return size < 1e-3 ? null : Math.abs(cross(u, v)) / size;
}

/** Whether a tape pulled straight from a mark to a stake passes through a house. */
function blocked(plan: Pick<Plan, 'ground'>, from: Vector, to: Vector): boolean {
  return walled(plan).some((b) => {
    const walls = [...b.outline, ...b.outline.slice(0, 1)];
    return Array.from({ length: 24 }, (_, i) => lerp(from, to, (i + 0.5) / 24)).some(
      (p) => insideOrOn(p, b.outline, 0) && toPolyline(p, walls) > 0.02,
    );
  });
}

/** How many stakes two marks tell badly, and how well they tell the worst of the others. */
function worth(plan: Pick<Plan, 'ground' | 'corners' | 'nets'>, a: StakeMark, b: StakeMark) {
  let badly = 0;
  let worst = 1;
  for (const corner of [...plan.corners, ...plan.nets.flatMap((n) => n.points ?? [])]) {
    const sine = tapeAngle(corner, a.at, b.at);
    if (sine === null) continue;
    if (sine < LEAST_SINE || blocked(plan, a.at, corner) || blocked(plan, b.at, corner)) badly += 1;
    else worst = Math.min(worst, sine);
  }
  return { badly, worst };
}

/**
 * The two marks to measure from unless the keeper says otherwise: those of a tape survey, otherwise of all house corners the
 * two that tell most stakes well, otherwise corners 1 and 2 of the run, set out first by hand.
 */
export function usualMarks(plan: Pick<Plan, 'ground' | 'corners' | 'sides' | 'enclosures' | 'nets'>) {
  const marks = stakeMarks(plan);
  const [first, second] = marks.filter((m) => m.id.startsWith('mark:'));
  if (first && second) return [first, second] as const;
  const houses = marks.filter((m) => parsePart(m.id)?.on === 'building-point').slice(0, MOST_TRIED);
  let best: { readonly pair: readonly [StakeMark, StakeMark]; badly: number; worst: number } | undefined;
  houses.forEach((a, i) => {
    for (const b of houses.slice(i + 1)) {
      if (distance(a.at, b.at) < LEAST_BASE) continue;
      const { badly, worst } = worth(plan, a, b);
      if (!best || badly < best.badly || (badly === best.badly && worst > best.worst + 1e-9))
        best = { pair: [a, b], badly, worst };
    }
  });
  if (best) return best.pair;
  const [c1, c2] = marks.filter((m) => parsePart(m.id)?.on === 'corner');
  return c1 && c2 ? ([c1, c2] as const) : undefined;
}

/** House corners looked at: pairs of more would take longer than the choice is worth. */
const MOST_TRIED = 12;
