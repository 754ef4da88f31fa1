import Delaunator from 'delaunator';
import type { SpotHeight } from '../plan/schema';
import { type Spot, type Terrain, type Triangle, levelAt } from './level';
import { type Vector, cross, distance, dot, minus, plus, times } from './vector';

/** Spots nearer to each other than this are one spot, m. */
const SAME_SPOT = 0.02;

/** Double area below which a triangle has no slope of its own, m². */
const SLIVER = 1e-9;

/** A triangle made ready to be asked often: its box, its edges and its plane. */
interface Facet {
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
  /** Weights of the first two corners as a·x + b·y + c; the third is what is left of 1. */
  readonly first: readonly [number, number, number];
  readonly second: readonly [number, number, number];
  readonly heights: readonly [number, number, number];
}

function facetOf([a, b, c]: Triangle): Facet {
  const whole = cross(minus(b, a), minus(c, a));
  const weight = (p: Spot, q: Spot): readonly [number, number, number] => [
    (p.y - q.y) / whole,
    (q.x - p.x) / whole,
    (p.x * q.y - q.x * p.y) / whole,
  ];
  return {
    left: Math.min(a.x, b.x, c.x) - OUTSIDE,
    right: Math.max(a.x, b.x, c.x) + OUTSIDE,
    low: Math.min(a.y, b.y, c.y) - OUTSIDE,
    high: Math.max(a.y, b.y, c.y) + OUTSIDE,
    first: weight(b, c),
    second: weight(c, a),
    heights: [a.z, b.z, c.z],
  };
}

/** What floating point may put a point outside an edge that it lies on, as a weight. */
const OUTSIDE = 1e-9;

/** Height of the plane under a point inside a facet; undefined outside it. */
function onFacet(p: Vector, f: Facet): number | undefined {
  if (p.x < f.left || p.x > f.right || p.y < f.low || p.y > f.high) return undefined;
  const u = f.first[0] * p.x + f.first[1] * p.y + f.first[2];
  const v = f.second[0] * p.x + f.second[1] * p.y + f.second[2];
  const w = 1 - u - v;
  if (u < -OUTSIDE || v < -OUTSIDE || w < -OUTSIDE) return undefined;
  return u * f.heights[0] + v * f.heights[1] + w * f.heights[2];
}

function distinct(heights: readonly SpotHeight[]): Spot[] {
  const spots: Spot[] = [];
  for (const { at, height } of heights) {
    if (!spots.some((s) => distance(s, at) < SAME_SPOT)) spots.push({ x: at.x, y: at.y, z: height });
  }
  return spots;
}

/** Spots on one straight line follow each other along it. */
function chain(spots: readonly Spot[]): (readonly [Spot, Spot])[] {
  const sorted = [...spots].sort((a, b) => a.x - b.x || a.y - b.y);
  return sorted.slice(1).flatMap((to, i) => {
    const from = sorted[i];
    return from ? [[from, to] as const] : [];
  });
}

function triangulate(spots: readonly Spot[]) {
  const net = new Delaunator(Float64Array.from(spots.flatMap((s) => [s.x, s.y])));
  const triangles: Triangle[] = [];
  for (let i = 0; i < net.triangles.length; i += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => spots[net.triangles[i + k] ?? -1]);
    if (a && b && c && Math.abs(cross(minus(b, a), minus(c, a))) > SLIVER) triangles.push([a, b, c]);
  }
  const hull = [...net.hull].flatMap((i) => spots[i] ?? []);
  const rim = hull.flatMap((from, i) => {
    const to = hull[(i + 1) % hull.length];
    return to ? [[from, to] as const] : [];
  });
  return triangles.length > 0 ? { triangles, rim } : { triangles, rim: chain(spots) };
}

/** Height of the point of the rim that is nearest to `p`. */
function onRim(p: Vector, rim: Terrain['rim']): number {
  let nearest = Infinity;
  let height = 0;
  for (const [a, b] of rim) {
    const along = minus(b, a);
    const t = Math.max(0, Math.min(1, dot(minus(p, a), along) / dot(along, along)));
    const away = distance(p, plus(a, times(along, t)));
    if (away < nearest - 1e-12) [nearest, height] = [away, a.z + (b.z - a.z) * t];
  }
  return height;
}

/** Straights on which the slope changes: edges of triangles, and outwards from the rim the ends of each edge's reach. */
function creases(triangles: readonly Triangle[], rim: Terrain['rim']): readonly Crease[] {
  const seen = new Set<string>();
  const edges = triangles.flatMap((t) =>
    ([0, 1, 2] as const).flatMap((i): Crease[] => {
      const [a, b] = [t[i], t[(i + 1) % 3] ?? t[0]];
      const key = [`${a.x} ${a.y}`, `${b.x} ${b.y}`].sort().join(' ');
      if (seen.has(key)) return [];
      seen.add(key);
      return [{ at: a, way: minus(b, a), ends: 'segment' }];
    }),
  );
  const reaches = rim.flatMap(([a, b]): Crease[] => {
    const across = { x: b.y - a.y, y: a.x - b.x };
    return [
      { at: a, way: across, ends: 'line' },
      { at: b, way: across, ends: 'line' },
    ];
  });
  return [...edges, ...reaches];
}

interface Crease {
  readonly at: Vector;
  readonly way: Vector;
  readonly ends: 'segment' | 'line';
}

function crossings(list: readonly Crease[], a: Vector, b: Vector): number[] {
  // Written out: hundreds of sides meet thousands of creases.
  const [wayX, wayY] = [b.x - a.x, b.y - a.y];
  const at: number[] = [];
  for (const crease of list) {
    const spread = wayX * crease.way.y - wayY * crease.way.x;
    if (Math.abs(spread) < 1e-12) continue;
    const [gapX, gapY] = [crease.at.x - a.x, crease.at.y - a.y];
    const t = (gapX * crease.way.y - gapY * crease.way.x) / spread;
    if (t <= 1e-9 || t >= 1 - 1e-9) continue;
    const u = (gapX * wayY - gapY * wayX) / spread;
    if (crease.ends === 'segment' && (u < -1e-9 || u > 1 + 1e-9)) continue;
    at.push(t);
  }
  return at.sort((p, q) => p - q).filter((t, i) => i === 0 || t - (at[i - 1] ?? 0) > 1e-9);
}

/**
 * The ground between and beyond the heights that were measured.
 *
 * Between three or more it is a triangulated surface; outside it, the height of the nearest point of its rim; with two, or
 * with all on one line, the slope along that line. A height measured twice at one place counts as first given.
 *
 * @param heights  spot heights of the plan
 */
export function terrainOf(heights: readonly SpotHeight[]): Terrain {
  const spots = distinct(heights);
  const [first] = spots;
  if (!first || spots.length === 1) return levelAt(first?.z ?? 0);
  const { triangles, rim } =
    spots.length > 2 ? triangulate(spots) : { triangles: [] as Triangle[], rim: chain(spots) };
  const list = creases(triangles, rim);
  const facets = triangles.map(facetOf);
  return {
    level: false,
    triangles,
    rim,
    heightAt(p) {
      for (const facet of facets) {
        const height = onFacet(p, facet);
        if (height !== undefined) return height;
      }
      return onRim(p, rim);
    },
    breaksAlong: (a, b) => crossings(list, a, b),
  };
}
