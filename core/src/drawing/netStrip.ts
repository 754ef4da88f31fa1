import { terrainOf } from '../ground/terrain';
import type { Vector } from '../ground/vector';
import { formatPart } from '../plan/partRef';
import type { Plan } from '../plan/schema';
import type { Part } from '../reckoning';
import { cornersAlong, placesAlong } from '../stages/live/route/loop';
import type { StripLine } from './scene/scene';
import type { StripPost, StripScene, StripSide } from './stripTypes';

type NetPart = Extract<Part, { kind: 'live-net' }>;

/** The ground is drawn each so much along a net, m, and at no more places than these. */
const STEP = 0.5;
const MOST_PLACES = 2000;
/** A spike stands so deep, m, and is so thick. */
const SPIKE = { depth: 0.15, size: 0.019 } as const;

/** Straights of a net as sides of a strip. */
function sidesOf(net: NetPart, corners: readonly number[]): readonly StripSide[] {
  const ends = net.form === 'loop' ? [...corners.slice(1), net.length] : corners.slice(1);
  return ends.map((to, i) => {
    const from = corners[i] ?? 0;
    const id = formatPart({ on: 'net-point', net: net.part.net, point: i });
    const number = i + 1;
    return {
      id,
      number,
      corner: number,
      kind: 'fence',
      begins: from,
      length: to - from,
      forward: true,
      label: '',
    };
  });
}

/** Strands are straight from post to post, whatever the ground does between. */
function strandsOf(net: NetPart, feet: readonly Vector[]): readonly StripLine[] {
  const part = formatPart(net.part);
  const at = (height: number, kind: StripLine['kind']): StripLine => ({
    part: `${part} ${height}`,
    kind,
    points: feet.map(({ x, y }) => ({ x, y: y + height })),
    lower: [0],
  });
  return [at(0.01, 'live-foot'), ...net.strands.map((height) => at(height, 'live-strand'))];
}

/** A live net unrolled from its first corner, over its true ground; null where the plan has none of that id. */
export function netStripScene(plan: Plan, parts: readonly Part[], id: string): StripScene | null {
  const net = parts.find((p): p is NetPart => p.kind === 'live-net' && p.part.net === id);
  if (!net) return null;
  const terrain = terrainOf(plan.ground.spotHeights);
  const at = placesAlong(net.points, net.form);
  const height = (along: number) => terrain.heightAt(at(along));
  const corners = cornersAlong(net.points, net.form);
  const step = Math.max(STEP, net.length / MOST_PLACES);
  const places = [
    ...new Set([
      ...Array.from({ length: Math.ceil(net.length / step) + 1 }, (_, i) => Math.min(net.length, i * step)),
      ...corners,
    ]),
  ]
    .filter((x) => x <= net.length + 1e-9)
    .sort((a, b) => a - b);
  const ground = places.map((x) => ({ x, y: height(x) }));
  const posts = net.posts.map((p, i): StripPost => ({
    part: formatPart({ on: 'net-post', net: id, nth: i + 1 }),
    number: i + 1,
    role: p.is === 'strut' ? 'corner' : 'line',
    x: p.along,
    foot: height(p.along),
    above: net.height,
    origin: 'new',
    ...SPIKE,
  }));
  const feet = [
    ...new Map(
      [0, ...net.posts.map((p) => p.along), net.length].map(
        (x) => [x.toFixed(4), { x, y: height(x) }] as const,
      ),
    ).values(),
  ].sort((a, b) => a.x - b.x);
  const holes = net.holes.map(({ along, gap }, i): StripLine => ({
    part: `${formatPart(net.part)} hole ${i}`,
    kind: 'live-gap',
    points: [
      { x: along, y: height(along) },
      { x: along, y: height(along) + gap },
    ],
    lower: [0],
  }));
  const levels = ground.map((p) => p.y);
  return {
    enclosure: '',
    sides: sidesOf(net, corners),
    posts,
    panels: [],
    lines: [...strandsOf(net, feet), ...holes],
    gates: [],
    boards: [],
    bays: [],
    pieces: [],
    ground,
    length: net.length,
    high: Math.max(...levels, ...feet.map((p) => p.y)) + net.height + 0.1,
    low: Math.min(...levels) - 0.3,
  };
}
