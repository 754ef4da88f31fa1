import type { StripLine, StripPanel } from './scene/scene';
import { stripLines, stripPanels } from '../stages/draw';
import { KINDS } from '../stages/ways/plan/kinds';
import { formatPart, parsePart } from '../plan/partRef';
import type { CuttingPool } from '../cutting/types';
import { surveyRings } from '../ground/survey';
import type { Vector } from '../ground/vector';
import type { Plan } from '../plan/schema';
import type { Part } from '../reckoning';
import { isAlongSide } from '../stages/told';
import { stripPieces } from './stripPieces';
import type { StripBay, StripBoard, StripGate, StripPost, StripScene, StripSide } from './stripTypes';
import { type Unrolled, groundUnder, stretch, unrolled } from './unrolled';

export type * from './stripTypes';
export { groundUnder } from './unrolled';

const raised = (line: readonly Vector[], by: number): Vector[] => line.map(({ x, y }) => ({ x, y: y + by }));

function panelPoints(
  part: Extract<Part, { kind: 'mesh' }>,
  ground: readonly Vector[],
  { from, to, turned }: { readonly from: number; readonly to: number; readonly turned: boolean },
): readonly Vector[] {
  const under = stretch(ground, from, to);
  const { level, bottom, top } = part;
  if (part.ends) {
    const [first, last] = turned ? [part.ends[1], part.ends[0]] : part.ends;
    const foot = raised(under, bottom);
    const [a, b] = [foot[0], foot[foot.length - 1]];
    if (a && b) return [...foot, { x: b.x, y: b.y + last - bottom }, { x: a.x, y: a.y + first - bottom }];
  }
  if (level === null) return [...raised(under, top), ...raised(under, bottom).reverse()];
  const high = [
    { x: from, y: level + top },
    { x: to, y: level + top },
  ];
  // The lowest band of a step goes down to the ground wherever it is; the rest hang level.
  const foot =
    bottom < 0
      ? [...under].reverse()
      : [
          { x: to, y: level + bottom },
          { x: from, y: level + bottom },
        ];
  return [...high, ...foot];
}

/** A post's place; a corner post may belong to a side of another run that meets this one here. */
function placeOfPost({ ring, sides, across }: Unrolled, post: Extract<Part, { kind: 'post' }>) {
  const corner = post.part.on === 'corner-post' ? post.part.corner : undefined;
  const i = corner === undefined ? -1 : (ring?.sides.findLastIndex((s) => s.startCorner === corner) ?? -1);
  const x = i < 0 ? undefined : (sides[i]?.begins ?? 0);
  return x === undefined ? across(post.side, post.along, post.along) : { from: x, to: x };
}

/** What stands and hangs along the strip, as it is found part by part. */
interface Found {
  readonly posts: StripPost[];
  readonly panels: StripPanel[];
  readonly lines: StripLine[];
  readonly gates: StripGate[];
  readonly boards: StripBoard[];
}

/** Puts a part that is drawn here where it is on the strip; others are drawn by their stages. */
function put(found: Found, strip: Unrolled, part: Part): void {
  if (!isAlongSide(part)) return;
  const { ground, across } = strip;
  const at = part.kind === 'post' ? placeOfPost(strip, part) : across(part.side, part.from, part.to);
  if (!at) return;
  switch (part.kind) {
    case 'post': {
      const { number, role, above, depth, size, origin } = part;
      const place = { x: at.from, foot: groundUnder(ground, at.from) };
      found.posts.push({ part: formatPart(part.part), number, role, ...place, above, depth, size, origin });
      break;
    }
    case 'mesh': {
      const { bottom, mesh, origin } = part;
      const begins = across(part.side, part.from, part.from)?.from ?? at.from;
      const turned = Math.abs(begins - at.to) < Math.abs(begins - at.from);
      const points = panelPoints(part, ground, { ...at, turned });
      found.panels.push({ part: formatPart(part.part), origin, ...at, bottom, mesh, points });
      break;
    }
    case 'board': {
      const under = stretch(ground, at.from, at.to);
      const points = [...raised(under, part.top), ...raised(under, part.bottom).reverse()];
      found.boards.push({ part: formatPart(part.part), points });
      break;
    }
    case 'opening': {
      const { way, bottom, top } = part;
      const feet = [groundUnder(ground, at.from + 1e-7), groundUnder(ground, at.to - 1e-7)] as const;
      const { name, face } = KINDS[way];
      const hangs = part.hangs;
      found.gates.push({ part: formatPart(part.part), way, name, hangs, face, ...at, feet, bottom, top });
      break;
    }
    default:
      break;
  }
}

/** The corner where the strip begins is where it ends as well: its post stands at both ends that are fence. */
function closingPosts(posts: readonly StripPost[], { sides, length }: Unrolled): StripPost[] {
  const closing = posts.find(
    (p) => parsePart(p.part)?.on === 'corner-post' && (p.x < 1e-6 || p.x > length - 1e-6),
  );
  if (!closing) return [];
  const ends = [
    [0, sides[0]],
    [length, sides[sides.length - 1]],
  ] as const;
  return ends.flatMap(([x, side]) =>
    side?.kind === 'fence' && Math.abs(closing.x - x) > 1e-6 ? [{ ...closing, x }] : [],
  );
}

/** One ring unrolled: the same parts as on the sheet, seen from outside and in front. */
export function stripScene(
  plan: Plan,
  parts: readonly Part[],
  cutting: readonly CuttingPool[],
  ringIndex = 0,
): StripScene {
  const strip = unrolled(plan, surveyRings(plan)[ringIndex]);
  const { ring, sides, length, ground, across } = strip;
  const found: Found = { posts: [], panels: [], lines: [], gates: [], boards: [] };
  const groundOf = (side: string, from: number, to: number) => {
    const at = across(side, from, to);
    return at ? stretch(ground, at.from, at.to) : [];
  };
  for (const part of parts) {
    found.lines.push(...stripLines(part, groundOf));
    found.panels.push(...stripPanels(part, groundOf));
    put(found, strip, part);
  }
  found.posts.push(...closingPosts(found.posts, strip));

  const heights = [
    ...ground.map((p) => p.y),
    ...found.posts.flatMap((p) => [p.foot + p.above, p.foot - p.depth]),
    ...found.panels.flatMap((p) => p.points.map((q) => q.y)),
    ...found.lines.flatMap((l) => l.points.map((q) => q.y)),
  ];
  const floor = Math.min(...ground.map((p) => p.y), 0);
  return {
    enclosure: ring?.enclosure ?? '',
    sides,
    ...found,
    bays: baysBetween(found.posts, found.gates, sides, ground),
    pieces: stripPieces(parts, cutting, across),
    ground,
    length,
    high: heights.reduce((a, b) => Math.max(a, b), floor + 0.5),
    low: heights.reduce((a, b) => Math.min(a, b), floor - 0.3),
  };
}

function baysBetween(
  posts: readonly StripPost[],
  gates: readonly StripGate[],
  sides: readonly StripSide[],
  ground: readonly Vector[],
): readonly StripBay[] {
  const xs = [...new Set(posts.map((p) => Number(p.x.toFixed(6))))].sort((a, b) => a - b);
  return xs.slice(1).flatMap((to, i): StripBay[] => {
    const from = xs[i] ?? 0;
    const middle = (from + to) / 2;
    const side = sides.find((s) => middle >= s.begins && middle < s.begins + s.length);
    const gate = gates.some((g) => g.hangs === 'posts' && g.from < middle && middle < g.to);
    if (side?.kind !== 'fence' || gate) return [];
    const rise = groundUnder(ground, to - 1e-7) - groundUnder(ground, from + 1e-7);
    return [{ from, to, grade: rise / (to - from) }];
  });
}
