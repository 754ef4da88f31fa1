import { type SpotHeight } from '../../plan/schema';
import type { Terrain } from '../../ground/level';
import { type Finding, finding } from '../../findings/types';
import { type Change } from '../../plan/changes/types';
import { distance, type Vector } from '../../ground/vector';
/** Spots closer than this are one stake: two heights there contradict each other, m. */
const ONE_STAKE = 0.02;

/** Heights that differ by less agree, m. */
const AGREES = 0.005;

/** Ground rarely climbs more than one in one: a reading is likelier to be wrong. */
const CLIFF = 1;

/** Heights that contradict each other, or make a cliff. */
export function heightFindings(spotHeights: readonly SpotHeight[], terrain: Terrain): readonly Finding[] {
  const found: Finding[] = [];
  const remove = (id: string): Change => ({ verb: 'remove-from-ground', list: 'spotHeights', id });
  spotHeights.forEach((spot, i) => {
    const twin = spotHeights.slice(0, i).find((other) => distance(other.at, spot.at) < ONE_STAKE);
    if (!twin || Math.abs(twin.height - spot.height) < AGREES) return;
    found.push(
      finding(
        'heights.contradict',
        { severity: 'mend', stage: 'ground', part: { on: 'spot', spot: spot.id } },
        { kept: twin.height, other: spot.height, by: Math.abs(twin.height - spot.height) },
        [remove(spot.id), remove(twin.id)],
      ),
    );
  });
  const { triangles, rim } = terrain;
  const edges =
    triangles.length > 0
      ? triangles.flatMap(
          ([a, b, c]) =>
            [
              [a, b],
              [b, c],
              [c, a],
            ] as const,
        )
      : rim;
  let steepest: { grade: number; a: Vector; b: Vector } | undefined;
  for (const [a, b] of edges) {
    const grade = Math.abs(a.z - b.z) / distance(a, b);
    if (grade > CLIFF && (!steepest || grade > steepest.grade)) steepest = { grade, a, b };
  }
  if (steepest) {
    const { a, b, grade } = steepest;
    const suspect = spotHeights.find((s) => distance(s.at, a) < ONE_STAKE) ?? spotHeights[0];
    found.push(
      finding(
        'heights.cliff',
        { severity: 'know', stage: 'ground', part: { on: 'spot', spot: suspect?.id ?? '' } },
        { grade, apart: distance(a, b) },
        suspect ? [remove(suspect.id)] : [],
      ),
    );
  }
  return found;
}
