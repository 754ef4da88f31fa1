import { type StripLine } from './scene';
import { stripLines } from '../stages/draw';
import { formatPart, parsePart } from '../plan/partRef';
import type { CuttingPool } from '../cutting/types';
import { type Profile, sideProfiles } from '../ground/profile';
import { surveyRings } from '../ground/survey';
import { terrainOf } from '../ground/terrain';
import type { Vector } from '../ground/vector';
import type { Plan } from '../plan/schema';
import type { Part } from '../reckoning';
import { type StripPiece, stripPieces } from './stripPieces';

/** A length of the unrolled ring, left to right from the first corner. All m. */
export interface StripSide {
  readonly id: string;
  readonly number: number;
  /** Number of the corner that it begins at. */
  readonly corner: number;
  readonly kind: string;
  /** Where it begins along the strip. */
  readonly begins: number;
  readonly length: number;
  readonly forward: boolean;
  readonly label: string;
}

/** Heights of the strip are those of the ground: `foot` is the ground where a thing stands, m. */
export interface StripPost {
  readonly part: string;
  readonly number: number;
  readonly role: string;
  readonly x: number;
  readonly foot: number;
  readonly above: number;
  readonly depth: number;
  readonly size: number;
  readonly origin: 'new' | 'standing';
}

/** A length of mesh as an outline over the unrolled ground. */
export interface StripPanel {
  readonly part: string;
  readonly from: number;
  readonly to: number;
  readonly bottom: number;
  readonly mesh: string;
  readonly points: readonly Vector[];
}

export interface StripGate {
  readonly part: string;
  readonly way: 'gate' | 'pop-door' | 'hatch';
  readonly from: number;
  readonly to: number;
  readonly feet: readonly [number, number];
  readonly bottom: number;
  readonly top: number;
}

/** A board or rail along the mesh, as a line of posts sees it. */
export interface StripBoard {
  readonly part: string;
  readonly points: readonly Vector[];
}

/** From post to post: what the mesh has to climb, rise over run to the right. */
export interface StripBay {
  readonly from: number;
  readonly to: number;
  readonly grade: number;
}

export interface StripScene {
  readonly enclosure: string;
  readonly sides: readonly StripSide[];
  readonly posts: readonly StripPost[];
  readonly panels: readonly StripPanel[];
  /** What stages draw beside: lines along the ground, marks. */
  readonly lines: readonly StripLine[];
  readonly gates: readonly StripGate[];
  readonly boards: readonly StripBoard[];
  readonly bays: readonly StripBay[];
  readonly pieces: readonly StripPiece[];
  /** The ground all along, left to right. */
  readonly ground: readonly Vector[];
  readonly length: number;
  /** Highest and lowest thing drawn, m. */
  readonly high: number;
  readonly low: number;
}

/** Height of a drawn ground at a place along the strip, m. */
export function groundUnder(ground: readonly Vector[], x: number): number {
  const next = ground.findIndex((p) => p.x >= x);
  const [a, b] = [ground[next - 1], ground[next]];
  if (!b) return ground[ground.length - 1]?.y ?? 0;
  if (!a || b.x - a.x < 1e-9) return b.y;
  return a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
}

/** Ground between two places, with its bends. */
const stretch = (ground: readonly Vector[], from: number, to: number): readonly Vector[] => [
  { x: from, y: groundUnder(ground, from + 1e-7) },
  ...ground.filter((p) => p.x > from + 1e-6 && p.x < to - 1e-6),
  { x: to, y: groundUnder(ground, to - 1e-7) },
];

const raised = (line: readonly Vector[], by: number): Vector[] => line.map(({ x, y }) => ({ x, y: y + by }));

function panelPoints(
  part: Extract<Part, { kind: 'mesh' }>,
  ground: readonly Vector[],
  from: number,
  to: number,
): readonly Vector[] {
  const under = stretch(ground, from, to);
  const { level, bottom, top } = part;
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

function groundLine(sides: readonly StripSide[], profiles: ReadonlyMap<string, Profile>): Vector[] {
  return sides.flatMap((side) => {
    const profile = profiles.get(side.id);
    if (!profile) return [];
    const points = profile.points.map((p) => ({ x: p.along, y: p.height }));
    return points.map((p) => ({ x: side.begins + p.x, y: p.y }));
  });
}

/** One ring unrolled: the same parts as on the sheet, seen from outside and in front. */
export function stripScene(
  plan: Plan,
  parts: readonly Part[],
  cutting: readonly CuttingPool[],
  ringIndex = 0,
): StripScene {
  const ring = surveyRings(plan)[ringIndex];
  let begins = 0;
  const sides = (ring?.sides ?? []).map((s): StripSide => {
    const building = s.side.kind === 'building' ? s.side.building : undefined;
    const label =
      building === undefined ? '' : (plan.ground.buildings.find((b) => b.id === building)?.name ?? '');
    const { id, kind } = s.side;
    const { number, startNumber, length, forward } = s;
    const side = { id, number, corner: startNumber, kind, begins, length, forward, label };
    begins += s.length;
    return side;
  });
  const bySide = new Map(sides.map((s) => [s.id, s]));
  /** Side coordinates to the strip; undefined for a side of another ring. */
  const across = (id: string, from: number, to: number) => {
    const side = bySide.get(id);
    if (!side) return undefined;
    return side.forward
      ? { from: side.begins + from, to: side.begins + to }
      : { from: side.begins + side.length - to, to: side.begins + side.length - from };
  };
  const ground = groundLine(
    sides,
    ring ? sideProfiles(terrainOf(plan.ground.spotHeights), [ring]) : new Map<string, Profile>(),
  );

  // A corner post may belong to a side of another run that meets this one here.
  const atCorner = new Map((ring?.sides ?? []).map((s, i) => [s.startCorner, sides[i]?.begins ?? 0]));
  const postPlace = (part: Extract<Part, { kind: 'post' }>) => {
    const x = part.part.on === 'corner-post' ? atCorner.get(part.part.corner) : undefined;
    return x === undefined ? across(part.side, part.along, part.along) : { from: x, to: x };
  };

  const groundOf = (side: string, from: number, to: number) => {
    const at = across(side, from, to);
    return at ? stretch(ground, at.from, at.to) : [];
  };

  const posts: StripPost[] = [];
  const panels: StripPanel[] = [];
  const lines: StripLine[] = [];
  const gates: StripGate[] = [];
  const boards: StripBoard[] = [];
  for (const part of parts) {
    lines.push(...stripLines(part, groundOf));
    if (!('side' in part)) continue;
    const at = part.kind === 'post' ? postPlace(part) : across(part.side, part.from, part.to);
    if (!at) continue;
    switch (part.kind) {
      case 'post': {
        const { number, role, above, depth, size, origin } = part;
        posts.push({
          part: formatPart(part.part),
          number,
          role,
          x: at.from,
          foot: groundUnder(ground, at.from),
          above,
          depth,
          size,
          origin,
        });
        break;
      }
      case 'mesh':
        panels.push({
          part: formatPart(part.part),
          ...at,
          bottom: part.bottom,
          mesh: part.mesh,
          points: panelPoints(part, ground, at.from, at.to),
        });
        break;
      case 'board': {
        const under = stretch(ground, at.from, at.to);
        const points = [...raised(under, part.top), ...raised(under, part.bottom).reverse()];
        boards.push({ part: formatPart(part.part), points });
        break;
      }
      case 'opening':
        gates.push({
          part: formatPart(part.part),
          way: part.way,
          ...at,
          feet: [groundUnder(ground, at.from + 1e-7), groundUnder(ground, at.to - 1e-7)],
          bottom: part.bottom,
          top: part.top,
        });
        break;
      default:
        // Other parts are drawn by their stages.
        break;
    }
  }
  // The corner where the strip begins is where it ends as well: its post stands at both ends that are fence.
  const closing = posts.find(
    (p) => parsePart(p.part)?.on === 'corner-post' && (p.x < 1e-6 || p.x > begins - 1e-6),
  );
  for (const [x, side] of [
    [0, sides[0]],
    [begins, sides[sides.length - 1]],
  ] as const) {
    if (closing && side?.kind === 'fence' && Math.abs(closing.x - x) > 1e-6) posts.push({ ...closing, x });
  }

  const heights = [
    ...ground.map((p) => p.y),
    ...posts.flatMap((p) => [p.foot + p.above, p.foot - p.depth]),
    ...panels.flatMap((p) => p.points.map((q) => q.y)),
    ...lines.flatMap((l) => l.points.map((q) => q.y)),
  ];
  const floor = Math.min(...ground.map((p) => p.y), 0);
  return {
    enclosure: ring?.enclosure ?? '',
    sides,
    posts,
    panels,
    lines,
    gates,
    boards,
    bays: baysBetween(posts, gates, sides, ground),
    pieces: stripPieces(parts, cutting, across),
    ground,
    length: begins,
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
    const gate = gates.some((g) => g.way === 'gate' && g.from < middle && middle < g.to);
    if (side?.kind !== 'fence' || gate) return [];
    const rise = groundUnder(ground, to - 1e-7) - groundUnder(ground, from + 1e-7);
    return [{ from, to, grade: rise / (to - from) }];
  });
}
