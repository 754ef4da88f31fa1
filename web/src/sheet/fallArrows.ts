import { type FallArrow, toSegment, type Vector } from '@aviarum/core';

/** Arrows nearer to each other than this say the same twice, px. */
const APART = 190;
/** How far an arrow keeps from the middle of what is written, px. */
const NEAR_WORDS = 74;
/** How far an arrow keeps from a line with its name along it, px. */
const NEAR_LINE = 44;

/** Where an arrow may stand in its triangle: the middle, or else half way from it to a corner. */
const spots = ({ at, over }: FallArrow) => [
  at,
  ...over.map((c) => ({ x: (at.x + c.x) / 2, y: (at.y + c.y) / 2 })),
];

/**
 * The arrows that have room, each where nothing else is written.
 *
 * @param scale   px per metre
 * @param words  where something is written: lengths at sides, angles at corners, areas in runs, m
 * @param lines  pipes, boundaries and the walls of buildings, m
 */
export function fallArrows(
  arrows: readonly FallArrow[],
  scale: number,
  words: readonly Vector[],
  lines: readonly (readonly Vector[])[],
): readonly FallArrow[] {
  const placed: FallArrow[] = [];
  const clear = (p: Vector, q: Vector, least: number) => Math.hypot(p.x - q.x, p.y - q.y) * scale >= least;
  const free = (p: Vector) =>
    placed.every((a) => clear(p, a.at, APART)) &&
    words.every((m) => clear(p, m, NEAR_WORDS)) &&
    lines.every((line) => line.slice(1).every((b, i) => toSegment(p, line[i] ?? b, b) * scale >= NEAR_LINE));
  for (const arrow of arrows) {
    const at = spots(arrow).find(free);
    if (at) placed.push({ ...arrow, at });
  }
  return placed;
}
