import { turningCorners } from './corners';
import { type PartRef, formatPart } from '../plan/partRef';
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
  const stake = (part: PartRef, name: string, number: number, at: Vector): Stake => {
    const beside = cross(base, minus(at, first.at)) / (distance(first.at, second.at) || 1);
    return {
      part: formatPart(part),
      name,
      number,
      at,
      tapes: [taped(first.at, at), taped(second.at, at)],
      level: [distance(first.at, at), distance(second.at, at)],
      told: toldBy(at, first.at, second.at),
      side: Math.abs(beside) < ON_LINE ? 'on' : beside > 0 ? 'front' : 'behind',
    };
  };
  const corners = rings.flatMap((ring) =>
    ring.sides.flatMap((s): Stake[] => {
      if (seen.has(s.startCorner)) return [];
      seen.add(s.startCorner);
      const part = { on: 'corner', corner: s.startCorner } as const;
      return [stake(part, `Corner ${s.startNumber}`, s.startNumber, s.start)];
    }),
  );
  const nets = parts.flatMap((p) =>
    p.kind === 'live-net'
      ? p.points.map((at, point) => {
          const part = { on: 'net-point', net: p.part.net, point } as const;
          return stake(part, `${p.name}, corner ${point + 1}`, point + 1, at);
        })
      : [],
  );
  const lines = walksOf(plan, rings).flatMap((w) => w.lines);
  return {
    marks,
    between: taped(first.at, second.at),
    stakes: [...corners, ...nets],
    strings: stringsOf(lineProfiles(terrain, lines), rings, parts),
    diagonals: diagonalsOf(rings, taped),
    squares: squareChecks(rings, plan.units),
  };
}
