import { type ProblemsBy, type Problems } from '../problems';
import { type Finding, finding } from '../../findings/types';
import { choicesFor } from '../../plan/effective';
import { touchingPairs } from '../../ground/boxes';
import type { RingSide } from '../../ground/survey';
import { EPSILON } from '../../units/round';
import { betweenSegments, cross, dot, segmentsCross, times } from '../../ground/vector';

/** Sides shorter than this have collapsed, m. */
const LEAST_SIDE = 0.05;
/** Sides nearer to each other than this touch, m. */
const NEAR = 0.005;

/** Sides that leave a common corner the same way lie on each other. */
function foldsBack(a: RingSide, b: RingSide): string | undefined {
  for (const [cornerA, wayA] of [
    [a.startCorner, a.direction],
    [a.endCorner, times(a.direction, -1)],
  ] as const) {
    for (const [cornerB, wayB] of [
      [b.startCorner, b.direction],
      [b.endCorner, times(b.direction, -1)],
    ] as const) {
      if (cornerA === cornerB && Math.abs(cross(wayA, wayB)) < 1e-3 && dot(wayA, wayB) > 0) return cornerA;
    }
  }
  return undefined;
}

const meetAtCorner = (a: RingSide, b: RingSide) =>
  [a.startCorner, a.endCorner].some((c) => c === b.startCorner || c === b.endCorner);

/** Sides of all rings against each other, a shared one once. */
function tangledSides(sides: readonly RingSide[]): Finding[] {
  const found: Finding[] = [];
  const part = (s: RingSide) => ({ on: 'side', side: s.side.id }) as const;
  const numbers = new Map(sides.map((s) => [s.startCorner, s.startNumber]));
  for (const side of sides) {
    if (side.length < LEAST_SIDE - EPSILON) {
      const params = { side: side.number, least: LEAST_SIDE };
      found.push(
        finding('outline.collapsed', { severity: 'blocks', stage: 'outline', part: part(side) }, params),
      );
    }
  }
  if (found.length > 0) return found;
  const boxes = sides.map((s) => ({
    left: Math.min(s.start.x, s.end.x) - NEAR,
    right: Math.max(s.start.x, s.end.x) + NEAR,
    low: Math.min(s.start.y, s.end.y) - NEAR,
    high: Math.max(s.start.y, s.end.y) + NEAR,
  }));
  for (const [i, j] of touchingPairs(boxes)) {
    const [a, b] = [sides[i], sides[j]];
    if (!a || !b) continue;
    if (meetAtCorner(a, b)) {
      const corner = foldsBack(a, b);
      if (corner === undefined) continue;
      const params = { corner: numbers.get(corner) ?? a.startNumber };
      found.push(
        finding(
          'outline.folds-back',
          { severity: 'blocks', stage: 'outline', part: { on: 'corner', corner: corner } },
          params,
        ),
      );
      continue;
    }
    if (betweenSegments(a.start, a.end, b.start, b.end) >= NEAR) continue;
    const crosses = segmentsCross(a.start, a.end, b.start, b.end);
    const code = crosses ? 'outline.crosses' : 'outline.touches';
    found.push(
      finding(
        code,
        { severity: 'blocks', stage: 'outline', part: part(a) },
        { side: a.number, other: b.number },
      ),
    );
  }
  return found;
}

/** Posts of one plan: a fence of some twenty kilometres. More would never be reckoned while a keeper waits. */
const MOST_POSTS = 10_000;

/** A fence so long, or with posts so close, that it is no run any more. */
function tooLong(
  chosen: Pick<ProblemsBy, 'spacing' | 'enclosures'>,
  sides: ReadonlyMap<string, RingSide>,
): readonly Finding[] {
  let posts = 0;
  let length = 0;
  for (const { side, length: sideLength } of sides.values()) {
    if (side.kind !== 'fence') continue;
    posts +=
      sideLength / choicesFor({ choices: chosen.spacing, enclosures: chosen.enclosures }, side.id).spacing;
    length += sideLength;
  }
  if (posts <= MOST_POSTS) return [];
  return [
    finding(
      'outline.too-long',
      { severity: 'blocks', stage: 'outline', part: { on: 'plan' } },
      { length, most: MOST_POSTS },
    ),
  ];
}

/** Sides that cross, touch or fold back, and a fence too long to be one. */
export const outlineProblems: Problems = (by) => [
  ...tangledSides([...by.sides.values()]),
  ...tooLong(by, by.sides),
];
