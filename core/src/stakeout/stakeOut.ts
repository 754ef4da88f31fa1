import { turningCorners } from './corners';
import { formatPart } from '../plan/partRef';
import { walksOf } from '../ground/walksOf';
import { lineProfiles } from '../ground/profile';
import { type Ring, surveyRings } from '../ground/survey';
import { terrainOf } from '../ground/terrain';
import { type Vector, cross, distance, minus } from '../ground/vector';
import type { Plan } from '../plan/schema';
import type { Part } from '../reckoning';
import { LEAST_SINE, tapeAngle } from './marks';
import { squareChecks } from './squares';
import { stringsOf } from './strings';
import type { Diagonal, Stake, StakeMark, StakeOut } from './types';

/** A stake so near the base line is neither in front nor behind, m. */
const ON_LINE = 0.02;

function toldBy(stake: Vector, a: Vector, b: Vector): Stake['told'] {
  const sine = tapeAngle(stake, a, b);
  if (sine === null) return 'is-mark';
  return sine < LEAST_SINE ? 'badly' : 'well';
}

/** Both diagonals of every run that has four corners. */
function diagonalsOf(rings: readonly Ring[], taped: (a: Vector, b: Vector) => number): Diagonal[] {
  return rings.flatMap((ring) => {
    const corners = turningCorners(ring);
    if (corners.length !== 4) return [];
    return [0, 1].flatMap((i): Diagonal[] => {
      const [a, b] = [corners[i], corners[i + 2]];
      if (!a || !b) return [];
      const part = `diagonal:${ring.enclosure}/${i}`;
      const ends = { from: a.startNumber, to: b.startNumber };
      const level = distance(a.start, b.start);
      return [{ part, run: ring.name, ...ends, level, tape: taped(a.start, b.start) }];
    });
  });
}

/**
 * What goes back to the yard: how each stake, post and check is put down with a tape and a string.
 *
 * @param parts  of the plan's reckoning: posts with their depths and heights
 * @param marks  two fixed places some way apart that everything is measured from
 */
export function stakeOut(
  plan: Plan,
  parts: readonly Part[],
  marks: readonly [StakeMark, StakeMark],
): StakeOut {
  const rings = surveyRings(plan);
  const terrain = terrainOf(plan.ground.spotHeights);
  /** A tape pulled straight from place to place, over the difference of their heights. */
  const taped = (a: Vector, b: Vector) =>
    Math.hypot(distance(a, b), terrain.heightAt(a) - terrain.heightAt(b));
  const [first, second] = marks;
  const base = minus(second.at, first.at);
  const seen = new Set<string>();
  const stakes = rings.flatMap((ring) =>
    ring.sides.flatMap((s): Stake[] => {
      if (seen.has(s.startCorner)) return [];
      seen.add(s.startCorner);
      const beside = cross(base, minus(s.start, first.at)) / (distance(first.at, second.at) || 1);
      return [
        {
          part: formatPart({ on: 'corner', corner: s.startCorner }),
          number: s.startNumber,
          at: s.start,
          tapes: [taped(first.at, s.start), taped(second.at, s.start)],
          level: [distance(first.at, s.start), distance(second.at, s.start)],
          told: toldBy(s.start, first.at, second.at),
          side: Math.abs(beside) < ON_LINE ? 'on' : beside > 0 ? 'front' : 'behind',
        },
      ];
    }),
  );
  const lines = walksOf(plan, rings).flatMap((w) => w.lines);
  return {
    marks,
    between: taped(first.at, second.at),
    stakes,
    strings: stringsOf(lineProfiles(terrain, lines), rings, parts),
    diagonals: diagonalsOf(rings, taped),
    squares: squareChecks(rings, plan.units),
  };
}
